export { rebalance, type Conflict, type Rebalanced } from './rebalance.js';
export { partsOf, type Limit, type MovedLine, type OpenLine } from './open-line.js';
export { distanceOutside, verdictsOf } from './verdicts.js';
export { SHARE } from './program.js';
