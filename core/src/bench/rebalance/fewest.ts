import type { BandVerdict } from '../../batter/balance/index.js';
import { isCrumb, partsOf } from './open-line.js';
import { SLACK_TOLERANCE, solve, type Problem, type Solved } from './program.js';
import { areWithin, verdictsOf } from './verdicts.js';

/* The fewest changes: what a search moves by a hair, or by little for little, stays as it is written where the bands allow it. */

/** Changes smaller than this are not worth telling: they are tried without. */
const HARDLY_MOVED = 0.035;

/** Of a smaller batch every line is another. */
const isSmaller = ({ target }: Problem): boolean => target.some((share) => share > 0 && share < 1);

/** The same with the lines that hardly moved left as they are, where the bands allow it. */
export function fewer(problem: Problem, best: Solved, locks: ReadonlyMap<number, number>, likelyPh: number): Solved {
  if (isSmaller(problem)) return best;
  const { lines, start, scale } = problem;
  let result = best;
  const change = (i: number) => Math.abs((result.grams[i] ?? 0) - (start[i] ?? 0)) / (scale[i] ?? 1);
  const held = new Map(locks);
  result.grams.forEach((grams, i) => {
    if (lines[i]?.pieceGrams !== undefined) held.set(i, grams);
  });
  const still = lines.flatMap((_, i) =>
    !held.has(i) && (change(i) < HARDLY_MOVED || isCrumb(lines[i], result.grams[i] ?? 0)) ? [i] : [],
  );
  const tryHolding = (more: readonly number[]) => {
    const tried = solve(problem, new Map([...held, ...more.map((i) => [i, start[i] ?? 0] as const)]), likelyPh);
    if (!tried || tried.outside > Math.max(SLACK_TOLERANCE, result.outside + 1e-6)) return false;
    for (const i of more) held.set(i, start[i] ?? 0);
    result = tried;
    return true;
  };
  if (still.length > 0 && !tryHolding(still))
    for (const i of still.filter((k) => isCrumb(lines[k], result.grams[k] ?? 0))) tryHolding([i]);
  // then the least of what is left, one at a time, while it costs little
  for (let round = 0; round < 2; round++) {
    const moving = lines.flatMap((_, i) => (!held.has(i) && change(i) > 1e-6 ? [i] : []));
    const least = moving.sort((a, b) => change(a) - change(b))[0];
    if (moving.length < 3 || least === undefined || change(least) > 0.12) break;
    const before = result;
    if (!tryHolding([least])) break;
    if (result.cost > 1.5 * before.cost) {
      held.delete(least);
      result = before;
      break;
    }
  }
  return result;
}

/** Amounts that can be measured, with the bands that they meet. */
interface Weighed {
  readonly grams: readonly number[];
  readonly after: readonly BandVerdict[];
}

/** What hardly moved is put back to where it was, the least first, where the bands still hold: a search keeps a little inside them. */
export function withPutBack(problem: Problem, settled: Weighed): Weighed {
  if (isSmaller(problem)) return settled;
  const { lines, start, style } = problem;
  const change = (i: number) => Math.abs((settled.grams[i] ?? 0) / (start[i] ?? 1) - 1);
  const hardly = lines
    .flatMap((line, i) => (!line.locked && (start[i] ?? 0) > 0 && change(i) > 0 && change(i) < HARDLY_MOVED ? [i] : []))
    .sort((a, b) => change(a) - change(b));
  return hardly.reduce((best, i) => {
    const grams = best.grams.map((amount, k) => (k === i ? (start[i] ?? 0) : amount));
    const after = verdictsOf(partsOf(lines, grams), style);
    return areWithin(after) ? { grams, after } : best;
  }, settled);
}
