import type { Database } from './database';
import { TABLE_NAMES, TABLES, type Table } from './tables';
import type { AnyRecord, Unwritten } from './unwritten';

/** What came of writing: what is on the disk now, and where another tab was faster. */
export interface WrittenBatch {
  readonly written: readonly Unwritten[];
  readonly met: readonly { readonly edit: Unwritten; readonly theirs: AnyRecord }[];
}

/**
 * Writes all of it or nothing: a write that fails half way leaves the disk as it was.
 * @param known the revision of a record as this tab last saw it on the disk
 */
export async function writeBatch(
  database: Database,
  batch: readonly Unwritten[],
  known: (table: Table, id: string) => number,
): Promise<WrittenBatch> {
  const met: { readonly edit: Unwritten; readonly theirs: AnyRecord }[] = [];
  const written: Unwritten[] = [];
  await database.transaction(
    'rw',
    TABLE_NAMES.map((table) => database.table(table)),
    async () => {
      for (const table of TABLE_NAMES) {
        const edits = batch.filter((edit) => edit.table === table);
        if (edits.length === 0) continue;
        const rows = database.table<AnyRecord, string>(table);
        const stored = await rows.bulkGet(edits.map(({ id }) => id));
        const due = edits.filter((edit, i) => {
          const theirs = stored[i];
          if (!theirs || theirs.revision === known(table, edit.id) || TABLES[table].overtaken === 'ours') return true;
          met.push({ edit, theirs });
          return false;
        });
        await rows.bulkPut(due.flatMap(({ record }) => record ?? []));
        await rows.bulkDelete(due.flatMap(({ id, record }) => (record ? [] : [id])));
        written.push(...due);
      }
    },
  );
  return { written, met };
}
