import type { BakeSnapshot } from '../../batch/snapshots/index.js';
import type { PacedTask } from '../../kitchen/learned/index.js';
import type { WalkStep } from '../walk/index.js';
import type { Happening, ToldBy } from './happenings.js';

/** What the instruments said at a moment, °C: one in fifteen seconds is kept. */
export interface Reading {
  readonly at: number;
  readonly core?: number;
  /** The oven's air, by a thermometer in it. */
  readonly air?: number;
  readonly by: ToldBy;
}

/** A bake that is made along: set down when it begins, and what happened since. It ends as the record of that bake. */
export interface Baking {
  readonly title: string;
  /** "two 20 cm rounds". */
  readonly size: string;
  readonly snapshot: BakeSnapshot;
  readonly walk: readonly WalkStep[];
  /** The method in the words of this batch, by the id of the walk's step. */
  readonly words: Readonly<Record<string, string>>;
  /** Minutes of each kind of work of hands, as usual. */
  readonly usual?: Readonly<Partial<Record<PacedTask, number>>>;
  readonly happenings: readonly Happening[];
  readonly readings: readonly Reading[];
  /** The day that it is baked on, where it is planned in one, and the instant it is due. */
  readonly dayId?: string;
  /** Which batch of that day it is. */
  readonly wishId?: string;
  readonly dueAt?: number;
}

/** Readings are kept this far apart, ms. */
export const READING_EVERY = 15_000;
