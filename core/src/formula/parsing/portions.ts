import { isFree, parseVessel } from '../../kitchen/pans/index.js';
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

/** "12 mounds", "a 12-hole muffin tin": as many as it bakes, where it says no other number. */
function piecesIn(pan: string | undefined): number | undefined {
  const parsed = pan === undefined ? undefined : parseVessel(pan);
  if (parsed?.kind !== 'vessel') return undefined;
  const { pan: vessel, count } = parsed.set;
  const isInPieces = vessel.shape === 'muffin' || (isFree(vessel) && vessel.shape !== 'dome');
  return isInPieces && vessel.cavities * count > 1 ? vessel.cavities * count : undefined;
}

/** How many portions a formula makes: as it says, else its batter in usual slices. */
export function portionsOf(formula: Formula, batterGrams: number): Portions {
  const writtenYield = formula.yield === undefined ? undefined : readYield(formula.yield);
  if (writtenYield && (PIECES.test(writtenYield.of) || !CUT_BEFORE_EATING.test(writtenYield.of)))
    return {
      count: Math.max(1, middle(writtenYield.count)),
      of: writtenYield.of === '' ? 'portions' : writtenYield.of,
      said: true,
    };
  const pieces = writtenYield ? undefined : piecesIn(formula.bake.pan);
  if (pieces !== undefined) return { count: pieces, of: 'pieces', said: true };
  return { count: Math.max(1, Math.round(batterGrams / USUAL_SLICE_GRAMS)), of: 'slices', said: false };
}
