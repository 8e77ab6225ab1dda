export {
  batchSheetSchema,
  EMPTY_BATCH,
  FILL_WAYS,
  USUAL_CUT,
  USUAL_FROSTING,
  type BatchSheet,
  type BatchTarget,
  type CutChoice,
  type FrostingChoice,
  type HeldAmount,
  type PanFill,
} from './batch-sheet.js';
export { readTargets, TARGET_FAULTS, type TargetFault, type TargetsRead } from './read-targets.js';
export {
  cutOf,
  planBatch,
  writtenPans,
  type BatchPlan,
  type CutResult,
  type FillReason,
  type Portion,
  type SizedBy,
  type TargetProblem,
} from './plan.js';
export {
  kitOf,
  measureBatch,
  usualKit,
  type BatchComponent,
  type BatchLine,
  type MeasuredBatch,
  type UnweighedLine,
} from './measure.js';
export { batchOf, frostingComponent, type Batch, type FrostedPortion, type FrostingPlan } from './batch.js';
