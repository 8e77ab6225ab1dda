export { dateShifted, daysBetween, isDate, weekdayOf } from './dates.js';
