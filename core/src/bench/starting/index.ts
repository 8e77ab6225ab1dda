export { startFormula, type Started, type StartSize, type StartWish } from './start-formula.js';
export { METHODS, PLANS, type MethodId, type Plan } from './plans.js';
