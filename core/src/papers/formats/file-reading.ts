import type { BatchSettings } from '../../batch/plan/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import type { Problem } from '../../formula/parsing/index.js';

export const FILE_FORMATS = ['text', 'markdown', 'jsonld', 'html', 'csv', 'orvin'] as const;
export type FileFormat = (typeof FILE_FORMATS)[number];

/** A formula out of a file, or why there is none at that place. */
export type ReadItem =
  | {
      readonly kind: 'read';
      readonly formula: Formula;
      readonly problems: readonly Problem[];
      /** What was chosen for its oven, and who it was, where the file says so. */
      readonly oven?: OvenSettings;
      readonly id?: string;
      readonly versions?: readonly FileVersion[];
      readonly batch?: BatchSettings;
      readonly batches?: readonly FileBatch[];
    }
  | { readonly kind: 'refused'; readonly problem: Problem };

/** A kept state of a formula in a file. */
export interface FileVersion {
  readonly number: number;
  readonly parent: number | null;
  readonly reason: string;
  readonly keptAt: number;
  readonly formula: Formula;
  readonly oven: OvenSettings;
}

/** A kept batch in a file. */
export interface FileBatch {
  readonly versionNumber: number;
  readonly name: string;
  readonly keptAt: number;
  readonly sheet: BatchSettings;
}

/** What a file or a pasted text held. */
export interface FileReading {
  readonly format: FileFormat;
  readonly items: readonly ReadItem[];
  /** The kitchen that an Orvin file brings along. */
  readonly kitchen?: Kitchen;
}
