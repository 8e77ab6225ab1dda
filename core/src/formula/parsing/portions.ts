import type { Formula } from '../formula/index.js';
import { middle } from './amounts.js';
import { readYield } from './yields.js';

export interface Portions {
  readonly count: number;
  /** "muffins", "portions". */
  readonly of: string;
  /** Whether the formula says so, or its weight was divided by a usual slice. */
  readonly said: boolean;
}

/** A slice as it is usually cut, g of batter. */
const USUAL_SLICE_GRAMS = 80;
/** What is cut before it is eaten: their number is no number of portions. */
const CUT_BEFORE_EATING = /loa(?:f|ves)|cake|tin|tray|round|layer|bread|batch|pan|kg|g\b/i;
const PIECES = /cupcake|pancake|fairy cake|oatcake/i;

/** How many portions a formula makes: as it says, else its batter in usual slices. */
export function portionsOf(formula: Formula, batterGrams: number): Portions {
  const writtenYield = formula.yield === undefined ? undefined : readYield(formula.yield);
  if (writtenYield && (PIECES.test(writtenYield.of) || !CUT_BEFORE_EATING.test(writtenYield.of)))
    return {
      count: Math.max(1, middle(writtenYield.count)),
      of: writtenYield.of === '' ? 'portions' : writtenYield.of,
      said: true,
    };
  return { count: Math.max(1, Math.round(batterGrams / USUAL_SLICE_GRAMS)), of: 'slices', said: false };
}
