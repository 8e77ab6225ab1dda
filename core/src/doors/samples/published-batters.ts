import { mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import type { Preparation } from '../../kitchen/ingredients/index.js';

const PREPARED: Readonly<Record<string, Preparation>> = { banana: 'mashed', carrot: 'grated', pear: 'mashed' };

/** A batter of grams by ingredient id; fruit as batters have it. For specs. */
export function batterOf(amounts: Readonly<Record<string, number>>): WeighedPart[] {
  return Object.entries(amounts).map(([id, grams]) => ({
    ingredient: mustBeIngredient(id),
    grams,
    preparation: PREPARED[id] ?? 'none',
  }));
}

/** Sixteen batters and what the prototype's ledger says of them. @source leavening.md, table A.2 */
export const PUBLISHED_BATTERS = [
  { name: 'muffin', batter: { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 220, 'table-salt': 3, 'aluminium-free-baking-powder': 11.5 }, soda: 38.3, acid: 4.5, leftPercent: 0, gas: 0.66, ph: 6.95, low: 6.9, high: 7, raw: 6.3 },
  { name: 'buttermilk muffin', batter: { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, buttermilk: 245, 'table-salt': 3, 'baking-soda': 2.4, 'aluminium-free-baking-powder': 4.6, blueberries: 150 }, soda: 43.9, acid: 23.9, leftPercent: 11, gas: 0.73, ph: 7.31, low: 6.9, high: 7.7, raw: 6.2 },
  { name: 'scone', batter: { 'all-purpose-flour': 250, 'granulated-sugar': 30, 'unsalted-butter': 60, 'whole-milk': 130, egg: 25, 'table-salt': 2, 'aluminium-free-baking-powder': 13 }, soda: 43.3, acid: 4.3, leftPercent: 0, gas: 0.75, ph: 7, low: 6.9, high: 7.1, raw: 6.5 },
  { name: 'biscuit', batter: { 'all-purpose-flour': 250, 'unsalted-butter': 85, buttermilk: 190, 'table-salt': 4, 'aluminium-free-baking-powder': 9.2, 'baking-soda': 1.2 }, soda: 44.9, acid: 18.3, leftPercent: 0, gas: 0.78, ph: 6.93, low: 6.7, high: 7.2, raw: 6.3 },
  { name: 'soda bread', batter: { 'all-purpose-flour': 450, buttermilk: 370, 'table-salt': 7, 'baking-soda': 4.8 }, soda: 57.1, acid: 34.7, leftPercent: 39, gas: 0.42, ph: 8.15, low: 7.6, high: 8.6, raw: 6.5 },
  { name: 'brown soda bread', batter: { 'whole-wheat-flour': 300, 'all-purpose-flour': 150, buttermilk: 400, 'table-salt': 7, 'baking-soda': 4.8 }, soda: 57.1, acid: 38.2, leftPercent: 33, gas: 0.46, ph: 7.96, low: 7.3, high: 8.4, raw: 6.5 },
  { name: 'banana loaf', batter: { 'all-purpose-flour': 250, 'granulated-sugar': 150, 'unsalted-butter': 110, egg: 100, banana: 340, 'table-salt': 3, 'baking-soda': 4.8 }, soda: 57.1, acid: 18.7, leftPercent: 67, gas: 0.46, ph: 8.49, low: 8.1, high: 8.9, raw: 6.7 },
  { name: 'carrot cake', batter: { 'all-purpose-flour': 250, 'granulated-sugar': 250, 'vegetable-oil': 170, egg: 200, carrot: 300, 'table-salt': 3, 'baking-soda': 4.8, 'aluminium-free-baking-powder': 4.6 }, soda: 72.5, acid: 3.8, leftPercent: 74, gas: 0.52, ph: 8.56, low: 8.2, high: 8.9, raw: 6.8 },
  { name: 'yellow cake', batter: { 'cake-flour': 220, 'granulated-sugar': 220, 'unsalted-butter': 150, egg: 150, 'whole-milk': 160, 'table-salt': 3, 'aluminium-free-baking-powder': 9.2 }, soda: 30.7, acid: 5.5, leftPercent: 0, gas: 0.6, ph: 6.85, low: 6.8, high: 6.9, raw: 6.3 },
  { name: 'pound cake', batter: { 'cake-flour': 225, 'granulated-sugar': 225, 'unsalted-butter': 225, egg: 225, 'table-salt': 2, 'aluminium-free-baking-powder': 2.3 }, soda: 7.7, acid: 4.4, leftPercent: 0, gas: 0.14, ph: 6.64, low: 6.5, high: 6.7, raw: 6.3 },
  { name: 'fruit cake', batter: { 'all-purpose-flour': 225, 'dark-brown-sugar': 200, 'unsalted-butter': 200, egg: 200, molasses: 20, raisins: 700, 'table-salt': 2 }, soda: 0, acid: 18.7, leftPercent: 0, gas: 0, ph: 5.29, low: 5.1, high: 5.6, raw: 5.3 },
  { name: 'devil’s food', batter: { 'all-purpose-flour': 220, 'granulated-sugar': 350, 'natural-cocoa': 60, 'vegetable-oil': 110, egg: 100, buttermilk: 240, water: 230, 'table-salt': 5, 'baking-soda': 7.2 }, soda: 85.7, acid: 31.3, leftPercent: 64, gas: 0.95, ph: 8.42, low: 8, high: 8.8, raw: 6.7 },
  { name: 'Dutch cocoa cake', batter: { 'all-purpose-flour': 220, 'granulated-sugar': 350, 'dutch-cocoa': 60, 'vegetable-oil': 110, egg: 100, 'whole-milk': 240, water: 200, 'table-salt': 5, 'aluminium-free-baking-powder': 11.5 }, soda: 38.3, acid: 2, leftPercent: 0, gas: 0.74, ph: 7.03, low: 7, high: 7.1, raw: 6.3 },
  { name: 'gingerbread', batter: { 'all-purpose-flour': 250, 'light-brown-sugar': 100, molasses: 240, 'unsalted-butter': 110, egg: 50, water: 200, 'table-salt': 3, 'baking-soda': 4.8 }, soda: 57.1, acid: 20, leftPercent: 65, gas: 0.58, ph: 8.43, low: 8.1, high: 8.8, raw: 6.7 },
  { name: 'honey cake', batter: { 'all-purpose-flour': 250, honey: 340, 'vegetable-oil': 100, egg: 150, water: 120, 'table-salt': 3, 'baking-soda': 3.6, 'aluminium-free-baking-powder': 4.6 }, soda: 58.2, acid: 13.9, leftPercent: 50, gas: 0.65, ph: 8.4, low: 8, high: 8.8, raw: 6.7 },
  { name: 'pancakes', batter: { 'all-purpose-flour': 250, 'granulated-sugar': 25, 'unsalted-butter': 40, egg: 100, buttermilk: 480, 'table-salt': 4, 'baking-soda': 4.8 }, soda: 57.1, acid: 39.7, leftPercent: 30, gas: 0.83, ph: 7.85, low: 7.2, high: 8.4, raw: 6.3 },
] as const; // prettier-ignore
