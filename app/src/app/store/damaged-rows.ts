import type { Database } from './database';
import { shownOf, TABLES, type Table } from './tables';
import type { AnyRecord } from './unwritten';

/** A record that came back from the disk damaged, or from a later Orvin: kept there untouched, and shown. */
export interface UnreadableRecord {
  readonly id: string;
  readonly reason: string;
  readonly raw: unknown;
}

/** Rows that can be shown, and those of another make. */
export function partedByShape(
  table: Table,
  rows: readonly AnyRecord[],
): { readonly whole: readonly AnyRecord[]; readonly damaged: readonly AnyRecord[] } {
  const whole: AnyRecord[] = [];
  const damaged: AnyRecord[] = [];
  for (const row of rows) {
    const shown = shownOf(table, row);
    if (shown) whole.push(shown);
    else damaged.push(row);
  }
  return { whole, damaged };
}

/**
 * A damaged record whose place is needed for another gets a place of its own, so that nothing is written over it.
 * @returns whether its place is free now
 */
export async function setAside(database: Database, table: Table, row: AnyRecord): Promise<boolean> {
  const rows = database.table<object, string>(table);
  if (TABLES[table].single !== row.id) return false;
  await database.transaction('rw', rows, async () => {
    await rows.put({ ...row, id: `${row.id}, damaged ${Date.now()}` });
    await rows.delete(row.id);
  });
  return true;
}
