export { firstWords, nextInWords, placeInWords, scaleGrams, stepInWords, type StepWords } from './steps.js';
export { bowlFaultInWords, LOOK_NAMES, mixInWords, remedyInWords, type MixWords } from './mixing.js';
export { overInWords, overPourInWords, standsOutside } from './scale.js';
export { MISHAP_NAMES, ovenOffInWords, rescueInWords } from './rescue.js';
export { alarmInWords, DO_WORDS, DONE_WORDS, liveInWords, LOOK_WORDS } from './oven-watch.js';
export { CAUTIONS, cautionInWords, cautionsOnce, type Caution, type CautionFacts } from './cautions.js';
