import type { Filling } from '../../ground/units/index.js';
import type { Allergen, Category } from './ingredient.js';

/** Parts of a hundred grams, grams; they add up to 100. Starch includes dextrins, other is organic acids, polyols and the like. */
export const COMPOSITION_PARTS = [
  'water', 'fat', 'protein', 'starch', 'sugars', 'fibre', 'ash', 'alcohol', 'other',
] as const; // prettier-ignore
export type CompositionPart = (typeof COMPOSITION_PARTS)[number];

/** An ingredient of the baker's own, with every field of the table, as it is typed and stored. Plain data. */
export interface OwnIngredient {
  readonly id: string;
  /** The ingredient of the table it was started from: it does in a batter what that one does. */
  readonly basedOn?: string;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly category: Category;
  readonly per100Grams: Readonly<Record<CompositionPart, number>>;
  readonly energyKilocalories: number;
  readonly sodiumMilligrams: number;
  /** Base needed to bring one gram to about pH 7, meq; negative for what is itself a base. */
  readonly acidMeqPerGram: number;
  readonly ph?: number;
  readonly gramsPerMillilitre: Readonly<Partial<Record<Filling, number>>>;
  readonly pieces: readonly { readonly name: string; readonly grams: number }[];
  readonly packGrams: readonly number[];
  readonly allergens: readonly Allergen[];
  readonly vegan: boolean;
  readonly caution: string;
}

/** Energy by the general factors, kcal per 100 g: 4 protein, starch and sugars, 9 fat, 7 alcohol, 2 fibre. */
export function energyByFactors({
  protein,
  starch,
  sugars,
  fat,
  alcohol,
  fibre,
}: OwnIngredient['per100Grams']): number {
  return 4 * (protein + starch + sugars) + 9 * fat + 7 * alcohol + 2 * fibre;
}
