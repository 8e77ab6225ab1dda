import { sensitivitiesSchema } from '@orvin/core/oven/sensitivity';
import { sweepPointSchema } from '@orvin/core/oven/sweeps';
import { bakeJobSchema, predictionSchema } from '@orvin/core/oven/baking';
import Joi from 'joi';
import { liveEstimateSchema, liveJobSchema, ovenOffJobSchema, ovenOffSchema } from './along-messages';
import { checkRowsSchema, rowFaultsSchema } from './record-jobs';
import { exportJobSchema, fileReadingSchema, readJobSchema } from './file-jobs';
import { bookLearnedSchema, lessonsSchema, ovenCourseSchema } from './learn-messages';
import type { JobName } from './jobs';
import type { WorkRequest } from './work-messages';
import { pasteReadingSchema, shelfFactsJobSchema, shelfFactsSchema } from './shelf-jobs';
import { loosenedSchema, loosenJobSchema, planAnswerSchema, sheetOrderSchema } from './plan-messages';
import { labelPdfSchema, liningPdfSchema, pdfSchema, sheetPdfSchema, sheetTextSchema } from './print-messages';

/** What goes into each job and what comes out, checked in the worker as it comes in and as it goes out. */
export const JOB_SCHEMAS: Readonly<Record<JobName, { readonly input: Joi.Schema; readonly output: Joi.Schema }>> = {
  bake: { input: bakeJobSchema.required(), output: predictionSchema.required() },
  'bake-at': {
    input: Joi.object({ job: bakeJobSchema.required(), celsius: Joi.number().required() }).required(),
    output: sweepPointSchema.required(),
  },
  sensitivities: { input: bakeJobSchema.required(), output: sensitivitiesSchema.required() },
  read: { input: readJobSchema.required(), output: fileReadingSchema.required() },
  export: { input: exportJobSchema.required(), output: Joi.array().items(Joi.string()).required() },
  'shelf-facts': { input: shelfFactsJobSchema, output: shelfFactsSchema },
  'paste-reading': { input: readJobSchema.required(), output: pasteReadingSchema },
  'check-rows': { input: checkRowsSchema, output: rowFaultsSchema },
  'foresee-batch': { input: sheetOrderSchema, output: Joi.valid(null).required() },
  'plan-day': { input: sheetOrderSchema, output: planAnswerSchema },
  'loosen-day': { input: loosenJobSchema, output: loosenedSchema },
  'learn-book': { input: lessonsSchema, output: bookLearnedSchema },
  'oven-course': { input: lessonsSchema, output: ovenCourseSchema },
  'live-estimate': { input: liveJobSchema, output: liveEstimateSchema },
  'oven-off': { input: ovenOffJobSchema, output: ovenOffSchema },
  'sheet-text': { input: sheetTextSchema, output: Joi.string().required() },
  'sheet-pdf': { input: sheetPdfSchema, output: pdfSchema.required() },
  'lining-pdf': { input: liningPdfSchema, output: pdfSchema.required() },
  'label-pdf': { input: labelPdfSchema, output: pdfSchema.required() },
};

export const requestSchema = Joi.object<WorkRequest>({
  id: Joi.number().integer().min(0).required(),
  name: Joi.string()
    .valid(...Object.keys(JOB_SCHEMAS))
    .required(),
  input: Joi.any(),
});
