import type { Quantity } from '../../kitchen/kitchen/index.js';
import { judgeAgainst, type BandVerdict, type Style } from '../../batter/balance/index.js';
import { bandQuantities, functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { LEAVENERS, MOLAR_MASS, openBalance } from '../../batter/leavening/index.js';

/** A batter held against the bands of a style; nothing without flour. */
export function verdictsOf(parts: readonly WeighedPart[], style: Style): readonly BandVerdict[] {
  const quantities = bandQuantities(parts);
  if (!quantities) return [];
  // what the ledger says of gas and pH, without its ranges: searches ask it hundreds of times
  const { pH, gasMillimoles } = openBalance(parts, [])([]);
  const ammonium = parts.reduce(
    (sum, { ingredient, grams }) =>
      sum +
      (1000 * (LEAVENERS[ingredient.behavesAs]?.ammoniumBicarbonate ?? 0) * grams) / MOLAR_MASS.ammoniumBicarbonate,
    0,
  );
  const flour = functionalTotals(parts).flour;
  return judgeAgainst(style, {
    ...quantities,
    gasGramsPer100gFlour: ((gasMillimoles + ammonium) * MOLAR_MASS.carbonDioxide) / 10 / flour,
    crumbPh: pH,
  });
}

/** How far a batter is outside its bands, sum over the quantities in widths of the band. */
export function distanceOutside(verdicts: readonly BandVerdict[]): number {
  return verdicts.reduce((sum, { value, band: { low, high } }) => {
    const width = Math.max(high - low, 1e-6);
    return sum + Math.max(0, low - value, value - high) / width;
  }, 0);
}

/** The bands that are not met. */
export const missedIn = (verdicts: readonly BandVerdict[]): readonly Quantity[] =>
  verdicts.flatMap(({ verdict, quantity }) => (verdict === 'within' ? [] : [quantity]));

/** Whether every band is met. */
export const areWithin = (verdicts: readonly BandVerdict[]): boolean => missedIn(verdicts).length === 0;
