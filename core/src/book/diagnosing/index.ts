export {
  FACT_CHOICES,
  FACT_FIGURES,
  FACT_NAMES,
  FACT_TRUTHS,
  signalsOf,
  USUAL_STYLE_ID,
  type BakeFacts,
} from './facts.js';
export { isAsUsual, SIGNALS, type SignalCode, type Signals } from './signals.js';
export {
  causeById,
  FAULT_IDS,
  FAULT_PLACES,
  NETWORK,
  type Cause,
  type ChangeKind,
  type Fault,
  type FaultPlace,
  type Network,
  type Test,
} from './network.js';
export {
  diagnose,
  likelihoodOf,
  type Asked,
  type CauseFound,
  type Diagnosis,
  type Likelihood,
  type Speaks,
} from './diagnose.js';
export { ifOther, testsFor, type IfOther, type TestToAsk } from './asking.js';
export { faultsByRisk, risksOf, type Risk } from './risks.js';
export { factsOfFormula, factsOfRecord, faultsOf, saysHowItWas, withoutFault } from './known-facts.js';
export { nextTime, type MovedAmount, type NextTime, type OfThatBake } from './next-time.js';
export { kitchenOdds, triedChanges, type Tried } from './outcomes.js';
export { faultsSaid } from './faults-said.js';
