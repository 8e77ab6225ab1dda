export { missesInARow, surprise } from './changed.js';
export {
  DONE_WORDS,
  doneEvidence,
  pastDonePercent,
  type BakeSeen,
  type DoneEvidence,
  type DoneWord,
} from './done-evidence.js';
export { learnFrom } from './learn.js';
export type { BakeWeight, Learned, Lessons, TaughtBake, TaughtReading } from './lessons.js';
