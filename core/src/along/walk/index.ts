export { clausesOf, clauseWords, sentencesOf, type Clause } from './clauses.js';
export { usualHands, walkOf } from './walk.js';
export type { WalkOrder } from './walk-order.js';
export {
  READY_TASKS,
  WEIGHED_BY,
  COOK_ACTS,
  GRIDDLE_ACTS,
  type BakeStep,
  type CoolStep,
  type DivideStep,
  type HeatStep,
  type MixStep,
  type ReadyStep,
  type RestStep,
  type WalkStep,
  type WalkStepKind,
  type WeighStep,
} from './walk-step.js';
