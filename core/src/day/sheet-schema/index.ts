export { daySheetSchema } from './day-sheet-schema.js';
