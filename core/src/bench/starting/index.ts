export { startFormula, type Started } from './start-formula.js';
export type { StartSize, StartWish } from './start-wish.js';
export { METHODS, PLANS, type MethodId, type Plan } from './plans.js';
export { withBakeMinutes } from './written-start.js';
