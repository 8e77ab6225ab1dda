import { LAST_MOMENT } from '../../ground/records/index.js';
import { type BatchSettings } from '../../batch/plan/index.js';
import { batchSettingsSchema } from '../../batch/settings-schema/index.js';
import Joi from 'joi';
import type { Formula } from '../../formula/formula/index.js';
import { ovenSettingsSchema, type OvenSettings } from '../../oven/settings/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { problem } from '../../formula/parsing/index.js';
import type { FileBatch, FileReading, FileVersion, ReadItem } from './file-reading.js';
import { formulaSchema } from './formula-schema.js';
import { kitchenSchema } from './kitchen-schema.js';

/* Orvin's own file: JSON that holds whole formulas with their versions, and the kitchen they are read with. */

const MARK = 'orvin formulas';
const VERSION = 1;

/** A formula as it goes into a file. */
export interface FormulaRecord {
  readonly id: string;
  readonly formula: Formula;
  readonly oven: OvenSettings;
  readonly versions: readonly FileVersion[];
  /** The batch at hand, and those that were kept. */
  readonly batch?: BatchSettings;
  readonly batches?: readonly FileBatch[];
}

const version = Joi.object<FileVersion>({
  number: Joi.number().integer().min(1).max(1e9).required(),
  parent: Joi.number().integer().min(1).allow(null).required(),
  reason: Joi.string().allow('').max(2000).required(),
  keptAt: Joi.number().integer().min(0).max(LAST_MOMENT).required(),
  formula: formulaSchema.required(),
  oven: ovenSettingsSchema.required(),
});
const batch = Joi.object<FileBatch>({
  versionNumber: Joi.number().integer().min(1).max(1e9).required(),
  name: Joi.string().allow('').max(300).required(),
  keptAt: Joi.number().integer().min(0).max(LAST_MOMENT).required(),
  sheet: batchSettingsSchema.required(),
});
const record = Joi.object<FormulaRecord>({
  id: Joi.string().min(1).max(100).required(),
  formula: formulaSchema.required(),
  oven: ovenSettingsSchema.required(),
  versions: Joi.array().items(version).max(10_000).required(),
  batch: batchSettingsSchema,
  batches: Joi.array().items(batch).max(10_000),
});
const envelope = Joi.object({
  file: Joi.valid(MARK).required(),
  version: Joi.number().integer().min(1).required(),
  formulas: Joi.array().items(Joi.any()).max(20_000).required(),
  kitchen: kitchenSchema,
});

/** Orvin's own file, whole: what its readers elsewhere can rely on. */
export const orvinFileSchema = envelope.keys({ formulas: Joi.array().items(record).max(20_000).required() });

export const isOrvinFile = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && (value as { readonly file?: unknown }).file === MARK;

/** Reads Orvin's own file. One damaged formula does not take the others with it. */
export function readOrvinFile(value: unknown): FileReading {
  const { error, value: checked } = envelope.validate(value) as {
    error?: Joi.ValidationError;
    value: { readonly version: number; readonly formulas: readonly unknown[]; readonly kitchen?: Kitchen };
  };
  if (error)
    return {
      format: 'orvin',
      items: [{ kind: 'refused', problem: problem('file-damaged', 'error', '', { why: error.message }) }],
    };
  if (checked.version > VERSION)
    return {
      format: 'orvin',
      items: [{ kind: 'refused', problem: problem('file-too-new', 'error', '', { version: checked.version }) }],
    };
  const items = checked.formulas.map((stored): ReadItem => {
    const { error: fault, value: sound } = record.validate(stored) as {
      error?: Joi.ValidationError;
      value: FormulaRecord;
    };
    if (fault) return { kind: 'refused', problem: problem('file-damaged', 'error', '', { why: fault.message }) };
    return { kind: 'read', problems: [], ...sound };
  });
  return { format: 'orvin', items, ...(checked.kitchen && { kitchen: checked.kitchen }) };
}

/** Writes whole formulas into Orvin's own file. */
export function writeOrvinFile(formulas: readonly FormulaRecord[], kitchen?: Kitchen): string {
  return `${JSON.stringify({ file: MARK, version: VERSION, formulas, ...(kitchen && { kitchen }) }, null, 2)}\n`;
}
