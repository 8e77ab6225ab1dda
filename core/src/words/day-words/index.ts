export { taskInWords, taskKindName } from './tasks.js';
export { conflictInWords, sheetProblemInWords, wayOutInWords } from './reasons.js';
export { minutesInWords, timeOf } from './times.js';
