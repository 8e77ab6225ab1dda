import { MOST_GRAMS } from '../../ground/units/index.js';
import Joi from 'joi';
import { PAN_MATERIALS } from '../../kitchen/pans/index.js';
import type { OvenSettings } from './oven-settings.js';

const words = Joi.string().allow('').max(300);
const setPoint = Joi.number().min(20).max(350);

/** Settings of the oven as they are stored and exchanged. */
/** Lids, bowls and foil over a bake, each from a minute, to a minute or until it comes out. */
export const coversSchema = Joi.array()
  .items(
    Joi.object({
      kind: Joi.valid('lid', 'bowl', 'foil').required(),
      fromMinute: Joi.number().min(0).max(600).required(),
      toMinute: Joi.number().min(0).max(600),
    }),
  )
  .max(6);

export const ovenSettingsSchema = Joi.object<OvenSettings>({
  pans: words,
  material: Joi.string().valid(...PAN_MATERIALS),
  celsius: setPoint,
  fan: Joi.boolean(),
  grams: Joi.number().min(0).max(MOST_GRAMS),
  stages: Joi.array()
    .items(Joi.object({ fromMinute: Joi.number().min(0).max(600).required(), celsius: setPoint.required() }))
    .max(6),
  covers: coversSchema,
  batterCelsius: Joi.number().min(-30).max(60),
  coldOven: Joi.boolean(),
  compare: Joi.array().items(words).max(3),
});
