import { roleOf, type Category, type Ingredient } from '../../kitchen/ingredients/index.js';

/*
 * How near is near enough: what a line does decides it. A gram of soda is a taste; a gram of flour is nothing.
 */

/** What a line is for, as far as weighing asks. */
export type WeighedAs = 'leavener' | 'salt' | 'flavour' | 'bulk' | 'pieces';

interface Tolerance {
  /** Share of the target. */
  readonly share: number;
  /** Never finer than this, g: what hands and a scale can do. */
  readonly least: number;
  /** Never coarser, g. */
  readonly most: number;
}
/** @source the brief of the product for soda and flour (0.1 g, 5 g); the others judged between them */
const TOLERANCES: Readonly<Record<WeighedAs, Tolerance>> = {
  leavener: { share: 0.03, least: 0.1, most: 1 },
  salt: { share: 0.06, least: 0.2, most: 1 },
  flavour: { share: 0.1, least: 0.2, most: 5 },
  bulk: { share: 0.025, least: 1, most: 10 },
  pieces: { share: 0.08, least: 2, most: 30 },
};

const FLAVOURS: ReadonlySet<Category> = new Set(['spice', 'flavouring', 'thickener/gum', 'acid']);
const PIECES: ReadonlySet<Category> = new Set(['nut/seed', 'dried fruit', 'candied fruit', 'fresh fruit', 'vegetable']);
function weighedAs(ingredient: Ingredient): WeighedAs {
  const { category } = ingredient;
  if (category === 'leavener') return 'leavener';
  if (category === 'salt') return 'salt';
  if (FLAVOURS.has(category)) return 'flavour';
  if (PIECES.has(category) && roleOf(ingredient).flour === 0) return 'pieces';
  return 'bulk';
}

/** Within this, either way, a line is weighed, g. */
export function toleranceGrams(ingredient: Ingredient, targetGrams: number): number {
  const { share, least, most } = TOLERANCES[weighedAs(ingredient)];
  return Math.min(most, Math.max(least, share * targetGrams));
}

export type Weighing = 'nothing' | 'short' | 'enough' | 'over';
/** How a line stands on the scale: an amount within its tolerance is enough. */
export function weighingOf(grams: number, targetGrams: number, tolerance: number): Weighing {
  if (grams > targetGrams + tolerance) return 'over';
  if (grams >= targetGrams - tolerance) return 'enough';
  return grams > Math.min(tolerance, targetGrams / 10) ? 'short' : 'nothing';
}
