export {
  DAY_FILE_FAULTS,
  dayFileSchema,
  readDayFile,
  writeDayFile,
  type DayFileFault,
  type DayFileRead,
} from './day-file.js';
export { dayEvents, dayMarkdown, type DayOnPaper } from './day-tasks.js';
export { shoppingCsv, shoppingMarkdown, shoppingText } from './shopping-papers.js';
