import Joi from 'joi';

const figure = Joi.number().required();

/** One set point of a sweep, as it comes back from the worker. */
export const sweepPointSchema = Joi.object({
  celsius: figure,
  minutes: Joi.number(),
  topColour: figure,
  massLost: figure,
});
