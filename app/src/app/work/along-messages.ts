import { bakeJobSchema } from '@orvin/core/oven/baking';
import Joi from 'joi';

/* What crosses to the worker that follows a bake, and what comes back. */

const minute = Joi.number().min(0).max(2000);
const celsius = Joi.number().min(-50).max(500);

export const liveJobSchema = Joi.object({
  key: Joi.string().max(300).required(),
  job: bakeJobSchema.required(),
  foreseen: Joi.object({
    minutes: Joi.object({ first: Joi.number().required(), low: minute.required(), likely: minute.required(), high: minute.required() }).required(),
    spread: Joi.number().positive().max(2).required(),
  }).required().unknown(),
  readings: Joi.array()
    .items(Joi.object({ minute: minute.required(), core: celsius, air: celsius }))
    .max(20_000)
    .required(),
  events: Joi.array()
    .items(
      Joi.object({
        kind: Joi.string().valid('probe-moved', 'tented', 'uncovered', 'set-to', 'power-back').required(),
        minute: minute.required(),
        celsius,
      }),
    )
    .max(200)
    .required(),
  now: minute.required(),
}).required(); // prettier-ignore

const figure = Joi.number().required();
export const liveEstimateSchema = Joi.object({
  likely: figure,
  low: figure,
  high: figure,
  passed: figure,
  course: Joi.array().max(1000).required(),
})
  .unknown()
  .allow(null);

export const ovenOffJobSchema = Joi.object({
  job: bakeJobSchema.required(),
  atMinute: minute.required(),
  offMinutes: minute.max(240).required(),
}).required();
export const ovenOffSchema = Joi.object({ coreCelsius: Joi.object().required(), maySink: Joi.boolean().required() })
  .unknown()
  .required();
