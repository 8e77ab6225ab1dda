import Joi from 'joi';
import { FACT_CHOICES, FACT_FIGURES, FACT_NAMES, FACT_TRUTHS, type BakeFacts } from '../diagnosing/index.js';

/** What somebody tells of a bake, at every door. */
export const bakeFactsSchema = Joi.object<BakeFacts>({
  ...Object.fromEntries(Object.entries(FACT_FIGURES).map(([name, [least, most]]) => [name, Joi.number().min(least).max(most)])),
  ...Object.fromEntries(FACT_TRUTHS.map((name) => [name, Joi.boolean()])),
  ...Object.fromEntries(Object.entries(FACT_CHOICES).map(([name, values]) => [name, Joi.string().valid(...values)])),
  swaps: Joi.array().items(Joi.string().max(60)).max(20),
}).messages({ 'object.unknown': `there is no fact {{#label}}; facts are ${FACT_NAMES.join(', ')}` }); // prettier-ignore
