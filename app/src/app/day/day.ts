import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { Router } from '@angular/router';
import { sheetProblemInWords } from '@orvin/core/words/day-words';
import { inOneLine, minutesInWords } from '@orvin/core/words/figures';
import { FaceTabs } from '../parts/face-tabs';
import { NextAct } from '../parts/next-act';
import { Toasts } from '../parts/toasts';
import { PlanStore } from '../store/plan-store';
import { DayAhead } from './day-ahead';
import { DayBatches } from './day-batches';
import { DayList } from './day-list';
import { DayOut } from './day-out';
import { DayPicture } from './day-picture';
import { DayShopping } from './day-shopping';
import { DayWanted } from './day-wanted';
import { DayWays } from './day-ways';
import { nextActs, shortTitle, type HandBlock } from './day-view';
import { Reminding } from './reminding';
import { NowStrip } from './now-strip';
import { TaskPanel } from './task-panel';
import { dateOf } from '../parts/wall-clock';
import { ThisDay } from './this-day';

const DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'long', day: 'numeric', month: 'long' });
const SATURDAY = 6;

/** Day: everything on the table at its hour, planned backwards around the oven. */
@Component({
  selector: 'orv-day',
  imports: [
    DayAhead,
    DayBatches,
    DayList,
    DayOut,
    DayPicture,
    DayShopping,
    DayWanted,
    DayWays,
    FaceTabs,
    NowStrip,
    TaskPanel,
  ],
  providers: [ThisDay, Reminding],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './day.html',
  styleUrls: ['../parts/station-strip.css', './day.css'],
})
export class Day {
  protected readonly texts = {
    aDay: $localize`A day`,
    planning: $localize`Planning …`,
  };
  /** From the route; absent for the day that comes next. */
  readonly id = input<string>();
  /** Which face is shown: a query parameter, so that it survives a reload. */
  readonly at = input<string>();

  private readonly router = inject(Router);
  private readonly next = inject(NextAct);
  private readonly toasts = inject(Toasts);
  protected readonly plans = inject(PlanStore);
  protected readonly day = inject(ThisDay);
  protected readonly chosen = signal<readonly string[]>([]);

  protected readonly sheet = this.day.sheet;
  protected readonly dateWords = computed(() => {
    const date = this.sheet()?.date;
    return date === undefined ? '' : DATE.format(new Date(`${date}T12:00`));
  });
  protected readonly faces = computed(() => {
    const ahead = (this.sheet()?.wishes ?? []).some(
      ({ madeOn, eveningBefore }) => madeOn !== undefined || eveningBefore,
    );
    const none = this.day.answer()?.kind === 'none';
    return [
      { id: 'plan', name: $localize`Plan` },
      { id: 'batches', name: $localize`Batches` },
      ...(none ? [{ id: 'ways', name: $localize`Ways out` }] : []),
      { id: 'shopping', name: $localize`Shopping` },
      ...(ahead ? [{ id: 'before', name: $localize`Days before` }] : []),
      { id: 'out', name: $localize`Calendar, print` },
    ];
  });
  protected readonly face = computed(() => {
    const wanted = this.at();
    const usual =
      (this.sheet()?.wishes.length ?? 0) === 0 ? 'batches' : this.day.answer()?.kind === 'none' ? 'ways' : 'plan';
    return this.faces().some(({ id }) => id === wanted) ? (wanted ?? usual) : usual;
  });
  protected readonly facts = computed(() => {
    const planned = this.day.planned();
    const sheet = this.sheet();
    const count = sheet?.wishes.length ?? 0;
    const starts = this.day.startsAt();
    if (!sheet || count === 0) return [];
    return [
      { label: '', strong: String(count), more: count === 1 ? $localize`batch` : $localize`batches` },
      ...(starts === undefined ? [] : [{ label: $localize`begin`, strong: this.day.clock(starts), more: '' }]),
      ...(planned
        ? [{ label: '', strong: minutesInWords(Math.max(0, planned.slack.inHand)), more: $localize`in hand` }]
        : []),
      ...(planned ? [{ label: $localize`oven`, strong: minutesInWords(planned.plan.ovenMinutes), more: '' }] : []),
    ];
  });
  /** How sure the plan is. */
  protected readonly sure = computed(() => {
    const { under, failed, rounds, foreseen } = this.day.state();
    const planned = this.day.planned();
    if (failed !== undefined) return failed;
    if (this.day.past()) return $localize`This day is over. Copy it to another date to bake it again.`;
    if (planned && under && rounds.length === 0) return $localize`Planning again …`;
    if (!planned) {
      const wishes = this.sheet()?.wishes.length ?? 0;
      if (!under || wishes === 0) return '';
      return foreseen !== undefined && foreseen < wishes
        ? $localize`Foreseeing the bakes, ${foreseen} of ${wishes} …`
        : this.texts.planning;
    }
    const { plan, safe, played } = planned;
    const gap = Math.max(1, Math.round(plan.cost - plan.bound));
    const best = plan.proven
      ? $localize`No plan is better`
      : under
        ? $localize`Still looking: at most ${gap} min to gain`
        : $localize`Within ${gap} min of the best there can be`;
    const least = Math.min(...played.onTime);
    const kept = $localize`each deadline is kept on ${Math.floor(least * 100)} days in 100`;
    const surer = safe ? '' : `: ${$localize`begin earlier, or ask for less, to be surer`}`;
    return `${best}; ${kept}${surer}.`;
  });
  protected readonly problems = computed(() => {
    const answer = this.day.answer();
    return answer?.kind === 'refused' ? answer.problems.map((problem) => inOneLine(sheetProblemInWords(problem))) : [];
  });
  protected readonly titleOf = (batch: number): string => {
    const { wishes = [], own = [] } = this.sheet() ?? {};
    const kept = wishes[batch]?.title ?? own[batch - wishes.length]?.what ?? '';
    return shortTitle(this.day.works()[batch]?.title ?? kept);
  };
  protected readonly chosenTasks = computed(() => this.day.tasks().filter(({ id }) => this.chosen().includes(id)));

  constructor() {
    inject(Reminding);
    effect(() => {
      const wanted = this.id();
      const plans = this.plans.plans();
      const today = dateOf(Date.now());
      // the day that comes next; where all are over, the last
      const first = (plans.findLast(({ sheet }) => sheet.date >= today) ?? plans[0])?.id;
      if (wanted !== undefined && this.plans.plan(wanted)) this.day.id.set(wanted);
      else if (first !== undefined)
        void this.router.navigate(['/day', first], { replaceUrl: true, queryParamsHandling: 'preserve' });
    });
    effect((onCleanup) => {
      this.next.offer.set(this.offer());
      onCleanup(() => this.next.offer.set(undefined));
    });
  }
  /** The one thing to do next: the next task on the day; a way out; the batches. */
  private offer() {
    const now = this.day.minuteNow();
    const [first] = nextActs(this.day.tasks(), this.sheet()?.done ?? {});
    if (now !== undefined && first && this.day.planned())
      return {
        label: $localize`${this.day.taskWords(first, '').replace(/: $/, '')}:replace:: done`,
        run: () => this.tick(first.id),
      };
    return undefined;
  }
  protected readonly act = computed(() => this.next.offer());

  protected tick(id: string): void {
    const tasks = this.day.tasks().filter((task) => task.id === id);
    const [first] = tasks;
    if (first) this.day.tick(tasks, this.day.taskWords(first, this.titleOf(first.batch)), true);
  }
  protected show(face: string): void {
    void this.router.navigate([], { queryParams: { at: face }, queryParamsHandling: 'merge' });
  }
  protected look(block: HandBlock): void {
    this.chosen.set(block.ids);
  }
  protected rename(name: string): void {
    this.day.set($localize`the name of the day`, { name }, 'name');
  }
  /** Another date: the hours stay, the days move along. */
  protected moveTo(date: string): void {
    if (!/^\d{4}-\d{2}-\d{2}$/.test(date)) return;
    this.day.change($localize`moving the day to ${date}`, (sheet) => ({
      ...sheet,
      date,
      done: {},
      locks: {},
      wishes: sheet.wishes.map((wish) => ({ ...wish, due: `${date}${wish.due.slice(10)}` })),
    }));
  }
  protected begin(): void {
    const today = new Date();
    const ahead = (SATURDAY - today.getDay() + 7) % 7;
    const saturday = new Date(today.getFullYear(), today.getMonth(), today.getDate() + ahead);
    const date = dateOf(saturday.getTime());
    const plan = this.plans.add(date, Intl.DateTimeFormat().resolvedOptions().timeZone);
    void this.router.navigate(['/day', plan.id], { queryParams: { at: 'batches' } });
  }
  protected copy(): void {
    const sheet = this.sheet();
    if (!sheet) return;
    const plan = this.plans.add(sheet.date, sheet.zone, {
      ...sheet,
      name: $localize`${sheet.name}, again`.replace(/^, /, ''),
      done: {},
      locks: {},
      ticked: [],
    });
    void this.router.navigate(['/day', plan.id], { queryParams: { at: 'batches' } });
    this.toasts.show($localize`A copy of the day: give it its date.`);
  }
  protected remove(): void {
    const id = this.day.id();
    this.plans.remove(id);
    this.toasts.show($localize`The day is taken off. Undo brings it back.`);
    const other = this.plans.plans().find((plan) => plan.id !== id);
    void this.router.navigate(other ? ['/day', other.id] : ['/day']);
  }
  protected go(id: string): void {
    if (id === '') this.begin();
    else void this.router.navigate(['/day', id]);
  }
}
