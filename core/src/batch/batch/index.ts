export {
  kitOf,
  measureBatch,
  usualKit,
  type BatchComponent,
  type BatchLine,
  type MeasuredBatch,
  type UnweighedLine,
} from './measure.js';
export {
  batchOf,
  spreadParts,
  type Batch,
  type FrostedPortion,
  type FrostingPlan,
  type SpreadComponent,
  type SpreadPart,
} from './batch.js';
