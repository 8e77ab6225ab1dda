export {
  compare,
  compareBakes,
  comparedBake,
  comparedVersion,
  explain,
  readingsOf,
  type Compared,
  type Comparison,
  type Difference,
} from './compare.js';
export { DIFFERS_IN_HALVES, HALF_BATCH_STEPS, settling, type HalfBatchStep, type Settling } from './half-batches.js';
export { repeatsNeeded } from './repeats.js';
export { SENSITIVITIES, UNITS, type Sensitivity } from './sensitivities.table.js';
export {
  readTrials,
  TRIAL_VERDICTS,
  type HalvesBaked,
  type Trial,
  type TrialReading,
  type TrialVerdict,
} from './trials.js';
