import Joi from 'joi';
import { BOX_LININGS, FROSTING_KINDS, KIT_IDS, MEASURED_WITH, MOST_MARKS, PAPERS, SWIRLS } from '../choices/index.js';
import { FILL_WAYS, type BatchSettings, type BatchTarget } from '../plan/index.js';

const count = Joi.number().integer().min(1).max(100_000).required();
const grams = Joi.number().positive().max(100_000_000).required();
const words = Joi.string().min(1).max(200).required();

const targetSchema = Joi.alternatives<BatchTarget>(
  Joi.object({ kind: Joi.valid('times').required(), times: Joi.number().positive().max(1_000_000).required() }),
  Joi.object({ kind: Joi.valid('pieces').required(), count }),
  Joi.object({ kind: Joi.valid('grams').required(), grams }),
  Joi.object({ kind: Joi.valid('each').required(), count, grams }),
  Joi.object({ kind: Joi.valid('limit').required(), said: words }),
  Joi.object({
    kind: Joi.valid('pans').required(),
    pans: words,
    fill: Joi.object({
      by: Joi.string()
        .valid(...FILL_WAYS)
        .required(),
      value: Joi.number().positive().max(200_000).required(),
    }),
  }),
  Joi.object({ kind: Joi.valid('cut').required(), count, of: Joi.string().max(20) }),
);

const centimetres = (least: number, most: number) => Joi.number().min(least).max(most).required();

/** A batch sheet as it is stored and exchanged. */
export const batchSettingsSchema = Joi.object<BatchSettings>({
  targets: Joi.array().items(targetSchema).max(20).required(),
  kit: Joi.string().valid(...KIT_IDS),
  held: Joi.object().pattern(
    Joi.string().max(120),
    Joi.object({
      grams,
      amount: Joi.string().max(100).required(),
      with: Joi.string()
        .valid(...MEASURED_WITH)
        .required(),
    }),
  ),
  mixTwice: Joi.boolean(),
  cut: Joi.object({
    thicknessCm: centimetres(0.2, 6),
    shape: Joi.string().valid('round', 'square', 'wedges').required(),
    sizeCm: centimetres(1, 40),
    wedges: Joi.number().integer().min(2).max(16).required(),
    toFreeze: Joi.number().integer().min(0).max(10_000).required(),
  }),
  frosting: Joi.object({
    kind: Joi.string()
      .valid(...FROSTING_KINDS)
      .required(),
    fillingCm: centimetres(0, 5),
    topCm: centimetres(0, 5),
    sides: Joi.boolean().required(),
    crumbCoat: Joi.boolean().required(),
    swirl: Joi.string()
      .valid(...SWIRLS)
      .required(),
    soaked: Joi.boolean().required(),
    splitInto: Joi.number().integer().min(1).max(6).required(),
    levelled: Joi.boolean(),
    componentId: Joi.string().max(100),
  }),
  lining: Joi.string().valid(...BOX_LININGS),
  marks: Joi.number().integer().min(1).max(MOST_MARKS),
  paper: Joi.string().valid(...PAPERS),
  largeIsMeant: Joi.boolean(),
});
