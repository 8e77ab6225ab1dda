import { isWhole, TABLE_NAMES, type Table, type TableRecords } from './tables';

/*
 * The database writes a few milliseconds after a keystroke. A page that is left within them would lose that keystroke: what still waits
 * is therefore put down synchronously as the page goes, and taken up again on the next start.
 */

export type Unwritten = {
  [T in Table]: { readonly table: T; readonly id: string; readonly record?: TableRecords[T] | undefined };
}[Table];

const PREFIX = 'orvin-unwritten-';

/** Whether something was put down here; its records are looked over with all the others. */
function isUnwritten(entry: unknown): entry is Unwritten {
  if (typeof entry !== 'object' || entry === null || !('table' in entry) || !('id' in entry)) return false;
  const table = TABLE_NAMES.find((name) => name === entry.table);
  if (table === undefined || typeof entry.id !== 'string') return false;
  return !('record' in entry) || isWhole(table, entry.record);
}

/** Puts down what waits to be written. Nothing waits, nothing is put down. */
export function putDown(unwritten: readonly Unwritten[], storage: Storage): void {
  if (unwritten.length === 0) return;
  try {
    storage.setItem(PREFIX + crypto.randomUUID(), JSON.stringify(unwritten));
  } catch {
    // no room: the database may still have made it
  }
}

/** Takes up what was put down, and clears it. What cannot be read is left alone. */
export function takeUp(storage: Storage): readonly Unwritten[] {
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '').filter((key) =>
    key.startsWith(PREFIX),
  );
  return keys.flatMap((key) => {
    try {
      const entries: unknown = JSON.parse(storage.getItem(key) ?? '');
      if (!Array.isArray(entries) || !entries.every(isUnwritten)) return [];
      storage.removeItem(key);
      return entries;
    } catch {
      return [];
    }
  });
}
