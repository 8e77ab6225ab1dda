export { clausesOf, clauseWords, sentencesOf, type Clause } from './clauses.js';
export { walkOf, type WalkOrder } from './walk.js';
export {
  READY_TASKS,
  WEIGHED_BY,
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
