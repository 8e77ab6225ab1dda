import type { Style } from '../../batter/balance/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { isCrumb, partsOf, writtenGrams, type OpenLine } from './open-line.js';
import { distanceOutside, verdictsOf } from './verdicts.js';

/** Steps of a kitchen scale: tenths for what a spoonful of changes the bake, whole grams above, fives for much. */
const SCALE_STEPS: readonly { readonly below: number; readonly grams: number }[] = [
  { below: 12, grams: 0.1 },
  { below: 400, grams: 1 },
  { below: 2000, grams: 5 },
  { below: Infinity, grams: 10 },
];
/** Less than half a step is no change. */
const UNCHANGED = 0.5;

function onScale(grams: number): number {
  const step = SCALE_STEPS.find(({ below }) => grams < below)?.grams ?? 1;
  return Number((Math.round(grams / step) * step).toFixed(1));
}

/**
 * Amounts that can be measured: scale steps; eighths of a teaspoon for what is written in spoons, as long as the bands still hold. What
 * did not move stays exactly as it was.
 * @param absent places of what there is none of
 */
export function measurable(
  lines: readonly OpenLine[],
  grams: readonly number[],
  start: readonly number[],
  style: Style,
  absent: ReadonlySet<number> = new Set(),
): readonly number[] {
  const open = lines.map((line, i): OpenLine => (absent.has(i) ? { ...line, locked: true } : line));
  return nudged(open, inSpoons(open, grams, start, style), style);
}

/** Rounding may leave gas or pH a hair outside: leaveners a step or two to either side are tried, the nearest first. */
function nudged(lines: readonly OpenLine[], grams: readonly number[], style: Style): readonly number[] {
  const outsideOf = (tried: readonly number[]) => distanceOutside(verdictsOf(partsOf(lines, tried), style));
  const before = outsideOf(grams);
  if (before === 0 || before > NUDGE_REACHES) return grams;
  const free = lines
    .flatMap((line, i) => {
      // what does not come in is not brought in by a nudge
      const isThere = line.isNew !== true || (grams[i] ?? 0) > 0;
      return !line.locked && isThere && isFreeLeavener(line.part.ingredient) ? [i] : [];
    })
    .slice(0, 2);
  let best = grams;
  let least = before;
  for (const tries of NUDGES) {
    const tried = [...grams];
    free.forEach((i, k) => {
      const step = lines[i]?.eighthGrams ?? FINE_STEP;
      tried[i] = Math.max(0, Number(((tried[i] ?? 0) + (tries[k] ?? 0) * step).toFixed(3)));
    });
    if (free.some((i) => isCrumb(lines[i], tried[i] ?? 0))) continue;
    const outside = outsideOf(tried);
    if (outside < least - 1e-9) [best, least] = [tried, outside];
    if (least === 0) break;
  }
  return best;
}
const NUDGE_REACHES = 0.3;
const FINE_STEP = 0.1;
const NUDGES: readonly (readonly [number, number])[] = [-3, -2, -1, 0, 1, 2, 3]
  .flatMap((a) => [-3, -2, -1, 0, 1, 2, 3].map((b) => [a, b] as const))
  .sort((a, b) => Math.hypot(...a) - Math.hypot(...b));

/** Grams of the whole pieces that it is; undefined where it is none: then it is beaten and weighed like the rest. */
function wholeGrams(grams: number, pieceGrams: number | undefined): number | undefined {
  if (pieceGrams === undefined) return undefined;
  const whole = Math.round(grams / pieceGrams);
  return Math.abs(grams / pieceGrams - whole) < 1e-6 ? Number((whole * pieceGrams).toFixed(6)) : undefined;
}

function inSpoons(
  lines: readonly OpenLine[],
  grams: readonly number[],
  start: readonly number[],
  style: Style,
): readonly number[] {
  const rounded = lines.map((line, i) => {
    const [is, was] = [grams[i] ?? 0, start[i] ?? 0];
    if (line.locked) return is;
    const step = SCALE_STEPS.find(({ below }) => is < below)?.grams ?? 1;
    // a stand-in begins from an amount that nobody has written
    const isWritten = writtenGrams(line) === was;
    if (isWritten && Math.abs(is - was) < UNCHANGED * step) return was;
    return wholeGrams(is, line.pieceGrams) ?? onScale(is);
  });
  const spooned = lines.flatMap((line, i) =>
    line.eighthGrams !== undefined && !line.locked && rounded[i] !== start[i] ? [{ i, eighth: line.eighthGrams }] : [],
  );
  if (spooned.length === 0 || spooned.length > 5) return rounded;
  // every floor and ceiling together: the nearest that holds the bands
  let best: { readonly grams: readonly number[]; readonly outside: number; readonly off: number } | undefined;
  const wanted = (i: number) => grams[i] ?? 0;
  for (let choice = 0; choice < 2 ** spooned.length; choice++) {
    const tried = [...rounded];
    let off = 0;
    spooned.forEach(({ i, eighth }, k) => {
      const eighths = choice & (1 << k) ? Math.ceil(wanted(i) / eighth - 1e-9) : Math.floor(wanted(i) / eighth + 1e-9);
      tried[i] = eighths * eighth;
      off += Math.abs(eighths * eighth - wanted(i)) / Math.max(wanted(i), eighth);
    });
    const outside = distanceOutside(verdictsOf(partsOf(lines, tried), style));
    if (!best || outside < best.outside - 1e-9 || (outside < best.outside + 1e-9 && off < best.off))
      best = { grams: tried, outside, off };
  }
  const scaled = distanceOutside(verdictsOf(partsOf(lines, rounded), style));
  return best && best.outside <= scaled + 1e-6 ? best.grams : rounded;
}
