export { KITS, type Kit } from './kits.js';
export { candidatesFor, measuringSpreadGrams, type Candidate, type ToMeasure } from './candidates.js';
export {
  ROUNDED_FUNCTIONS,
  roundBatch,
  type RoundedBatch,
  type RoundedFunction,
  type RoundedLine,
} from './rounding.js';
