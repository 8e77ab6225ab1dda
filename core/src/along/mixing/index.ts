export { EMPTY_BOWL, MIX_PHASES, mixPhaseOf, withPoured, type InBowl, type MixPhase } from './phases.js';
export {
  BOWL_FAULTS,
  BOWL_LOOKS,
  COMBINING,
  MIXING_SIGNS,
  type BowlFault,
  type BowlLook,
  type MixingSigns,
} from './signs.table.js';
export { mixingSigns, remedyFor, type BowlRemedy, type NamedPart } from './stop-here.js';
