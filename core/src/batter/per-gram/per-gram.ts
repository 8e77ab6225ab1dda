import { bandShares, flourShares, givenShare, type WeighedPart } from '../../formula/formula/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { bicarbonateOf } from '../leavening/index.js';

/** What one gram of a part does to a batter: grams of each, and millimoles of bicarbonate. What a piece keeps to itself does not count. */
export interface PerGram {
  readonly flour: number;
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  readonly eggSolids: number;
  readonly milkSolids: number;
  readonly salt: number;
  /** Water that its solids would hold. */
  readonly thirst: number;
  readonly bicarbonate: number;
}

/**
 * What a gram of a part does in a batter: the one table that rounding, swaps and the crumb's texture are reckoned from.
 * @param parts the batter: what counts as its flour depends on all of it
 */
export function perGramIn(parts: readonly WeighedPart[]): (part: WeighedPart) => PerGram {
  const flourShare = flourShares(parts);
  return (part) => {
    const { ingredient } = part;
    const { water, fat, sugars } = ingredient.composition;
    const role = roleOf(ingredient);
    const gives = givenShare(part);
    const flour = flourShare(part);
    const dairy = ingredient.category === 'dairy' || ingredient.category === 'cultured dairy';
    return {
      flour,
      water: water * gives,
      fat: fat * gives,
      sugar: sugars * gives,
      eggSolids: role.egg * (1 - water),
      milkSolids: dairy ? Math.max(0, 1 - water - fat) : 0,
      salt: bandShares(part, flour).salt,
      thirst: role.thirst,
      bicarbonate: bicarbonateOf(ingredient),
    };
  };
}
