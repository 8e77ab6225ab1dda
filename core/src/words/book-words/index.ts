export {
  CRUMB_NAMES,
  DONE_WORD_NAMES,
  halfBatchInWords,
  OUTCOME_NAMES,
  READING_NAMES,
  readingInWords,
  SHAPE_NAMES,
  TOP_NAMES,
  WRONG_NAMES,
} from './names.js';
