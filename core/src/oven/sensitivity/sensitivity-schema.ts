import Joi from 'joi';

const figure = Joi.number().required();

/** What moves a bake, as it comes back from the worker. */
export const sensitivitiesSchema = Joi.array().items(
  Joi.object({ unknown: Joi.string().required(), off: figure, lessMinutes: figure, moreMinutes: figure }),
);
