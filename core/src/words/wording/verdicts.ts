import { decimal } from '../../ground/language/index.js';
import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { BandVerdict, QuantityUnit, ReasonCode, Style } from '../../batter/balance/index.js';
import { styleShortName } from '../../batter/balance/index.js';
import { capitalised, sentence, type Sentence } from '../figures/index.js';

export const QUANTITY_NAMES: Readonly<Record<Quantity, string>> = {
  flour: $localize`flour`,
  sugar: $localize`sugar`,
  fat: $localize`fat`,
  egg: $localize`egg`,
  water: $localize`water`,
  salt: $localize`salt`,
  gas: $localize`gas`,
  'crumb-ph': $localize`crumb pH`,
};

/** Where a figure stands against its band. */
export const VERDICT_NAMES: Readonly<Record<BandVerdict['verdict'], string>> = {
  below: $localize`below`,
  within: $localize`within`,
  above: $localize`above`,
};

/** What a quantity means for the bake where it stands. A spec holds this table and the list of codes together. */
const CONSEQUENCES: Readonly<Record<ReasonCode, string>> = {
  'flour-below': $localize`Little flour for all it must carry: the middle may sink.`,
  'flour-within': $localize`Enough flour to carry the rest, and no more.`,
  'flour-above': $localize`Much flour for the rest: dry and tight.`,
  'sugar-below': $localize`Less sweet, paler and firmer, and stale sooner.`,
  'sugar-within': $localize`Sweet and tender enough without holding back the set.`,
  'sugar-above': $localize`Sugar holds back the set: the middle may sink, the crust turns sticky and dark.`,
  'fat-below': $localize`Chewier and drier, and stale sooner.`,
  'fat-within': $localize`Enough to shorten the crumb without greasing it.`,
  'fat-above': $localize`Heavy and greasy; the crumb may fall apart.`,
  'egg-below': $localize`A weak set: crumbly and pale.`,
  'egg-within': $localize`Enough to set and colour the crumb.`,
  'egg-above': $localize`Firm and rubbery, and it tastes of egg.`,
  'water-below': $localize`The flour wants more to drink: dry, tight, cracked on top.`,
  'water-within': $localize`As wet as this style is mixed.`,
  'water-above': $localize`Too wet: a gummy line below, a sunken middle, a long bake.`,
  'salt-below': $localize`It will taste flat.`,
  'salt-within': $localize`Seasoned as usual.`,
  'salt-above': $localize`It will taste salty.`,
  'gas-below': $localize`Too little gas: dense and low.`,
  'gas-within': $localize`Gas enough to lift it, not so much that it tears.`,
  'gas-above': $localize`More gas than the crumb can hold: it rises, tears and falls, and tastes of leavener.`,
  'crumb-ph-below': $localize`Sour side: a tart, pale, fine and tight crumb.`,
  'crumb-ph-within': $localize`Full flavour, normal colour.`,
  'crumb-ph-above': $localize`Alkaline side: darker and coarser; soapy above 8.5, and berries or seeds may turn.`,
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
  return `${decimal(value, DIGITS[quantity])}${SHORT_UNIT[unit]}`;
}

/** "20 to 55 %": the band as it is said. */
export function bandInWords(verdict: BandVerdict): string {
  const { band, unit, quantity } = verdict;
  return $localize`${decimal(band.low, DIGITS[quantity])} to ${decimal(band.high, DIGITS[quantity])}${SHORT_UNIT[unit]}`;
}

/** What stands where, against which band, and what it does. */
export function verdictInWords(verdict: BandVerdict, style: Style, region: string): Sentence {
  const where =
    verdict.unit === '% of batter'
      ? $localize` of the batter`
      : verdict.unit === '% of flour'
        ? $localize` of the flour`
        : '';
  const name = QUANTITY_NAMES[verdict.quantity];
  return sentence(
    CONSEQUENCES[verdict.reason],
    `${capitalised(name)} ${quantityInWords(verdict, verdict.value)}${where}; ${styleShortName(style, region)}: ${bandInWords(verdict)}.`,
  );
}

export const REASON_CODES_WORDED = Object.keys(CONSEQUENCES) as readonly ReasonCode[];
