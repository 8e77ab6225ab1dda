import type { ReadingCode } from '../records/index.js';
import { repeatsNeeded } from './repeats.js';

/*
 * Two halves of one bowl that differ in one thing: weighed once and halved before the change, so that nothing else differs; baked side by
 * side, tasted without knowing which is which.
 */

export const HALF_BATCH_STEPS = ['weigh-once', 'halve-before', 'change-one', 'coin', 'side-by-side', 'swap-places', 'same-minutes', 'taste-blind'] as const; // prettier-ignore
export type HalfBatchStep = (typeof HALF_BATCH_STEPS)[number];

/** What can differ between two halves that are baked side by side: the batter, not the oven, the tin or the minutes. */
export const DIFFERS_IN_HALVES: ReadonlySet<ReadingCode> = new Set([
  'gas',
  'waiting',
  'mixing',
  'water',
  'sugar',
  'fat',
  'egg',
  'soda-left',
]);

/** How often it has to be done before a difference of so many steps of five is to be trusted, alone and with more who taste. */
export interface Settling {
  readonly pairs: number;
  readonly pairsWithThree: number;
  readonly separateBakes: number;
}
export const settling = (steps: number): Settling => ({
  pairs: repeatsNeeded({ steps, tasters: 1, paired: true }),
  pairsWithThree: repeatsNeeded({ steps, tasters: 3, paired: true }),
  separateBakes: repeatsNeeded({ steps, tasters: 1, paired: false }),
});
