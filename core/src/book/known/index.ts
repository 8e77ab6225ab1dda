export { formulaReadings, recordOfBake, recordOfBaking, withMinutes, type OfBake } from './known.js';
