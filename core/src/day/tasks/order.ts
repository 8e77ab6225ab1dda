import type { Batch } from '../../batch/batch/index.js';
import type { BakePortion, OneBake } from '../../batch/bakes/index.js';
import { familyOfFormula, type MixingFamily } from '../../batch/bowl/index.js';
import { HEAT_STYLE_OF, type BakePrediction, type HeatStyleId } from '../../oven/baking/index.js';
import type { VesselSet } from '../../kitchen/pans/index.js';
import type { BatchWork } from '../works/index.js';
import type { MethodSays } from './method-words.js';

/* What is asked for: a batch and its hour, with what its method says, and one load of the oven. */

export const WORK_PROBLEMS = ['no-oven-time', 'never-done'] as const;
export type WorkProblem = (typeof WORK_PROBLEMS)[number];
export type ServedAs = 'warm' | 'fresh' | 'cold';

export interface BatchToPlan {
  readonly id: string;
  readonly title: string;
  readonly bake: OneBake;
  readonly batch: Batch;
  /** What is foreseen of each portion, in their order; undefined where the simulation foresees no end. */
  readonly foreseen: readonly (BakePrediction | undefined)[];
  readonly dueMinute: number;
  readonly served: ServedAs;
  /** Baked on another day: only finishing is left. */
  readonly madeBefore?: boolean;
  /** Made before, and in the freezer. */
  readonly frozen?: boolean;
  /** Cut before it is put out; by its style where not said. */
  readonly sliced?: boolean;
  readonly packed?: boolean;
  readonly roomCelsius: number;
  /** Racks of the largest oven: what does not fit in one load is baked in several. */
  readonly racks: number;
}
export type WorksRead =
  | { readonly kind: 'works'; readonly works: readonly BatchWork[] }
  | { readonly kind: 'problem'; readonly problem: WorkProblem };

/** One load of the oven: these pans, with what is foreseen of them. */
export interface Load {
  readonly portion?: BakePortion;
  readonly pans?: VesselSet;
  readonly grams: number;
  readonly foreseen?: BakePrediction;
  readonly count: number;
}

/** With what its method says, read once. */
export interface Order extends BatchToPlan {
  readonly says: MethodSays;
}

export const heatStyle = ({ bake }: Order): HeatStyleId => HEAT_STYLE_OF[bake.audit.style?.basedOn ?? ''] ?? 'quick';
export const stepsOf = ({ bake }: Order): string => bake.order.formula.steps.map(({ text }) => text).join(' ');
export const familyOf = (order: Order): MixingFamily =>
  order.batch.mixing?.family ?? familyOfFormula(order.bake.order.formula, order.bake.audit.style?.mixingMethod);
