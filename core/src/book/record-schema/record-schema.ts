import { LAST_MOMENT } from '../../ground/records/index.js';
import Joi from 'joi';
import { batchSettingsSchema } from '../../batch/settings-schema/index.js';
import { PACED_TASKS, SIDES } from '../../kitchen/learned/index.js';
import { DONE_WORDS } from '../learning/index.js';
import { BEST_SCORE, CRUMBS, HALVES, READING_CODES, SHAPES, TOPS, WRONGS, type BakeRecord } from '../records/index.js';

/* A record as it lies on the disk, in files and at the command line. */

const text = Joi.string().allow('').max(300);
const id = Joi.string().min(1).max(300);
const minutes = Joi.number().min(1).max(1000);
const spent = Joi.number().positive().max(1000);
const celsius = Joi.number().min(0).max(130);
const one = (values: readonly string[]) => Joi.string().valid(...values);

export const bakeRecordSchema = Joi.object<BakeRecord>({
  title: text.required(),
  at: Joi.number().min(0).max(LAST_MOMENT).required(),
  size: text.required(),
  pan: text.required(),
  celsius: Joi.number().min(50).max(350).required(),
  fan: Joi.boolean().required(),
  outMinutes: minutes.required(),
  word: one(DONE_WORDS),
  looks: Joi.array()
    .items(Joi.object({ minutes: minutes.required(), seen: one(['not-done', 'nearly', 'done']).required() }))
    .max(60),
  foreseen: Joi.object({
    low: minutes.required(),
    likely: minutes.required(),
    high: minutes.required(),
    unlearned: minutes.required(),
    reckonedCelsius: Joi.number().min(-60).max(60).required(),
    core: Joi.object({ usualCelsius: celsius.required(), perLnMinutes: Joi.number().positive().max(1000).required() }),
  }),
  formulaId: id,
  versionNumber: Joi.number().integer().min(1).max(1e9),
  bakingId: id,
  dayId: id,
  batch: batchSettingsSchema,
  batchId: id,
  half: Joi.object({ trial: id.required(), of: one(HALVES).required(), change: text }),
  readings: Joi.object().pattern(one(READING_CODES), Joi.number().min(-1e6).max(1e6)).required(),
  grams: Joi.object().pattern(text, Joi.number().min(0).max(1e6)).max(200),
  coreCelsius: celsius,
  browned: Joi.object({
    side: one([...SIDES, 'even']).required(),
    steps: Joi.number().integer().min(0).max(2).required(),
  }),
  turned: Joi.boolean(),
  took: Joi.array()
    .items(Joi.object({ task: one(PACED_TASKS).required(), minutes: spent.required(), usual: spent.required() }))
    .max(PACED_TASKS.length),
  heated: Joi.object({
    celsius: Joi.number().min(50).max(350).required(),
    minutes: spent.required(),
    by: one(['lamp', 'thermometer']).required(),
  }),
  gramsBefore: Joi.number().min(0).max(1e6),
  gramsAfter: Joi.number().min(0).max(1e6),
  heightMm: Joi.number().min(1).max(500),
  notes: Joi.string().allow('').max(10_000),
  taste: Joi.string().allow('').max(2000),
  eatenBy: Joi.string().allow('').max(2000),
  leftOut: text,
  simulated: Joi.boolean(),
  photos: Joi.array().items(id).max(50),
  faults: Joi.array().items(id).max(60),
  answers: Joi.object().pattern(id, Joi.boolean()).max(100),
  tried: Joi.object({ cause: id.required(), versionNumber: Joi.number().integer().min(1).max(1e9) }),
  top: one(TOPS),
  shape: one(SHAPES),
  crumb: one(CRUMBS),
  wrong: Joi.array().items(one(WRONGS)).max(WRONGS.length),
  score: Joi.number().integer().min(1).max(BEST_SCORE),
});
