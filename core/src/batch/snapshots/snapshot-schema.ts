import Joi from 'joi';
import { bakeJobSchema } from '../../oven/baking/index.js';
import { ovenSettingsSchema } from '../../oven/settings/index.js';
import { batchSettingsSchema } from '../settings-schema/index.js';
import type { BakeSnapshot } from './snapshot.js';

/** No figure of a bake comes near it; a greater one is no figure of a bake. */
const MOST = 1e9;
const figure = Joi.number().min(-MOST).max(MOST).required();
const minutes = Joi.number().positive().max(2000).required();

/** A snapshot as it is stored and exchanged. */
export const bakeSnapshotSchema = Joi.object<BakeSnapshot>({
  formulaId: Joi.string().min(1).max(100).required(),
  versionNumber: Joi.number().integer().min(1).max(MOST),
  batch: batchSettingsSchema.required(),
  oven: ovenSettingsSchema.required(),
  metresAboveSea: figure,
  offset: Joi.object({ celsius: figure, spread: figure, readings: Joi.number().integer().min(0).max(MOST).required() }),
  factor: Joi.number().positive().max(MOST).required(),
  batterGrams: Joi.number().min(0).max(MOST).required(),
  portions: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().allow('').max(300).required(),
        grams: Joi.number().min(0).max(MOST).required(),
        job: bakeJobSchema.required(),
        foreseen: Joi.object({
          celsius: figure,
          fan: Joi.boolean().required(),
          minutes: Joi.object({ first: figure, low: minutes, likely: minutes, high: minutes }).required(),
          spread: Joi.number().positive().max(2).required(),
          core: Joi.object({ usualCelsius: figure, perLnMinutes: Joi.number().positive().max(MOST).required() }),
        }),
      }),
    )
    .max(50)
    .required(),
});
