import Joi from 'joi';
import { type BakeRecord } from '../../book/records/index.js';
import { bakeRecordSchema } from '../../book/record-schema/index.js';
import { withoutMark } from '../../ground/text/index.js';

/* One bake as a file of its own: what `orvin compare` reads. */

const FORMAT = 'orvin-bake';
const VERSION = 1;

export const recordFileSchema = Joi.object({
  format: Joi.valid(FORMAT).required(),
  version: Joi.number().integer().min(1).max(VERSION).required(),
  record: bakeRecordSchema.required(),
});

export const writeRecord = (record: BakeRecord): string => `${JSON.stringify({ format: FORMAT, version: VERSION, record }, null, 2)}\n`; // prettier-ignore

export type RecordReading =
  { readonly kind: 'read'; readonly record: BakeRecord } | { readonly kind: 'refused'; readonly error: string };

export function readRecord(text: string): RecordReading {
  let parsed: unknown;
  try {
    parsed = JSON.parse(withoutMark(text));
  } catch {
    return { kind: 'refused', error: $localize`not JSON: a record of a bake is written by the Book` };
  }
  const { format, version, record } = (parsed ?? {}) as { readonly format?: unknown; readonly version?: unknown; readonly record?: unknown }; // prettier-ignore
  if (format !== FORMAT)
    return { kind: 'refused', error: $localize`no record of a bake: its "format" is not "${FORMAT}"` };
  if (typeof version !== 'number' || version > VERSION)
    return { kind: 'refused', error: $localize`written by a later Orvin` };
  const checked: Joi.ValidationResult<BakeRecord> = bakeRecordSchema.validate(record);
  if (checked.error) return { kind: 'refused', error: checked.error.message };
  return record === undefined
    ? { kind: 'refused', error: $localize`no "record" in it` }
    : { kind: 'read', record: checked.value };
}
