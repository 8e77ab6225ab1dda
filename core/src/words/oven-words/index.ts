export {
  donenessInWords,
  noBakeInWords,
  ruleOfThumbInWords,
  settingInWords,
  unknownInWords,
  windowReasonInWords,
} from './words.js';
export { howClocked, howDone, howFilledInPan, howSure, howTimed } from './how.js';
export { courseInWords, inTheOvenInWords, OTHER_HEAT_NAMES, withoutAnOvenInWords } from './in-the-oven.js';
export { filledInWords, PAN_MATERIAL_NAMES, vesselProblemInWords } from './vessels.js';
export { afterwards, colourInWords, comparedInWords, middleInWords, roughMinutes } from './moments.js';
export { carryOverInWords, learnedOvenInWords, ownOvenInWords, sharedInWords, testHereInWords } from './this-oven.js';
