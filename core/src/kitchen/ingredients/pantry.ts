import type { Region } from '../../ground/units/index.js';
import { INGREDIENTS, ingredientById, type Ingredient } from './ingredient.js';
import { matchIngredient, nameAtStart, namesOf, searchIngredients, type MatchResult, type Names } from './match.js';
import type { OwnIngredient } from './own-ingredient.js';

/** "our flour" means …: a word that the baker taught. */
export interface OwnName {
  readonly words: string;
  readonly ingredientId: string;
}

/** The ingredients that a baker can write: the table, their own, and the words they taught. */
export interface Pantry {
  readonly own: readonly Ingredient[];
  byId(id: string): Ingredient | undefined;
  match(written: string, region: Region): MatchResult;
  /** How many words from the first on are the longest name that is known; 0 when none is. */
  nameAtStart(words: readonly string[]): number;
  /** Ingredients for a completion list, own ones first. */
  search(typed: string, most?: number): readonly Ingredient[];
}

const share = (grams: number) => grams / 100;

/** A baker's own ingredient as the sums know it. */
export function fromOwn(ownIngredient: OwnIngredient): Ingredient {
  const { per100Grams: parts } = ownIngredient;
  return {
    id: ownIngredient.id,
    behavesAs: ownIngredient.basedOn ?? ownIngredient.id,
    nameUs: ownIngredient.name,
    nameUk: ownIngredient.name,
    aliases: ownIngredient.aliases,
    category: ownIngredient.category,
    composition: {
      water: share(parts.water),
      fat: share(parts.fat),
      protein: share(parts.protein),
      starch: share(parts.starch),
      sugars: share(parts.sugars),
      fibre: share(parts.fibre),
      alcohol: share(parts.alcohol),
      sodium: ownIngredient.sodiumMilligrams / 100_000,
    },
    acidMeqPerGram: ownIngredient.acidMeqPerGram,
    nativePh: ownIngredient.ph,
    gramsPerMillilitre: ownIngredient.gramsPerMillilitre,
    pieces: new Map(ownIngredient.pieces.map(({ name, grams }) => [name, grams])),
    packGrams: ownIngredient.packGrams,
    allergens: ownIngredient.allergens,
    vegan: ownIngredient.vegan,
  };
}

/** A pantry of the table with a baker's own ingredients and words. Own words win over the table's. */
export function pantryWith(ownIngredients: readonly OwnIngredient[], ownNames: readonly OwnName[]): Pantry {
  const ingredients = ownIngredients.map(fromOwn);
  const ownById = new Map(ingredients.map((ingredient) => [ingredient.id, ingredient]));
  const byId = (id: string) => ownById.get(id) ?? ingredientById(id);
  const taught = ownNames.flatMap(({ words, ingredientId }) => {
    const ingredient = byId(ingredientId);
    return ingredient ? [[words, ingredient] as const] : [];
  });
  const names: Names = namesOf(ingredients, taught);
  return {
    own: ingredients,
    byId,
    match: (written, region) => matchIngredient(written, region, names),
    nameAtStart: (words) => nameAtStart(words, names),
    search: (typed, most) => searchIngredients(typed, most, names),
  };
}

/** The table alone. */
export const TABLE_PANTRY: Pantry = pantryWith([], []);

/** How many ingredients the table has. */
export const TABLE_SIZE = INGREDIENTS.length;
