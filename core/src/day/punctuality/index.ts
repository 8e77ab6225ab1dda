export { playThrough, type Played } from './play-through.js';
export { planSafely, type SafePlan } from './plan-safely.js';
