export { compareBakes, explain, readingsOf, type Comparison, type Difference } from './compare.js';
export { HALF_BATCH_STEPS, settling, type HalfBatchStep, type Settling } from './half-batches.js';
export { repeatsNeeded, type Trial } from './repeats.js';
export { SENSITIVITIES, UNITS, type Sensitivity } from './sensitivities.table.js';
