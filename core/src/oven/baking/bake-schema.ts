import { MOST_GRAMS } from '../../ground/units/index.js';
import Joi from 'joi';
import { LEARNED_FROM } from '../../kitchen/learned/index.js';
import { FREE_SHAPES, PAN_MATERIALS, panSchema } from '../../kitchen/pans/index.js';
import type { BakeJob } from './bake-job.js';
import { COVER_KINDS } from './bake-spec.js';
import { HEAT_STYLE_IDS } from './parameters.js';
import type { PredictionResult } from './predict-bake.js';

/* What crosses to the worker that bakes, and what comes back. The ranges are those of the simulation, or wider: it refuses the rest itself. */

const positive = Joi.number().positive().max(1_000_000);
/** No figure of a bake comes near these ends. */
const figure = Joi.number().min(-1e9).max(1e9);
const share = Joi.number().min(0).max(1);
const spread = Joi.number().min(0).max(3);

export const panSetSchema = Joi.object({
  pan: panSchema.required(),
  count: Joi.number().integer().min(1).max(1000).required(),
});

/** Pieces that stand on a sheet without walls. */
const freePiecesSchema = Joi.object({
  name: Joi.string().allow('').max(300).required(),
  shape: Joi.string()
    .valid(...FREE_SHAPES)
    .required(),
  diameterCm: positive,
  heightCm: positive,
  cavities: Joi.number().integer().min(1).max(100).required(),
  material: Joi.string()
    .valid(...PAN_MATERIALS)
    .required(),
});
const vesselSetSchema = Joi.object({
  pan: Joi.alternatives(panSchema, freePiecesSchema).required(),
  count: Joi.number().integer().min(1).max(1000).required(),
});
const courseSchema = Joi.object({
  stages: Joi.array()
    .items(Joi.object({ fromMinute: figure.required(), celsius: figure.required() }))
    .max(12),
  covers: Joi.array()
    .items(
      Joi.object({
        kind: Joi.string()
          .valid(...COVER_KINDS)
          .required(),
        fromMinute: figure.required(),
        toMinute: figure,
      }),
    )
    .max(12),
  batterCelsius: figure,
  altitudeMetres: figure,
  ovenOffsetCelsius: figure,
  coldOvenMinutes: figure,
  air: Joi.object({
    everySeconds: Joi.number().positive().max(600).required(),
    celsius: Joi.array().items(Joi.number().min(-30).max(400)).min(1).max(20_000).required(),
  }),
  beside: Joi.object({
    grams: Joi.number().min(0).max(MOST_GRAMS).required(),
    squareCm: Joi.number().min(0).max(1e6).required(),
  }),
});

export const bakeJobSchema = Joi.object<BakeJob>({
  batter: Joi.object({
    grams: Joi.number().min(0).max(MOST_GRAMS).required(),
    heatStyle: Joi.string()
      .valid(...HEAT_STYLE_IDS)
      .required(),
    water: share,
    fat: share,
    sugar: share,
  }).required(),
  pans: vesselSetSchema.required(),
  course: courseSchema,
  oven: Joi.object({ spreadCelsius: Joi.number().min(0).max(60), heatsInMinutes: Joi.number().min(1).max(120) }),
  setting: Joi.object({
    celsius: figure.required(),
    fan: Joi.boolean().required(),
    reasons: Joi.array()
      .items(Joi.object({ code: Joi.string().required(), celsius: figure.required() }))
      .required(),
  }).required(),
  known: Joi.object({
    pans: vesselSetSchema.required(),
    course: courseSchema,
    grams: positive,
    ovenCelsius: figure.required(),
    fan: Joi.boolean().required(),
    lowMinutes: positive.required(),
    highMinutes: positive.required(),
    from: Joi.string().valid('own-bake', 'printed-range', 'printed-time', 'remembered').required(),
  }),
  lesson: Joi.object({
    factor: Joi.number().positive().max(20).required(),
    spread: spread.required(),
    window: spread.required(),
    unlearnedWindow: spread.required(),
    least: spread.required(),
    from: Joi.string()
      .valid(...LEARNED_FROM)
      .required(),
    bakesOfRecipe: Joi.number().integer().min(0).max(1e6).required(),
    bakes: Joi.number().integer().min(0).max(1e6).required(),
  }),
});

/** Long rows of figures are checked as a whole: one object for each would cost more than the simulation. */
const figures = Joi.any().custom((value: unknown, helpers) =>
  Array.isArray(value) && value.every((figure) => Number.isFinite(figure))
    ? (value as number[])
    : helpers.error('any.invalid'),
);
const given = figure.required();

export const predictionSchema = Joi.alternatives<PredictionResult>(
  Joi.object({ kind: Joi.valid('never-done').required(), celsius: given, longestMinutes: given }),
  Joi.object({
    kind: Joi.valid('past-the-end').required(),
    what: Joi.valid('lid', 'bowl', 'foil', 'stage').required(),
    atMinute: given,
    doneMinutes: given,
  }),
  Joi.object({
    kind: Joi.valid('foreseen').required(),
    bake: Joi.object({
      minutes: Joi.object({ first: given, low: given, likely: given, high: given }).required(),
      frames: Joi.array()
        .items(
          Joi.object({
            minute: given,
            coreCelsius: given,
            topColour: given,
            heightCm: given,
            sectionCelsius: figures.required(),
            rowTopsCm: figures.required(),
          }).unknown(),
        )
        .min(1)
        .required(),
      columnEdges: figures.required(),
      fill: Joi.object(),
      timeline: Joi.object().required(),
      doneness: Joi.object().required(),
      advice: Joi.array().required(),
    })
      .unknown()
      .required(),
  }),
);
