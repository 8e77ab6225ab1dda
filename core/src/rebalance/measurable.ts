import type { Style } from '../balance/index.js';
import { isFreeLeavener } from '../leavening/index.js';
import { partsOf, type OpenLine } from './open-line.js';
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
 */
export function measurable(
  lines: readonly OpenLine[],
  grams: readonly number[],
  start: readonly number[],
  style: Style,
): readonly number[] {
  const rounded = lines.map((line, i) => {
    const [is, was] = [grams[i] ?? 0, start[i] ?? 0];
    if (line.locked || line.pieceGrams !== undefined) return is;
    const step = SCALE_STEPS.find(({ below }) => is < below)?.grams ?? 1;
    return Math.abs(is - was) < UNCHANGED * step ? was : onScale(is);
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

/** Whether spoons measure an ingredient better than a scale that reads whole grams. */
export const isSpooned = (line: OpenLine): boolean =>
  isFreeLeavener(line.part.ingredient) || line.part.ingredient.category === 'salt';
