export { dateOrMomentSchema, dateSchema, momentSchema } from './date-schemas.js';
