export { formulaReadings, HALF_WISHES, recordOfBake, recordOfBaking, withMinutes, type OfBake } from './known.js';
export { heatingOfBaking, workOfBaking } from './on-the-way.js';
