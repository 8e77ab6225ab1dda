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
export { leavenerInPan } from './leavener-in-pan.js';
export { idealFill, mostFill, whatFits, type Growth, type OwnedPan, type PanCombination, type PanUse } from './fits.js';
