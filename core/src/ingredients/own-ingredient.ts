import type { Filling } from '../units/index.js';
import { detailsOf } from './details.js';
import type { Allergen, Category, Ingredient } from './ingredient.js';

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

/** An ingredient of the table in the form of a baker's own: to start another from it, and to check it by the same rules. */
export function asOwn(ingredient: Ingredient): OwnIngredient {
  const { composition: parts } = ingredient;
  const details = detailsOf(ingredient.id);
  const per100 = (share: number) => Number((share * 100).toFixed(6));
  return {
    id: ingredient.id,
    name: ingredient.nameUk,
    aliases: ingredient.aliases,
    category: ingredient.category,
    per100Grams: {
      water: per100(parts.water),
      fat: per100(parts.fat),
      protein: per100(parts.protein),
      starch: per100(parts.starch),
      sugars: per100(parts.sugars),
      fibre: per100(parts.fibre),
      ash: details?.ash ?? 0,
      alcohol: per100(parts.alcohol),
      other: details?.other ?? 0,
    },
    energyKilocalories: details?.energyKilocalories ?? 0,
    sodiumMilligrams: Number((parts.sodium * 100_000).toFixed(4)),
    acidMeqPerGram: ingredient.acidMeqPerGram,
    ...(ingredient.nativePh !== undefined && { ph: ingredient.nativePh }),
    gramsPerMillilitre: ingredient.gramsPerMillilitre,
    pieces: [...ingredient.pieces].map(([name, grams]) => ({ name, grams })),
    packGrams: ingredient.packGrams,
    allergens: ingredient.allergens,
    vegan: ingredient.vegan,
    caution: details?.caution ?? '',
  };
}

/** A copy to change: the same in everything but who it is. */
export function startedFrom(ingredient: Ingredient, id: string, name: string): OwnIngredient {
  return { ...asOwn(ingredient), id, name, aliases: [], basedOn: ingredient.behavesAs };
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
