export {
  CRUMB_NAMES,
  DONE_WORD_NAMES,
  halfBatchInWords,
  halfChoiceInWords,
  OUTCOME_NAMES,
  READING_NAMES,
  readingInWords,
  SHAPE_NAMES,
  TOP_NAMES,
  trialInWords,
  trialNameInWords,
  WRONG_NAMES,
} from './names.js';
export { heatingRow, hotSideRow, paceRow, paceSaid, whyTurned } from './routine.js';
