import { matchIngredient, type Ingredient } from '../../kitchen/ingredients/index.js';
import type { Region } from '../../ground/units/index.js';

const singular = (word: string) => (/(?:oes|ches|shes)$/.test(word) ? word.slice(0, -2) : word.replace(/s$/, ''));
const tokensOf = (words: string) => words.toLowerCase().split(/[^\p{L}]+/u).filter(Boolean).map(singular); // prettier-ignore

/** Whether a baker who says these words may mean this ingredient: "flour" means every flour, "milk" no buttermilk. */
export function means(words: string, ingredient: Ingredient, region: Region): boolean {
  const tokens = tokensOf(words);
  if (tokens.length === 0) return false;
  const match = matchIngredient(words.trim(), region);
  if (
    match.kind === 'matched' &&
    (match.ingredient.id === ingredient.id || match.ingredient.id === ingredient.behavesAs)
  )
    return true;
  // "whole-milk yogurt" is no milk
  const names = [ingredient.nameUs, ingredient.nameUk].map((name) => name.replace(/[^\s]+-[^\s]+/g, ' '));
  const known = new Set([ingredient.id, ingredient.behavesAs, ...names, ingredient.category].flatMap(tokensOf)); // prettier-ignore
  return tokens.every((token) => known.has(token));
}
