import type { BoxLining, Paper } from '@orvin/core/batch/choices';
import { Injectable, inject } from '@angular/core';
import type { SheetDocument } from '@orvin/core/papers/cooking-sheet';
import type { PanSet } from '@orvin/core/kitchen/pans';
import type { PrintedLabel, PrintFonts } from '@orvin/core/papers/printing';
import { Work } from './work-client';

const FONT_FILES = {
  regular: 'fonts/AtkinsonHyperlegibleNext_400Regular.ttf',
  bold: 'fonts/AtkinsonHyperlegibleNext_700Bold.ttf',
} as const;
const CHUNK = 0x8000;

async function inBase64(path: string): Promise<string> {
  const reply = await fetch(new URL(path, document.baseURI));
  if (!reply.ok)
    throw new Error($localize`The lettering for printing could not be loaded. Load the page again, then print.`);
  const bytes = new Uint8Array(await reply.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return btoa(text);
}

/** Sheets and templates as files: PDFs from the printing worker, texts from the other. */
@Injectable({ providedIn: 'root' })
export class Printing {
  private readonly work = inject(Work);
  private fonts: Promise<PrintFonts> | undefined;

  async sheetPdf(sheet: SheetDocument, paper: 'a4' | 'letter'): Promise<Uint8Array> {
    return this.work.run('sheet-pdf', { sheet, paper, fonts: await this.lettering() });
  }
  sheetText(sheet: SheetDocument, format: 'csv' | 'markdown'): Promise<string> {
    return this.work.run('sheet-text', { sheet, format });
  }
  async liningPdf(pans: PanSet, way: BoxLining, title: string, paper: Paper, marks: number): Promise<Uint8Array> {
    return this.work.run('lining-pdf', { pans, way, title, paper, marks, fonts: await this.lettering() });
  }

  async labelPdf(label: PrintedLabel, sheet: string, count: number): Promise<Uint8Array> {
    return this.work.run('label-pdf', { label, sheet, count, fonts: await this.lettering() });
  }

  private lettering(): Promise<PrintFonts> {
    this.fonts ??= Promise.all([inBase64(FONT_FILES.regular), inBase64(FONT_FILES.bold)]).then(
      ([regular, bold]) => ({ regular, bold }),
      (error: unknown) => {
        // the next try loads them anew
        this.fonts = undefined;
        throw error;
      },
    );
    return this.fonts;
  }
}
