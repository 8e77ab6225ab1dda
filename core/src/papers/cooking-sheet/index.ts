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
export { plainStep, type StepWords } from './step-words.js';
export { sheetCsv, sheetMarkdown } from './write-sheet.js';
