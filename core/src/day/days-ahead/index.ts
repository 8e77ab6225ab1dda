export { daysAhead, type AheadTask } from './days-ahead.js';
