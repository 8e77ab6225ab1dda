import Joi from 'joi';
import { RECORD_SCHEMAS, TABLES, type Table, type TableRecords } from './edits';

/*
 * The database writes a few milliseconds after a keystroke. A page that is left within them would lose that keystroke: what still waits
 * is therefore put down synchronously as the page goes, and taken up again on the next start.
 */

export type Unwritten = {
  [T in Table]: { readonly table: T; readonly id: string; readonly record?: TableRecords[T] | undefined };
}[Table];

const PREFIX = 'orvin-unwritten-';

const journalSchema = Joi.array()
  .items(
    ...TABLES.map((table) =>
      Joi.object({ table: Joi.valid(table).required(), id: Joi.string().required(), record: RECORD_SCHEMAS[table] }),
    ),
  )
  .required();

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
      const { error, value } = journalSchema.validate(JSON.parse(storage.getItem(key) ?? '')) as {
        error?: Error;
        value: readonly Unwritten[];
      };
      if (error) return [];
      storage.removeItem(key);
      return value;
    } catch {
      return [];
    }
  });
}
