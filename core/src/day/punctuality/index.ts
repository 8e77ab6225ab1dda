export { playThrough, type Played } from './play-through.js';
export { planOnce, planSafely, type SafePlan } from './plan-safely.js';
