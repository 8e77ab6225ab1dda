import type { Kitchen } from '../../kitchen/kitchen/index.js';
import type { DoneWord, Lessons, TaughtBake } from '../learning/index.js';
import { doneEvidence } from '../learning/index.js';
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
  readonly readings: BakeReadings;
  /** What was in the bowl, by line: grams by the ingredient's name. */
  readonly grams?: Readonly<Record<string, number>>;
  readonly coreCelsius?: number;
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

/** How often something was changed in this kitchen by then. */
export const epochAt = (at: number, changes: readonly { readonly at: number }[]): number =>
  changes.filter((change) => change.at <= at).length;

export interface NamedRecord {
  readonly id: string;
  readonly record: BakeRecord;
}

/** Why a bake teaches nothing of the oven. */
export type NoLesson = 'left-out' | 'not-foreseen' | 'contradicts-itself' | 'simulated';
export function lessonOf(
  { id, record }: NamedRecord,
  { rough, changes }: Pick<NonNullable<Kitchen['oven']>, 'rough' | 'changes'>,
): TaughtBake | NoLesson {
  if (record.leftOut !== undefined) return 'left-out';
  if (record.simulated) return 'simulated';
  const { foreseen, pan, celsius, fan, outMinutes, word, looks = [] } = record;
  if (!foreseen) return 'not-foreseen';
  const done = doneEvidence({ outMinutes, word, looks, rough: rough ?? false });
  if (!done) return 'contradicts-itself';
  return {
    id,
    recipe: recipeOf(record),
    pan,
    celsius,
    fan,
    reckonedCelsius: foreseen.reckonedCelsius,
    predictedMinutes: foreseen.unlearned,
    done,
    epoch: epochAt(record.at, changes ?? []),
  };
}

/**
 * All that the Book teaches, in the order it was baked.
 * @param lessonFrom for a caller that remembers the lesson of each record
 */
export function lessonsOf(
  records: readonly NamedRecord[],
  oven: NonNullable<Kitchen['oven']>,
  lessonFrom: typeof lessonOf = lessonOf,
): Lessons {
  const { changes = [], rough = false, readings } = oven;
  const inOrder = [...records].sort((a, b) => a.record.at - b.record.at);
  return {
    bakes: inOrder.flatMap((record) => {
      const lesson = lessonFrom(record, oven);
      return typeof lesson === 'string' ? [] : [lesson];
    }),
    readings: readings.map(({ at = 0, ...reading }) => ({ ...reading, epoch: epochAt(at, changes) })),
    rough,
    epoch: changes.length,
  };
}
