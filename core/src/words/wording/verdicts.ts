import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { BandVerdict, QuantityUnit, ReasonCode, Style } from '../../batter/balance/index.js';
import { styleShortName } from '../../batter/balance/index.js';
import { capitalised, sentence, type Sentence } from '../figures/index.js';

export const QUANTITY_NAMES: Readonly<Record<Quantity, string>> = {
  flour: 'flour',
  sugar: 'sugar',
  fat: 'fat',
  egg: 'egg',
  water: 'water',
  salt: 'salt',
  gas: 'gas',
  'crumb-ph': 'crumb pH',
};

/** What a quantity means for the bake where it stands. A spec holds this table and the list of codes together. */
const CONSEQUENCES: Readonly<Record<ReasonCode, string>> = {
  'flour-below': 'Little flour for all it must carry: the middle may sink.',
  'flour-within': 'Enough flour to carry the rest, and no more.',
  'flour-above': 'Much flour for the rest: dry and tight.',
  'sugar-below': 'Less sweet, paler and firmer, and stale sooner.',
  'sugar-within': 'Sweet and tender enough without holding back the set.',
  'sugar-above': 'Sugar holds back the set: the middle may sink, the crust turns sticky and dark.',
  'fat-below': 'Chewier and drier, and stale sooner.',
  'fat-within': 'Enough to shorten the crumb without greasing it.',
  'fat-above': 'Heavy and greasy; the crumb may fall apart.',
  'egg-below': 'A weak set: crumbly and pale.',
  'egg-within': 'Enough to set and colour the crumb.',
  'egg-above': 'Firm and rubbery, and it tastes of egg.',
  'water-below': 'The flour wants more to drink: dry, tight, cracked on top.',
  'water-within': 'As wet as this style is mixed.',
  'water-above': 'Too wet: a gummy line below, a sunken middle, a long bake.',
  'salt-below': 'It will taste flat.',
  'salt-within': 'Seasoned as usual.',
  'salt-above': 'It will taste salty.',
  'gas-below': 'Too little gas: dense and low.',
  'gas-within': 'Gas enough to lift it, not so much that it tears.',
  'gas-above': 'More gas than the crumb can hold: it rises, tears and falls, and tastes of leavener.',
  'crumb-ph-below': 'Sour side: a tart, pale, fine and tight crumb.',
  'crumb-ph-within': 'Full flavour, normal colour.',
  'crumb-ph-above': 'Alkaline side: darker and coarser; soapy above 8.5, and berries or seeds may turn.',
};

const DIGITS: Readonly<Record<Quantity, number>> = {
  flour: 0, sugar: 0, fat: 0, egg: 0, water: 0, salt: 1, gas: 2, 'crumb-ph': 1,
}; // prettier-ignore
const SHORT_UNIT: Readonly<Record<QuantityUnit, string>> = {
  '% of flour': ' %',
  '% of batter': ' %',
  'g CO₂ per 100 g flour': ' g',
  pH: '',
};

/** "65 %", "0.61 g", "8.4": the value as it is drawn beside its band. */
export function quantityInWords({ quantity, unit }: Pick<BandVerdict, 'quantity' | 'unit'>, value: number): string {
  return `${value.toFixed(DIGITS[quantity])}${SHORT_UNIT[unit]}`;
}

/** "20 to 55 %": the band as it is said. */
export function bandInWords(verdict: BandVerdict): string {
  const { band, unit, quantity } = verdict;
  return `${band.low.toFixed(DIGITS[quantity])} to ${band.high.toFixed(DIGITS[quantity])}${SHORT_UNIT[unit]}`;
}

/** What stands where, against which band, and what it does. */
export function verdictInWords(verdict: BandVerdict, style: Style, region: string): Sentence {
  const where =
    verdict.unit === '% of batter' ? ' of the batter' : verdict.unit === '% of flour' ? ' of the flour' : '';
  const name = QUANTITY_NAMES[verdict.quantity];
  return sentence(
    CONSEQUENCES[verdict.reason],
    `${capitalised(name)} ${quantityInWords(verdict, verdict.value)}${where}; ${styleShortName(style, region)}: ${bandInWords(verdict)}.`,
  );
}

export const REASON_CODES_WORDED = Object.keys(CONSEQUENCES) as readonly ReasonCode[];
