export {
  figureRefusedInWords,
  gramsInWords,
  minutesInWords,
  percentInWords,
  phInWords,
  windowInWords,
} from './figures.js';
export { capitalised, inOneLine, listed, sentence, uncapitalised, type Sentence } from './sentence.js';
export { problemInWords } from './problems.js';
export { faultInWords } from './ingredients.js';
export { findingInWords, fixInWords } from './findings.js';
export { QUANTITY_NAMES, REASON_CODES_WORDED, bandInWords, quantityInWords, verdictInWords } from './verdicts.js';
export { adviceInWords, originInWords, otherScales, setPointReasonInWords } from './bakes.js';
export { PHASE_NAMES, phConsequence } from './leavening.js';
export { limitInWords } from './limits.js';
export type { FigureRow } from './figure-row.js';
export { inFileName } from './file-name.js';
