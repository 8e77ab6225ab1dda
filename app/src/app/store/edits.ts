import Joi from 'joi';
import {
  storedBatchSchema,
  storedFormulaSchema,
  storedKitchenSchema,
  storedVersionSchema,
  type StoredBatch,
  type StoredFormula,
  type StoredKitchen,
  type StoredVersion,
} from './records';

/*
 * An edit is a list of records before and after. Doing it puts the after, undoing it puts the before: there is no other kind of change
 * to what the baker owns, so everything can be undone.
 */

/** What each table holds. */
export interface TableRecords {
  readonly formulas: StoredFormula;
  readonly versions: StoredVersion;
  readonly kitchens: StoredKitchen;
  readonly batches: StoredBatch;
}
export type Table = keyof TableRecords;

/** How a record of each table is checked when it comes back. */
export const RECORD_SCHEMAS: { readonly [T in Table]: Joi.ObjectSchema<TableRecords[T]> } = {
  formulas: storedFormulaSchema,
  versions: storedVersionSchema,
  kitchens: storedKitchenSchema,
  batches: storedBatchSchema,
};
export const TABLES = Object.keys(RECORD_SCHEMAS) as readonly Table[];

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
export const NO_RECORDS: Records = {
  formulas: new Map(),
  versions: new Map(),
  kitchens: new Map(),
  batches: new Map(),
};

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
  const of = <T extends Table>(table: T) =>
    changed(
      records[table] as ReadonlyMap<string, TableRecords[T]>,
      changes.filter((change) => change.table === table) as unknown as readonly {
        readonly id: string;
        readonly after?: TableRecords[T];
      }[],
    );
  return { formulas: of('formulas'), versions: of('versions'), kitchens: of('kitchens'), batches: of('batches') };
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

const changeOf = (table: Table) =>
  Joi.object({
    table: Joi.valid(table).required(),
    id: Joi.string().max(100).required(),
    before: RECORD_SCHEMAS[table],
    after: RECORD_SCHEMAS[table],
  });

/** An edit as it comes back from the disk. */
export const editSchema = Joi.object<Edit>({
  label: Joi.string().allow('').max(500).required(),
  mergeAs: Joi.string().max(500),
  changes: Joi.array()
    .items(...TABLES.map(changeOf))
    .required(),
});
