export { eveningParts, type EveningParts } from './evening.js';
export { explainConflict, type Conflict } from './conflict.js';
export { USUAL_EVENING, waysOut, type WayOut, type WayOutCode } from './ways-out.js';
