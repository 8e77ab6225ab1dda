export {
  EMPTY_SHEET,
  type DaySheet,
  type KeptPlan,
  type SheetOven,
  type SheetPair,
  type SheetSpan,
  type Wish,
} from './day-sheet.js';
