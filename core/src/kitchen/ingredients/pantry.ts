import type { Region } from '../../ground/units/index.js';
import { INGREDIENTS, ingredientById, type Ingredient } from './ingredient.js';
import { matchIngredient, namesOf, searchIngredients, type MatchResult, type Names } from './match.js';
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
  /** Ingredients for a completion list, own ones first. */
  search(typed: string, most?: number): readonly Ingredient[];
}

const share = (grams: number) => grams / 100;

/** A baker's own ingredient as the sums know it. */
export function fromOwn(own: OwnIngredient): Ingredient {
  const { per100Grams: parts } = own;
  return {
    id: own.id,
    behavesAs: own.basedOn ?? own.id,
    nameUs: own.name,
    nameUk: own.name,
    aliases: own.aliases,
    category: own.category,
    composition: {
      water: share(parts.water),
      fat: share(parts.fat),
      protein: share(parts.protein),
      starch: share(parts.starch),
      sugars: share(parts.sugars),
      fibre: share(parts.fibre),
      alcohol: share(parts.alcohol),
      sodium: own.sodiumMilligrams / 100_000,
    },
    acidMeqPerGram: own.acidMeqPerGram,
    nativePh: own.ph,
    gramsPerMillilitre: own.gramsPerMillilitre,
    pieces: new Map(own.pieces.map(({ name, grams }) => [name, grams])),
    packGrams: own.packGrams,
    allergens: own.allergens,
    vegan: own.vegan,
  };
}

/** A pantry of the table with a baker's own ingredients and words. Own words win over the table's. */
export function pantryWith(ownIngredients: readonly OwnIngredient[], ownNames: readonly OwnName[]): Pantry {
  const own = ownIngredients.map(fromOwn);
  const ownById = new Map(own.map((ingredient) => [ingredient.id, ingredient]));
  const byId = (id: string) => ownById.get(id) ?? ingredientById(id);
  const taught = ownNames.flatMap(({ words, ingredientId }) => {
    const ingredient = byId(ingredientId);
    return ingredient ? [[words, ingredient] as const] : [];
  });
  const names: Names = namesOf(own, taught);
  return {
    own,
    byId,
    match: (written, region) => matchIngredient(written, region, names),
    search: (typed, most) => searchIngredients(typed, most, names),
  };
}

/** The table alone. */
export const TABLE_PANTRY: Pantry = pantryWith([], []);

/** How many ingredients the table has. */
export const TABLE_SIZE = INGREDIENTS.length;
