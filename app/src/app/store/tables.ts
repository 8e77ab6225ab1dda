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
  /** The parts without which a record cannot be shown; the rest is looked over behind the first screen. */
  readonly needs: readonly string[];
}
export const TABLES: Readonly<Record<Table, TableRule>> = {
  formulas: { changes: true, overtaken: 'merge', needs: ['formula', 'oven'] },
  versions: { changes: false, overtaken: 'theirs', needs: ['formula', 'oven', 'formulaId'] },
  // of a kitchen the latest word stands; what another tab taught is taught again
  kitchens: { changes: true, overtaken: 'ours', needs: ['kitchen'] },
  batches: { changes: true, overtaken: 'theirs', needs: ['sheet', 'formulaId'] },
  plans: { changes: true, overtaken: 'merge', needs: ['sheet'] },
  // what happened in a bake is told at one counter: the later word stands
  bakings: { changes: true, overtaken: 'ours', needs: ['baking'] },
  bakes: { changes: true, overtaken: 'merge', needs: ['record'] },
  larder: { changes: true, overtaken: 'merge', needs: ['item'] },
};
export const TABLE_NAMES = Object.keys(TABLES) as readonly Table[];

interface Shown {
  readonly id: unknown;
  readonly revision: unknown;
  readonly formula?: unknown;
}
/** Whether a row has what showing it takes. */
export function isWhole(table: Table, row: unknown): boolean {
  if (typeof row !== 'object' || row === null) return false;
  const { id, revision, formula } = row as Shown;
  const has = TABLES[table].needs.every((part) => (row as Readonly<Record<string, unknown>>)[part] !== undefined);
  if (typeof id !== 'string' || typeof revision !== 'number' || !has) return false;
  if (table === 'kitchens') return isKitchen((row as Readonly<Record<string, unknown>>)['kitchen']);
  return !TABLES[table].needs.includes('formula') || isFormula(formula);
}
function isFormula(formula: unknown): boolean {
  if (typeof formula !== 'object' || formula === null) return false;
  const { title, components, steps, bake } = formula as Readonly<Record<string, unknown>>;
  const lists = Array.isArray(components) && Array.isArray(steps);
  return typeof title === 'string' && lists && typeof bake === 'object' && bake !== null;
}
function isKitchen(kitchen: unknown): boolean {
  if (typeof kitchen !== 'object' || kitchen === null) return false;
  const { measures, sets, weighed, names, ingredients } = kitchen as Readonly<Record<string, unknown>>;
  return [measures, sets, weighed, names, ingredients].every(Array.isArray);
}
