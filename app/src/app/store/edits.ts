import { mergeThree } from '@orvin/core/ground/records';
import { TABLE_NAMES, type Table, type TableRecords } from './tables';

/*
 * An edit is a list of records before and after. Doing it puts the after, undoing it puts the before: there is no other kind of change
 * to what the baker owns, so everything can be undone.
 */

export type Change = {
  [T in Table]: {
    readonly table: T;
    readonly id: string;
    readonly before?: TableRecords[T];
    readonly after?: TableRecords[T];
  };
}[Table];

export interface Edit {
  /** What was done, as a button says it: "change of 2 large eggs". */
  readonly label: string;
  readonly changes: readonly Change[];
  /** Edits of the same name that follow one another closely are one step to undo: typing in one line. */
  readonly mergeAs?: string;
}

export type Records = { readonly [T in Table]: ReadonlyMap<string, TableRecords[T]> };
export const NO_RECORDS = perTable(() => new Map());

/** One value for each table, of the records of that table. */
export function perTable(of: <T extends Table>(table: T) => ReadonlyMap<string, TableRecords[T]>): Records {
  return Object.fromEntries(TABLE_NAMES.map((table) => [table, of(table)])) as unknown as Records;
}

function changed<T>(
  records: ReadonlyMap<string, T>,
  changes: readonly { readonly id: string; readonly after?: T }[],
): ReadonlyMap<string, T> {
  if (changes.length === 0) return records;
  const next = new Map(records);
  for (const { id, after } of changes) {
    if (after === undefined) next.delete(id);
    else next.set(id, after);
  }
  return next;
}

/** The records after an edit; the given ones stay as they are. */
export function apply(records: Records, { changes }: Edit): Records {
  return perTable(<T extends Table>(table: T) =>
    changed(
      records[table] as ReadonlyMap<string, TableRecords[T]>,
      changes.filter((change) => change.table === table) as unknown as readonly {
        readonly id: string;
        readonly after?: TableRecords[T];
      }[],
    ),
  );
}

/** The edit that takes it back. */
export function invert(edit: Edit): Edit {
  return {
    ...edit,
    changes: edit.changes.map((change): Change => {
      const { before, after, ...rest } = change;
      return { ...rest, ...(after && { before: after }), ...(before && { after: before }) } as Change;
    }),
  };
}

/** Several edits that followed one another as one: from what was before the first to what is after the last. */
export function composed(label: string, edits: readonly Edit[]): Edit {
  const changes = new Map<string, Change>();
  for (const change of edits.flatMap((edit) => edit.changes)) {
    const key = `${change.table} ${change.id}`;
    const first = changes.get(key);
    const { table, id, after } = change;
    changes.set(
      key,
      first
        ? ({ table, id, ...(first.before && { before: first.before }), ...(after && { after }) } as Change)
        : change,
    );
  }
  return { label, changes: [...changes.values()] };
}

/** Two edits of the same record as one step, when both change just that record. */
export function merged(first: Edit, second: Edit): Edit | undefined {
  const [a] = first.changes;
  const [b] = second.changes;
  const same = first.mergeAs !== undefined && first.mergeAs === second.mergeAs;
  if (
    !same ||
    !a ||
    !b ||
    first.changes.length !== 1 ||
    second.changes.length !== 1 ||
    a.id !== b.id ||
    a.table !== b.table
  )
    return undefined;
  // from what was before the first to what is after the second
  const { table, id } = a;
  return {
    ...second,
    changes: [{ table, id, ...(a.before && { before: a.before }), ...(b.after && { after: b.after }) } as Change],
  };
}

/** An edit of the past as it is done to what stands now: what was changed elsewhere in the meantime stays. */
export function onto(records: Records, edit: Edit): Edit {
  const changes = edit.changes.map((change): Change => {
    const { table, id, before, after } = change;
    const now = records[table].get(id);
    if (!now || !before || !after) return change;
    return { table, id, before: now, after: mergeThree<TableRecords[Table]>(before, now, after).value } as Change;
  });
  return { ...edit, changes };
}
