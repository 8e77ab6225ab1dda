import type { Audit } from '../../bench/audit/index.js';
import type { WithoutAnOven } from '../../formula/parsing/index.js';
import type { ParsedVessel, VesselSet } from '../../kitchen/pans/index.js';
import type { BakeJob } from '../../oven/baking/index.js';
import type { BakeOrder } from '../bake-jobs/index.js';
import type { BatchPlan, Portion } from '../plan/index.js';

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
  /** The method cooks it on a griddle or in steam: what the jobs foresee is how an oven would bake it instead. */
  readonly withoutAnOven?: WithoutAnOven;
}
