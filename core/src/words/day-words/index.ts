export { buyInWords } from './buying.js';
export { taskInWords, taskKindName } from './tasks.js';
export { conflictInWords, sheetProblemInWords, wayOutInWords } from './reasons.js';
