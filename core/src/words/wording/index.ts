export { problemInWords } from './problems.js';
export { faultInWords } from './ingredients.js';
export {
  QUANTITY_NAMES,
  REASON_CODES_WORDED,
  VERDICT_NAMES,
  bandInWords,
  quantityInWords,
  verdictInWords,
} from './verdicts.js';
export { adviceInWords, originInWords, otherScales, setPointReasonInWords } from './bakes.js';
export { phaseNames, phConsequence } from './leavening.js';
export { limitInWords } from './limits.js';
