import type { BakeTraits, LearnedKitchen } from '../../kitchen/learned/index.js';
import type { DoneEvidence } from './done-evidence.js';

/** One bake to learn from. */
export interface TaughtBake extends BakeTraits {
  readonly id: string;
  readonly recipe: string;
  /** Its prediction as it stood, without what was learned. */
  readonly predictedMinutes: number;
  readonly done: DoneEvidence;
  /** How often oven, thermometer or tin had been changed by then. */
  readonly epoch?: number;
  /** How much longer than most it was baked, by the core at out, ln(minutes), and its standard deviation. */
  readonly coreAtOut?: { readonly over: number; readonly spread: number };
}
export interface TaughtReading {
  readonly setCelsius: number;
  readonly readCelsius: number;
  readonly epoch?: number;
}
export interface Lessons {
  readonly bakes: readonly TaughtBake[];
  readonly readings?: readonly TaughtReading[];
  /** Times are noted roughly in this kitchen. */
  readonly rough?: boolean;
  readonly epoch?: number;
  /** The scatter from bake to bake where it is known already, ln(minutes). */
  readonly scatter?: number;
  /** What was learned of most of these bakes before: then only what is new is worked in, and the scatter stays. */
  readonly after?: Learned;
}

/** What a bake has to do with what was learned. */
export interface BakeWeight {
  readonly id: string;
  /** Probability that it tells nothing of oven and recipe. */
  readonly absurd: number;
  /** How much of what it would tell alone is taken, 0–1. */
  readonly weight: number;
}
export interface Learned {
  readonly kitchen: LearnedKitchen;
  readonly weights: readonly BakeWeight[];
  /** The Gaussian that stands in for each bake: precision, and precision by mean. */
  readonly sites: Readonly<Record<string, readonly [number, number]>>;
}
