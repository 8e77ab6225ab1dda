import type { Audit } from '../../bench/audit/index.js';
import type { Formula, KnownBake } from '../../formula/formula/index.js';
import type { Kitchen, OvenOffset } from '../../kitchen/kitchen/index.js';
import type { ParsedVessel, VesselSet } from '../../kitchen/pans/index.js';
import type { BakeJob, OvenCourse } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import type { BatchPlan, BatchSettings, Portion } from '../plan/index.js';

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
}

/** A set of pans of the batch with its share of the batter, and its bake. */
export interface BakePortion {
  readonly pans: VesselSet;
  /** In all of these pans together, g. */
  readonly grams: number;
  readonly job: BakeJob;
  /** How the pans are filled; absent for what stands free on a sheet. */
  readonly portion?: Portion;
}

/** The bake that the Oven is set for: a portion of the batch, or the batter in other pans. */
export interface OvenBake {
  /** Its pans in words that read back as them; '' where none are named. */
  readonly written: string;
  readonly parsed: ParsedVessel | undefined;
  /** Absent where the words name no pan with a size. */
  readonly pans?: VesselSet;
  readonly grams: number;
  readonly fan: boolean;
  readonly job?: BakeJob;
  /** Which portion of the batch it is; absent when it is none of them. */
  readonly portion?: number;
}

/** One bake: the same for every station, sheet and command that speaks of it. */
export interface OneBake {
  readonly order: BakeOrder;
  readonly audit: Audit;
  /** How much is made and where it goes. */
  readonly plan: BatchPlan;
  readonly portions: readonly BakePortion[];
  readonly atOven: OvenBake;
}
