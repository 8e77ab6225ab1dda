export { CAUSE_NAMES, causeName, FAULT_NAMES, faultName, LIKELIHOOD_NAMES } from './names.table.js';
export { TEST_WORDS, type TestWords } from './tests.table.js';
export { signalInWords, speaksInWords, type SpeaksWords } from './signals.js';
export { adviceFor, movedInWords, nextTimeInWords, reasonForChange } from './next-time.js';
