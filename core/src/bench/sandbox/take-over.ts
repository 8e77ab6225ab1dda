import type { Audit } from '../audit/index.js';
import type { TriedOut } from './try-out.js';

/** What has to change in a formula so that it holds the amounts of a trial. */
export interface TakenOver {
  readonly changes: readonly { readonly lineId: string; readonly grams: number }[];
  /** What has no line yet. */
  readonly additions: readonly { readonly ingredientId: string; readonly grams: number }[];
}

/** Changes smaller than this share are no changes; below so many grams a tenth is written. */
const SAME_WITHIN = 0.005;
const FINE_GRAMS = 12;
const LEAST_GRAMS = 0.05;
const written = (grams: number) => (grams < FINE_GRAMS ? Number(grams.toFixed(1)) : Math.round(grams));

/**
 * The amounts of a trial as changes of the lines: what several lines hold is shared out over them as it was. Wholemeal is a swap and no
 * amount, and is not taken over.
 */
export function takenOver({ parts }: Pick<TriedOut, 'parts'>, { lines }: Audit): TakenOver {
  const tried = new Map<string, number>();
  for (const { ingredient, grams } of parts) tried.set(ingredient.id, (tried.get(ingredient.id) ?? 0) + grams);
  const inBatter = lines.flatMap(({ lineId, inBatter: counts, optional, entries, grams = 0 }) => {
    const id = entries.length === 1 ? entries[0]?.read.ingredient?.id : undefined;
    return counts && !optional && id !== undefined ? [{ lineId, id, grams }] : [];
  });
  const present = new Map<string, number>();
  for (const { id, grams } of inBatter) present.set(id, (present.get(id) ?? 0) + grams);
  return {
    changes: inBatter.flatMap(({ lineId, id, grams }) => {
      const [is, was] = [tried.get(id) ?? 0, present.get(id) ?? 0];
      return was === 0 || Math.abs(is / was - 1) < SAME_WITHIN ? [] : [{ lineId, grams: written((grams * is) / was) }];
    }),
    additions: [...tried].flatMap(([ingredientId, grams]) =>
      present.has(ingredientId) || grams <= LEAST_GRAMS ? [] : [{ ingredientId, grams: Number(grams.toFixed(1)) }],
    ),
  };
}
