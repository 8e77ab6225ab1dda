import { LAST_MOMENT } from '../../ground/records/index.js';
import Joi from 'joi';
import { ALLERGENS, CATEGORIES, COMPOSITION_PARTS, type OwnIngredient } from '../../kitchen/ingredients/index.js';
import { type Kitchen, QUANTITIES, type OwnStyle } from '../../kitchen/kitchen/index.js';
import { panSchema } from '../../kitchen/pans/index.js';
import { FILLINGS, REGIONS } from '../../ground/units/index.js';

/* A baker's own measures, words and ingredients, as they are stored and exchanged. Whether an ingredient can be right is another question:
 * `checkIngredient` answers it. */

const id = Joi.string().min(1).max(100).required();
const name = Joi.string().trim().min(1).max(100).required();
const per100 = Joi.number().min(0).max(110).required();
const density = Joi.number().positive().max(25);
const filling = Joi.string().valid(...FILLINGS);
const region = Joi.string()
  .valid(...REGIONS)
  .required();
const MOST = 2000;

export const ownIngredientSchema = Joi.object<OwnIngredient>({
  id,
  basedOn: Joi.string().max(100),
  name: Joi.string().allow('').max(100).required(),
  aliases: Joi.array().items(Joi.string().min(1).max(100)).max(100).required(),
  category: Joi.string()
    .valid(...CATEGORIES)
    .required(),
  per100Grams: Joi.object(Object.fromEntries(COMPOSITION_PARTS.map((part) => [part, per100]))).required(),
  energyKilocalories: Joi.number().min(0).max(1000).required(),
  sodiumMilligrams: Joi.number().min(0).max(100_000).required(),
  acidMeqPerGram: Joi.number().min(-100).max(100).required(),
  ph: Joi.number().min(0).max(14),
  gramsPerMillilitre: Joi.object(Object.fromEntries(FILLINGS.map((way) => [way, density]))).required(),
  pieces: Joi.array()
    .items(Joi.object({ name, grams: Joi.number().positive().max(100_000).required() }))
    .max(100)
    .required(),
  packGrams: Joi.array().items(Joi.number().positive().max(1_000_000)).max(50).required(),
  allergens: Joi.array()
    .items(Joi.string().valid(...ALLERGENS))
    .required(),
  vegan: Joi.boolean().required(),
  caution: Joi.string().allow('').max(2000).required(),
});

const band = Joi.object({
  low: Joi.number().min(0).max(1000).required(),
  typical: Joi.number().min(Joi.ref('low')).max(Joi.ref('high')).required(),
  high: Joi.number().min(Joi.ref('low')).max(1000).required(),
});

const ownStyleSchema = Joi.object<OwnStyle>({
  id,
  name: Joi.string().trim().min(1).max(60).required(),
  basedOn: id,
  bands: Joi.object(Object.fromEntries(QUANTITIES.map((quantity) => [quantity, band]))).required(),
});

export const kitchenSchema = Joi.object<Kitchen>({
  filling,
  fillings: Joi.object().pattern(Joi.string().max(100), filling.required()).required(),
  measures: Joi.array()
    .items(Joi.object({ name, millilitres: Joi.number().positive().max(20_000).required() }))
    .max(MOST)
    .required(),
  sets: Joi.array()
    .items(
      Joi.object({
        region,
        unitId: Joi.string().max(50).required(),
        millilitres: Joi.number().positive().max(5000).required(),
      }),
    )
    .max(MOST)
    .required(),
  weighed: Joi.array()
    .items(
      Joi.object({
        ingredientId: id,
        unitId: Joi.string().max(50).required(),
        region,
        grams: Joi.number().positive().max(20_000).required(),
        again: Joi.array().items(Joi.number().positive().max(20_000)).max(50),
      }),
    )
    .max(MOST)
    .required(),
  names: Joi.array()
    .items(Joi.object({ words: name, ingredientId: id }))
    .max(MOST)
    .required(),
  ingredients: Joi.array().items(ownIngredientSchema).max(MOST).required(),
  mixer: Joi.object({
    bowlLitres: Joi.number().positive().max(500).required(),
    mostFlourGrams: Joi.number().positive().max(500_000).required(),
  }),
  place: Joi.object({
    celsius: Joi.number().min(0).max(45).required(),
    metresAboveSea: Joi.number().min(-430).max(5000).required(),
  }),
  oven: Joi.object({
    fan: Joi.boolean(),
    heatsInMinutes: Joi.number().min(2).max(60),
    readings: Joi.array()
      .items(
        Joi.object({
          setCelsius: Joi.number().min(50).max(320).required(),
          readCelsius: Joi.number().min(20).max(380).required(),
          at: Joi.number().min(0).max(LAST_MOMENT),
        }),
      )
      .max(50)
      .required(),
    changes: Joi.array()
      .items(
        Joi.object({
          at: Joi.number().min(0).max(LAST_MOMENT).required(),
          what: Joi.string().allow('').max(100).required(),
        }),
      )
      .max(50),
    rough: Joi.boolean(),
    asSet: Joi.boolean(),
  }),
  styles: Joi.array().items(ownStyleSchema).max(200),
  prices: Joi.array()
    .items(
      Joi.object({
        ingredientId: id,
        packGrams: Joi.number().positive().max(1_000_000).required(),
        price: Joi.number().min(0).max(1_000_000).required(),
      }),
    )
    .max(MOST),
  stock: Joi.object().pattern(Joi.string().min(1).max(100), Joi.number().min(0).max(1_000_000)),
  cupboard: Joi.array().items(Joi.string().min(1).max(100)).max(MOST),
  pans: Joi.array()
    .items(
      Joi.object({
        id,
        name,
        pan: panSchema.required(),
        count: Joi.number().integer().min(1).max(200).required(),
        madeOf: Joi.string().max(50),
      }),
    )
    .max(500),
});
