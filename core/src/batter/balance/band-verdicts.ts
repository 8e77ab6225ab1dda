import type { BandQuantities } from '../../formula/formula/index.js';
import { standing, type Band, type Standing } from '../../ground/verdict/index.js';
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
}

/** What is held against the bands of a style: the batter's quantities, its gas and its pH. */
export interface Measured extends BandQuantities {
  readonly gasGramsPer100gFlour: number;
  readonly crumbPh: number;
}

/** What a batter's quantities and its ledger are held against. */
export const measuredWith = (
  quantities: BandQuantities,
  { gas, crumbPh }: Pick<Ledger, 'gas' | 'crumbPh'>,
): Measured => ({
  ...quantities,
  gasGramsPer100gFlour: gas.gramsPer100gFlour,
  crumbPh: crumbPh.likely,
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
    return { quantity, value, unit: UNIT[quantity], band, verdict, reason: `${quantity}-${verdict}` };
  });
}
