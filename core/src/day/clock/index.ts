export { daysBetween, dateShifted, instantOf, isDate, isoOf, isZone, minuteOf, type DayClock } from './day-clock.js';
