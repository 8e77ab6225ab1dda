import type { Batch } from '../../batch/batch/index.js';

/** So many grams of an ingredient, in the form that the formulas take it. */
export interface Needed {
  readonly ingredientId: string;
  readonly name: string;
  readonly grams: number;
}

/** What batches take, each ingredient once. */
export function neededOf(batches: readonly Batch[]): readonly Needed[] {
  const sums = new Map<string, { name: string; grams: number }>();
  for (const { measured } of batches)
    for (const { lines } of measured.components)
      for (const { ingredient, name, grams } of lines) {
        const known = sums.get(ingredient.id);
        if (known) known.grams += grams;
        else sums.set(ingredient.id, { name, grams });
      }
  return [...sums].map(([ingredientId, { name, grams }]) => ({ ingredientId, name, grams }));
}
