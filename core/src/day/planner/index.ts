export { planDay, type DayPlan, type DayPlanned, type PlanOptions, type PlanProgress } from './plan-day.js';
export type { Settled } from './day-state.js';
