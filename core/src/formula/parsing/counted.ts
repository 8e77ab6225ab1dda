import type { Ingredient } from '../../kitchen/ingredients/index.js';

/** Nobody counts so many of a thing: a bare figure from here on is grams. */
export const GRAMS_FROM = 20;

/** Of anything that is counted, nobody counts so many. */
const MOST_COUNTED = 60;

/** "120 egg", "180 beet puree", "300 carrots" are so many grams: of eggs that are counted there are several, and a puree has no pieces. */
export function isByWeight(count: number, ingredient: Ingredient | undefined, words: string): boolean {
  if (!(count >= GRAMS_FROM) || !isCounted(ingredient)) return false;
  if (ingredient?.category === 'egg') return /\b(?:egg|egg (?:white|yolk))$|\begg\b(?!s| (?:white|yolk))/i.test(words);
  return count >= MOST_COUNTED || /\b(?:puree|mash|mashed|pulp|grated)\b/i.test(words);
}

/** "300 flour", "200 buttermilk": nobody counts so many of it, and of a spice one counts the pods. */
export const isBareGrams = (count: number, ingredient: Ingredient | undefined, words: string): boolean =>
  isByWeight(count, ingredient, words) ||
  (count >= GRAMS_FROM && ingredient !== undefined && ingredient.category !== 'spice' && !isCounted(ingredient));

/** Counted by the piece: the table knows the grams of one. */
export function isCounted(ingredient: Ingredient | undefined): boolean {
  // "half a nutmeg": a spice that is grated off a whole one
  if (ingredient?.category === 'spice' && ingredient.pieces.has('whole')) return true;
  if (!ingredient || /^(?:fat|flour|sugar|syrup|dairy|leavener|liquid|salt|spice|starch)/.test(ingredient.category))
    return false;
  const measured = /cup|spoon|pinch|stick|drop|handful|zest|juice|slice|can|cube|bar|leaf|packet|grated|jar/;
  return ingredient.category === 'egg' || [...ingredient.pieces.keys()].some((name) => !measured.test(name));
}
