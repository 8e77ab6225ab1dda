export { batchSettingsSchema } from './batch-settings-schema.js';
export {
  EMPTY_BATCH,
  FILL_WAYS,
  cutInto,
  cutPieces,
  usualCut,
  USUAL_FROSTING,
  type BatchSettings,
  type BatchTarget,
  type CutChoice,
  type FrostingChoice,
  type HeldAmount,
  type PanFill,
} from './batch-settings.js';
export {
  cutOf,
  footprintOf,
  planBatch,
  writtenPans,
  type BatchPlan,
  type CutResult,
  type FillReason,
  type Portion,
  type SizedBy,
  type TargetProblem,
} from './plan.js';
