import Joi from 'joi';
import { coversSchema } from '../../oven/settings/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { MOST_GRAMS, REGIONS } from '../../ground/units/index.js';

/*
 * What a formula must look like when it comes back from storage, from a file or from another thread. Unknown keys are refused: a
 * record of a later Orvin must not be half understood.
 */

const LONGEST_KEPT_LINE = 2000;
const LONGEST_STEP = 20_000;
const MOST = 1000;
const id = Joi.string().min(1).max(100);
const shortText = Joi.string().allow('').max(300);
const grams = Joi.number().min(0).max(MOST_GRAMS);
const celsius = Joi.number().min(20).max(350);
const minutes = Joi.number().min(0).max(2000);

const line = Joi.object({
  id: id.required(),
  text: Joi.string().allow('').max(LONGEST_KEPT_LINE).required(),
  ingredientId: Joi.string().max(100),
  grams,
  optional: Joi.boolean(),
  note: Joi.string().allow('').max(LONGEST_KEPT_LINE),
  split: Joi.array()
    .items(Joi.object({ stepId: id.required(), amount: shortText.required() }))
    .max(50),
  formulaId: Joi.string().max(100),
});

const component = Joi.object({
  id: id.required(),
  name: shortText.required(),
  lines: Joi.array().items(line).max(MOST).required(),
});

export const formulaSchema = Joi.object<Formula>({
  title: shortText.required(),
  region: Joi.string()
    .valid(...REGIONS)
    .required(),
  styleId: Joi.string().max(100),
  yield: shortText,
  components: Joi.array().items(component).max(50).required(),
  steps: Joi.array()
    .items(Joi.object({ id: id.required(), text: Joi.string().allow('').max(LONGEST_STEP).required() }))
    .max(MOST)
    .required(),
  notes: Joi.array().items(Joi.string().allow('').max(LONGEST_STEP)).max(MOST),
  bake: Joi.object({
    celsius,
    fan: Joi.boolean().required(),
    lowMinutes: minutes,
    highMinutes: minutes,
    pan: shortText,
    stages: Joi.array()
      .items(
        Joi.object({
          celsius: celsius.required(),
          lowMinutes: minutes.required(),
          highMinutes: minutes.required(),
        }),
      )
      .max(12),
    covers: coversSchema,
  }).required(),
  flourBasisGrams: Joi.number().positive().max(MOST_GRAMS),
  dismissed: Joi.array()
    .items(
      Joi.object({
        code: Joi.string().max(100).required(),
        place: Joi.string().allow('').max(100).required(),
        reason: shortText.required(),
      }),
    )
    .max(MOST),
});
