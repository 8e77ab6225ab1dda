/** One amount for a line: what it adds to each weighed error, and what it costs by itself. */
export interface Option {
  /** Grams: options of a line lie along it. */
  readonly along: number;
  readonly errors: readonly number[];
  readonly cost: number;
}

/** Steps towards better multipliers at a partial choice: more where giving up spares most; with few lines left it is quicker to try them. */
const STEPS = { shallow: 16, deep: 3 } as const;
const SHALLOW_LINES = 6;
const FEW_LINES = 6;
const SWEEPS = 12;
const TOLERANCE = 1e-9;

/** In a best choice the errors are no longer than this: what it costs less the least own costs is their square. */
const radiusOf = (own: readonly Float64Array[], best: number) =>
  Math.sqrt(Math.max(0, best - own.reduce((sum, costs) => sum + Math.min(...costs), 0)));

/** Options of a line that a best choice may hold: with errors no longer than the radius, no other in its place is sure to cost less. */
function standing(
  costs: Float64Array,
  rows: Float64Array,
  held: number,
  dimensions: number,
  radius: number,
): readonly number[] {
  const apart = (a: number, b: number) => {
    let square = 0;
    for (let d = 0; d < dimensions; d++)
      square += ((rows[a * dimensions + d] ?? 0) - (rows[b * dimensions + d] ?? 0)) ** 2;
    return square;
  };
  const all = Array.from(costs, (_, option) => option);
  return all.filter(
    (one) =>
      one === held ||
      !all.some((other) => {
        const square = apart(other, one);
        return (costs[other] ?? 0) - (costs[one] ?? 0) + 2 * radius * Math.sqrt(square) + square < -TOLERANCE;
      }),
  );
}

/**
 * The choice of one option a line with the least Σ cost + Σ error². Exact branch and bound. A partial choice is given up when its bound
 * reaches the best so far: each error's distance to 0 over what the rest can still add; and, since e² ≥ 2 g·e − g² for any g, the sum
 * over the rest of their least cost + 2 g·error, with multipliers g handed down and moved on at every partial choice.
 */
export function leastCost(
  choices: readonly (readonly Option[])[],
  dimensions: number,
): { readonly picked: readonly number[]; readonly cost: number; readonly nodes: number } {
  // first the lines whose options are furthest apart: once they are chosen, the bound of the rest is close
  const step = choices.map((options) => {
    const sorted = options.toSorted((a, b) => a.along - b.along);
    const gaps = sorted
      .slice(1)
      .map(({ errors }, i) => Math.hypot(...errors.map((error, d) => error - (sorted[i]?.errors[d] ?? 0))));
    return gaps.length === 0 ? 0 : gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
  });
  const order = choices.map((_, i) => i).sort((a, b) => (step[b] ?? 0) - (step[a] ?? 0));
  const count = order.length;
  // flat rows of figures: the search looks at millions of them
  let own = order.map((i) => Float64Array.from((choices[i] ?? []).map(({ cost }) => cost)));
  let adds = order.map((i) => Float64Array.from((choices[i] ?? []).flatMap(({ errors }) => [...errors])));
  const none = new Float64Array(dimensions);
  const ownOf = (k: number) => own[k] ?? none;
  const addsOf = (k: number) => adds[k] ?? none;
  const errors = new Float64Array(dimensions);
  /** Puts an option's errors onto the running ones, or takes them off. */
  const move = (k: number, option: number, sign: 1 | -1) => {
    const rows = addsOf(k);
    for (let d = 0; d < dimensions; d++) errors[d] = (errors[d] ?? 0) + sign * (rows[option * dimensions + d] ?? 0);
  };
  const squareOfErrors = () => {
    let sum = 0;
    for (let d = 0; d < dimensions; d++) sum += (errors[d] ?? 0) ** 2;
    return sum;
  };
  /** Own cost of an option and the square of the errors as they would be with it. */
  const costWith = (k: number, option: number) => {
    const rows = addsOf(k);
    let cost = ownOf(k)[option] ?? 0;
    for (let d = 0; d < dimensions; d++) cost += ((errors[d] ?? 0) + (rows[option * dimensions + d] ?? 0)) ** 2;
    return cost;
  };

  // a good choice to begin with: the best option of each line given the others, over and over
  const at = new Array<number>(count).fill(0);
  for (let k = 0; k < count; k++) move(k, 0, 1);
  for (let sweep = 0, changed = true; changed && sweep < SWEEPS; sweep++) {
    changed = false;
    for (let k = 0; k < count; k++) {
      const now = at[k] ?? 0;
      move(k, now, -1);
      let [best, least] = [now, costWith(k, now)];
      for (let option = 0; option < ownOf(k).length; option++) {
        const cost = costWith(k, option);
        if (cost < least - TOLERANCE) [best, least] = [option, cost];
      }
      move(k, best, 1);
      at[k] = best;
      changed ||= best !== now;
    }
  }
  // then two lines at once, as long as that helps
  for (let sweep = 0, changed = true; changed && sweep < SWEEPS; sweep++) {
    changed = false;
    for (let k = 0; k < count; k++)
      for (let other = k + 1; other < count; other++) {
        const pair = [at[k] ?? 0, at[other] ?? 0] as const;
        move(k, pair[0], -1);
        move(other, pair[1], -1);
        let [first, second] = pair;
        let cheapest = Infinity;
        for (const one of [pair[0], ...ownOf(k).keys()]) {
          move(k, one, 1);
          for (const two of [pair[1], ...ownOf(other).keys()]) {
            const cost = (ownOf(k)[one] ?? 0) + costWith(other, two);
            if (cost < cheapest - TOLERANCE) [first, second, cheapest] = [one, two, cost];
          }
          move(k, one, -1);
        }
        move(k, first, 1);
        move(other, second, 1);
        [at[k], at[other]] = [first, second];
        changed ||= first !== pair[0] || second !== pair[1];
      }
  }
  let best = squareOfErrors() + at.reduce((sum, option, k) => sum + (ownOf(k)[option] ?? 0), 0);
  let picked: readonly number[] = at;
  const start = Float64Array.from(errors);
  errors.fill(0);

  // options that no best choice can hold are struck out before the search; each line keeps the one of the first choice
  const places = own.map((costs, k) => standing(costs, addsOf(k), at[k] ?? 0, dimensions, radiusOf(own, best)));
  own = own.map((costs, k) => Float64Array.from(places[k] ?? [], (option) => costs[option] ?? 0));
  adds = adds.map((rows, k) =>
    Float64Array.from(
      (places[k] ?? []).flatMap((option) => [...rows.subarray(option * dimensions, (option + 1) * dimensions)]),
    ),
  );
  picked = at.map((option, k) => (places[k] ?? []).indexOf(option));

  // what the rest can add to each error, at least and at most, and its least cost
  const low = Array.from({ length: count + 1 }, () => new Float64Array(dimensions));
  const high = Array.from({ length: count + 1 }, () => new Float64Array(dimensions));
  const least = new Float64Array(count + 1);
  for (let k = count - 1; k >= 0; k--) {
    const rows = addsOf(k);
    least[k] = (least[k + 1] ?? 0) + Math.min(...ownOf(k));
    for (let d = 0; d < dimensions; d++) {
      const values = rows.filter((_, place) => place % dimensions === d);
      (low[k] as Float64Array)[d] = (low[k + 1]?.[d] ?? 0) + Math.min(...values);
      (high[k] as Float64Array)[d] = (high[k + 1]?.[d] ?? 0) + Math.max(...values);
    }
  }
  const total = new Float64Array(dimensions);
  /** Whether the bound reaches the best so far; moves the multipliers towards those that show it. */
  const bounded = (k: number, cost: number, g: Float64Array): boolean => {
    const [lowest, highest] = [low[k] ?? none, high[k] ?? none];
    let bound = cost + (least[k] ?? 0);
    for (let d = 0; d < dimensions; d++) {
      const from = (errors[d] ?? 0) + (lowest[d] ?? 0);
      const to = (errors[d] ?? 0) + (highest[d] ?? 0);
      const nearest = from > 0 ? from : to < 0 ? to : 0;
      bound += nearest * nearest;
    }
    if (bound >= best - TOLERANCE) return true;
    if (count - k < FEW_LINES) return false;
    const steps = k < SHALLOW_LINES ? STEPS.shallow : STEPS.deep;
    for (let step = 0; step < steps; step++) {
      let value = cost;
      for (let d = 0; d < dimensions; d++) {
        const [one, error] = [g[d] ?? 0, errors[d] ?? 0];
        value += one * (2 * error - one);
        total[d] = error;
      }
      for (let line = k; line < count; line++) {
        const [costs, rows] = [ownOf(line), addsOf(line)];
        let [cheapest, taken] = [Infinity, 0];
        for (let option = 0; option < costs.length; option++) {
          let one = costs[option] ?? 0;
          for (let d = 0, place = option * dimensions; d < dimensions; d++, place++)
            one += 2 * (g[d] ?? 0) * (rows[place] ?? 0);
          if (one < cheapest) {
            cheapest = one;
            taken = option;
          }
        }
        value += cheapest;
        for (let d = 0, place = taken * dimensions; d < dimensions; d++, place++)
          total[d] = (total[d] ?? 0) + (rows[place] ?? 0);
      }
      if (value >= best - TOLERANCE) return true;
      let square = 0;
      for (let d = 0; d < dimensions; d++) square += ((total[d] ?? 0) - (g[d] ?? 0)) ** 2;
      if (square < 1e-12) return false;
      // Polyak's step: as far as would show what is to be shown
      const pace = Math.min(1, (best - value) / (2 * square));
      for (let d = 0; d < dimensions; d++) g[d] = (g[d] ?? 0) + pace * ((total[d] ?? 0) - (g[d] ?? 0));
    }
    return false;
  };
  let nodes = 0;
  const chosen = new Array<number>(count).fill(0);
  const search = (k: number, cost: number, from: Float64Array): void => {
    nodes++;
    if (k === count) {
      const whole = cost + squareOfErrors();
      if (whole < best - TOLERANCE) [best, picked] = [whole, [...chosen]];
      return;
    }
    const g = Float64Array.from(from);
    if (bounded(k, cost, g)) return;
    const tried = Array.from(ownOf(k), (_, option) => ({ option, luck: costWith(k, option) }));
    tried.sort((a, b) => a.luck - b.luck);
    for (const { option } of tried) {
      move(k, option, 1);
      chosen[k] = option;
      search(k + 1, cost + (ownOf(k)[option] ?? 0), g);
      move(k, option, -1);
    }
  };
  search(0, 0, start);
  const byLine = new Array<number>(count).fill(0);
  order.forEach((line, k) => (byLine[line] = places[k]?.[picked[k] ?? 0] ?? 0));
  return { picked: byLine, cost: best, nodes };
}
