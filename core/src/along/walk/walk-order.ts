import type { Batch } from '../../batch/batch/index.js';
import type { OneBake } from '../../batch/bakes/index.js';
import type { BakePrediction } from '../../oven/baking/index.js';

/** What a walk is made from. */
export interface WalkOrder {
  readonly bake: OneBake;
  readonly batch: Batch;
  /** What is foreseen of each portion, in their order. */
  readonly foreseen: readonly (BakePrediction | undefined)[];
  readonly roomCelsius?: number;
}
