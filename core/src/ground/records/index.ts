export { without, withoutUndefined } from './records.js';
