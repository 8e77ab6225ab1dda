export type { PrintFonts } from './fonts.js';
export { labelPdf, type PrintedLabel } from './label-pdf.js';
export { liningPdf } from './lining-pdf.js';
export { sheetPdf } from './sheet-pdf.js';
