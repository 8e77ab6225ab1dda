export { minutesLost, ovenVerdict, type OvenVerdict } from './oven-check.js';
