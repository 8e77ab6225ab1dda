import type { MixingFamily } from '../../batch/bowl/index.js';
import type { BowlKind, KeptBack } from '../../batch/pouring/index.js';
import type { OtherHeat } from '../../formula/parsing/index.js';
import type { Clause } from './clauses.js';
import type { MixPhase } from '../mixing/index.js';

/*
 * A bake as one step after another, for hands that are busy: get ready, heat the oven, weigh line by line, mix, divide, bake, cool. The
 * steps are data and are set down when the bake begins, so that an edit on the Bench does not move the ground under it.
 */

interface Step {
  /** The same for the same step of a bake: `weigh:line-2`. */
  readonly id: string;
}

export const READY_TASKS = ['take-out', 'chill', 'soak', 'prepare', 'line'] as const;
/** Before anything is weighed. */
export interface ReadyStep extends Step {
  readonly kind: 'ready';
  readonly task: (typeof READY_TASKS)[number];
  readonly what: string;
  /** It stands for so long by itself; 0 where hands are done with it. */
  readonly waitMinutes: number;
}
/** The oven is switched on. */
export interface HeatStep extends Step {
  readonly kind: 'heat';
  readonly celsius: number;
  readonly fan: boolean;
  readonly minutes: number;
}

export const WEIGHED_BY = ['scale', 'small-scale', 'measure', 'count', 'as-written'] as const;
export interface WeighStep extends Step {
  readonly kind: 'weigh';
  readonly lineId: string;
  readonly name: string;
  readonly ingredientId: string;
  /** What goes in now, g; 0 for what is not weighed. */
  readonly grams: number;
  readonly toleranceGrams: number;
  /** By spoon, cup and piece, as the batch has it: "2 tsp"; '' where grams say it. */
  readonly amount: string;
  readonly by: (typeof WEIGHED_BY)[number];
  readonly optional: boolean;
  /** The bowl that it goes into: by the step of the method, 0 for none. */
  readonly bowl: { readonly step: number; readonly kind: BowlKind };
  /** What is in that bowl before it, g. */
  readonly bowlGrams: number;
  readonly keptBack: readonly KeptBack[];
  /** What an earlier step kept back goes in now. */
  readonly rest: boolean;
  /** A thing beside the batter: frosting, topping. */
  readonly part: string;
}
/** A step of the method as its author wrote it, in the words of this batch. */
export interface MixStep extends Step {
  readonly kind: 'mix';
  readonly stepId: string;
  /** The letters of that step that are meant, where it holds several acts. */
  readonly clause?: Clause;
  /** In the method, from 1; 0 where there is none and the usual way is meant. */
  readonly number: number;
  readonly phase?: MixPhase;
  /** By which method the batter is mixed: it says how little is enough. */
  readonly family: MixingFamily;
  /** In the bowl once it is done, g. */
  readonly bowlGrams: number;
}
export interface RestStep extends Step {
  readonly kind: 'rest';
  readonly minutes: number;
}
/** Into the pans, on the scale. */
export interface DivideStep extends Step {
  readonly kind: 'divide';
  readonly portion: number;
  readonly grams: number;
  /** Vessels to be filled: tins, or the cups of them. */
  readonly pieces: number;
  readonly gramsEach: number;
  /** It stands by itself on a sheet. */
  readonly isFree?: boolean;
}
export interface BakeStep extends Step {
  readonly kind: 'bake';
  readonly portion: number;
}
export const GRIDDLE_ACTS = ['on', 'turn'] as const;
/** What bakes on a griddle goes on, is turned, and comes off: no oven and no tin. */
export interface GriddleStep extends Step {
  readonly kind: 'griddle';
  readonly act: (typeof GRIDDLE_ACTS)[number];
  /** Of one side. */
  readonly minutes: number;
}
export const COOK_ACTS = ['in', 'out'] as const;
/** What is put into steam or a slow cooker, left alone, and taken out. */
export interface CookStep extends Step {
  readonly kind: 'cook';
  readonly act: (typeof COOK_ACTS)[number];
  readonly by: Exclude<OtherHeat, 'griddle'>;
  readonly minutes: number;
}
export interface CoolStep extends Step {
  readonly kind: 'cool';
  readonly portion: number;
  /** Undefined cools in the pan altogether, 0 comes out at once. */
  readonly inPanMinutes?: number;
  /** It stands on its sheet, out of no tin. */
  readonly isFree?: boolean;
  readonly sliceMinutes?: number;
  readonly frostMinutes?: number;
}
export type WalkStep =
  ReadyStep | HeatStep | WeighStep | MixStep | RestStep | DivideStep | BakeStep | GriddleStep | CookStep | CoolStep;
export type WalkStepKind = WalkStep['kind'];
