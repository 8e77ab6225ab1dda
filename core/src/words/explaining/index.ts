export { inTheWayInWords, standInsInWords } from './rebalancing.js';
export {
  consequenceInWords,
  CONSEQUENCES_WORDED,
  DIET_CAUTIONS,
  DIET_NAMES,
  FORCE_NAMES,
  RESIDUAL_NAMES,
  ruleInWords,
  SCHOOL_NAMES,
  settingInWords,
  SWAP_NOTES_WORDED,
  swapNoteInWords,
} from './adapting.js';
export { derivationOf, FIGURES, type Derivation, type Figure } from './derivations.js';
export { EXPERIMENT_WORDS } from './experiments.js';
