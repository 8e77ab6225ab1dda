export {
  acidFor,
  MISHAPS,
  rescuesFor,
  type Mishap,
  type MishapAt,
  type MishapFacts,
  type MishapKind,
  type MishapStage,
  type Rescue,
} from './mishaps.js';
export { interruptedAir, ovenOff, type OvenOff } from './oven-off.js';
