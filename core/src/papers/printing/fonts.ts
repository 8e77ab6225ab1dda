import { jsPDF } from 'jspdf';

/** The lettering of the application as TrueType, in base 64: printed pages can then hold every letter that a formula may. */
export interface PrintFonts {
  readonly regular: string;
  readonly bold: string;
}

export const FAMILY = 'Atkinson Hyperlegible Next';

/** A document in millimetres with the lettering in it. */
export function newPdf(format: 'a4' | 'letter' | 'a3', landscape: boolean, fonts: PrintFonts): jsPDF {
  const pdf = new jsPDF({
    unit: 'mm',
    format,
    orientation: landscape ? 'landscape' : 'portrait',
    compress: true,
    putOnlyUsedFonts: true,
  });
  for (const weight of ['regular', 'bold'] as const) {
    pdf.addFileToVFS(`${weight}.ttf`, fonts[weight]);
    pdf.addFont(`${weight}.ttf`, FAMILY, weight === 'bold' ? 'bold' : 'normal');
  }
  pdf.setFont(FAMILY, 'normal');
  return pdf;
}

export const bytesOf = (pdf: jsPDF): Uint8Array => new Uint8Array(pdf.output('arraybuffer'));
