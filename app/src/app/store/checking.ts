import { InjectionToken } from '@angular/core';
import type { Table } from './tables';

/** A row that is damaged: its place among those asked about, and why. */
export interface RecordFault {
  readonly at: number;
  readonly reason: string;
  /** All but what was decided for the batch at hand is sound. */
  readonly onlyBatch: boolean;
}
export type CheckRows = (
  table: Table | 'history' | 'settings',
  rows: readonly unknown[],
) => Promise<readonly RecordFault[]>;

/**
 * Looks rows over by their schemas, behind the first screen. The application has it done by its worker: the schemas, and what they are
 * written in, weigh as much as a station, and no page waits for them.
 */
export const CHECK_ROWS = new InjectionToken<CheckRows>('checks stored rows');
