import { daySheetSchema } from '@orvin/core/day/sheet-schema';
import { WAYS_OUT_PARTS } from '@orvin/core/day/ways-out';
import { ovenSettingsSchema } from '@orvin/core/oven/settings';
import { learnedKitchenSchema, learnedRoutineSchema } from '@orvin/core/kitchen/learned';
import { formulaSchema, kitchenSchema } from '@orvin/core/papers/formats';
import Joi from 'joi';

/* What crosses to the worker that plans days, and what comes back. */

const minute = Joi.number().integer().min(-20_000).max(20_000);

export const sheetOrderSchema = Joi.object({
  sheet: daySheetSchema.required(),
  formulas: Joi.object()
    .pattern(
      Joi.string().max(100),
      Joi.object({ formula: formulaSchema.required(), oven: ovenSettingsSchema }).required(),
    )
    .required(),
  kitchen: kitchenSchema.append({ learned: learnedKitchenSchema, routine: learnedRoutineSchema }).required(),
  seconds: Joi.number().positive().max(60).required(),
  now: minute,
  margins: Joi.object().pattern(Joi.string().max(200), Joi.number().min(0).max(1440)),
  begins: minute,
}).required();

export const loosenJobSchema = Joi.object({
  order: sheetOrderSchema,
  part: Joi.string()
    .valid('why', ...WAYS_OUT_PARTS)
    .required(),
}).required();

const task = Joi.object({ id: Joi.string().required(), from: minute.required(), to: minute.required() }).unknown();
const plan = Joi.object({
  tasks: Joi.array().items(task).max(3000).required(),
  startsAt: minute.required(),
  cost: Joi.number().required(),
  bound: Joi.number().required(),
}).unknown();
const works = Joi.object({ works: Joi.array().required() }).unknown();

export const planAnswerSchema = Joi.alternatives(
  Joi.object({ kind: Joi.valid('planned').required(), plan: plan.required(), of: works.required() }).unknown(),
  Joi.object({ kind: Joi.valid('none').required(), proven: Joi.boolean().required() }).unknown(),
  Joi.object({ kind: Joi.valid('refused').required(), problems: Joi.array().min(1).required() }),
).required();
export const loosenedSchema = Joi.object({
  conflict: Joi.object().unknown(),
  ways: Joi.array()
    .items(Joi.object({ code: Joi.string().required(), plan: plan.required() }).unknown())
    .required(),
  of: works.required(),
}).allow(null);
