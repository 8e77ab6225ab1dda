import { judgeAgainst, measuredWith, type BandVerdict, type Style } from '../../batter/balance/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { bandQuantities, functionalTotals, type WeighedPart } from '../../formula/formula/index.js';

/** Quantities that a bowl is held to, % of flour; gas and acidity follow them. */
export const HELD = ['sugar', 'fat', 'egg', 'water', 'salt'] as const;

/** A batter as it stands. */
export interface BatterNow {
  /** Of `HELD`, then gas, g/100 g flour, and the crumb's pH. */
  readonly values: readonly number[];
  /** What lies outside the bands of its style. */
  readonly outside: readonly BandVerdict[];
  readonly grams: number;
}

/** Undefined without flour. */
export function batterNow(parts: readonly WeighedPart[], style: Style | undefined): BatterNow | undefined {
  const quantities = bandQuantities(parts);
  if (!quantities) return undefined;
  const ledger = leaveningLedger(parts);
  const verdicts = style ? judgeAgainst(style, measuredWith(quantities, ledger)) : [];
  return {
    values: [...HELD.map((quantity) => quantities[quantity]), ledger.gas.gramsPer100gFlour, ledger.crumbPh.likely],
    outside: verdicts.filter(({ verdict }) => verdict !== 'within'),
    grams: functionalTotals(parts).grams,
  };
}
