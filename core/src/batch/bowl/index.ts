export {
  BUTTERCREAM_GRAMS_PER_MILLILITRE,
  FROSTING_GRAMS_PER_MILLILITRE,
  frostingFor,
  soakMillilitres,
  swirlMillilitres,
  type Footprint,
  type Frosting,
  type ToFrost,
} from './frosting.js';
export {
  FAMILY_FACTS,
  MIXING_FAMILIES,
  familyOfFormula,
  mixingFamily,
  mixingPlan,
  type MixingFamily,
  type MixingPlan,
  type Overmixing,
} from './mixing.js';
export { SCALING_NOTES, scalingNotes, type ScalingNote } from './scaling-notes.js';
export { levelling, type Levelling } from './levelling.js';
