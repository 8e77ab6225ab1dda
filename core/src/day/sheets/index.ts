export { daySheetSchema } from './day-sheet-schema.js';
export {
  EMPTY_SHEET,
  type DaySheet,
  type KeptPlan,
  type SheetOven,
  type SheetPair,
  type SheetSpan,
  type Wish,
} from './day-sheet.js';
export {
  looseningsOf,
  planSheet,
  SHEET_PROBLEMS,
  worksOfSheet,
  type PlanningHooks,
  type RunBake,
  type SheetOrder,
  type SheetPlan,
  type SheetProblem,
  type SheetProblemCode,
  type SheetWorks,
} from './plan-sheet.js';
