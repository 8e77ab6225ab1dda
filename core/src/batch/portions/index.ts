export {
  cutPlan,
  doughFor,
  DOUGH_GRAMS_PER_MILLILITRE,
  wedgePlan,
  type CutPlan,
  type Cutter,
  type Point,
  type WedgePlan,
} from './pieces.js';
export {
  BUTTERCREAM_GRAMS_PER_MILLILITRE,
  FROSTING_GRAMS_PER_MILLILITRE,
  FROSTING_KINDS,
  frostingFor,
  soakMillilitres,
  SWIRLS,
  swirlMillilitres,
  type Footprint,
  type Frosting,
  type FrostingKind,
  type Swirl,
  type ToFrost,
} from './frosting.js';
export { factorFor, SCALING_NOTES, scalingNotes, type ScalingNote, type Target } from './target.js';
export {
  FAMILY_FACTS,
  MIXING_FAMILIES,
  mixingFamily,
  mixingPlan,
  type MixingFamily,
  type MixingPlan,
  type Overmixing,
} from './mixing.js';
export { leavenerInPan } from './leavener-in-pan.js';
export { idealFill, mostFill, whatFits, type Growth, type OwnedPan, type PanCombination, type PanUse } from './fits.js';
