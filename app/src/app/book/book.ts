import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime } from 'rxjs';
import { Router, RouterLink } from '@angular/router';
import { FaceTabs } from '../parts/face-tabs';
import { NextAct } from '../parts/next-act';
import { StationLayout } from '../parts/station-layout';
import { saveBlob, saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { learnedOven } from '@orvin/core/kitchen/learned';
import { dateOf } from '../parts/wall-clock';
import { BakingStore } from '../store/baking-store';
import { BookStore } from '../store/book-store';
import { PhotoStore } from '../store/photo-store';
import { Learning } from '../work/learning';
import { OnBench } from '../work/on-bench';
import { isOver } from '@orvin/core/along/baking';
import { Compare } from './compare';
import { OvenLearned } from './oven-learned';
import { Season } from './season';
import { SeasonBar } from './season-bar';
import { SeasonCalendar } from './season-calendar';
import { isShown, monthOrDay, type SeasonFilter } from './season-filter';
import { Trend } from './trend';
import { Freezer } from './freezer';
import { Keep } from './keep';
import { Why } from './why';
import { finds, findable } from './season-view';
import type { StoredBake } from '../store/records';
import { OwnDial } from '../parts/own-dial';

/** Bakes whose words are put together at once. */
const AT_ONCE = 400;
const PAUSE_MILLISECONDS = 150;
const DATE = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long' });

/** Book: what was baked, what it taught, and what explains a difference. */
@Component({
  selector: 'orv-book',
  imports: [
    Compare,
    FaceTabs,
    Freezer,
    Keep,
    OvenLearned,
    RouterLink,
    Season,
    SeasonBar,
    SeasonCalendar,
    StationLayout,
    Trend,
    Why,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './book.html',
  styleUrls: ['../parts/panels.css', '../parts/station-strip.css', './book.css'],
})
export class Book {
  protected readonly texts = {
    season: $localize`Season`,
    bake: $localize`bake`,
    bakes: $localize`bakes`,
    formula: $localize`formula`,
    formulas: $localize`formulas`,
  };
  readonly at = input<string>();
  readonly find = input<string>();
  readonly ids = input<string>();
  readonly seen = input<string>();
  readonly told = input<string>();
  readonly recipe = input<string>();
  readonly kind = input<string>();
  /** A month or a day of the season. */
  readonly on = input<string>();
  readonly view = input<string>();
  private readonly dial = inject(OwnDial);
  private readonly router = inject(Router);
  private readonly next = inject(NextAct);
  private readonly photos = inject(PhotoStore);
  private readonly toasts = inject(Toasts);
  private readonly bakings = inject(BakingStore);
  private readonly onBench = inject(OnBench);
  private readonly learning = inject(Learning);
  protected readonly book = inject(BookStore);

  protected readonly faces = [
    { id: 'season', name: $localize`Season` },
    { id: 'compare', name: $localize`Compare` },
    { id: 'why', name: $localize`Why` },
    { id: 'keep', name: $localize`Keep` },
    { id: 'freezer', name: $localize`Freezer` },
  ];
  protected readonly face = computed(() => this.faces.find(({ id }) => id === this.at())?.id ?? 'season');
  /** What a face is about, where it is one bake. */
  protected readonly about = computed(() => {
    const face = this.face();
    if (face === 'season' || face === 'compare') return undefined;
    const bake = face === 'freezer' ? undefined : this.book.bake(this.ids() ?? '');
    if (!bake)
      return {
        title: { why: $localize`Why`, keep: $localize`Keep`, freezer: $localize`Freezer, fridge and tins` }[face] ?? '',
        facts: [],
      };
    const { title, at, versionNumber, score } = bake.record;
    return { title, facts: [DATE.format(at), ...(versionNumber === undefined ? [] : [$localize`version ${versionNumber}`]), ...(score === undefined ? [] : [$localize`scored ${score}`])] }; // prettier-ignore
  });
  /** What can be found, beside each bake; worked out once for each. */
  private readonly findables = new WeakMap<StoredBake, string>();
  /** Before the first key: whoever comes to the field is about to type. */
  protected prepare(): void {
    const bakes = this.book.bakes();
    const isFound = finds('warm');
    const some = (from: number): void => {
      for (const bake of bakes.slice(from, from + AT_ONCE)) isFound(this.textOf(bake));
      if (from + AT_ONCE < bakes.length) setTimeout(() => some(from + AT_ONCE));
    };
    some(0);
  }
  private textOf(bake: StoredBake): string {
    const known = this.findables.get(bake) ?? findable(bake.record);
    this.findables.set(bake, known);
    return known;
  }
  protected readonly shown = computed(() => {
    const asked = this.find() ?? '';
    const found = this.filtered();
    if (asked.trim() === '') return found;
    const isFound = finds(asked);
    return found.filter((bake) => isFound(this.textOf(bake)));
  });
  protected readonly calendar = computed(() => this.view() === 'calendar');
  /** In the calendar a month is turned to, not asked for. */
  protected readonly filter = computed<SeasonFilter>(() => ({
    recipe: this.recipe(),
    kind: this.kind(),
    on: this.calendar() ? undefined : monthOrDay(this.on()),
  }));
  private readonly filtered = computed(() => {
    const all = this.book.bakes();
    const filter = this.filter();
    if (Object.values(filter).every((each) => each === undefined)) return all;
    const isOne = isShown(filter);
    return all.filter(({ record }) => isOne(record));
  });
  /** The month that is shown: the one asked for, else that of the latest bake. */
  protected readonly month = computed(() => {
    const on = monthOrDay(this.on()) ?? dateOf(this.shown()[0]?.record.at ?? Date.now());
    return on.slice(0, 7);
  });
  /** What is read of them, once typing pauses: rows come first. */
  protected readonly read = toSignal(toObservable(this.shown).pipe(debounceTime(PAUSE_MILLISECONDS)), {
    initialValue: this.book.bakes(),
  });
  protected readonly facts = computed(() => {
    const all = this.book.bakes();
    const [latest, first] = [all[0], all.at(-1)];
    if (!latest || !first) return undefined;
    const formulas = new Set(all.map(({ record }) => record.formulaId ?? record.title)).size;
    return {
      span: all.length === 1 ? DATE.format(latest.record.at) : $localize`${DATE.format(first.record.at)} to ${DATE.format(latest.record.at)}`, // prettier-ignore
      bakes: all.length,
      shown: this.shown().length,
      formulas,
    };
  });
  protected readonly ovenWords = computed(() => {
    const kitchen = this.learning.learned()?.kitchen;
    if (!kitchen) return $localize`nothing learned yet`;
    const { celsius, spread, known } = learnedOven(kitchen);
    return known ? $localize`oven ${this.dial.offset(celsius, spread)}` : $localize`oven not yet known`;
  });
  /** A bake along that is over and not in the Book yet, else the formula at hand. */
  protected readonly toRecord = computed(() => {
    const kept = new Set(this.book.bakes().map(({ record }) => record.bakingId));
    const along = this.bakings.bakings().find(({ id, baking }) => isOver(baking.happenings) && !kept.has(id));
    if (along) return { label: $localize`Record ${along.baking.title}`, query: { bake: along.id } };
    const record = this.onBench.record();
    return record ? { label: $localize`Record ${record.formula.title || $localize`a bake`}`, query: { of: record.id } } : { label: $localize`Record a bake`, query: {} }; // prettier-ignore
  });

  constructor() {
    const shown = new Set(this.book.bakes().flatMap(({ record }) => record.photos ?? []));
    void this.photos.tidy(shown, Date.now()).catch(() => undefined); // without storage there are no photos
    effect((onCleanup) => {
      if (this.about()) return; // faces about one bake have next acts of their own
      const { label, query } = this.toRecord();
      this.next.offer.set({ label, run: () => void this.router.navigate(['/book', 'new'], { queryParams: query }) });
      onCleanup(() => this.next.offer.set(undefined));
    });
  }
  protected readonly act = computed(() => this.next.offer());
  protected show(face: string): void {
    void this.router.navigate([], { queryParams: { at: face === 'season' ? null : face, ids: null, seen: null, told: null }, queryParamsHandling: 'merge' }); // prettier-ignore
  }
  /** Into the address, so that Back and a reload find it again. */
  protected filterBy(change: Readonly<Record<string, string | undefined>>): void {
    const queryParams = Object.fromEntries(Object.entries(change).map(([key, value]) => [key, value ?? null]));
    void this.router.navigate([], { queryParams, queryParamsHandling: 'merge' });
  }
  protected look(words: string): void {
    void this.router.navigate([], { queryParams: { find: words === '' ? null : words }, queryParamsHandling: 'merge', replaceUrl: true }); // prettier-ignore
  }
  protected readonly busy = signal(false);
  protected readonly problem = signal('');
  protected async wholeBook(): Promise<void> {
    this.busy.set(true);
    this.problem.set('');
    try {
      const { writeBook } = await import('./book-file');
      const bakes = [...this.book.bakes()].reverse().map(({ id, record }) => ({ id, record }));
      saveBlob('orvin-book.zip', await writeBook(bakes, (id) => this.photos.photo(id)));
    } catch (error) {
      this.problem.set(error instanceof Error ? error.message : String(error));
    } finally {
      this.busy.set(false);
    }
  }
  protected async bringIn(field: HTMLInputElement): Promise<void> {
    const [file] = field.files ?? [];
    field.value = '';
    if (!file) return;
    this.problem.set('');
    try {
      const [{ readBook, heldAgainstBook }, { takenIn }] = await Promise.all([import('./book-file'), import('../work/photos')]); // prettier-ignore
      const { bakes } = await readBook(file, async (id, picture) => {
        // drawn anew, as everything is that comes in
        if (!(await this.photos.has(id))) await this.photos.keep(await takenIn(picture, id, Date.now()));
      });
      const { fresh, same, differs } = await heldAgainstBook(bakes, (id) => this.book.bake(id));
      if (fresh.length + differs.length > 0) this.book.bringIn([...fresh, ...differs]);
      const there = same > 0 ? $localize`; ${same} there already` : '';
      const beside = differs.length > 0 ? $localize`; ${differs.length} that differ stand beside yours` : '';
      this.toasts.show($localize`${fresh.length} new${beside}${there}. One undo takes all of it back.`);
    } catch (error) {
      this.problem.set(error instanceof Error ? error.message : String(error));
    }
  }
  protected async csv(): Promise<void> {
    const { writeSeason } = await import('@orvin/core/papers/book-papers');
    saveFile('season.csv', writeSeason(this.shown().map(({ record }) => record).reverse()), 'text/csv'); // prettier-ignore
  }
}
