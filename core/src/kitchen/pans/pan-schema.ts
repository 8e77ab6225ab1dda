import Joi from 'joi';
import { PAN_MATERIALS, PAN_SHAPES, type Pan } from './pan.js';

const positive = Joi.number().positive().max(1_000_000);

/** A pan as it is stored, exchanged and sent to a worker. */
export const panSchema = Joi.object<Pan>({
  name: Joi.string().allow('').max(300).required(),
  shape: Joi.string()
    .valid(...PAN_SHAPES)
    .required(),
  topLengthCm: positive.required(),
  topWidthCm: positive.required(),
  bottomLengthCm: positive.required(),
  bottomWidthCm: positive.required(),
  depthCm: positive.required(),
  cavities: Joi.number().integer().min(1).max(100).required(),
  material: Joi.string()
    .valid(...PAN_MATERIALS)
    .required(),
  tubeDiameterCm: positive,
  cornerRadiusCm: Joi.number().min(0).max(50),
  shapeFactor: Joi.number().min(0.2).max(1),
  measuredMillilitres: positive,
});
