import { isSame } from '../../ground/records/index.js';
import type { OvenOffset } from '../../kitchen/kitchen/index.js';
import { coreAtDone, type BakeJob, type BakePrediction, type CoreAtDone } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import { EMPTY_BATCH, type BatchSettings } from '../plan/index.js';
import type { OneBake } from '../bakes/index.js';
import { circumstancesOf } from '../bake-jobs/index.js';

/** What was foreseen of one set of pans. */
export interface ForeseenTime {
  readonly celsius: number;
  readonly fan: boolean;
  /** Minutes from going in: eight bakes in ten are done between `low` and `high`. */
  readonly minutes: { readonly first: number; readonly low: number; readonly likely: number; readonly high: number };
  /** Standard deviation of ln(minutes). */
  readonly spread: number;
  /** The middle when it is done. */
  readonly core?: CoreAtDone;
}

/** One set of pans of a bake that was set down: what goes into the oven, and what was foreseen of it. */
export interface SnapshotPortion {
  readonly name: string;
  readonly grams: number;
  readonly job: BakeJob;
  /** Absent where the simulation foresees no end. */
  readonly foreseen?: ForeseenTime;
}

/**
 * One bake set down as it was decided: which version, how it was set up, what was foreseen. A plan, a bake along and a record each begin
 * from it, and what happened is held against it; what the baker changes afterwards does not reach it.
 */
export interface BakeSnapshot {
  readonly formulaId: string;
  /** The kept version; absent for a formula as it stood. */
  readonly versionNumber?: number;
  readonly batch: BatchSettings;
  readonly oven: OvenSettings;
  readonly metresAboveSea: number;
  readonly offset?: OvenOffset;
  readonly factor: number;
  readonly batterGrams: number;
  readonly portions: readonly SnapshotPortion[];
}

/**
 * Sets a bake down.
 * @param foreseen what was foreseen of each portion, in their order
 */
export function snapshotOf(
  bake: OneBake,
  of: { readonly formulaId: string; readonly versionNumber?: number },
  foreseen: readonly (BakePrediction | undefined)[],
): BakeSnapshot {
  const { order, plan, portions } = bake;
  const { metresAboveSea, offset } = circumstancesOf(order.kitchen, order.ovenOffset);
  return {
    formulaId: of.formulaId,
    ...(of.versionNumber !== undefined && { versionNumber: of.versionNumber }),
    batch: order.batch ?? EMPTY_BATCH,
    oven: order.oven ?? {},
    metresAboveSea,
    ...(offset && { offset }),
    factor: plan.factor,
    batterGrams: plan.batterGrams,
    portions: portions.map(({ pans, grams, job }, i): SnapshotPortion => {
      const bakePrediction = foreseen[i];
      const core = bakePrediction && coreAtDone(bakePrediction);
      return {
        name: pans.pan.name,
        grams,
        job,
        ...(bakePrediction && {
          foreseen: {
            celsius: bakePrediction.celsius,
            fan: bakePrediction.fan,
            minutes: bakePrediction.minutes,
            spread: bakePrediction.spread,
            ...(core && { core }),
          },
        }),
      };
    }),
  };
}

/** Whether a bake that is set up now is the one that was set down: the same batter in the same pans in the same oven. */
export const isAsSetDown = (snapshot: BakeSnapshot, { portions }: OneBake): boolean =>
  isSame(
    snapshot.portions.map(({ job }) => job),
    portions.map(({ job }) => job),
  );

/** How a bake went against what was foreseen. */
export interface AgainstForeseen {
  readonly went: 'sooner' | 'as-foreseen' | 'later';
  /** Minutes later than likely; negative for sooner. */
  readonly minutesLater: number;
  /** Distance from the likely time in standard deviations of ln(minutes). */
  readonly deviations: number;
}

/** @param minutes when it was done, from going in */
export function heldAgainst(
  { minutes: { low, likely, high }, spread }: ForeseenTime,
  minutes: number,
): AgainstForeseen {
  return {
    went: minutes < low ? 'sooner' : minutes > high ? 'later' : 'as-foreseen',
    minutesLater: minutes - likely,
    deviations: Math.log(minutes / likely) / spread,
  };
}
