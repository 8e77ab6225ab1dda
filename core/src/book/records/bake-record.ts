import type { BatchSettings } from '../../batch/plan/index.js';
import type { CoreAtDone } from '../../oven/baking/index.js';
import type { DoneWord } from '../learning/index.js';
import type { Browned, HeatedOnce, WorkDone } from '../routine/index.js';
import type { Tapped } from './scales.js';

/** What was measured or worked out of a bake, by the names that comparing asks for. */
export const READING_CODES = ['gas', 'waiting', 'mixing', 'oven', 'filling', 'water', 'sugar', 'fat', 'egg', 'soda-left', 'time', 'altitude'] as const; // prettier-ignore
export type ReadingCode = (typeof READING_CODES)[number];
/**
 * Frozen at the bake. `gas`, `water`, `sugar`, `fat`, `egg` in band widths from the middle of the style's band (±1 is its edge);
 * `soda-left` g for 100 g flour; `waiting` minutes; `mixing` seconds; `oven` true °C; `filling` share of the pan; `time` minutes over those
 * foreseen, %; `altitude` m.
 */
export type BakeReadings = Readonly<Partial<Record<ReadingCode, number>>>;

/** What was foreseen of the bake, as it stood. */
export interface RecordedForesight {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** Without what was learned: what learning holds the bake against. */
  readonly unlearned: number;
  /** The oven error that was reckoned with, °C. */
  readonly reckonedCelsius: number;
  /** The middle when it is done. */
  readonly core?: CoreAtDone;
}

/** Which half of two half batches that differ in one thing. */
export const HALVES = ['as-it-is', 'changed'] as const;
export type Half = (typeof HALVES)[number];
export interface HalfBaked {
  /** The day that both are planned in. */
  readonly trial: string;
  readonly of: Half;
  /** What was changed, in words. */
  readonly change?: string;
}

/** One bake, as it is kept for ever. */
export interface BakeRecord extends Tapped {
  readonly title: string;
  /** When it came out, milliseconds since 1970. */
  readonly at: number;
  /** "two 20 cm rounds". */
  readonly size: string;
  /** The pan's name, one of them. */
  readonly pan: string;
  readonly celsius: number;
  readonly fan: boolean;
  readonly outMinutes: number;
  readonly word?: DoneWord;
  readonly looks?: readonly { readonly minutes: number; readonly seen: 'not-done' | 'nearly' | 'done' }[];
  readonly foreseen?: RecordedForesight;
  readonly formulaId?: string;
  readonly versionNumber?: number;
  readonly bakingId?: string;
  readonly dayId?: string;
  /** What was decided of its batch, and the batch that was kept so, where one was. */
  readonly batch?: BatchSettings;
  readonly batchId?: string;
  /** Of two half batches, which. */
  readonly half?: HalfBaked;
  readonly readings: BakeReadings;
  /** What was in the bowl, by line: grams by the ingredient's name. */
  readonly grams?: Readonly<Record<string, number>>;
  readonly coreCelsius?: number;
  /** Which side came out browner, by how many steps of colour; and whether it was turned on the way. */
  readonly browned?: Browned;
  readonly turned?: boolean;
  /** What hands took, and how long the oven heated. */
  readonly took?: readonly WorkDone[];
  readonly heated?: HeatedOnce;
  readonly gramsBefore?: number;
  readonly gramsAfter?: number;
  readonly heightMm?: number;
  readonly notes?: string;
  readonly taste?: string;
  readonly eatenBy?: string;
  /** Left out of learning, and why. */
  readonly leftOut?: string;
  /** A stand-in spoke in it. */
  readonly simulated?: boolean;
  readonly photos?: readonly string[];
  /** Faults that were said beside the taps, by their ids. */
  readonly faults?: readonly string[];
  /** What was answered when it was asked why. */
  readonly answers?: Readonly<Record<string, boolean>>;
  /** The change that was made because of it: for which cause, and the version that carries it. */
  readonly tried?: { readonly cause: string; readonly versionNumber?: number };
}

/** Whose bakes are remembered together: the formula, or what a bake without one is called. */
export const recipeOf = ({ formulaId, title }: Pick<BakeRecord, 'formulaId' | 'title'>): string =>
  formulaId ?? title.trim().toLowerCase();
