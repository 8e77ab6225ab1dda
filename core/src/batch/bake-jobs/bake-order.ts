import type { Audit } from '../../bench/audit/index.js';
import type { Formula, KnownBake } from '../../formula/formula/index.js';
import type { Kitchen, OvenOffset } from '../../kitchen/kitchen/index.js';
import type { OvenCourse } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import type { BatchSettings } from '../plan/index.js';

/** Everything that decides a bake. */
export interface BakeOrder {
  /** As it stands, or as a version has it. */
  readonly formula: Formula;
  /** Its reading in this kitchen. */
  readonly audit: Audit;
  readonly kitchen: Kitchen;
  /** What is decided on the Batch; absent: the formula at its own size, in its own pans. */
  readonly batch?: BatchSettings;
  /** What is set on the Oven; absent: as the formula says, or as its style is usually baked. */
  readonly oven?: OvenSettings;
  /** Other food in the oven at the same time. */
  readonly beside?: OvenCourse['beside'];
  /** What the oven is known to give, where it does not come from the kitchen's own thermometer. */
  readonly ovenOffset?: OvenOffset;
  /** A known bake in place of the formula's own. */
  readonly known?: KnownBake;
  /** All the batter of that known bake, g; absent: the formula's own. */
  readonly knownGrams?: number;
  /** Whose bakes are remembered: the id of the formula. */
  readonly recipe?: string;
}
