import { inSentence, decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { catchError, of, switchMap } from 'rxjs';
import { epochAt, windowsHeld } from '@orvin/core/book/records';
import {
  learnedBake,
  learnedFan,
  learnedHabit,
  learnedOven,
  learnedPans,
  type LearnedShare,
} from '@orvin/core/kitchen/learned';
import { UNKNOWN_OVEN, type OwnOven } from '@orvin/core/kitchen/kitchen';
import { heatingRow, hotSideRow, paceRow } from '@orvin/core/words/book-words';
import { degreesApart, signedApart, type FigureRow } from '@orvin/core/words/figures';
import { FigureRows } from '../parts/figure-rows';
import { dayOf } from '../parts/wall-clock';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { Learning } from '../work/learning';
import { Work } from '../work/work-client';
import { OvenCoursePicture } from './oven-course';
import { WindowsPicture } from './windows-picture';
import type { StoredBake } from '../store/records';
import { OwnDial } from '../parts/own-dial';

const signed = (value: number, places = 0) => `${value < -0.5 * 10 ** -places ? '−' : value >= 0.5 * 10 ** -places ? '+' : ''}${decimal(Math.abs(value), places)}`; // prettier-ignore
/** Bakes before it is asked how closely times are noted. */
const ASKED_FROM = 3;
/** What one thing does to the time, whatever is baked. */
const shareRow = (what: string, { percent, spread }: LearnedShare): FigureRow => ({ what, figure: `${signed(percent)} %`, why: $localize`of the time, ± ${spread.toFixed(0)}` }); // prettier-ignore
/** Recipes whose own factor is shown. */
const MOST_RECIPES = 3;
/** Fewer windows than this draw no picture. */
const FEWEST_WINDOWS = 5;

/** What the oven really does, how that came to be known, what else moved; every bake in it, and leaving one out. */
@Component({
  selector: 'orv-oven-learned',
  imports: [FigureRows, OvenCoursePicture, WindowsPicture],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>What this oven really does</h2>
    @if (oven(); as oven) {
      <p class="figure">
        @if (oven.known) {
          <b>{{ figure() }}</b> <span>{{ giveOrTake() }} {{ side() }}</span>
        } @else {
          <b class="unknown" i18n>not yet known</b> <span i18n>{{ figure() }} {{ giveOrTake() }} so far</span>
        }
      </p>
      <p class="more">{{ evidence() }}</p>
      @if (hasCourse()) {
        <div class="panel course">
          @if (course(); as steps) {
            @if (steps.length > 1) {
              <orv-oven-course [steps]="steps" />
            }
          }
        </div>
      }
      @if (misses() > 0) {
        <div class="ask" role="status">
          <p i18n>
            <b>The last {{ misses() }} bakes missed on one side.</b> Has the oven, the thermometer or the tin changed?
          </p>
          @for (what of changes; track what) {
            <button type="button" class="act" (click)="changed(what)">{{ what }}</button>
          }
          <button type="button" class="quiet" (click)="set({ rough: ownOven().rough ?? false })" i18n>
            Nothing did
          </button>
        </div>
      } @else if (asksRough()) {
        <div class="ask">
          <p>
            @if (windows().tooNarrow) {
              <b i18n>Fewer of your last windows held than was promised.</b>
            }
            <ng-container i18n>Do you note times closely, or roughly?</ng-container>
          </p>
          <button type="button" class="act" (click)="closely()" i18n>Closely</button>
          <button type="button" class="act" (click)="set({ rough: true })" i18n>Roughly</button>
        </div>
      }
      <h3 i18n>What else moved</h3>
      <orv-figure-rows [rows]="moved()" />
      @if (windows().of >= fewestWindows) {
        <h3 i18n>When they were done, against their windows</h3>
        <orv-windows-picture [windows]="windows()" />
        <p class="more" i18n>
          {{ windows().held }} of {{ windows().of }} in their window; eight in ten is promised, one in ten on each side
          (the dashes).
        </p>
      }
      <p class="acts">
        <button type="button" class="quiet" [attr.aria-expanded]="everything()" (click)="everything.set(!everything())">
          {{ everything() ? texts.onlyTheRecipesBakedMost : texts.allRecipesAndTins }}
        </button>
        <button type="button" class="quiet" [attr.aria-expanded]="listed()" (click)="listed.set(!listed())">
          {{ listed() ? texts.hideTheBakesInIt : texts.everyBakeInItAndLeave }}
        </button>
        <label class="use">
          <input type="checkbox" [checked]="learning.used()" (change)="set({ asSet: learning.used() || undefined })" />
          <ng-container i18n>Oven, Batch and Day use it</ng-container>
        </label>
      </p>
      @if (listed()) {
        <ul>
          @for (bake of bakes(); track bake.id) {
            <li>
              <label>
                <input type="checkbox" [checked]="bake.taken" (change)="take(bake.id, !bake.taken)" />
                <span class="name">{{ bake.title }}</span> <span>{{ bake.date }}</span>
              </label>
              <span class="weight" aria-hidden="true">
                <i [style.width.%]="100 * bake.weight"></i>
              </span>
              <span class="words">{{ bake.words }}</span>
            </li>
          }
        </ul>
      }
    } @else if (!learning.isRead() || learning.lessons().bakes.length > 0) {
      <p class="more" role="status" i18n>Working it out …</p>
    } @else {
      <p class="figure"><b class="unknown" i18n>not yet known</b></p>
      <p class="more" i18n>
        Record how one bake went, and it begins to be. One reading of an oven thermometer is worth more than ten bakes.
      </p>
    }
  `,
  styleUrls: ['../parts/panels.css', './oven-learned.css'],
})
export class OvenLearned {
  protected readonly texts = {
    onlyTheRecipesBakedMost: $localize`Only the recipes baked most`,
    allRecipesAndTins: $localize`All recipes and tins`,
    hideTheBakesInIt: $localize`Hide the bakes in it`,
    everyBakeInItAndLeave: $localize`Every bake in it, and leave one out`,
  };
  /** Those that are shown. */
  readonly shown = input.required<readonly StoredBake[]>();
  private readonly dial = inject(OwnDial);
  private readonly store = inject(FormulaStore);
  private readonly book = inject(BookStore);
  private readonly work = inject(Work);
  protected readonly learning = inject(Learning);
  protected readonly listed = signal(false);
  protected readonly changes = [$localize`The oven`, $localize`The thermometer`, $localize`The tin`];

  protected readonly ownOven = computed<OwnOven>(() => this.store.kitchen().oven ?? UNKNOWN_OVEN);
  private readonly kitchen = computed(() => this.learning.learned()?.kitchen);
  protected readonly oven = computed(() => {
    const kitchen = this.kitchen();
    return kitchen && learnedOven(kitchen);
  });
  protected readonly figure = computed(
    () => `${signedApart(this.dial.scale(), this.oven()?.celsius ?? 0)} ${this.dial.degrees()}`,
  );
  protected readonly giveOrTake = computed(() => `± ${degreesApart(this.dial.scale(), this.oven()?.spread ?? 0)}`);
  protected readonly side = computed(() => {
    const celsius = this.oven()?.celsius ?? 0;
    return Math.abs(celsius) < 1
      ? $localize`as set`
      : celsius < 0
        ? $localize`cooler than set`
        : $localize`hotter than set`;
  });
  protected readonly evidence = computed(() => {
    const { bakes = 0, readings = 0, epoch = 0 } = this.kitchen() ?? {};
    const read =
      readings === 0
        ? ''
        : readings === 1
          ? $localize` and one thermometer`
          : $localize` and ${readings} thermometer readings`;
    const since = this.ownOven().changes?.at(-1);
    const anew = epoch > 0 && since ? $localize` Learned anew since ${dayOf(since.at)}:since:: ${inSentence(since.what)} changed.` : ''; // prettier-ignore
    const thermometer = readings === 0 ? $localize` A thermometer in it would tell it from your recipes.` : '';
    const from = bakes === 1 ? $localize`from 1 bake` : $localize`from ${bakes} bakes`;
    return `${from}${read}.${thermometer}${anew}`;
  });
  protected readonly course = toSignal(
    toObservable(this.learning.lessons).pipe(
      switchMap((lessons) => (lessons.bakes.length === 0 ? of([]) : this.work.run('oven-course', lessons).catch(() => []))), // prettier-ignore
      catchError(() => of([])),
    ),
  );
  /** Its place is held while it is worked out. */
  protected readonly hasCourse = computed(() => this.learning.lessons().bakes.length > 1);
  private readonly answeredFor = signal('');
  protected readonly misses = computed(() => {
    const misses = this.learning.learned()?.misses ?? [];
    return misses.join(' ') === this.answeredFor() ? 0 : misses.length;
  });
  protected readonly fewestWindows = FEWEST_WINDOWS;
  protected readonly windows = computed(() => windowsHeld(this.shown().map(({ record }) => record)));
  /** Once; and again where windows turn out too narrow for what was said. */
  protected readonly asksRough = computed(() => {
    const { rough } = this.ownOven();
    if (rough === undefined) return this.book.bakes().length >= ASKED_FROM;
    return !rough && this.windows().tooNarrow && !this.answeredRough();
  });
  private readonly answeredRough = signal(false);

  /** Recipes by how often they were baked, each with its own factor. */
  private readonly recipes = computed(() => {
    const kitchen = this.kitchen();
    if (!kitchen) return [];
    const latest = new Map<string, StoredBake>();
    for (const bake of this.learning.lessons().bakes) {
      const stored = this.book.bake(bake.id);
      if (stored) latest.set(bake.recipe, stored);
    }
    return [...latest]
      .map(([recipe, { record }]) => {
        const { pan, celsius, fan, foreseen, title } = record;
        const lesson = learnedBake(kitchen, { recipe, pan, celsius, fan, reckonedCelsius: foreseen?.reckonedCelsius ?? 0 }); // prettier-ignore
        const bakes = lesson.bakesOfRecipe === 1 ? $localize`1 bake` : $localize`${lesson.bakesOfRecipe} bakes`;
        return { what: title, bakes: lesson.bakesOfRecipe, figure: decimal(lesson.factor, 2), why: $localize`${lesson.factor >= 1 ? $localize`slower` : $localize`faster`} than foreseen, ${bakes}` }; // prettier-ignore
      })
      .sort((a, b) => b.bakes - a.bakes)
      .slice(0, this.everything() ? undefined : MOST_RECIPES);
  });
  /** All recipes and tins, or the three that were baked most. */
  protected readonly everything = signal(false);
  private readonly leftOut = computed(() => {
    const out = this.book.bakes().filter(({ record }) => record.leftOut !== undefined);
    const [lately] = out;
    return lately && { what: $localize`left out by you`, figure: String(out.length), why: `${dayOf(lately.record.at)}, ${lately.record.leftOut ?? ''}` }; // prettier-ignore
  });
  protected readonly moved = computed(() => {
    const kitchen = this.kitchen();
    if (!kitchen) return [];
    const habit = learnedHabit(kitchen);
    const leftOut = this.leftOut();
    const { pace, heating, hotSide } = this.learning.routine();
    const besides: readonly FigureRow[] = [
      ...(heating ? [heatingRow(heating, this.dial.scale())] : []),
      ...(hotSide ? [hotSideRow(hotSide, this.dial.scale())] : []),
      ...(pace ? [paceRow(pace)] : []),
    ];
    const fan = learnedFan(kitchen);
    return [
      ...this.recipes(),
      ...(this.everything()
        ? learnedPans(kitchen).map(({ pan, ...share }) => shareRow(pan || $localize`a tin without a name`, share))
        : []),
      ...(fan ? [shareRow($localize`with the fan`, fan)] : []),
      ...(habit.spread < 4.5 ? [{ what: $localize`you take it out`, figure: `${signed(habit.percent)} %`, why: habit.percent < 0 ? $localize`before most would` : $localize`after most would` }] : []), // prettier-ignore
      ...besides,
      ...(leftOut ? [leftOut] : []),
    ];
  });

  protected readonly bakes = computed(() => {
    const { changes = [] } = this.ownOven();
    const weights = this.learning.weightOf();
    return this.book.bakes().map(({ id, record }) => {
      const weight = weights.get(id);
      const taken = record.leftOut === undefined;
      const words = !taken
        ? $localize`left out`
        : record.simulated
          ? $localize`simulated: teaches nothing`
          : weight === undefined
            ? $localize`nothing was foreseen of it`
            : weight.absurd > 0.5
              ? $localize`hardly counts: it fits nothing else`
              : $localize`counts ${Math.round(100 * weight.weight)} %`;
      const before = epochAt(record.at, changes) < changes.length ? $localize`, before the change` : '';
      return { id, title: record.title, date: dayOf(record.at), taken, weight: taken ? (weight?.weight ?? 0) : 0, words: words + before }; // prettier-ignore
    });
  });

  protected closely(): void {
    this.answeredRough.set(true);
    this.set({ rough: false });
  }
  protected set(change: { readonly [K in keyof OwnOven]?: OwnOven[K] | undefined }): void {
    this.answeredFor.set((this.learning.learned()?.misses ?? []).join(' '));
    this.store.changeOven($localize`what is known of the oven`, change);
  }
  /** From the first of the bakes that missed, the oven is learned anew. */
  protected changed(what: string): void {
    const [first = ''] = this.learning.learned()?.misses ?? [];
    const at = this.book.bake(first)?.record.at;
    if (at !== undefined) this.set({ changes: [...(this.ownOven().changes ?? []), { at: at - 1, what }] });
  }
  protected take(id: string, taken: boolean): void {
    this.book.change(
      id,
      taken ? $localize`taking it into what is learned` : $localize`leaving it out of what is learned`,
      (record) => {
        const { leftOut, ...rest } = record;
        return taken ? rest : { ...rest, leftOut: leftOut ?? $localize`left out` };
      },
    );
  }
}
