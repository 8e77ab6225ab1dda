import Joi from 'joi';
import { learnedKitchenSchema } from '@orvin/core/kitchen/learned';

/* What crosses to the worker that learns, and what comes back. */

const id = Joi.string().max(300).required();
const figure = Joi.number().required();
const spread = Joi.number().positive().max(3).required();
const epoch = Joi.number().integer().min(0).max(50);

export const lessonsSchema = Joi.object({
  bakes: Joi.array()
    .items(
      Joi.object({
        id,
        recipe: Joi.string().allow('').max(300).required(),
        pan: Joi.string().allow('').max(300).required(),
        celsius: figure,
        fan: Joi.boolean().required(),
        perCelsius: Joi.number(),
        reckonedCelsius: Joi.number(),
        predictedMinutes: Joi.number().positive().max(2000).required(),
        done: Joi.object({ ln: figure, spread }).required(),
        epoch,
        coreAtOut: Joi.object({ over: figure, spread }),
      }),
    )
    .max(20_000)
    .required(),
  readings: Joi.array()
    .items(Joi.object({ setCelsius: figure, readCelsius: figure, epoch }))
    .max(50),
  rough: Joi.boolean(),
  epoch,
}).required();

export const bookLearnedSchema = Joi.object({
  kitchen: learnedKitchenSchema.required(),
  weights: Joi.array()
    .items(
      Joi.object({ id, absurd: Joi.number().min(0).max(1).required(), weight: Joi.number().min(0).max(1).required() }),
    )
    .required(),
  misses: Joi.array().items(Joi.string()).required(),
}).required();

export const ovenCourseSchema = Joi.array()
  .items(Joi.object({ bakes: figure, epoch: figure, celsius: figure, spread: figure, known: Joi.boolean().required() }))
  .required();
