export { missesInARow, surprise } from './changed.js';
export { DONE_WORDS, doneEvidence, type BakeSeen, type DoneEvidence, type DoneWord } from './done-evidence.js';
export {
  learnFrom,
  type BakeWeight,
  type Learned,
  type Lessons,
  type TaughtBake,
  type TaughtReading,
} from './learn.js';
