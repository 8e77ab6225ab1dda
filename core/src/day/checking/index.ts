export { checkDay, DAY_FAULTS, type DayFault, type DayFaultCode } from './check-day.js';
