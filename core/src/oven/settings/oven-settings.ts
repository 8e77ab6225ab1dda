import Joi from 'joi';
import { PAN_MATERIALS } from '../../kitchen/pans/index.js';

/** What the baker chose for the oven beside the formula; absent means as the formula says, or as Orvin proposes. */
export interface OvenSettings {
  /** The pans of this bake as a person writes them: "9 in round x 2". */
  readonly pans?: string;
  readonly material?: string;
  readonly celsius?: number;
  readonly fan?: boolean;
  /** All the batter, g, when it is not the formula's own. */
  readonly grams?: number;
  /** Later set points, the first being `celsius`. */
  readonly stages?: readonly { readonly fromMinute: number; readonly celsius: number }[];
  /** A lid or foil over it for a while; without an end, until it comes out. */
  readonly covers?: readonly {
    readonly kind: 'lid' | 'foil';
    readonly fromMinute: number;
    readonly toMinute?: number;
  }[];
  /** How warm it goes in; below 0 frozen. */
  readonly batterCelsius?: number;
  /** Goes into an oven that is not heated yet. */
  readonly coldOven?: boolean;
  /** Other ways to bake it, as a person writes them, to be held against this one. */
  readonly compare?: readonly string[];
}

const words = Joi.string().allow('').max(300);
const setPoint = Joi.number().min(20).max(350);

/** Settings of the oven as they are stored and exchanged. */
export const ovenSettingsSchema = Joi.object<OvenSettings>({
  pans: words,
  material: Joi.string().valid(...PAN_MATERIALS),
  celsius: setPoint,
  fan: Joi.boolean(),
  grams: Joi.number().min(0).max(1_000_000),
  stages: Joi.array()
    .items(Joi.object({ fromMinute: Joi.number().min(0).max(600).required(), celsius: setPoint.required() }))
    .max(6),
  covers: Joi.array()
    .items(
      Joi.object({
        kind: Joi.valid('lid', 'foil').required(),
        fromMinute: Joi.number().min(0).max(600).required(),
        toMinute: Joi.number().min(0).max(600),
      }),
    )
    .max(6),
  batterCelsius: Joi.number().min(-30).max(60),
  coldOven: Joi.boolean(),
  compare: Joi.array().items(words).max(3),
});
