import Joi from 'joi';
import { DONE_WORDS } from '../learning/index.js';
import { READING_CODES, type BakeRecord } from './bake-record.js';
import { BEST_SCORE, CRUMBS, SHAPES, TOPS, WRONGS } from './scales.js';

/* A record as it lies on the disk, in files and at the command line. */

const text = Joi.string().allow('').max(300);
const id = Joi.string().min(1).max(300);
const minutes = Joi.number().min(1).max(1000);
const one = (values: readonly string[]) => Joi.string().valid(...values);

export const bakeRecordSchema = Joi.object<BakeRecord>({
  title: text.required(),
  at: Joi.number().min(0).max(8.64e15).required(),
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
  }),
  formulaId: id,
  versionNumber: Joi.number().integer().min(1),
  bakingId: id,
  dayId: id,
  readings: Joi.object().pattern(one(READING_CODES), Joi.number().min(-1e6).max(1e6)).required(),
  grams: Joi.object().pattern(text, Joi.number().min(0).max(1e6)).max(200),
  coreCelsius: Joi.number().min(0).max(130),
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
  tried: Joi.object({ cause: id.required(), versionNumber: Joi.number().integer().min(1) }),
  top: one(TOPS),
  shape: one(SHAPES),
  crumb: one(CRUMBS),
  wrong: Joi.array().items(one(WRONGS)).max(WRONGS.length),
  score: Joi.number().integer().min(1).max(BEST_SCORE),
});
