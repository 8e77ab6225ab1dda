export { instantOf, isoOf, isZone, minuteOf, type DayClock } from './day-clock.js';
