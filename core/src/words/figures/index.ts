export {
  figureRefusedInWords,
  gramsFigure,
  gramsInWords,
  minutesInWords,
  percentInWords,
  phInWords,
  windowInWords,
} from './figures.js';
export type { FigureRow } from './figure-row.js';
export { inFileName } from './file-name.js';
export { capitalised, eitherOf, inOneLine, listed, sentence, type Sentence } from './sentence.js';
export {
  apartOn,
  DEGREES,
  degreesApart,
  heatInWords,
  heatOn,
  readingOn,
  readingsOn,
  setPointInWords,
  signedApart,
} from './heat.js';
