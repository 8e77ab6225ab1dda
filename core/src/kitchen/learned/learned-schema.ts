import Joi from 'joi';
import type { LearnedKitchen } from './learned.js';
import { PACED_TASKS, type LearnedRoutine } from './routine.js';

/* What was learned, as it crosses to workers. It is worked out from the Book, so it lies on no disk. */

const name = Joi.string().allow('').max(400);
/** Rows of figures are checked as a whole: one object for each would cost more than the learning. */
const figures = Joi.any()
  .custom((value: unknown, helpers) =>
    Array.isArray(value) && value.every((figure) => Number.isFinite(figure))
      ? (value as number[])
      : helpers.error('any.invalid'),
  )
  .required();
const count = Joi.number().integer().min(0).required();

export const learnedKitchenSchema = Joi.object<LearnedKitchen>({
  shared: Joi.array().items(name).required(),
  mean: figures,
  covariance: figures,
  recipes: Joi.object()
    .pattern(
      name,
      Joi.object({
        pans: Joi.array().items(name).required(),
        mean: figures,
        withShared: figures,
        covariance: figures,
        bakes: count,
      }),
    )
    .required(),
  scatter: Joi.number().positive().max(2).required(),
  bakes: count,
  readings: count,
  epoch: count,
});

const finite = Joi.number().required();
const hotterBy = Joi.object({ celsius: finite, spread: finite }).required();
export const learnedRoutineSchema = Joi.object<LearnedRoutine>({
  pace: Joi.object({
    hands: finite,
    tasks: Joi.object()
      .pattern(Joi.string().valid(...PACED_TASKS), Joi.number())
      .required(),
    spread: finite,
    bakes: count,
  }),
  heating: Joi.object({ minutesTo180: Joi.number().positive().required(), spread: finite, timed: count }),
  hotSide: Joi.object({ backOverFront: hotterBy, rightOverLeft: hotterBy, bakes: count }),
});
