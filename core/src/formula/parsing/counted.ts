import type { Ingredient } from '../../kitchen/ingredients/index.js';

/** Nobody counts so many of a thing: a bare figure from here on is grams. */
export const GRAMS_FROM = 20;

/** "120 egg" is so many grams of it: of eggs that are counted there are several. */
export const isEggByWeight = (count: number, ingredient: Ingredient | undefined, words: string): boolean =>
  count >= GRAMS_FROM &&
  ingredient?.category === 'egg' &&
  /\b(?:egg|egg (?:white|yolk))$|\begg\b(?!s| (?:white|yolk))/i.test(words);

/** "300 flour", "200 buttermilk": nobody counts so many of it, and of a spice one counts the pods. */
export const isBareGrams = (count: number, ingredient: Ingredient | undefined, words: string): boolean =>
  isEggByWeight(count, ingredient, words) ||
  (count >= GRAMS_FROM && ingredient !== undefined && ingredient.category !== 'spice' && !isCounted(ingredient));

/** Counted by the piece: the table knows the grams of one. */
export function isCounted(ingredient: Ingredient | undefined): boolean {
  if (!ingredient || /^(?:fat|flour|sugar|syrup|dairy|leavener|liquid|salt|spice|starch)/.test(ingredient.category))
    return false;
  const measured = /cup|spoon|pinch|stick|drop|handful|zest|juice|slice|can|cube|bar|leaf|packet|grated|jar/;
  return ingredient.category === 'egg' || [...ingredient.pieces.keys()].some((name) => !measured.test(name));
}
