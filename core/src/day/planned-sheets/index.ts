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
