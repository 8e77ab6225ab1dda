import type { Ingredient, OwnIngredient } from '../ingredients/index.js';
import { detailsOf } from './details.js';

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
