export {
  EMPTY_SHEET,
  heatingOf,
  type DaySheet,
  type KeptPlan,
  type OwnTask,
  type SheetOven,
  type SheetPair,
  type SheetSpan,
  type Wish,
} from './day-sheet.js';
