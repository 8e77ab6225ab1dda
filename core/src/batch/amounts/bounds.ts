import { TOLERANCE, type ChoiceBook } from './choice-book.js';

/** Steps towards better multipliers at a partial choice: more where giving up spares most. */
const STEPS = { shallow: 16, deep: 3 } as const;
const SHALLOW_LINES = 6;
/** With few lines left it is quicker to try them. */
const FEW_LINES = 6;

/**
 * What a partial choice must at least cost in the end. Two bounds are tried, the cheap one first:
 *
 * Each error by itself: its distance to 0 over all that the rest of the lines can still add to it.
 *
 * All errors together: since e² ≥ 2 g·e − g² for any g, the cost is at least the sum over the rest of each line's least (own cost + 2 g·error),
 * plus what is chosen so far, less g². The multipliers g are handed down the search and moved on by Polyak's step, as far as would show
 * what is to be shown.
 */
export class Bounds {
  /** What the rest from a line on can add to each error, at least and at most, and its least own cost. */
  private readonly low: readonly Float64Array[];
  private readonly high: readonly Float64Array[];
  private readonly least: Float64Array;
  private readonly total: Float64Array;

  constructor(private readonly book: ChoiceBook) {
    const { count, dimensions } = book;
    const none = () => new Float64Array(dimensions);
    const low = Array.from({ length: count + 1 }, none);
    const high = Array.from({ length: count + 1 }, none);
    this.least = new Float64Array(count + 1);
    this.total = none();
    for (let line = count - 1; line >= 0; line--) {
      const rows = book.addsOf(line);
      this.least[line] = (this.least[line + 1] ?? 0) + Math.min(...book.ownOf(line));
      for (let d = 0; d < dimensions; d++) {
        const values = rows.filter((_, place) => place % dimensions === d);
        (low[line] as Float64Array)[d] = (low[line + 1]?.[d] ?? 0) + Math.min(...values);
        (high[line] as Float64Array)[d] = (high[line + 1]?.[d] ?? 0) + Math.max(...values);
      }
    }
    this.low = low;
    this.high = high;
  }

  /**
   * Whether no choice that goes on from the one at hand costs less than the best so far.
   * @param from the first line not chosen yet
   * @param cost own costs of what is chosen
   * @param g multipliers, moved towards those that show it
   */
  reach(from: number, cost: number, g: Float64Array, best: number): boolean {
    if (this.eachByItself(from, cost) >= best - TOLERANCE) return true;
    if (this.book.count - from < FEW_LINES) return false;
    const steps = from < SHALLOW_LINES ? STEPS.shallow : STEPS.deep;
    for (let step = 0; step < steps; step++) {
      const value = this.allTogether(from, cost, g);
      if (value >= best - TOLERANCE) return true;
      if (!this.moveOn(g, value, best)) return false;
    }
    return false;
  }

  private eachByItself(from: number, cost: number): number {
    const { errors, dimensions } = this.book;
    const [lowest, highest] = [this.low[from], this.high[from]];
    let bound = cost + (this.least[from] ?? 0);
    for (let d = 0; d < dimensions; d++) {
      const below = (errors[d] ?? 0) + (lowest?.[d] ?? 0);
      const above = (errors[d] ?? 0) + (highest?.[d] ?? 0);
      const nearest = below > 0 ? below : above < 0 ? above : 0;
      bound += nearest * nearest;
    }
    return bound;
  }

  /** The bound by multipliers; leaves the errors of the choice that gives it in `total`. */
  private allTogether(from: number, cost: number, g: Float64Array): number {
    const { book, total } = this;
    const { errors, dimensions, count } = book;
    let value = cost;
    for (let d = 0; d < dimensions; d++) {
      const [gradient, error] = [g[d] ?? 0, errors[d] ?? 0];
      value += gradient * (2 * error - gradient);
      total[d] = error;
    }
    for (let line = from; line < count; line++) {
      const [costs, rows] = [book.ownOf(line), book.addsOf(line)];
      let [cheapest, taken] = [Infinity, 0];
      for (let option = 0; option < costs.length; option++) {
        let cost = costs[option] ?? 0;
        for (let d = 0, place = option * dimensions; d < dimensions; d++, place++)
          cost += 2 * (g[d] ?? 0) * (rows[place] ?? 0);
        if (cost < cheapest) {
          cheapest = cost;
          taken = option;
        }
      }
      value += cheapest;
      for (let d = 0, place = taken * dimensions; d < dimensions; d++, place++)
        total[d] = (total[d] ?? 0) + (rows[place] ?? 0);
    }
    return value;
  }

  private moveOn(g: Float64Array, value: number, best: number): boolean {
    const { total } = this;
    const { dimensions } = this.book;
    let square = 0;
    for (let d = 0; d < dimensions; d++) square += ((total[d] ?? 0) - (g[d] ?? 0)) ** 2;
    if (square < 1e-12) return false;
    const pace = Math.min(1, (best - value) / (2 * square));
    for (let d = 0; d < dimensions; d++) g[d] = (g[d] ?? 0) + pace * ((total[d] ?? 0) - (g[d] ?? 0));
    return true;
  }
}
