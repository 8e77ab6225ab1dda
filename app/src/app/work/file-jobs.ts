import { ovenSettingsSchema } from '@orvin/core/oven/settings';
import Joi from 'joi';
import {
  EXPORT_FORMATS,
  FILE_FORMATS,
  formulaSchema,
  kitchenSchema,
  type ExportFormat,
  type FormulaRecord,
} from '@orvin/core/papers/formats';
import type { Formula } from '@orvin/core/formula/formula';
import type { Kitchen } from '@orvin/core/kitchen/kitchen';
import { REGIONS, type Region } from '@orvin/core/ground/units';

/** A file or a pasted text to read. */
export interface ReadJob {
  /** The file's name; '' for a pasted text. */
  readonly name: string;
  readonly text: string;
  readonly region: Region;
  readonly kitchen: Kitchen;
}

/** Formulas to write in a format. */
export interface ExportJob {
  readonly records: readonly FormulaRecord[];
  readonly format: ExportFormat;
  readonly kitchen: Kitchen;
  /** Other formulas that lines take from. */
  readonly beside: readonly { readonly id: string; readonly formula: Formula }[];
}

const id = Joi.string().min(1).max(100).required();

export const readJobSchema = Joi.object<ReadJob>({
  name: Joi.string().allow('').max(1000).required(),
  text: Joi.string().allow('').required(),
  region: Joi.string()
    .valid(...REGIONS)
    .required(),
  kitchen: kitchenSchema.required(),
});

const version = Joi.object({
  number: Joi.number().integer().min(1).required(),
  parent: Joi.number().integer().min(1).allow(null).required(),
  reason: Joi.string().allow('').max(2000).required(),
  keptAt: Joi.number().integer().min(0).required(),
  formula: formulaSchema.required(),
  oven: ovenSettingsSchema.required(),
});

/** Loose here: the reader in the worker and the Batch station check it by its own schema, and the first screen need not carry that. */
const batchSheet = Joi.object().unknown();
const batch = Joi.object({
  versionNumber: Joi.number().integer().min(1).required(),
  name: Joi.string().allow('').max(300).required(),
  keptAt: Joi.number().integer().min(0).required(),
  sheet: batchSheet.required(),
});

const problem = Joi.object({
  code: Joi.string().required(),
  severity: Joi.string().valid('error', 'warning', 'note').required(),
  line: Joi.string().allow('').required(),
  facts: Joi.object().required(),
});

export const fileReadingSchema = Joi.object({
  format: Joi.string()
    .valid(...FILE_FORMATS)
    .required(),
  kitchen: kitchenSchema,
  items: Joi.array()
    .items(
      Joi.object({
        kind: Joi.valid('read').required(),
        formula: formulaSchema.required(),
        problems: Joi.array().items(problem).required(),
        oven: ovenSettingsSchema,
        id: Joi.string().max(100),
        versions: Joi.array().items(version),
        batch: batchSheet,
        batches: Joi.array().items(batch),
      }),
      Joi.object({ kind: Joi.valid('refused').required(), problem: problem.required() }),
    )
    .required(),
});

export const exportJobSchema = Joi.object<ExportJob>({
  records: Joi.array()
    .items(
      Joi.object({
        id,
        formula: formulaSchema.required(),
        oven: ovenSettingsSchema.required(),
        versions: Joi.array().items(version).required(),
        batch: batchSheet,
        batches: Joi.array().items(batch),
      }),
    )
    .required(),
  format: Joi.string()
    .valid(...EXPORT_FORMATS)
    .required(),
  kitchen: kitchenSchema.required(),
  beside: Joi.array()
    .items(Joi.object({ id, formula: formulaSchema.required() }))
    .required(),
});
