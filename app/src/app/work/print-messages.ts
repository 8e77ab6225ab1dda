import { panSetSchema } from '@orvin/core/oven/baking';
import Joi from 'joi';
import { MOST_MARKS } from '@orvin/core/batch/choices';

/* What crosses to the worker that prints, and what comes back. */

const words = Joi.string().allow('').max(20_000).required();
const figure = Joi.number().required();
const list = (of: Joi.Schema) => Joi.array().items(of).max(2000).required();

const sheetSchema = Joi.object({
  title: words,
  version: Joi.number().integer().min(1),
  size: words,
  mixing: words,
  components: list(
    Joi.object({
      name: words,
      grams: figure,
      scaled: words,
      groups: list(
        Joi.object({
          name: words,
          rows: list(
            Joi.object({
              name: words,
              amount: words,
              grams: figure,
              runningGrams: figure,
              note: words,
              optional: Joi.boolean().required(),
            }),
          ),
        }),
      ),
      unweighed: list(Joi.object({ text: words, how: words })),
    }),
  ),
  steps: list(
    Joi.object({
      number: figure,
      words: list(Joi.object({ text: words, was: Joi.string().allow('').max(20_000) })),
      takes: list(Joi.string().allow('')),
    }),
  ),
  pans: list(Joi.object({ name: words, each: words, fill: words, oven: words, remark: words })),
  leftover: words,
  frosting: words,
  cautions: list(Joi.string().allow('')),
}).required();

const fonts = Joi.object({
  regular: Joi.string().base64().max(2_000_000).required(),
  bold: Joi.string().base64().max(2_000_000).required(),
}).required();

export const sheetTextSchema = Joi.object({
  sheet: sheetSchema,
  format: Joi.string().valid('csv', 'markdown').required(),
}).required();
export const sheetPdfSchema = Joi.object({
  sheet: sheetSchema,
  paper: Joi.string().valid('a4', 'letter').required(),
  fonts,
}).required();
export const liningPdfSchema = Joi.object({
  pans: panSetSchema.required(),
  way: Joi.string().valid('sling', 'sheet', 'base').required(),
  marks: Joi.number().integer().min(0).max(MOST_MARKS).required(),
  title: words,
  paper: Joi.string().valid('a4', 'letter', 'a3').required(),
  fonts,
}).required();

/** The bytes of a PDF: they begin with its mark. */
export const pdfSchema = Joi.any().custom((value: unknown, helpers) => {
  const isPdf = value instanceof Uint8Array && String.fromCharCode(...value.slice(0, 5)) === '%PDF-';
  return isPdf ? value : helpers.error('any.invalid');
});

const run = Joi.object({ words: Joi.string().allow('').max(5000).required(), bold: Joi.boolean().required() });
export const labelPdfSchema = Joi.object({
  label: Joi.object({
    title: words,
    paragraphs: list(Joi.array().items(run).max(2000)),
    qr: Joi.object({
      size: Joi.number().integer().min(21).max(177).required(),
      dark: Joi.array()
        .items(Joi.boolean())
        .max(177 * 177)
        .required(),
    }),
    foot: Joi.array()
      .items(Joi.array().items(Joi.string().allow('').max(300)).length(2))
      .max(6)
      .required(),
  }).required(),
  sheet: Joi.string().max(40).required(),
  count: Joi.number().integer().min(1).max(1000).required(),
  fonts,
}).required();
