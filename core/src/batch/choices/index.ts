export {
  BOX_LININGS,
  FROSTING_KINDS,
  KIT_IDS,
  MEASURED_WITH,
  PAPERS,
  SWIRLS,
  type BoxLining,
  type FrostingKind,
  type KitId,
  type MeasuredWith,
  type Paper,
  type Swirl,
} from './choices.js';
