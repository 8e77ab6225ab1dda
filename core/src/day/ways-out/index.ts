export { eveningParts, type EveningParts } from './evening.js';
export { explainConflict, type Conflict } from './conflict.js';
export { USUAL_EVENING, WAYS_OUT_PARTS, waysOut, type WayOut, type WayOutCode, type WaysOutPart } from './ways-out.js';
