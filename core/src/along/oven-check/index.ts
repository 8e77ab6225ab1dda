export { ovenVerdict, type OvenVerdict } from './oven-check.js';
