import { LAST_MOMENT } from '@orvin/core/ground/records';
import Joi from 'joi';
import { bakingSchema } from '@orvin/core/along/baking-schema';
import { bakeRecordSchema } from '@orvin/core/book/record-schema';
import { batchSettingsSchema } from '@orvin/core/batch/settings-schema';
import { daySheetSchema } from '@orvin/core/day/sheet-schema';
import { putAwaySchema } from '@orvin/core/keep/larder';
import { ovenSettingsSchema } from '@orvin/core/oven/settings';
import { formulaSchema, kitchenSchema } from '@orvin/core/papers/formats';
import { REGIONS } from '@orvin/core/ground/units';
import type { RecordFault } from './checking';
import type { Edit } from './edits';
import type {
  StoredBake,
  StoredBaking,
  StoredBatch,
  StoredFormula,
  StoredKitchen,
  StoredPlan,
  StoredPutAway,
  StoredSettings,
  StoredVersion,
} from './records';
import { TABLE_NAMES, type Table, type TableRecords } from './tables';

/* How a stored thing is checked when it comes back: one schema for each. It runs in the worker, behind the first screen. */

const id = Joi.string().min(1).max(100).required();
/** Milliseconds since 1970: no date lies beyond these. */
const moment = Joi.number().integer().min(0).max(LAST_MOMENT).required();
/** One more for each change: more than anybody makes, and far from where whole numbers end. */
const revision = Joi.number().integer().min(1).max(1e12).required();
const versionNumber = Joi.number().integer().min(1).max(1e9);

const storedFormulaSchema = Joi.object<StoredFormula>({
  id,
  revision,
  createdAt: moment,
  changedAt: moment,
  source: Joi.string().allow('').max(200_000),
  demo: Joi.boolean().required(),
  formula: formulaSchema.required(),
  oven: ovenSettingsSchema.required(),
  basedOn: versionNumber,
  batch: batchSettingsSchema,
});

const storedVersionSchema = Joi.object<StoredVersion>({
  id,
  revision,
  formulaId: id,
  number: versionNumber.required(),
  parent: versionNumber.allow(null).required(),
  reason: Joi.string().allow('').max(2000).required(),
  keptAt: moment,
  formula: formulaSchema.required(),
  oven: ovenSettingsSchema.required(),
});

const storedBatchSchema = Joi.object<StoredBatch>({
  id,
  revision,
  formulaId: id,
  versionNumber: versionNumber.required(),
  name: Joi.string().allow('').max(300).required(),
  keptAt: moment,
  sheet: batchSettingsSchema.required(),
});

const storedKitchenSchema = Joi.object<StoredKitchen>({
  id: Joi.valid('kitchen').required(),
  revision,
  kitchen: kitchenSchema.required(),
});

const storedPlanSchema = Joi.object<StoredPlan>({
  id,
  revision,
  createdAt: moment,
  changedAt: moment,
  demo: Joi.boolean().required(),
  sheet: daySheetSchema.required(),
});

const storedPutAwaySchema = Joi.object<StoredPutAway>({
  id,
  revision,
  createdAt: moment,
  changedAt: moment,
  demo: Joi.boolean().required(),
  item: putAwaySchema.required(),
});

const storedBakingSchema = Joi.object<StoredBaking>({
  id,
  revision,
  createdAt: moment,
  changedAt: moment,
  baking: bakingSchema.required(),
});

const storedBakeSchema = Joi.object<StoredBake>({
  id,
  revision,
  createdAt: moment,
  changedAt: moment,
  demo: Joi.boolean().required(),
  record: bakeRecordSchema.required(),
});

/** What is set for this browser, as it comes back. */
const storedSettingsSchema = Joi.object<StoredSettings>({
  id: Joi.valid('settings').required(),
  region: Joi.string()
    .valid(...REGIONS)
    .required(),
  theme: Joi.string().valid('auto', 'day', 'night').required(),
  onBench: Joi.string().max(100),
  seeded: Joi.boolean().required(),
});

export const RECORD_SCHEMAS: { readonly [T in Table]: Joi.ObjectSchema<TableRecords[T]> } = {
  formulas: storedFormulaSchema,
  versions: storedVersionSchema,
  kitchens: storedKitchenSchema,
  batches: storedBatchSchema,
  plans: storedPlanSchema,
  bakings: storedBakingSchema,
  bakes: storedBakeSchema,
  larder: storedPutAwaySchema,
};

const changeOf = (table: Table) =>
  Joi.object({
    table: Joi.valid(table).required(),
    id: Joi.string().max(100).required(),
    before: RECORD_SCHEMAS[table],
    after: RECORD_SCHEMAS[table],
  });
const editSchema = Joi.object<Edit>({
  label: Joi.string().allow('').max(500).required(),
  mergeAs: Joi.string().max(500),
  changes: Joi.array()
    .items(...TABLE_NAMES.map(changeOf))
    .required(),
});

/** Which of some rows of a table are damaged, and why. */
export function checkRows(table: Table | 'history' | 'settings', rows: readonly unknown[]): readonly RecordFault[] {
  const schema = table === 'history' ? editSchema : table === 'settings' ? storedSettingsSchema : RECORD_SCHEMAS[table];
  return rows.flatMap((row, at): RecordFault[] => {
    // what is shown is the row itself, not what Joi would make of it
    const { error } = schema.validate(row, { convert: false });
    if (!error) return [];
    // what was decided for a batch may be lost alone: the formula is sound
    const onlyBatch = table === 'formulas' && error.details.every(({ path }) => path[0] === 'batch');
    return [{ at, reason: error.message, onlyBatch }];
  });
}
