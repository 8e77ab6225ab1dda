import type { StoredFormula, StoredVersion } from './records';

/*
 * An edit is a list of records before and after. Doing it puts the after, undoing it puts the before: there is no other kind of change
 * to what the baker owns, so everything can be undone.
 */

export type Change =
  | { readonly table: 'formulas'; readonly id: string; readonly before?: StoredFormula; readonly after?: StoredFormula }
  | {
      readonly table: 'versions';
      readonly id: string;
      readonly before?: StoredVersion;
      readonly after?: StoredVersion;
    };

export interface Edit {
  /** What was done, as a button says it: "change of 2 large eggs". */
  readonly label: string;
  readonly changes: readonly Change[];
  /** Edits of the same name that follow one another closely are one step to undo: typing in one line. */
  readonly mergeAs?: string;
}

export interface Records {
  readonly formulas: ReadonlyMap<string, StoredFormula>;
  readonly versions: ReadonlyMap<string, StoredVersion>;
}
export const NO_RECORDS: Records = { formulas: new Map(), versions: new Map() };

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
export function apply(records: Records, edit: Edit): Records {
  return {
    formulas: changed(
      records.formulas,
      edit.changes.filter((change) => change.table === 'formulas'),
    ),
    versions: changed(
      records.versions,
      edit.changes.filter((change) => change.table === 'versions'),
    ),
  };
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
