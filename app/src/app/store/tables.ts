import { without } from '@orvin/core/ground/records';
import type {
  StoredBake,
  StoredBaking,
  StoredBatch,
  StoredFormula,
  StoredKitchen,
  StoredPlan,
  StoredPutAway,
  StoredVersion,
} from './records';
import { ROW_SHAPES } from './row-shapes.table';
import { hasShape, type HasShape } from './shapes';

/** What each table holds. */
export interface TableRecords {
  readonly formulas: StoredFormula;
  readonly versions: StoredVersion;
  readonly kitchens: StoredKitchen;
  readonly batches: StoredBatch;
  readonly plans: StoredPlan;
  readonly bakings: StoredBaking;
  readonly bakes: StoredBake;
  readonly larder: StoredPutAway;
}
export type Table = keyof TableRecords;

/** What the store needs to know of a table; whatever walks over tables walks over this list. */
export interface TableRule {
  /** Whether records change after they are made; what never changes keeps its revision. */
  readonly changes: boolean;
  /**
   * What happens when another tab wrote a record that this one is about to write: both are put together, part by part; the other's
   * stands; or the later stands.
   */
  readonly overtaken: 'merge' | 'theirs' | 'ours';
  /** Where there is but one record, its id. */
  readonly single?: string;
  /** Whether years fill it, and no first screen shows it but its own: a long one is read behind that. */
  readonly mayBeLong?: true;
}
export const TABLES: Readonly<Record<Table, TableRule>> = {
  formulas: { changes: true, overtaken: 'merge' },
  versions: { changes: false, overtaken: 'theirs' },
  // of a kitchen the latest word stands; what another tab taught is taught again
  kitchens: { changes: true, overtaken: 'ours', single: 'kitchen' },
  batches: { changes: true, overtaken: 'theirs' },
  plans: { changes: true, overtaken: 'merge' },
  // what happened in a bake is told at one counter: the later word stands
  bakings: { changes: true, overtaken: 'ours' },
  bakes: { changes: true, overtaken: 'merge', mayBeLong: true },
  larder: { changes: true, overtaken: 'merge' },
};
export const TABLE_NAMES = Object.keys(TABLES) as readonly Table[];

const ROWS = Object.fromEntries(TABLE_NAMES.map((table) => [table, hasShape(ROW_SHAPES[table])])) as Readonly<
  Record<Table, HasShape>
>;
/**
 * A row as it can be shown; undefined where it cannot. Limits and patterns are looked over behind the first screen. What was decided for a
 * batch may be lost alone: the formula is sound.
 */
export function shownOf<T extends Table>(table: T, row: unknown): TableRecords[T] | undefined {
  if (ROWS[table](row)) return row as TableRecords[T];
  if (table !== 'formulas' || typeof row !== 'object' || row === null) return undefined;
  const bare = { ...row, batch: undefined };
  return ROWS[table](bare) ? (without(bare, 'batch') as TableRecords[T]) : undefined;
}
