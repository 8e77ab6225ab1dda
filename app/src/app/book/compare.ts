import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import {
  comparedBake,
  comparedVersion,
  DIFFERS_IN_HALVES,
  HALF_BATCH_STEPS,
  settling,
} from '@orvin/core/book/comparing';
import { formulaReadings } from '@orvin/core/book/known';
import { recipeOf, type BakeRecord } from '@orvin/core/book/records';
import { bakingState } from '@orvin/core/along/baking';
import { halfBatchInWords, READING_NAMES, trialInWords, trialNameInWords } from '@orvin/core/words/book-words';
import { Chart, type ChartLine } from '../parts/chart';
import { FigureRows } from '../parts/figure-rows';
import { Toasts } from '../parts/toasts';
import { dayOf } from '../parts/wall-clock';
import { BakingStore } from '../store/baking-store';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { Readings } from '../work/readings';
import { comparedSides, scoreOf, usualChoice, type Side } from './compare-view';
import { HalfBatches } from './half-batches';
import { BakePicture } from './bake-picture';
import { OwnDial } from '../parts/own-dial';
import { degreesOn } from '@orvin/core/ground/units';

const MINUTE = 60_000;
const MOST = 4;
/** One step of the scale of five is what one usually wants to trust. */
const STEP = 1;
/** A version among the chosen: "v3 of <formula>". */
const VERSION = /^v(\d{1,4}) of (.+)$/;

/** What is compared, as it is shown at the head of its column. */
interface Chosen extends Side {
  readonly id: string;
  readonly title: string;
  readonly recipe: string;
  readonly formulaId?: string;
  /** What stands for it in a picture. */
  readonly shown?: BakeRecord;
  readonly date: string;
  readonly version: string;
}

/** Two to four bakes side by side: the outcome, what could explain it, ranked; what was the same; and how to settle it. */
@Component({
  selector: 'orv-compare',
  imports: [BakePicture, Chart, FigureRows],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './compare.html',
  styleUrls: ['../parts/panels.css', './compare.css'],
})
export class Compare {
  protected readonly texts = {
    minutesSinceItWentIn: $localize`minutes since it went in`,
    core: (degrees: string) => $localize`core, ${degrees}`,
    aLargeDifferenceButStillOne: $localize`A large difference, but still one comparison: a hint.`,
    soSmallADifferenceIsOften: $localize`So small a difference is often chance: a hint, no more.`,
  };
  /** Chosen bakes, by commas. */
  readonly ids = input.required<string>();
  protected readonly dial = inject(OwnDial);
  private readonly router = inject(Router);
  private readonly book = inject(BookStore);
  private readonly bakings = inject(BakingStore);
  private readonly formulas = inject(FormulaStore);
  private readonly readings = inject(Readings);
  private readonly halves = inject(HalfBatches);
  private readonly toasts = inject(Toasts);

  private readonly chosenIds = computed(() => {
    const known = this.ids().split(',').filter((id) => this.chosenOf(id)); // prettier-ignore
    return known.length > 0 ? known.slice(0, MOST) : usualChoice(this.book.bakes());
  });
  /** The oldest first, as one reads; versions in their order, after them. */
  protected readonly chosen = computed(() => {
    const all = this.chosenIds().flatMap((id) => this.chosenOf(id) ?? []);
    const at = ({ record }: Chosen) => record?.at ?? Infinity;
    return all.sort((a, b) => at(a) - at(b) || a.version.localeCompare(b.version, undefined, { numeric: true }));
  });
  protected readonly scoreOf = scoreOf;
  private chosenOf(id: string): Chosen | undefined {
    const bake = this.book.bake(id);
    if (!bake) return this.versionOf(id);
    const { record } = bake;
    return {
      id,
      title: record.title,
      recipe: recipeOf(record),
      ...(record.formulaId !== undefined && { formulaId: record.formulaId }),
      compared: comparedBake(record),
      record,
      shown: record,
      date: dayOf(record.at),
      version: record.versionNumber === undefined ? '' : `v${record.versionNumber}`,
    };
  }
  /** A version by all its bakes; by its formula alone where it has none. */
  private versionOf(id: string): Chosen | undefined {
    const [, number, formulaId = ''] = VERSION.exec(id) ?? [];
    const version = this.formulas.versionsOf(formulaId).find((each) => each.number === Number(number));
    if (!version) return undefined;
    const bakes = this.bakesOf(formulaId, version.number);
    const compared = comparedVersion(formulaReadings(this.readings.of(version.formula)), bakes);
    const [shown] = bakes;
    return {
      id,
      title: version.formula.title,
      recipe: formulaId,
      formulaId,
      compared,
      ...(shown && { shown }),
      date: $localize`version ${version.number}`,
      version:
        bakes.length === 0
          ? $localize`not baked yet`
          : bakes.length === 1
            ? $localize`1 bake`
            : $localize`mean of ${bakes.length} bakes`,
    };
  }
  private bakesOf(formulaId: string, number: number): readonly BakeRecord[] {
    return this.book.bakes().flatMap(({ record }) => record.formulaId === formulaId && record.versionNumber === number && record.leftOut === undefined ? [record] : []); // prettier-ignore
  }
  private readonly recipe = computed(() => this.chosen()[0]?.recipe);
  protected readonly candidates = computed(() => {
    const recipe = this.recipe();
    const chosen = this.chosenIds();
    const bakes = this.book
      .bakes()
      .filter(({ record }) => recipeOf(record) === recipe)
      .map(({ id, record }) => ({
        id,
        words: `${dayOf(record.at)}${record.versionNumber === undefined ? '' : `, v${record.versionNumber}`}${record.score === undefined ? '' : `: ${record.score}`}`, // prettier-ignore
        chosen: chosen.includes(id),
      }));
    const versions = recipe === undefined ? [] : this.formulas.versionsOf(recipe);
    return {
      bakes,
      // one version alone is nothing to hold against another
      versions: versions.length < 2 ? [] : versions.map(({ number }) => {
        const id = $localize`v${number} of ${recipe ?? ''}`;
        return { id, words: `v${number}`, chosen: chosen.includes(id) };
      }),
    }; // prettier-ignore
  });
  /** Recipes of which there is more than one bake, and the one that is shown. */
  protected readonly recipes = computed(() => {
    const counts = new Map<string, { title: string; count: number; ids: string[] }>();
    for (const { id, record } of this.book.bakes()) {
      const known = counts.get(recipeOf(record)) ?? { title: record.title, count: 0, ids: [] };
      counts.set(recipeOf(record), { ...known, count: known.count + 1, ids: [...known.ids, id] });
    }
    return [...counts]
      .filter(([id, { count }]) => count > 1 || id === this.recipe())
      .map(([id, { title, ids }]) => ({ id, title, ids: ids.slice(0, 2), here: id === this.recipe() }));
  });
  protected readonly compared = computed(() => comparedSides(this.chosen(), this.dial.scale()));
  /** What half batches of this formula have told so far. */
  protected readonly trials = computed(() =>
    this.halves
      .trials()
      .filter(({ recipe }) => recipe === this.recipe())
      .map((trial) => ({ name: trialNameInWords(trial), rows: trial.readings.map(trialInWords) })),
  );

  /** The course of each core that a probe told of. */
  protected readonly curves = computed(() =>
    this.chosen().flatMap(({ record, date }): ChartLine[] => {
      const along = record?.bakingId === undefined ? undefined : this.bakings.baking(record.bakingId)?.baking;
      const inAt = along && [...bakingState(along.walk, along.happenings).ovens.values()][0]?.inAt;
      const told = (along?.readings ?? []).flatMap(({ at, core }) => (core === undefined || inAt === undefined ? [] : [{ x: (at - inAt) / MINUTE, y: degreesOn(this.dial.scale(), core) }])); // prettier-ignore
      return told.length < 5 ? [] : [{ name: date, x: told.map(({ x }) => x), y: told.map(({ y }) => y) }];
    }),
  );

  protected readonly change = computed(() => {
    const first = this.compared().rows.find(({ code }) => DIFFERS_IN_HALVES.has(code));
    return first ? READING_NAMES[first.code] : $localize`what you suspect`;
  });
  protected readonly settle = settling(STEP);
  protected readonly steps = computed(() => HALF_BATCH_STEPS.map((step) => halfBatchInWords(step, this.change())));

  protected toggle(id: string): void {
    const ids = this.chosenIds();
    const next = ids.includes(id) ? ids.filter((each) => each !== id) : [...ids, id].slice(-MOST);
    if (next.length > 0) this.go(next);
  }
  protected go(ids: readonly string[]): void {
    void this.router.navigate([], { queryParams: { ids: ids.join(',') }, queryParamsHandling: 'merge' });
  }
  /** Two half batches, side by side in the Day: one as it is, one with the change. */
  protected plan(): void {
    const formulaId = this.chosen().at(-1)?.formulaId;
    const formula = formulaId === undefined ? undefined : this.formulas.formula(formulaId);
    if (!formula) {
      this.toasts.show($localize`Its formula is not on the Shelf any more, so there is nothing to plan.`);
      return;
    }
    const plan = this.halves.plan(formula, this.change());
    this.toasts.show($localize`Two half batches are in the Day. Record both, and they are read here.`);
    void this.router.navigate(['/day', plan.id]);
  }
}
