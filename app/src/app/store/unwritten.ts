import { shownOf, TABLE_NAMES, type Table, type TableRecords } from './tables';
import { UnloadJournal } from './unload-journal';

export type AnyRecord = TableRecords[Table];
/** A record that waits to be written: none means deleted. */
export type Unwritten = {
  [T in Table]: { readonly table: T; readonly id: string; readonly record?: TableRecords[T] | undefined };
}[Table];

function isUnwritten(entry: unknown): entry is Unwritten {
  if (typeof entry !== 'object' || entry === null || !('table' in entry) || !('id' in entry)) return false;
  const table = TABLE_NAMES.find((name) => name === entry.table);
  if (table === undefined || typeof entry.id !== 'string') return false;
  return !('record' in entry) || shownOf(table, entry.record) === entry.record;
}
/** What the last page could not write any more, of any tab. */
export const UNWRITTEN = new UnloadJournal('orvin-unwritten-', isUnwritten);
