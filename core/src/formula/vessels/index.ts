export { pansWritten, vesselWritten } from './vessels-written.js';
