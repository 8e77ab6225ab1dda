export { cautionInWords, daysInWords, keepReasonInWords, keepsInWords, monthsInWords } from './keeping.js';
export {
  DATE_MARKS,
  ingredientRuns,
  LABEL_REGION_NAMES,
  labelAsText,
  panelRowInWords,
  storageInWords,
  type LabelRun,
} from './label.js';
