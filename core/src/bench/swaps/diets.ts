import type { Style } from '../../batter/balance/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import type { OpenLine } from '../rebalance/index.js';
import { swapLine, type Swapped } from './swap.js';
import { waysFor, type SwapWay } from './ways.js';

/** What a baker cooks for. */
export const DIETS = [
  'vegan', 'egg-free', 'dairy-free', 'gluten-free', 'nut-free', 'lower-sugar', 'lower-fat', 'baby',
] as const; // prettier-ignore
export type Diet = (typeof DIETS)[number];

const ADDED_SUGAR: ReadonlySet<string> = new Set(['sugar', 'syrup']);
const SALTS = /salt$|salt-/;

/** Whether an ingredient may not be in what a diet eats. Oats count as gluten, as the table has them, unless they are marked free of it. */
export function forbids(diet: Diet, { allergens, vegan, category, behavesAs }: Ingredient): boolean {
  switch (diet) {
    case 'vegan':
      return !vegan;
    case 'egg-free':
      return allergens.includes('egg');
    case 'dairy-free':
      return allergens.includes('milk');
    case 'gluten-free':
      return allergens.includes('gluten');
    case 'nut-free':
      return allergens.includes('tree-nut') || allergens.includes('peanut');
    case 'lower-sugar':
      return ADDED_SUGAR.has(category);
    case 'lower-fat':
      return category === 'fat';
    case 'baby':
      return (
        ADDED_SUGAR.has(category) ||
        (category === 'salt' && SALTS.test(behavesAs)) ||
        (category === 'nut/seed' && !/butter|meal|ground/.test(behavesAs))
      );
  }
}

/** Diets that ask for less of something, not for none of it. */
const LESS: Readonly<Partial<Record<Diet, SwapWay['lessens']>>> = { 'lower-sugar': 'sugar', 'lower-fat': 'fat' };

/** Whether a way serves a diet: all that comes in is allowed, and where less is asked it lessens that. */
export function serves(way: SwapWay, diet: Diet, ingredientOf: (id: string) => Ingredient): boolean {
  const less = LESS[diet];
  if (less !== undefined) return way.lessens === less;
  if (way.usualShare !== undefined && way.usualShare < 0) return false;
  // what only takes away is no stand-in: but a baby wants no sugar and no salt at all
  if (way.lessens !== undefined && diet !== 'baby') return false;
  return way.to.every(({ id }) => !forbids(diet, ingredientOf(id)));
}

/** A filter on the ways: for diets, and by what there is. */
export interface Wanted {
  readonly diets: readonly Diet[];
  /** Ids of what is in the cupboard; absent allows everything. Water is always there. */
  readonly cupboard?: ReadonlySet<string>;
}

/** All ways to replace a line that are wanted, the least disturbing first. */
export function alternativesFor(
  lines: readonly OpenLine[],
  lineId: string,
  { diets, cupboard }: Wanted,
  ingredientOf: (id: string) => Ingredient,
  share?: number,
  style?: Style,
): readonly Swapped[] {
  const line = lines.find(({ id }) => id === lineId);
  if (!line) return [];
  return waysFor(line.part.ingredient)
    .filter((way) => diets.every((diet) => serves(way, diet, ingredientOf)))
    .filter((way) => !cupboard || way.to.every(({ id }) => id === 'water' || cupboard.has(id)))
    .flatMap((way) => swapLine(lines, lineId, way, shareOf(way, diets, line.part, share), style) ?? [])
    .sort((a, b) => a.disturbance - b.disturbance);
}

/** A diet that forbids wants all of it gone; one that lessens, the usual share. */
function shareOf(way: SwapWay, diets: readonly Diet[], { ingredient }: WeighedPart, asked: number | undefined): number {
  if (asked !== undefined) return (way.usualShare ?? 1) < 0 ? -asked : asked;
  const allOfIt = diets.some((diet) => LESS[diet] === undefined && forbids(diet, ingredient));
  return allOfIt ? 1 : (way.usualShare ?? 1);
}
