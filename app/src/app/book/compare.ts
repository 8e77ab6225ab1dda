import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import { HALF_BATCH_STEPS, settling } from '@orvin/core/book/comparing';
import { recipeOf } from '@orvin/core/book/records';
import { bakingState } from '@orvin/core/along/baking';
import { halfBatchInWords, READING_NAMES } from '@orvin/core/words/book-words';
import { Chart, type ChartLine } from '../parts/chart';
import { Toasts } from '../parts/toasts';
import { dayOf } from '../parts/wall-clock';
import { BakingStore } from '../store/baking-store';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { comparedBakes, usualChoice } from './compare-view';
import { BakePicture } from './bake-picture';

const MINUTE = 60_000;
const MOST = 4;
/** One step of the scale of five is what one usually wants to trust. */
const STEP = 1;
const AFTERNOON = 'T15:00';

/** Two to four bakes side by side: the outcome, what could explain it, ranked; what was the same; and how to settle it. */
@Component({
  selector: 'orv-compare',
  imports: [BakePicture, Chart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './compare.html',
  styleUrls: ['../parts/panels.css', './compare.css'],
})
export class Compare {
  /** Chosen bakes, by commas. */
  readonly ids = input.required<string>();
  private readonly router = inject(Router);
  private readonly book = inject(BookStore);
  private readonly bakings = inject(BakingStore);
  private readonly formulas = inject(FormulaStore);
  private readonly plans = inject(PlanStore);
  private readonly toasts = inject(Toasts);

  private readonly chosenIds = computed(() => {
    const known = this.ids().split(',').filter((id) => this.book.bake(id)); // prettier-ignore
    return known.length > 0 ? known.slice(0, MOST) : usualChoice(this.book.bakes());
  });
  /** The oldest first, as one reads. */
  protected readonly chosen = computed(
    () =>
    this.chosenIds()
      .flatMap((id) => this.book.bake(id) ?? [])
      .sort((a, b) => a.record.at - b.record.at)
      .map(({ id, record }) => ({ id, record, date: dayOf(record.at), version: record.versionNumber === undefined ? '' : `v${record.versionNumber}` })), // prettier-ignore
  );
  private readonly recipe = computed(() => {
    const [first] = this.chosen();
    return first && recipeOf(first.record);
  });
  protected readonly candidates = computed(() =>
    this.book
      .bakes()
      .filter(({ record }) => recipeOf(record) === this.recipe())
      .map(({ id, record }) => ({
        id,
        words: `${dayOf(record.at)}${record.versionNumber === undefined ? '' : `, v${record.versionNumber}`}${record.score === undefined ? '' : `: ${record.score}`}`, // prettier-ignore
        chosen: this.chosenIds().includes(id),
      })),
  );
  /** Recipes of which there is more than one bake. */
  protected readonly recipes = computed(() => {
    const counts = new Map<string, { title: string; count: number; ids: string[] }>();
    for (const { id, record } of this.book.bakes()) {
      const known = counts.get(recipeOf(record)) ?? { title: record.title, count: 0, ids: [] };
      counts.set(recipeOf(record), { ...known, count: known.count + 1, ids: [...known.ids, id] });
    }
    return [...counts]
      .filter(([, { count }]) => count > 1)
      .map(([id, { title, ids }]) => ({ id, title, ids: ids.slice(0, 2), here: id === this.recipe() }));
  });
  protected readonly compared = computed(() => comparedBakes(this.chosen().map(({ record }) => record)));
  protected readonly title = computed(() => this.chosen()[0]?.record.title ?? '');

  /** The course of each core that a probe told of. */
  protected readonly curves = computed(() =>
    this.chosen().flatMap(({ record, date }): ChartLine[] => {
      const along = record.bakingId === undefined ? undefined : this.bakings.baking(record.bakingId)?.baking;
      const inAt = along && [...bakingState(along.walk, along.happenings).ovens.values()][0]?.inAt;
      const told = (along?.readings ?? []).flatMap(({ at, core }) => (core === undefined || inAt === undefined ? [] : [{ x: (at - inAt) / MINUTE, y: core }])); // prettier-ignore
      return told.length < 5 ? [] : [{ name: date, x: told.map(({ x }) => x), y: told.map(({ y }) => y) }];
    }),
  );

  protected readonly change = computed(() => {
    const [first] = this.compared().rows;
    return first ? READING_NAMES[first.code] : 'what you suspect';
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
    const formulaId = this.chosen().at(-1)?.record.formulaId;
    const formula = formulaId === undefined ? undefined : this.formulas.formula(formulaId);
    if (!formula) {
      this.toasts.show('Its formula is not on the Shelf any more, so there is nothing to plan.');
      return;
    }
    const tomorrow = new Date(Date.now() + 24 * 60 * MINUTE);
    const date = new Date(tomorrow.getTime() - tomorrow.getTimezoneOffset() * MINUTE).toISOString().slice(0, 10);
    const half = (id: string, name: string) => ({
      id,
      formulaId: formula.id,
      title: `${formula.formula.title}, ${name}`,
      amount: '0.5 times',
      due: `${date}${AFTERNOON}`,
      served: 'fresh' as const,
      batch: { targets: [{ kind: 'times' as const, times: 0.5 }] },
    });
    const plan = this.plans.add(date, Intl.DateTimeFormat().resolvedOptions().timeZone, {
      name: `One change: ${this.change()}`,
      wishes: [half('half-a', 'A as it is'), half('half-b', 'B changed')],
    });
    this.toasts.show('Two half batches are in the Day.');
    void this.router.navigate(['/day', plan.id]);
  }
}
