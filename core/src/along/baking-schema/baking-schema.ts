import { LAST_MOMENT } from '../../ground/records/index.js';
import Joi from 'joi';
import { MIXING_FAMILIES } from '../../batch/bowl/index.js';
import { BOWL_KINDS } from '../../batch/pouring/index.js';
import { bakeSnapshotSchema } from '../../batch/snapshots/index.js';
import { OTHER_HEATS } from '../../formula/parsing/index.js';
import { PACED_TASKS } from '../../kitchen/learned/index.js';
import { MIX_PHASES } from '../mixing/index.js';
import { COOK_ACTS, GRIDDLE_ACTS, READY_TASKS, WEIGHED_BY } from '../walk/index.js';
import type { Baking } from '../baking/index.js';
import { DONE_AT_OVEN, LOOKS, TOLD_BY } from '../baking/index.js';

/* A bake as it lies on the disk and in files. */

const text = Joi.string().allow('').max(300);
const id = Joi.string().max(300).required();
const grams = Joi.number().min(-1_000_000).max(1_000_000);
const minutes = Joi.number().min(0).max(100_000);
const instant = Joi.number().min(0).max(LAST_MOMENT).required();
/** Which of many: a step, a piece, a letter of a text. */
const place = Joi.number().integer().min(0).max(1_000_000);
const portion = Joi.number().integer().min(0).max(200).required();
const toldBy = Joi.string().valid(...TOLD_BY).required(); // prettier-ignore
const one = (values: readonly string[]) => Joi.string().valid(...values);

const STEPS: Readonly<Record<string, Joi.PartialSchemaMap>> = {
  ready: { task: one(READY_TASKS).required(), what: text.required(), waitMinutes: minutes.required() },
  heat: {
    celsius: Joi.number().min(0).max(400).required(),
    fan: Joi.boolean().required(),
    minutes: minutes.required(),
  },
  weigh: {
    lineId: id,
    name: text.required(),
    ingredientId: id,
    grams: grams.required(),
    toleranceGrams: grams.required(),
    amount: text.required(),
    by: one(WEIGHED_BY).required(),
    optional: Joi.boolean().required(),
    bowl: Joi.object({ step: place.required(), kind: one(BOWL_KINDS).required() }).required(),
    bowlGrams: grams.required(),
    keptBack: Joi.array()
      .items(Joi.object({ grams: grams.required(), step: place.required() }))
      .max(100)
      .required(),
    rest: Joi.boolean().required(),
    part: text.required(),
  },
  mix: {
    stepId: Joi.string().allow('').max(300).required(),
    number: place.required(),
    clause: Joi.object({
      from: place.required(),
      to: place.required(),
    }),
    phase: one(MIX_PHASES),
    family: one(MIXING_FAMILIES).required(),
    bowlGrams: grams.required(),
  },
  rest: { minutes: minutes.required() },
  divide: {
    portion,
    grams: grams.required(),
    pieces: Joi.number().integer().min(1).max(100_000).required(),
    gramsEach: grams.required(),
    isFree: Joi.boolean(),
  },
  bake: { portion },
  griddle: { act: one(GRIDDLE_ACTS).required(), minutes: minutes.required() },
  cook: {
    act: one(COOK_ACTS).required(),
    by: one(OTHER_HEATS.filter((heat) => heat !== 'griddle')).required(),
    minutes: minutes.required(),
  },
  cool: { portion, isFree: Joi.boolean(), inPanMinutes: minutes, sliceMinutes: minutes, frostMinutes: minutes },
};
const HAPPENINGS: Readonly<Record<string, Joi.PartialSchemaMap>> = {
  step: { to: id },
  weighed: { step: id, grams: grams.required(), by: toldBy },
  retargeted: {
    targets: Joi.object().pattern(Joi.string().max(300), grams).max(1000).required(),
    because: text.required(),
  },
  divided: { step: id, piece: place.required(), grams: grams.required(), by: toldBy },
  mixed: { step: id, seconds: Joi.number().min(0).max(1_000_000).required() },
  'oven-read': { celsius: Joi.number().min(-50).max(500).required(), by: toldBy },
  in: { portion },
  look: { portion, seen: one(LOOKS).required() },
  did: { portion, what: one(DONE_AT_OVEN).required() },
  out: { portion },
  timer: { id, name: text.required(), until: instant },
  'timer-off': { id },
  ended: {},
  resumed: {},
};
const byKind = (kinds: Readonly<Record<string, Joi.PartialSchemaMap>>, more: Joi.PartialSchemaMap) =>
  Joi.alternatives().conditional('.kind', {
    switch: Object.entries(kinds).map(([kind, fields]) => ({
      is: kind,
      then: Joi.object({ kind: Joi.valid(kind).required(), ...more, ...fields }),
    })),
    otherwise: Joi.forbidden(),
  });

export const walkStepSchema = byKind(STEPS, { id });
export const happeningSchema = byKind(HAPPENINGS, { at: instant });
export const readingSchema = Joi.object({
  at: instant,
  core: Joi.number().min(-50).max(500),
  air: Joi.number().min(-50).max(500),
  by: toldBy,
});

export const bakingSchema = Joi.object<Baking>({
  title: text.required(),
  size: text.required(),
  snapshot: bakeSnapshotSchema.required(),
  walk: Joi.array().items(walkStepSchema).max(2000).required(),
  words: Joi.object().pattern(Joi.string().max(300), Joi.string().allow('').max(20_000)).required(),
  usual: Joi.object().pattern(one(PACED_TASKS), minutes),
  happenings: Joi.array().items(happeningSchema).max(20_000).required(),
  readings: Joi.array().items(readingSchema).max(20_000).required(),
  dayId: Joi.string().max(300),
  wishId: Joi.string().max(300),
  dueAt: Joi.number().min(0).max(LAST_MOMENT),
});
