export type { PrintFonts } from './fonts.js';
export { liningPdf } from './lining-pdf.js';
export { sheetPdf } from './sheet-pdf.js';
