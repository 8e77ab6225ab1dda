export type { BakeOrder } from './bake-order.js';
export { bakeJobOf, fanOf, knownOf, usualCelsiusOf, type WayOfBaking } from './bake-job.js';
export { circumstancesOf, type Circumstances } from './circumstances.js';
export { isCutThin, withBatter } from './with-batter.js';
export { knownBakeJob, writtenBakeJob } from './written-bake.js';
