import Joi from 'joi';
import { HEAT_STYLE_IDS, type BakeJob, type PredictionResult } from '../baking/index.js';
import { panSchema } from './pan-schema.js';

/* What crosses to the worker that bakes, and what comes back. The ranges are those of the simulation, or wider: it refuses the rest itself. */

const positive = Joi.number().positive().max(1_000_000);
const share = Joi.number().min(0).max(1);

export const panSetSchema = Joi.object({
  pan: panSchema.required(),
  count: Joi.number().integer().min(1).max(1000).required(),
});

export const bakeJobSchema = Joi.object<BakeJob>({
  batter: Joi.object({
    grams: Joi.number().min(0).max(1_000_000).required(),
    heatStyle: Joi.string()
      .valid(...HEAT_STYLE_IDS)
      .required(),
    water: share,
    fat: share,
    sugar: share,
  }).required(),
  pans: panSetSchema.required(),
  setting: Joi.object({
    celsius: Joi.number().required(),
    fan: Joi.boolean().required(),
    reasons: Joi.array()
      .items(Joi.object({ code: Joi.string().required(), celsius: Joi.number().required() }))
      .required(),
  }).required(),
  known: Joi.object({
    pans: panSetSchema.required(),
    ovenCelsius: Joi.number().required(),
    fan: Joi.boolean().required(),
    lowMinutes: positive.required(),
    highMinutes: positive.required(),
    from: Joi.string().valid('own-bake', 'printed-range', 'printed-time', 'remembered').required(),
  }),
});

/** Long rows of figures are checked as a whole: one object for each would cost more than the simulation. */
const figures = Joi.any().custom((value: unknown, helpers) =>
  Array.isArray(value) && value.every((one) => Number.isFinite(one))
    ? (value as number[])
    : helpers.error('any.invalid'),
);
const figure = Joi.number().required();

export const predictionSchema = Joi.alternatives<PredictionResult>(
  Joi.object({ kind: Joi.valid('never-done').required(), celsius: figure, longestMinutes: figure }),
  Joi.object({
    kind: Joi.valid('foreseen').required(),
    bake: Joi.object({
      minutes: Joi.object({ first: figure, low: figure, likely: figure, high: figure }).required(),
      frames: Joi.array()
        .items(
          Joi.object({
            minute: figure,
            coreCelsius: figure,
            topColour: figure,
            heightCm: figure,
            sectionCelsius: figures.required(),
            rowTopsCm: figures.required(),
          }).unknown(),
        )
        .min(1)
        .required(),
      columnEdges: figures.required(),
      fill: Joi.object().required(),
      advice: Joi.array().required(),
    })
      .unknown()
      .required(),
  }),
);
