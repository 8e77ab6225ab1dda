export { compositionOf, keepsOf, type HowKept, type KeepReason, type Keeps, type KeptPart } from './keep.js';
export { KEEPING_ROWS, keepingRow, type KeepingRow } from './keeping-rows.js';
export {
  alcoholKept,
  bakedComposition,
  mouldFreeDays,
  waterActivity,
  type BakedComposition,
} from './water-activity.js';
