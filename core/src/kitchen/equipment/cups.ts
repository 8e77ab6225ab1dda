import { unitById, type Filling } from '../../ground/units/index.js';
import type { Category, Ingredient } from '../ingredients/index.js';
import { ownCup, type Hand, type OwnCup } from '../learned/index.js';
import type { Kitchen } from '../kitchen/index.js';
import { millilitresIn } from './equipment.js';

/* How this baker fills cups and spoons, and what they hold: by habit, by the table, and as they were weighed here. */

/** How this baker fills a measure with an ingredient when nothing is said; undefined leaves it to the ingredient. */
export function fillingHabit(kitchen: Kitchen, ingredient: Ingredient): Filling | undefined {
  const habit = kitchen.fillings[ingredient.id] ?? kitchen.filling;
  return habit !== undefined && ingredient.gramsPerMillilitre[habit] !== undefined ? habit : undefined;
}

/**
 * How it is filled when neither the formula nor the baker's habit says: brown sugars are packed into their cup and flours are spooned
 * in (the other way is scooping).
 */
const usualFilling = (ingredient: Ingredient): Filling =>
  ingredient.category === 'sugar' && ingredient.gramsPerMillilitre.packed !== undefined ? 'packed' : 'spooned';
/** Grams per millilitre by the table, filled so or as is usual; undefined where the table has none. */
export function usualDensity(ingredient: Ingredient, filling: Filling = usualFilling(ingredient)): number | undefined {
  const by = ingredient.gramsPerMillilitre;
  return by[filling] ?? by.spooned ?? by.packed ?? by.scooped;
}

/** What runs level by itself. */
const LIQUIDS: ReadonlySet<Category> = new Set([
  'liquid',
  'dairy',
  'cultured dairy',
  'plant milk',
  'syrup',
  'alcohol',
  'egg',
]);
function handOf(kitchen: Kitchen, ingredient: Ingredient): Hand {
  if (ingredient.category === 'leavener') return 'leavener';
  return LIQUIDS.has(ingredient.category) ? 'liquid' : (fillingHabit(kitchen, ingredient) ?? usualFilling(ingredient));
}

/** What a measure that was weighed here holds: as it was weighed, or by all weighings and the table where there are several. */
export interface WeighedCup extends OwnCup {
  readonly millilitres: number;
}
export function weighedCup(kitchen: Kitchen, ingredient: Ingredient): WeighedCup | undefined {
  const weighed = kitchen.weighed.find(({ ingredientId }) => ingredientId === ingredient.id);
  const unit = weighed && unitById(weighed.unitId);
  const millilitres = weighed && unit && millilitresIn(kitchen, unit, weighed.region);
  if (!weighed || !millilitres) return undefined;
  const { grams, again = [] } = weighed;
  const density = usualDensity(ingredient, fillingHabit(kitchen, ingredient)) ?? grams / millilitres;
  const cup = ownCup(density * millilitres, [grams, ...again], handOf(kitchen, ingredient));
  // who weighed it once has said what it weighs
  return { ...cup, millilitres, ...(again.length === 0 && { grams }) };
}
/** Grams per millilitre of an ingredient as this baker's own measure holds it. */
export function weighedDensity(kitchen: Kitchen, ingredient: Ingredient): number | undefined {
  const cup = weighedCup(kitchen, ingredient);
  return cup && cup.grams / cup.millilitres;
}
