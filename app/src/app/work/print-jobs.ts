import type { BoxLining, Paper } from '@orvin/core/batch/choices';
import { liningFor } from '@orvin/core/batch/lining';
import type { SheetDocument } from '@orvin/core/papers/cooking-sheet';
import type { PanSet } from '@orvin/core/kitchen/pans';
import { labelSheet } from '@orvin/core/keep/labelling';
import { labelPdf, liningPdf, sheetPdf, type PrintedLabel, type PrintFonts } from '@orvin/core/papers/printing';

export interface SheetPdfJob {
  readonly sheet: SheetDocument;
  readonly paper: 'a4' | 'letter';
  readonly fonts: PrintFonts;
}
export interface LiningPdfJob {
  /** Swirls or portions that a guide is drawn for; 0 for none. */
  readonly marks: number;
  readonly pans: PanSet;
  readonly way: BoxLining;
  readonly title: string;
  readonly paper: Paper;
  readonly fonts: PrintFonts;
}

export interface LabelPdfJob {
  readonly label: PrintedLabel;
  /** An id of the label sheets. */
  readonly sheet: string;
  readonly count: number;
  readonly fonts: PrintFonts;
}

/** What the printing worker can be asked for. It is a worker of its own, so that nobody loads a PDF writer who prints nothing. */
export const printJobs = {
  'sheet-pdf': ({ sheet, paper, fonts }: SheetPdfJob): Uint8Array => sheetPdf(sheet, paper, fonts),
  'lining-pdf': ({ pans, way, title, paper, marks, fonts }: LiningPdfJob): Uint8Array =>
    liningPdf(liningFor(pans, way, marks), title, paper, fonts),
  'label-pdf': ({ label, sheet, count, fonts }: LabelPdfJob): Uint8Array => {
    const known = labelSheet(sheet);
    if (!known) throw new Error($localize`There is no sheet of labels called ${sheet}.`);
    return labelPdf(label, known, count, fonts);
  },
} as const;
