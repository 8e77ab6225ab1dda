import { BEYOND_FIGURES, damage } from '../../../../core/src/ground/records/damage.spec-help';
import latest from '../../../../core/tables/reference/earlier/database-9.json';
import { chanceFrom } from '@orvin/core/ground/numerics';
import { checkRows, RECORD_SCHEMAS } from './record-schemas';
import { shownOf, TABLE_NAMES, type Table } from './tables';

/*
 * Rows of the store as no Orvin wrote them. The page holds each to the shape of its table before it shows it, and the schemas look it over
 * afterwards. So what the schemas take must be shown as it is, and what is of another make (a part missing, a text for a figure, a word
 * that is no choice) must not be: stations break at it. Joi, which the shapes are written from, says which is which.
 */

export interface StoredRow {
  readonly table: Table;
  readonly row: Readonly<Record<string, unknown>>;
}
/** Rows of every table, as they lie on a disk. */
export const SOUND_ROWS: readonly StoredRow[] = TABLE_NAMES.flatMap((table) =>
  (latest.rows[table] as readonly StoredRow['row'][]).map((row) => ({ table, row })),
);

/** One damaged row after another, the same for the same seed: tables in turn. */
export function* damagedRows(seed: number): Generator<StoredRow> {
  const chance = chanceFrom(seed);
  for (let n = 0; ; n++) {
    const table = TABLE_NAMES[n % TABLE_NAMES.length];
    const of = SOUND_ROWS.filter((one) => one.table === table);
    const sample = of[Math.floor(chance() * of.length)];
    if (!sample) continue;
    const row = structuredClone(sample.row);
    damage(chance, row);
    // JSON knows figures beyond any, and so does a disk
    yield { ...sample, row: JSON.parse(JSON.stringify(row).replaceAll(`"${BEYOND_FIGURES}"`, '1e400')) as StoredRow['row'] };
  }
} // prettier-ignore

const OF_ANOTHER_MAKE = /^(?:any\.required|any\.only|\w+\.base|number\.infinity)$/;
/** What is done wrong with a damaged row, or undefined. */
export function rowFaultOf({ table, row }: StoredRow): string | undefined {
  try {
    const [fault] = checkRows(table, [row]);
    const shown = shownOf(table, row);
    // Joi does not look at a part of this name, where any name may stand
    if (!fault && JSON.stringify(row).includes('"__proto__"')) return undefined;
    if (!fault) return (shown as unknown) === row ? undefined : 'is sound and not shown';
    const { error } = RECORD_SCHEMAS[table].validate(row, { abortEarly: false, convert: false });
    const otherMake = error?.details.find(({ type, path }) => OF_ANOTHER_MAKE.test(type) && path[0] !== 'batch');
    return otherMake && shown ? `is shown although ${otherMake.message}` : undefined;
  } catch (error) {
    return `threw ${String(error).slice(0, 160)}`;
  }
}
