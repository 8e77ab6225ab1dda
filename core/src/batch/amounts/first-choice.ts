import { TOLERANCE, type ChoiceBook } from './choice-book.js';

const SWEEPS = 12;

/** The best option of each line given the others, over and over. */
function oneByOne(book: ChoiceBook, at: number[]): void {
  for (let sweep = 0, changed = true; changed && sweep < SWEEPS; sweep++) {
    changed = false;
    for (let line = 0; line < book.count; line++) {
      const now = at[line] ?? 0;
      book.move(line, now, -1);
      let [best, least] = [now, book.costWith(line, now)];
      for (let option = 0; option < book.ownOf(line).length; option++) {
        const cost = book.costWith(line, option);
        if (cost < least - TOLERANCE) [best, least] = [option, cost];
      }
      book.move(line, best, 1);
      at[line] = best;
      changed ||= best !== now;
    }
  }
}

/** The best options of two lines at once, the others as they are. */
function bestPair(book: ChoiceBook, line: number, other: number, pair: readonly [number, number]) {
  let [first, second] = pair;
  let cheapest = Infinity;
  for (const option of [pair[0], ...book.ownOf(line).keys()]) {
    book.move(line, option, 1);
    for (const two of [pair[1], ...book.ownOf(other).keys()]) {
      const cost = (book.ownOf(line)[option] ?? 0) + book.costWith(other, two);
      if (cost < cheapest - TOLERANCE) [first, second, cheapest] = [option, two, cost];
    }
    book.move(line, option, -1);
  }
  return [first, second] as const;
}

/** Two lines at once, as long as that helps. */
function twoByTwo(book: ChoiceBook, at: number[]): void {
  for (let sweep = 0, changed = true; changed && sweep < SWEEPS; sweep++) {
    changed = false;
    for (let line = 0; line < book.count; line++)
      for (let other = line + 1; other < book.count; other++) {
        const pair = [at[line] ?? 0, at[other] ?? 0] as const;
        book.move(line, pair[0], -1);
        book.move(other, pair[1], -1);
        const [first, second] = bestPair(book, line, other, pair);
        book.move(line, first, 1);
        book.move(other, second, 1);
        [at[line], at[other]] = [first, second];
        changed ||= first !== pair[0] || second !== pair[1];
      }
  }
}

/** A good choice to begin a search with, its cost and its errors: found by changing one line, then two lines at a time. */
export function firstChoice(book: ChoiceBook): {
  readonly at: readonly number[];
  readonly cost: number;
  readonly errors: Float64Array;
} {
  const at = new Array<number>(book.count).fill(0);
  for (let line = 0; line < book.count; line++) book.move(line, 0, 1);
  oneByOne(book, at);
  twoByTwo(book, at);
  const cost = book.squareOfErrors() + at.reduce((sum, option, line) => sum + (book.ownOf(line)[option] ?? 0), 0);
  const errors = Float64Array.from(book.errors);
  book.errors.fill(0);
  return { at, cost, errors };
}

/** Options of a line that a best choice may hold: with errors no longer than the radius, no other in its place is sure to cost less. */
function standing(book: ChoiceBook, line: number, held: number, radius: number): readonly number[] {
  const { dimensions } = book;
  const [costs, rows] = [book.ownOf(line), book.addsOf(line)];
  const apart = (a: number, b: number) => {
    let square = 0;
    for (let d = 0; d < dimensions; d++)
      square += ((rows[a * dimensions + d] ?? 0) - (rows[b * dimensions + d] ?? 0)) ** 2;
    return square;
  };
  const all = Array.from(costs, (_, option) => option);
  return all.filter(
    (pair) =>
      pair === held ||
      !all.some((other) => {
        const square = apart(other, pair);
        return (costs[other] ?? 0) - (costs[pair] ?? 0) + 2 * radius * Math.sqrt(square) + square < -TOLERANCE;
      }),
  );
}

/**
 * The options of each line that a best choice can hold, once a choice of a cost is known; each line keeps the one of that choice. In a
 * best choice the errors are no longer than a radius: the square of it is that cost less the least own costs of all lines.
 */
export function optionsThatStand(
  book: ChoiceBook,
  at: readonly number[],
  cost: number,
): readonly (readonly number[])[] {
  const least = book.own.reduce((sum, costs) => sum + Math.min(...costs), 0);
  const radius = Math.sqrt(Math.max(0, cost - least));
  return book.own.map((_, line) => standing(book, line, at[line] ?? 0, radius));
}
