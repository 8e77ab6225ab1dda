export {
  eachInWords,
  evennessInWords,
  faultInWords,
  FILL_REASONS,
  fillInWords,
  FUNCTION_NAMES,
  liningInWords,
  liningSizeInWords,
  mixingInWords,
  NOTES,
  panCare,
  panName,
  pansInWords,
  SIZED_BY,
  targetInWords,
  targetProblemInWords,
  verdictInWords,
} from './batch-words.js';
export {
  sheetDocument,
  type SheetComponent,
  type SheetContext,
  type SheetDocument,
  type SheetGroup,
  type SheetPan,
  type SheetRow,
  type SheetStep,
} from './document.js';
export { howCut, howFilled, howFits, howFrosted, howMixed, howRounded, howSized } from './how-batch.js';
export { sheetCsv, sheetMarkdown } from './write-sheet.js';
