export { KIT_IDS, KITS, type Kit, type KitId } from './kits.js';
export {
  candidatesFor,
  measuringSpreadGrams,
  MEASURED_WITH,
  type Candidate,
  type MeasuredWith,
  type ToMeasure,
} from './candidates.js';
export {
  ROUNDED_FUNCTIONS,
  roundBatch,
  type RoundedBatch,
  type RoundedFunction,
  type RoundedLine,
} from './rounding.js';
