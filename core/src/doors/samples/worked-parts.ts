import { matchIngredient, type Preparation } from '../../kitchen/ingredients/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';

/** The batter of a row of the worked formulas: "plain flour=225|egg=110". For specs. */
export function workedParts(ingredients: string): WeighedPart[] {
  return ingredients.split('|').flatMap((written): WeighedPart[] => {
    const [name = '', grams] = written.split('=');
    const matchResult = matchIngredient(name, 'UK');
    const preparation: Preparation = name.includes('grated')
      ? 'grated'
      : name.includes('mashed')
        ? 'mashed'
        : name.includes('chopped')
          ? 'pieces'
          : 'none';
    return matchResult.kind === 'matched'
      ? [{ ingredient: matchResult.ingredient, grams: Number(grams), preparation }]
      : [];
  });
}
