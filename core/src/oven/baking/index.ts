export {
  HEAT_MODEL,
  HEAT_STYLE_IDS,
  HEAT_STYLE_OF,
  HEAT_STYLES,
  type HeatModel,
  type HeatStyle,
  type HeatStyleId,
} from './parameters.js';
export { simulateBake } from './simulate.js';
export {
  COVER_KINDS,
  type AirCourse,
  type BakeFrame,
  type BakeResult,
  type BakeSpec,
  type Cooling,
  type Cover,
  type CoverKind,
  type OvenCourse,
  type OvenStage,
} from './bake-spec.js';
export {
  anchorOn,
  batterOfKnown,
  kinship,
  specOf,
  type Anchor,
  type BakedBatter,
  type KnownFrom,
  type KnownTime,
} from './known-bake.js';
export {
  predictBake,
  type BakePrediction,
  type BakeRequest,
  type OvenKnown,
  type PredictionResult,
} from './predict-bake.js';
export { settingFor, type KnownSetting, type SetPoint, type SetPointReason } from './set-point.js';
export { batterGrowth, batterOf, runBakeJob, WARM_UP_JOB, type BakeJob } from './bake-job.js';
export type { AdviceFacts, BakeAdvice, BakeAdviceCode } from './advice.js';
export { coversInWords, readCovers, readSchedule, scheduleInWords, type ReadSchedule } from './read-course.js';
export { DONENESS_TESTS, type DonenessHere, type DonenessTest } from './doneness.js';
export { RULES_MISS, RULES_OF_THUMB, type RuleOfThumb, type RuleOfThumbId } from './rules-of-thumb.js';
export { ovenSag } from './oven-load.js';
export { heatingFrom, preheatMinutes, USUAL_HEATING_MINUTES, type BakeTimeline } from './timeline.js';
export { coreAtDone, type CoreAtDone } from './core-at-done.js';
export { domeLean } from './dome.js';
export { footprintOf } from './window.js';
export type { ThinEvidence, WindowFacts, WindowReason, WindowReasonCode } from './window.js';
export { bakeJobSchema, panSetSchema, predictionSchema } from './bake-schema.js';
