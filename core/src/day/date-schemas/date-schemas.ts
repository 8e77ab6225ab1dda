import Joi from 'joi';
import { isDate } from '../dates/index.js';

/** A text that begins with a date of the calendar, in a pattern; what is none is told as what breaks the pattern is. */
const beginsWithDate = (pattern: RegExp): Joi.StringSchema =>
  Joi.string()
    .trim()
    .pattern(pattern)
    .custom((written: string, helpers) =>
      isDate(written.slice(0, 10)) ? written : helpers.error('string.pattern.base', { value: written }),
    );
/** "2026-11-28". */
export const dateSchema = beginsWithDate(/^\d{4}-\d{2}-\d{2}$/);
/** "2026-11-28T15:00". */
export const momentSchema = beginsWithDate(/^\d{4}-\d{2}-\d{2}T(?:[01]\d|2[0-3]):[0-5]\d$/);
/** Either, or with a space between them. */
export const dateOrMomentSchema = beginsWithDate(/^\d{4}-\d{2}-\d{2}(?:[T ](?:[01]\d|2[0-3]):[0-5]\d)?$/);
