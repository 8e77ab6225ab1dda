export {
  donenessInWords,
  noBakeInWords,
  ruleOfThumbInWords,
  SETTING_COSTS,
  unknownInWords,
  windowReasonInWords,
  WINDOW_REASONS_WORDED,
} from './words.js';
export { howClocked, howDone, howFilledInPan, howSure, howTimed } from './how.js';
export { courseInWords, inTheOvenInWords, setPointInWords } from './in-the-oven.js';
