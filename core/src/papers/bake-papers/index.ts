export { writeTrace } from './trace.js';
