export { KIT_IDS, KITS, type Kit, type KitId } from './kits.js';
export { candidatesFor, type Candidate, type ToMeasure } from './candidates.js';
export {
  ROUNDED_FUNCTIONS,
  roundBatch,
  type RoundedBatch,
  type RoundedFunction,
  type RoundedLine,
} from './rounding.js';
export { cutPlan, DOUGH_GRAMS_PER_MILLILITRE, type CutPlan, type Cutter } from './pieces.js';
export { BUTTERCREAM_GRAMS_PER_MILLILITRE, frostingFor, type Frosting, type ToFrost } from './frosting.js';
export { factorFor, SCALING_NOTES, scalingNotes, type ScalingNote, type Target } from './target.js';
