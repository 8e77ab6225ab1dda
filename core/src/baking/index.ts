export { canBakeIn } from './batter-grid.js';
export { airAt, saturationPascals, type Air } from './water-vapour.js';
export { HEAT_STYLE_IDS, HEAT_STYLE_OF, HEAT_STYLES, type HeatStyle, type HeatStyleId } from './parameters.js';
export { simulateBake, type BakeFrame, type BakeResult, type BakeSpec, type OvenStage } from './simulate.js';
export { anchorOn, type Anchor, type BakedBatter, type KnownFrom, type KnownTime } from './known-bake.js';
export {
  predictBake,
  settingFor,
  type BakeAdvice,
  type BakeAdviceCode,
  type BakePrediction,
  type BakeRequest,
  type KnownSetting,
  type PredictionResult,
  type SetPoint,
  type SetPointReason,
} from './predict-bake.js';
export {
  bakeJob,
  batterGrowth,
  batterOf,
  knownPansOf,
  runBakeJob,
  WARM_UP_JOB,
  type BakeChoice,
  type BakeJob,
  type FormulaToBake,
} from './bake-of-formula.js';
