import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { combineLatest, debounceTime, of, switchMap, tap, type Observable } from 'rxjs';
import type { DaySheet, Wish } from '@orvin/core/day/sheets';
import type { SheetOrder, SheetPlan } from '@orvin/core/day/planned-sheets';
import type { PlannedTask } from '@orvin/core/day/works';
import { taskInWords } from '@orvin/core/words/day-words';
import { isSame, without } from '@orvin/core/ground/records';
import { OwnDial } from '../parts/own-dial';
import { clockAt, midnightOf } from '../parts/wall-clock';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { Learning } from '../work/learning';
import { DayPlanning, type Loosening, type Planning } from '../work/planning';

type Planned = Extract<SheetPlan, { kind: 'planned' }>;
const NOTHING_YET: Planning = { rounds: [], under: true };
const USUAL_TIME = '15:00';
const MINUTE_MILLISECONDS = 60_000;
/** Typing in a field is over after so long. */
const PAUSE_MILLISECONDS = 50;

/** The day at hand: its sheet, what is planned of it, what is done. */
@Injectable()
export class ThisDay {
  private readonly plans = inject(PlanStore);
  private readonly learning = inject(Learning);
  private readonly store = inject(FormulaStore);
  private readonly planning = inject(DayPlanning);

  readonly dial = inject(OwnDial);

  readonly id = signal('');
  readonly record = computed(() => this.plans.plan(this.id()));
  readonly sheet = computed(() => this.record()?.sheet);
  /** The wall's time, a minute at a time. */
  readonly now = signal(Date.now());

  /** What decides the plan: the sheet without what is only shown beside it. */
  private readonly order = computed<Omit<SheetOrder, 'seconds'> | undefined>(
    () => {
      const sheet = this.sheet();
      if (!sheet) return undefined;
      const formulas = Object.fromEntries(
        sheet.wishes.flatMap(({ formulaId }) => {
          const record = this.store.formula(formulaId);
          return record ? [[formulaId, { formula: record.formula, oven: record.oven }] as const] : [];
        }),
      );
      const decided = { ...without(sheet, 'kept'), ticked: [], name: '' };
      return {
        sheet: decided,
        formulas,
        kitchen: this.learning.kitchen(),
        ...(sheet.plannedFrom !== undefined && { now: sheet.plannedFrom }),
      };
    },
    { equal: isSame },
  );

  /** What is to be done, as the baker's oven says it. @param title of its batch; '' for the oven's own */
  taskWords(task: PlannedTask, title: string): string {
    return taskInWords(task, title, this.dial.scale());
  }

  /** The day whose plan stands: another day's says nothing of this one. */
  private plannedOf = '';
  readonly state = toSignal(
    combineLatest([toObservable(this.order), toObservable(this.learning.isSettled)]).pipe(
      debounceTime(PAUSE_MILLISECONDS),
      switchMap(([order, settled]): Observable<Planning> => {
        if (!order) return of({ rounds: [], under: false });
        if (!settled) return of(NOTHING_YET);
        const sheet = untracked(this.sheet);
        const id = untracked(this.id);
        const before = this.plannedOf === id ? untracked(this.planned) : undefined;
        this.plannedOf = id;
        return this.planning.plan(order, before).pipe(tap((planning) => this.keep(sheet, planning)));
      }),
    ),
    { initialValue: NOTHING_YET },
  );
  readonly answer = computed(() => this.state().answer);
  readonly planned = computed<Planned | undefined>(() => {
    const answer = this.answer();
    return answer?.kind === 'planned' ? answer : undefined;
  });
  /** Tasks of the plan: as found now, else as kept. */
  readonly tasks = computed(() => {
    const answer = this.answer();
    if (answer && answer.kind !== 'planned') return [];
    return this.planned()?.plan.tasks ?? this.sheet()?.kept?.tasks ?? [];
  });
  readonly works = computed(() => this.planned()?.of.works ?? []);
  readonly chain = computed(() => {
    const planned = this.planned();
    return new Set(planned?.slack.chain.flatMap((i) => planned.plan.tasks[i]?.id ?? []) ?? []);
  });
  /** Milliseconds since 1970 of a minute of the day: minutes run on as time does, across the change of the clock too. */
  readonly instantOf = (minute: number): number => this.midnight() + minute * MINUTE_MILLISECONDS;
  private readonly midnight = computed(() => midnightOf(this.sheet()?.date ?? '2026-01-01'));
  /** The wall's time of a minute: "09:43". */
  readonly clock = (minute: number): string => clockAt(this.instantOf(Math.round(minute)));
  /** Minutes from the day's midnight to a local moment, "2026-11-28T15:00". */
  readonly minuteOf = (local: string): number =>
    Math.round((new Date(local).getTime() - this.midnight()) / MINUTE_MILLISECONDS);
  readonly startsAt = computed(() => this.planned()?.plan.startsAt ?? this.sheet()?.kept?.startsAt);
  /** The hour of the last batch: what has no hour of its own is for it. */
  readonly usualTime = computed(
    () =>
      (this.sheet()?.wishes ?? [])
        .map(({ due }) => due.slice(11))
        .sort()
        .at(-1) ?? USUAL_TIME,
  );
  readonly due = computed(() => Math.max(0, ...(this.sheet()?.wishes ?? []).map(({ due }) => this.minuteOf(due))));
  /** Minutes from the day's midnight to now; undefined on any other day. */
  readonly minuteNow = computed(() => {
    const sheet = this.sheet();
    if (!sheet) return undefined;
    const minute = Math.floor((this.now() - this.midnight()) / MINUTE_MILLISECONDS);
    return minute >= 0 && minute < 1440 ? minute : undefined;
  });
  /** The day is over. */
  readonly past = computed(() => {
    const sheet = this.sheet();
    return sheet !== undefined && this.now() > this.instantOf(24 * 60);
  });

  /** Why it does not fit, and ways out: asked for once a day is seen not to fit. */
  readonly loosened = toSignal(
    toObservable(
      computed(() => {
        const answer = this.answer();
        return answer?.kind === 'none' && !this.state().under ? this.order() : undefined;
      }),
    ).pipe(
      switchMap((order): Observable<Loosening | undefined> => (order ? this.planning.loosen(order) : of(undefined))),
    ),
  );

  constructor() {
    effect((onCleanup) => {
      const timer = setInterval(() => this.now.set(Date.now()), 10_000);
      onCleanup(() => clearInterval(timer));
    });
  }

  private keep(sheet: DaySheet | undefined, { answer, under }: Planning): void {
    const now = untracked(this.sheet);
    if (under || answer?.kind !== 'planned' || !sheet || !now) return;
    const { plan, safe, played } = answer;
    const kept = {
      proven: plan.proven,
      safe,
      cost: plan.cost,
      bound: plan.bound,
      startsAt: plan.startsAt,
      ovenMinutes: plan.ovenMinutes,
      tasks: plan.tasks,
      onTime: played.onTime,
    };
    if (!isSame(now.kept, kept)) this.plans.keepPlan(this.id(), now, kept);
  }

  change(label: string, next: (sheet: DaySheet) => DaySheet, mergeAs?: string): void {
    this.plans.change(this.id(), label, next, mergeAs);
  }
  set(label: string, change: Partial<DaySheet>, mergeAs?: string): void {
    this.change(label, (sheet) => ({ ...sheet, ...change }), mergeAs);
  }
  setWish(id: string, label: string, change: Partial<Wish>): void {
    this.change(label, (sheet) => ({
      ...sheet,
      wishes: sheet.wishes.map((wish) => (wish.id === id ? { ...wish, ...change } : wish)),
    }));
  }
  /** Holds a task at a minute; undefined lets it go. */
  hold(id: string, words: string, minute: number | undefined): void {
    const label = minute === undefined ? $localize`letting go of ${words}` : $localize`moving ${words}`;
    const held = (sheet: DaySheet): DaySheet => {
      const others = Object.entries(sheet.locks).filter(([task]) => task !== id);
      return { ...sheet, locks: Object.fromEntries(minute === undefined ? others : [...others, [id, minute]]) };
    };
    // a few steps of the same task are one act
    this.change(label, held, minute === undefined ? undefined : $localize`moving ${id}`);
  }
  /** Marks tasks as done at the minute they were planned for. */
  tick(tasks: readonly { readonly id: string; readonly from: number }[], words: string, done: boolean): void {
    this.change(done ? $localize`${words} done` : $localize`${words} not done`, (sheet) => {
      const ids = new Set(tasks.map(({ id }) => id));
      const others = Object.entries(sheet.done).filter(([task]) => !ids.has(task));
      const ticked = tasks.map(({ id, from }) => [id, from] as const);
      return { ...sheet, done: Object.fromEntries(done ? [...others, ...ticked] : others) };
    });
  }
  leaveOut(ids: readonly string[], words: string): void {
    this.change($localize`leaving out ${words}`, (sheet) => ({ ...sheet, skipped: [...sheet.skipped, ...ids] }));
  }
  /**
   * Plans what is left again, from now. Where something is ticked the ticks tell what is done; where nothing is, all that was to begin by
   * now is taken to have begun as planned, and of work in pieces what lies behind now is done.
   */
  planAgain(): void {
    const now = this.minuteNow();
    if (now === undefined) return;
    const tasks = this.tasks().filter(({ batch, kind }) => batch >= 0 && kind !== 'rest' && kind !== 'cool');
    const open = new Set(tasks.filter(({ mayBeCut, to }) => mayBeCut && to > now).map(({ id }) => id));
    const ticked = this.sheet()?.done ?? {};
    const trusts = Object.keys(ticked).length > 0;
    const loaded = new Set(
      tasks.filter(({ id, kind }) => kind === 'portion' && ticked[id] !== undefined).map(({ batch }) => batch),
    );
    const begun = tasks.filter(({ id, kind, from, hands, batch, mayBeCut }) => {
      if (from >= now || open.has(id)) return false;
      if (!trusts) return true;
      if (kind === 'bake') return loaded.has(batch);
      return hands === 0 && mayBeCut !== true;
    });
    const left = trusts ? {} : minutesLeft(tasks.filter(({ id }) => open.has(id)), now); // prettier-ignore
    this.change($localize`planning again from now`, (sheet) => ({
      ...sheet,
      plannedFrom: now,
      minutes: { ...sheet.minutes, ...left },
      locks: Object.fromEntries(Object.entries(sheet.locks).filter(([, minute]) => minute >= now)),
      done: { ...Object.fromEntries(begun.map(({ id, from }) => [id, from])), ...sheet.done },
    }));
  }
}

/** Of work in pieces that is under way: the minutes that are left of it, by task. */
function minutesLeft(pieces: readonly PlannedTask[], now: number): Readonly<Record<string, number>> {
  const left = new Map<string, number>();
  const begun = new Set(pieces.filter(({ from }) => from < now).map(({ id }) => id));
  for (const { id, from, to } of pieces)
    if (begun.has(id)) left.set(id, (left.get(id) ?? 0) + Math.max(0, to - Math.max(from, now)));
  return Object.fromEntries(left);
}
