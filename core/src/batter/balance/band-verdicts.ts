import type { BandQuantities } from '../../formula/formula/index.js';
import { standing, type Band, type Range, type Standing } from '../../ground/verdict/index.js';
import type { Ledger } from '../leavening/index.js';
import type { Style } from './styles.js';
import { QUANTITIES, type Quantity } from '../../kitchen/kitchen/index.js';

export type QuantityUnit = '% of flour' | '% of batter' | 'g CO₂ per 100 g flour' | 'pH';
const UNIT: Readonly<Record<Quantity, QuantityUnit>> = {
  flour: '% of batter',
  sugar: '% of flour',
  fat: '% of flour',
  egg: '% of flour',
  water: '% of flour',
  salt: '% of flour',
  gas: 'g CO₂ per 100 g flour',
  'crumb-ph': 'pH',
};

/** Why a quantity matters where it stands: the code of a sentence in core/src/words. */
export type ReasonCode = `${Quantity}-${Standing}`;

export interface BandVerdict {
  readonly quantity: Quantity;
  readonly value: number;
  readonly unit: QuantityUnit;
  readonly band: Band;
  readonly verdict: Standing;
  readonly reason: ReasonCode;
  readonly severity: BandSeverity;
}

/** How much it matters that a figure stands outside its band: not, by a little, so that the bake shows it. */
export type BandSeverity = 'none' | 'note' | 'warning';

/** So far outside, in widths of the band, old and sound formulas lie by the dozen; beyond the second the bake shows it. */
const BY_A_HAIR = 0.05;
const BY_FAR = 0.75;
/** What the tongue may like otherwise, and nothing sinks for. */
const MATTER_OF_TASTE: ReadonlySet<ReasonCode> = new Set([
  'salt-below',
  'sugar-below',
  'crumb-ph-below',
  'crumb-ph-above',
]);

/** How far a range lies outside a band as a whole, in widths of the band; 0 where it reaches into it. */
function outsideBy({ low, high }: Pick<Range, 'low' | 'high'>, band: Band): number {
  const width = Math.max(band.high - band.low, 1e-6);
  return Math.max(0, low - band.high, band.low - high) / width;
}

function severityOf(reason: ReasonCode, outside: number): BandSeverity {
  if (outside <= BY_A_HAIR) return 'none';
  return outside > BY_FAR && !MATTER_OF_TASTE.has(reason) ? 'warning' : 'note';
}

/** What is held against the bands of a style: the batter's quantities, its gas and its pH. */
export interface Measured extends BandQuantities {
  readonly gasGramsPer100gFlour: number;
  readonly crumbPh: number;
  /** What gas and pH may be as well as likely; they are what is likely where nothing is said. */
  readonly mayBe?: { readonly gas: Pick<Range, 'low' | 'high'>; readonly 'crumb-ph': Pick<Range, 'low' | 'high'> };
}

/** What a batter's quantities and its ledger are held against. */
export const measuredWith = (
  quantities: BandQuantities,
  { gas, crumbPh }: Pick<Ledger, 'gas' | 'crumbPh'>,
): Measured => ({
  ...quantities,
  gasGramsPer100gFlour: gas.gramsPer100gFlour,
  crumbPh: crumbPh.likely,
  mayBe: {
    gas: { low: gas.gramsPer100gFlour, high: gas.mostPer100gFlour },
    'crumb-ph': { low: crumbPh.low, high: crumbPh.high },
  },
});

/** Holds every quantity of a batter against the bands of a style. The order is that of `QUANTITIES`. */
export function judgeAgainst(style: Style, measured: Measured): readonly BandVerdict[] {
  const valueOf: Readonly<Record<Quantity, number>> = {
    flour: measured.flourShare,
    sugar: measured.sugar,
    fat: measured.fat,
    egg: measured.egg,
    water: measured.water,
    salt: measured.salt,
    gas: measured.gasGramsPer100gFlour,
    'crumb-ph': measured.crumbPh,
  };
  return QUANTITIES.map((quantity) => {
    const value = valueOf[quantity];
    const band = style.bands[quantity];
    const verdict = standing(value, band);
    const reason: ReasonCode = `${quantity}-${verdict}`;
    const mayBe = (quantity === 'gas' || quantity === 'crumb-ph' ? measured.mayBe?.[quantity] : undefined) ?? {
      low: value,
      high: value,
    };
    const severity = verdict === 'within' ? 'none' : severityOf(reason, outsideBy(mayBe, band));
    return { quantity, value, unit: UNIT[quantity], band, verdict, reason, severity };
  });
}
