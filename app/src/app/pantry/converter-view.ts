import { decimal } from '@orvin/core/ground/language';
import { ingredientName, shortIngredientName, type Ingredient } from '@orvin/core/kitchen/ingredients';
import type { Kitchen } from '@orvin/core/kitchen/kitchen';
import { convertAmount, type Converted } from '@orvin/core/formula/parsing';
import { FILLINGS, inEighths, type Filling, type Region } from '@orvin/core/ground/units';
import { problemInWords } from '@orvin/core/words/wording';
import { gramsInWords } from '@orvin/core/words/figures';

/** A way to fill the measure, with what it then weighs. */
export interface FillingBar {
  readonly filling: Filling;
  readonly grams: number;
  readonly low: number;
  readonly high: number;
  readonly words: string;
  /** Whether this is how the baker fills it. */
  readonly usual: boolean;
}

export interface ConverterView {
  readonly name: string;
  readonly grams: string;
  /** "115 to 150 g" where measuring spreads; '' where it was weighed. */
  readonly spread: string;
  readonly bars: readonly FillingBar[];
  /** Grams at the ends of the scale that the bars are drawn on. */
  readonly from: number;
  readonly to: number;
  /** The same amount in other measures. */
  readonly others: readonly { readonly unit: string; readonly amount: string; readonly spread: string }[];
}

export type Conversion =
  | { readonly kind: 'view'; readonly view: ConverterView }
  | { readonly kind: 'problem'; readonly say: string; readonly why: string };

const OTHER_UNITS = ['cup', 'tablespoon', 'teaspoon', 'millilitre', 'ounce'] as const;
const UNIT_NAMES: Readonly<Record<string, string>> = {
  cup: $localize`:a measure|:cups`,
  tablespoon: $localize`tbsp`,
  teaspoon: $localize`tsp`,
  millilitre: 'ml',
  ounce: 'oz',
};
/** Beyond so many, spoons are no measure any more. */
const MOST_OF = 64;

/** An amount of a measure as hands use it: eighths of spoons and cups, whole millilitres. */
function amountInWords(unit: string, amount: number): string {
  if (unit === 'millilitre') return String(Math.round(amount));
  if (unit === 'ounce') return decimal(amount, 1);
  return amount < 1 / 16 ? $localize`less than ⅛` : inEighths(amount);
}

/** Grams and kitchen measures of an amount of an ingredient, with the spread that filling brings. Without an amount, of one cup. */
export function converterView(words: string, region: Region, kitchen: Kitchen): Conversion {
  const typed = words.trim();
  const asked = /\d|½|¼|¾|⅓|⅔|⅛|^(?:an?|one|two|three|half)\b/i.test(typed) ? typed : `1 cup ${typed}`;
  const result = convertAmount(asked, 'g', { region, kitchen });
  if (result.kind === 'refused') return { kind: 'problem', ...problemInWords(result.problem) };
  const { ingredient, weight } = result;
  const byVolume = weight.high > weight.low * 1.02;
  const bars = byVolume ? barsOf(asked, region, kitchen, ingredient) : [];
  const all = [weight, ...bars];
  const from = Math.min(...all.map(({ low }) => low));
  const to = Math.max(...all.map(({ high }) => high));
  return {
    kind: 'view',
    view: {
      name: ingredientName(ingredient, region),
      grams: gramsInWords(weight.grams).replace(/ g$/, ''),
      spread: byVolume ? $localize`${gramsInWords(from).replace(/ g$/, '')} to ${gramsInWords(to)}` : '',
      bars,
      from: from - 0.08 * (to - from),
      to: to + 0.08 * (to - from),
      others: OTHER_UNITS.flatMap((unit) => otherMeasure(asked, unit, region, kitchen) ?? []),
    },
  };
}

function barsOf(asked: string, region: Region, kitchen: Kitchen, ingredient: Ingredient): readonly FillingBar[] {
  const ways = FILLINGS.filter((filling) => ingredient.gramsPerMillilitre[filling] !== undefined);
  if (ways.length < 2) return [];
  const plain = convertAmount(asked, 'g', { region, kitchen });
  return ways.flatMap((filling): FillingBar[] => {
    const filled: Kitchen = { ...kitchen, fillings: { ...kitchen.fillings, [ingredient.id]: filling } };
    const result: Converted = convertAmount(asked, 'g', { region, kitchen: filled });
    if (result.kind !== 'converted') return [];
    const { grams, low, high } = result.weight;
    const usual = plain.kind === 'converted' && Math.abs(plain.weight.grams - grams) < 0.05;
    return [{ filling, grams, low, high, words: gramsInWords(grams), usual }];
  });
}

function otherMeasure(
  asked: string,
  unit: string,
  region: Region,
  kitchen: Kitchen,
): ConverterView['others'][number] | undefined {
  const result = convertAmount(asked, unit, { region, kitchen });
  const amount = result.kind === 'converted' ? result.amount : undefined;
  if (!amount || amount.likely > MOST_OF * (unit === 'millilitre' ? 1000 : 1)) return undefined;
  const wide = amount.high > amount.low * 1.06;
  const name = UNIT_NAMES[unit] ?? unit;
  return {
    unit: name,
    amount: amountInWords(unit, amount.likely),
    spread: wide ? $localize`${amountInWords(unit, amount.low)} to ${amountInWords(unit, amount.high)}` : '',
  };
}

/** What a cup and spoons of an ingredient weigh, g; undefined for what is counted and never measured. */
export function measuredRow(ingredient: Ingredient, region: Region, kitchen: Kitchen) {
  const name = shortIngredientName(ingredient, region);
  const { spooned, packed } = ingredient.gramsPerMillilitre;
  if ((spooned ?? packed) === undefined) return undefined;
  const grams = (unit: string) => {
    const result = convertAmount(`1 ${unit} ${name}`, 'g', { region, kitchen });
    const same = result.kind === 'converted' && result.ingredient.id === ingredient.id;
    return same ? gramsInWords(result.weight.grams).replace(/ g$/, '') : '–';
  };
  const row = { id: ingredient.id, name, cup: grams('cup'), tablespoon: grams('tbsp'), teaspoon: grams('tsp') };
  return row.cup === '–' ? undefined : row;
}
