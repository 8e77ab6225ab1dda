export { DAY_FILE_FAULTS, readDayFile, writeDayFile, type DayFileFault, type DayFileRead } from './day-file.js';
