export { bakingSchema, happeningSchema, readingSchema, walkStepSchema } from './baking-schema.js';
