import type { PutAway } from '@orvin/core/keep/larder';
import type { OvenSettings } from '@orvin/core/oven/settings';
import type { BatchSettings } from '@orvin/core/batch/plan';
import type { Formula } from '@orvin/core/formula/formula';
import type { BakeRecord } from '@orvin/core/book/records';
import type { Baking } from '@orvin/core/along/baking';
import type { DaySheet } from '@orvin/core/day/sheets';
import type { Kitchen } from '@orvin/core/kitchen/kitchen';
import type { Region } from '@orvin/core/ground/units';

/** A formula as the baker works on it. Every change makes a new revision; what it was is in the edits and the kept versions. */
export interface StoredFormula {
  readonly id: string;
  readonly revision: number;
  /** Milliseconds since 1970. */
  readonly createdAt: number;
  readonly changedAt: number;
  /** The text it was read from, so that nothing of it is lost. */
  readonly source?: string;
  readonly demo: boolean;
  readonly formula: Formula;
  readonly oven: OvenSettings;
  /** The number of the version it grew from; absent means the latest. */
  readonly basedOn?: number;
  /** What is decided for the batch at hand. */
  readonly batch?: BatchSettings;
}

/** A kept state of a formula: never changed afterwards. */
export interface StoredVersion {
  readonly id: string;
  readonly revision: number;
  readonly formulaId: string;
  /** 1, 2, 3 … within its formula. */
  readonly number: number;
  /** The version it grew from; null for the first. */
  readonly parent: number | null;
  readonly reason: string;
  readonly keptAt: number;
  readonly formula: Formula;
  readonly oven: OvenSettings;
}

/** A kept batch: a version at a size, as it was weighed out. */
export interface StoredBatch {
  readonly id: string;
  readonly revision: number;
  readonly formulaId: string;
  /** The version it came from. */
  readonly versionNumber: number;
  /** "two 20 cm rounds: 1 650 g". */
  readonly name: string;
  readonly keptAt: number;
  readonly sheet: BatchSettings;
}

/** A planned day: what is to be on the table when, and the plan that was found last. */
export interface StoredPlan {
  readonly id: string;
  readonly revision: number;
  readonly createdAt: number;
  readonly changedAt: number;
  readonly demo: boolean;
  readonly sheet: DaySheet;
}

/** A bake made along: what it was set down as, and what happened. */
export interface StoredBaking {
  readonly id: string;
  readonly revision: number;
  readonly createdAt: number;
  readonly changedAt: number;
  readonly baking: Baking;
}

/** A photo of a bake: upright, small, with nothing in it but the picture. */
export interface StoredPhoto {
  readonly id: string;
  readonly takenAt: number;
  readonly picture: Blob;
  /** For rows. */
  readonly thumb: Blob;
}

/** Where this browser's kitchen is saved besides, and when it last was. A single row; it belongs to this browser and goes into no file. */
export interface StoredBackups {
  readonly id: 'backups';
  /** The folder that the baker chose. */
  readonly folder?: FileSystemDirectoryHandle;
  /** When a file was last written into it, and read back whole. */
  readonly backedUpAt?: number;
  /** SHA-256 of the records in it: what did not change is not written again. */
  readonly sha256?: string;
  /** When everything was last saved by hand. */
  readonly savedAt?: number;
  /** When the baker was last reminded, or Orvin first asked itself. */
  readonly remindedAt?: number;
}

/** A bake that was recorded. */
export interface StoredBake {
  readonly id: string;
  readonly revision: number;
  readonly createdAt: number;
  readonly changedAt: number;
  readonly demo: boolean;
  readonly record: BakeRecord;
}

/** Something baked and put away. */
export interface StoredPutAway {
  readonly id: string;
  readonly revision: number;
  readonly createdAt: number;
  readonly changedAt: number;
  readonly demo: boolean;
  readonly item: PutAway;
}

/** The baker's own measures, words and ingredients: one row. */
export interface StoredKitchen {
  readonly id: 'kitchen';
  readonly revision: number;
  readonly kitchen: Kitchen;
}

export type Theme = 'auto' | 'day' | 'night';

/** What the baker set for this browser: one row. */
export interface StoredSettings {
  readonly id: 'settings';
  readonly region: Region;
  readonly theme: Theme;
  /** The formula last on the bench. */
  readonly onBench?: string;
  readonly seeded: boolean;
}
