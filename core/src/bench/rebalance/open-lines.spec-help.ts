import { batterOf } from '../../doors/samples/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import type { Limit, OpenLine, Rebalanced } from './index.js';

/** Sound muffins, grams by ingredient. */
export const MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 200, 'table-salt': 3, 'baking-powder': 10 }; // prettier-ignore

/** A batter as lines that may move, called by their ingredients. @param more what else is said of some */
export const linesOf = (amounts: Readonly<Record<string, number>>, more: Readonly<Record<string, Partial<OpenLine>>> = {}): OpenLine[] =>
  batterOf(amounts).map((part) => ({ id: part.ingredient.id, part, locked: false, ...more[part.ingredient.id] })); // prettier-ignore

/** A line that may come in. */
export const newLine = (id: string): OpenLine => ({ id: `new ${id}`, part: { ingredient: mustBeIngredient(id), grams: 0, preparation: 'none' }, locked: false, isNew: true }); // prettier-ignore

export const limit = (lineIds: readonly string[], mostGrams: number): Limit => ({ lineIds, mostGrams, said: `${mostGrams} g ${lineIds.join()}` }); // prettier-ignore

export const afterOf = ({ lines }: Rebalanced, id: string): number =>
  lines.find((line) => line.id === id)?.after ?? NaN;
export const movedIn = ({ lines }: Rebalanced): readonly string[] =>
  lines.filter(({ before, after }) => before !== after).map(({ id }) => id);
