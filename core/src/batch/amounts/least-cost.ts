import { Bounds } from './bounds.js';
import { ChoiceBook, TOLERANCE, type Option } from './choice-book.js';
import { firstChoice, optionsThatStand } from './first-choice.js';

export type { Option } from './choice-book.js';

/*
 * The choice of one option a line with the least Σ cost + Σ error²: exact branch and bound. A good choice comes first, by changing one and
 * two lines at a time; options that no best choice can hold are struck out; then every choice is tried, the luckiest option of a line
 * first, and a partial one is given up when its bound reaches the best so far.
 */

/** How far apart the options of a line are: once those of the widest are chosen, the bound of the rest is close. */
function stepOf(options: readonly Option[]): number {
  const sorted = options.toSorted((a, b) => a.along - b.along);
  const gaps = sorted
    .slice(1)
    .map(({ errors }, i) => Math.hypot(...errors.map((error, d) => error - (sorted[i]?.errors[d] ?? 0))));
  return gaps.length === 0 ? 0 : gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
}

/** Searches a book for what costs less than a choice that is known. */
class Search {
  nodes = 0;
  private readonly bounds: Bounds;
  private readonly chosen: number[];

  constructor(
    private readonly book: ChoiceBook,
    public picked: readonly number[],
    public best: number,
  ) {
    this.bounds = new Bounds(book);
    this.chosen = new Array<number>(book.count).fill(0);
  }

  go(line: number, cost: number, from: Float64Array): void {
    const { book } = this;
    this.nodes++;
    if (line === book.count) {
      const whole = cost + book.squareOfErrors();
      if (whole < this.best - TOLERANCE) [this.best, this.picked] = [whole, [...this.chosen]];
      return;
    }
    const g = Float64Array.from(from);
    if (this.bounds.reach(line, cost, g, this.best)) return;
    const tried = Array.from(book.ownOf(line), (_, option) => ({ option, luck: book.costWith(line, option) }));
    tried.sort((a, b) => a.luck - b.luck);
    for (const { option } of tried) {
      book.move(line, option, 1);
      this.chosen[line] = option;
      this.go(line + 1, cost + (book.ownOf(line)[option] ?? 0), g);
      book.move(line, option, -1);
    }
  }
}

/**
 * The cheapest choice of one option for each line.
 * @param choices the options of each line
 * @param dimensions errors of each option
 * @returns the option picked for each line, what the choice costs, and how many partial choices were looked at
 */
export function leastCost(
  choices: readonly (readonly Option[])[],
  dimensions: number,
): { readonly picked: readonly number[]; readonly cost: number; readonly nodes: number } {
  const step = choices.map(stepOf);
  const order = choices.map((_, i) => i).sort((a, b) => (step[b] ?? 0) - (step[a] ?? 0));
  const whole = ChoiceBook.of(
    order.map((i) => choices[i] ?? []),
    dimensions,
  );
  const first = firstChoice(whole);
  const places = optionsThatStand(whole, first.at, first.cost);
  const begun = first.at.map((option, line) => (places[line] ?? []).indexOf(option));
  const search = new Search(whole.keeping(places), begun, first.cost);
  search.go(0, 0, first.errors);
  const picked = new Array<number>(order.length).fill(0);
  order.forEach((line, k) => (picked[line] = places[k]?.[search.picked[k] ?? 0] ?? 0));
  return { picked, cost: search.best, nodes: search.nodes };
}
