import { tableWords } from '@orvin/core/words/table-words';
import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Router } from '@angular/router';
import { cautionsFor } from '@orvin/core/keep/cautions';
import { fedState, fedWith, nextFeed, type Feed } from '@orvin/core/keep/feeding';
import { compositionOf, keepsOf, type Keeps, type KeptPart } from '@orvin/core/keep/keeping';
import { freshnessOf, goodUntil, moved, type KeepPlace, type Promised, type PutAway } from '@orvin/core/keep/larder';
import { portionsOf } from '@orvin/core/formula/parsing';
import { writeCalendar } from '@orvin/core/papers/calendar';
import { cautionInWords, daysInWords, keepsInWords, monthsInWords } from '@orvin/core/words/keep-words';
import { saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { dayOf } from '../parts/wall-clock';
import { BookStore } from '../store/book-store';
import { LarderStore } from '../store/larder-store';
import { KeepingReminders } from '../work/keeping-reminders';
import { OnBench } from '../work/on-bench';
import { Whys } from '../work/whys';
import { FedPicture } from './fed-picture';
import { Feeding } from './feeding';
import { atDays, keepBars, TICKS } from './keep-view';
import { KitchenMeasures } from './kitchen-measures';
import { LabelDraftView } from './label-draft';
import { AT_HAND, WhichBake } from './which-bake';
import { OwnDial } from '../parts/own-dial';

const NOON = 12 * 3_600_000;
const LONG_DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long' });
const PLACE_ACTS: readonly { readonly place: KeepPlace; readonly words: string }[] = [
  { place: 'room', words: $localize`Into the tin` },
  { place: 'fridge', words: $localize`Into the fridge` },
  { place: 'freezer', words: $localize`Into the freezer` },
];

/** How long a bake keeps and where, what it is fed, and its label. */
@Component({
  selector: 'orv-keep',
  imports: [FedPicture, Feeding, KitchenMeasures, LabelDraftView, WhichBake],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './keep.html',
  styleUrls: ['../parts/panels.css', './two-columns.css', './keep.css'],
})
export class Keep {
  readonly ids = input.required<string>();
  protected readonly dial = inject(OwnDial);
  private readonly router = inject(Router);
  private readonly book = inject(BookStore);
  private readonly larder = inject(LarderStore);
  private readonly onBench = inject(OnBench);
  private readonly whys = inject(Whys);
  private readonly toasts = inject(Toasts);
  private readonly reminders = inject(KeepingReminders);
  protected readonly now = Date.now();

  /** The one asked for, else what was baked last. */
  protected readonly chosenId = computed(() => {
    if (this.ids() === AT_HAND || this.book.bake(this.ids())) return this.ids();
    return this.book.bakes()[0]?.id ?? AT_HAND;
  });
  protected readonly record = computed(() => this.book.bake(this.chosenId())?.record);
  protected readonly of = computed(() => {
    const record = this.record();
    if (record) return this.whys.ofBake(record);
    const atHand = this.onBench.id();
    return atHand === undefined ? undefined : this.whys.ofFormula(atHand);
  });
  protected readonly madeAt = computed(() => this.record()?.at ?? this.now);
  /** What of it was put away. */
  protected readonly stored = computed(() => {
    const [bake, formula] = [this.record() && this.chosenId(), this.of()?.formulaId];
    return this.larder.items().find(({ item }) => (bake === undefined ? item.bakeId === undefined && item.formulaId === formula : item.bakeId === bake)); // prettier-ignore
  });
  protected readonly feeds = computed(() => this.stored()?.item.feeds ?? []);
  protected readonly keeps = computed(() => {
    return this.keepsWith(this.feeds());
  });
  /** How long it keeps, fed so. */
  private keepsWith(feeds: readonly Feed[]): Keeps | undefined {
    const { formula, audit, record } = this.of() ?? {};
    const fed = fedWith(feeds);
    if (!formula || !audit) return undefined;
    return keepsOf(formula, audit, this.whys.kitchen(), { ...(fed && { fed }), ...(record && { bakeMinutes: record.outMinutes }) }); // prettier-ignore
  }
  protected readonly region = computed(() => this.of()?.formula?.region ?? 'UK');
  protected readonly bars = computed(() => {
    const keeps = this.keeps();
    return keeps ? keepBars(keeps, this.region(), this.dial.scale()) : [];
  });
  protected readonly ticks = TICKS.map(({ days, name }) => ({ at: 100 * atDays(days), name }));
  protected readonly headline = computed(() => {
    const keeps = this.keeps();
    const stored = this.stored();
    if (stored) return `${freshnessOf(stored.item, this.now) === 'past' ? $localize`▲ was good until` : $localize`until`} ${LONG_DAY.format(goodUntil(stored.item))}`; // prettier-ignore
    return keeps ? keepsInWords(keeps.whole) : '';
  });
  protected readonly under = computed(() => {
    const stored = this.stored();
    if (!stored) return tableWords(this.keeps()?.whole.wrap ?? '');
    const { place, left, portions, madeAt } = stored.item;
    const where = { room: $localize`in its tin`, fridge: $localize`in the fridge`, freezer: $localize`in the freezer` }[
      place
    ];
    return $localize`${where}, baked ${dayOf(madeAt)}, ${left} of ${portions} left`;
  });
  protected readonly cautions = computed(() => {
    const audit = this.of()?.audit;
    const keeps = this.keeps();
    if (!audit || !keeps) return [];
    const spirits = this.feeds().some(({ strength }) => strength > 0);
    return cautionsFor(audit, keeps.parts, spirits).map((caution) => ({ code: caution.code, words: cautionInWords(caution, this.region(), this.dial.scale()) })); // prettier-ignore
  });

  // ---- feeding
  protected readonly isFed = computed(
    () => (this.of()?.style.basedOn ?? '').includes('fruit_cake') || this.feeds().length > 0,
  );
  protected readonly cake = computed(() => {
    const audit = this.of()?.audit;
    return audit && compositionOf(audit, this.record()?.outMinutes);
  });
  protected readonly grams = computed(() => {
    const first = this.stored()?.item.weighings?.[0]?.grams ?? this.record()?.gramsAfter;
    return first ?? Math.round(this.cake()?.total ?? 1000);
  });
  protected readonly fed = computed(() => {
    const cake = this.cake();
    return cake && fedState(cake, this.grams(), this.madeAt(), this.feeds(), this.now);
  });
  protected readonly next = computed(() => nextFeed(this.grams(), this.madeAt(), this.feeds()));

  // ---- acts
  protected readonly placeActs = computed(() => {
    const keeps = this.keeps()?.whole;
    const can = { room: (keeps?.roomDays ?? 0) > 0, fridge: (keeps?.fridgeDays ?? 0) > 0, freezer: (keeps?.freezerMonths ?? 0) > 0 }; // prettier-ignore
    return PLACE_ACTS.filter(({ place }) => can[place] && this.stored()?.item.place !== place);
  });
  /** Shaped and frozen open on a tray: scones and biscuits go straight from there into the oven. */
  protected readonly freezesRaw = computed(
    () => /scone|biscuit/.test(this.of()?.style.basedOn ?? '') && !this.stored(),
  );
  private promised(feeds: readonly Feed[]): Promised | undefined {
    const whole = this.keepsWith(feeds)?.whole;
    return whole && { roomDays: whole.roomDays, fridgeDays: whole.fridgeDays, freezerMonths: whole.freezerMonths, mustBeCold: whole.mustBeCold }; // prettier-ignore
  }
  private fresh(place: KeepPlace): PutAway | undefined {
    const { formula, audit, formulaId } = this.of() ?? {};
    const promised = this.promised(this.feeds());
    if (!formula || !audit || !promised) return undefined;
    const portions = Math.max(1, Math.round(portionsOf(formula, audit.totals.grams).count));
    const bakeId = this.record() && this.chosenId();
    return {
      title: formula.title,
      ...(formulaId !== undefined && { formulaId }),
      ...(bakeId !== undefined && { bakeId }),
      madeAt: this.madeAt(),
      place,
      since: Date.now(),
      portions,
      left: portions,
      promised,
    };
  }
  protected putAway(place: KeepPlace): void {
    const stored = this.stored();
    const fresh = this.fresh(place);
    if (stored)
      this.larder.change(stored.id, $localize`moving ${stored.item.title}`, (item) => moved(item, place, Date.now())); // prettier-ignore
    else if (fresh) this.larder.add(fresh);
    this.toasts.show($localize`It is on the list of what is put away.`, $localize`Freezer shows what goes bad first.`);
  }
  /** The browser says it too, whenever Orvin is opened: a page that is closed cannot. */
  protected readonly canTell = signal(this.reminders.can() === 'ask');
  protected async tell(): Promise<void> {
    const may = await this.reminders.ask();
    this.canTell.set(false);
    this.toasts.show(may ? $localize`Whenever Orvin is opened, what is due is said.` : $localize`The browser does not allow it. The calendar can remind you.`); // prettier-ignore
  }
  protected freezeRaw(): void {
    const fresh = this.fresh('freezer');
    if (!fresh) return;
    this.larder.add({ ...fresh, madeAt: Date.now(), raw: true });
    this.toasts.show($localize`Raw, in the freezer, on the list.`, $localize`Open on a tray first; straight into the oven, three to five minutes longer.`); // prettier-ignore
  }
  protected feed({ millilitres, strength }: { readonly millilitres: number; readonly strength: number }): void {
    this.changed($localize`feeding it`, (item) => ({ ...item, feeds: [...(item.feeds ?? []), { at: Date.now(), millilitres, strength }] })); // prettier-ignore
  }
  protected weigh(grams: number): void {
    this.changed($localize`weighing it`, (item) => ({ ...item, weighings: [...(item.weighings ?? []), { at: Date.now(), grams }] })); // prettier-ignore
  }
  /** A change of what is put away; feeding puts it into its tin first. What it is promised follows from how it is fed. */
  private changed(label: string, next: (item: PutAway) => PutAway): void {
    const promised = (item: PutAway): PutAway => ({
      ...item,
      promised: this.promised(item.feeds ?? []) ?? item.promised,
    });
    const stored = this.stored();
    const fresh = this.fresh('room');
    if (stored) this.larder.change(stored.id, label, (item) => promised(next(item)));
    else if (fresh) this.larder.add(promised(next(fresh)));
  }
  /** Into the baker's own calendar: the next feed, and the last good day. */
  protected remind(): void {
    const title = this.of()?.formula?.title ?? '';
    const item = this.stored()?.item ?? this.fresh('room');
    if (!item) return;
    const at = (moment: number) => moment - (moment % (2 * NOON)) + NOON;
    const task = (what: string, summary: string, moment: number) => ({ uid: `${this.chosenId()}-${what}@orvin`, summary, from: at(moment), to: at(moment) + NOON / 24, alarmMinutes: 60 }); // prettier-ignore
    const until = task('until', $localize`Eat up: ${title}`, goodUntil(item));
    const feed = this.isFed()
      ? [task('feed', $localize`Feed ${title}:title:: ${this.next().millilitres} ml`, this.next().at)]
      : [];
    saveFile('keeping.ics', writeCalendar($localize`Keeping ${title}`, [...feed, until], Date.now()), 'text/calendar');
  }
  protected readonly partInWords = ({ mustBeCold, roomDays, fridgeDays, freezerMonths }: KeptPart): string =>
    $localize`${mustBeCold ? $localize`must be cold` : $localize`room ${daysInWords(roomDays)}`}, fridge ${daysInWords(fridgeDays)}, freezer ${monthsInWords(freezerMonths)}`;
  protected go(id: string): void {
    void this.router.navigate([], { queryParams: { ids: id }, queryParamsHandling: 'merge' });
  }
}
