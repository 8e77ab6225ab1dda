import { judgeAgainst, type BandVerdict, type Style } from '../balance/index.js';
import { bandQuantities, type WeighedPart } from '../formula/index.js';
import { leaveningLedger } from '../leavening/index.js';

/** A batter held against the bands of a style; nothing without flour. */
export function verdictsOf(parts: readonly WeighedPart[], style: Style): readonly BandVerdict[] {
  const quantities = bandQuantities(parts);
  if (!quantities) return [];
  const { gas, crumbPh } = leaveningLedger(parts);
  return judgeAgainst(style, {
    ...quantities,
    gasGramsPer100gFlour: gas.gramsPer100gFlour,
    crumbPh: crumbPh.likely,
  });
}

/** How far a batter is outside its bands, sum over the quantities in widths of the band. */
export function distanceOutside(verdicts: readonly BandVerdict[]): number {
  return verdicts.reduce((sum, { value, band: { low, high } }) => {
    const width = Math.max(high - low, 1e-6);
    return sum + Math.max(0, low - value, value - high) / width;
  }, 0);
}
