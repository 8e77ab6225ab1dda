import type { LabelSheet, QrCode } from '../../keep/labelling/index.js';
import type { LabelRun } from '../../words/keep-words/index.js';
import { bytesOf, FAMILY, newPdf, type PrintFonts } from './fonts.js';

/** A label as it is printed. */
export interface PrintedLabel {
  readonly title: string;
  /** Paragraphs under the title; bold runs name allergens. */
  readonly paragraphs: readonly (readonly LabelRun[])[];
  /** At the foot, left and right. */
  readonly foot: readonly [left: string, right: string][];
  /** Holds the formula; at the right, under the title. */
  readonly qr?: QrCode;
}

const PAD = 4;
/** Tried until everything fits; no smaller than an x-height of 1.2 mm takes, about 6 pt here. */
const SIZES = [9, 8.4, 7.8, 7.2, 6.6, 6] as const;
const LINE = 0.42;
const TITLE = 1.5;

type Pdf = ReturnType<typeof newPdf>;
interface Word {
  readonly words: string;
  readonly bold: boolean;
  readonly width: number;
}

/** Runs as lines no wider than the label. */
function linesOf(pdf: Pdf, runs: readonly LabelRun[], width: number): readonly (readonly Word[])[] {
  const words = runs.flatMap(({ words: said, bold }) => (said.match(/\s*\S+\s*/g) ?? [said]).map((each) => ({ words: each, bold }))); // prettier-ignore
  const lines: Word[][] = [[]];
  let used = 0;
  let glued: Word[] = [];
  const place = () => {
    const needs = glued.reduce((sum, word) => sum + word.width, 0);
    if (used + needs > width && used > 0) {
      lines.push([]);
      used = 0;
    }
    lines.at(-1)?.push(...glued);
    used += needs;
    glued = [];
  };
  for (const word of words) {
    pdf.setFont(FAMILY, word.bold ? 'bold' : 'normal');
    glued.push({ ...word, width: pdf.getTextWidth(word.words) });
    // a line breaks only where there is a space
    if (/\s$/.test(word.words)) place();
  }
  place();
  return lines;
}

/** Lines of the whole label at a size, and how high they stand. */
function laidOut(pdf: Pdf, label: PrintedLabel, width: number, size: number) {
  pdf.setFont(FAMILY, 'bold');
  pdf.setFontSize(size * TITLE);
  const title = pdf.splitTextToSize(label.title, width) as string[];
  pdf.setFontSize(size);
  const paragraphs = label.paragraphs.map((runs) => linesOf(pdf, runs, width));
  const line = size * LINE;
  const rows = paragraphs.reduce((sum, lines) => sum + lines.length, 0);
  const height = title.length * line * TITLE + rows * line + paragraphs.length * line * 0.3 + label.foot.length * line + line; // prettier-ignore
  return { title, paragraphs, line, height };
}

/** A module is printed no smaller than this, mm: a phone reads it. */
const MODULE = 0.33;
const qrSide = ({ size }: QrCode, sheet: LabelSheet): number => Math.min(size * MODULE, sheet.height / 2, sheet.width / 2.4); // prettier-ignore
function drawQr(pdf: Pdf, qr: QrCode, x: number, y: number, side: number): void {
  const step = side / qr.size;
  pdf.setFillColor(0, 0, 0);
  qr.dark.forEach((isDark, i) => {
    if (isDark) pdf.rect(x + (i % qr.size) * step, y + Math.floor(i / qr.size) * step, step, step, 'F');
  });
}

function drawLabel(pdf: Pdf, label: PrintedLabel, x: number, y: number, sheet: LabelSheet): void {
  const side = label.qr ? qrSide(label.qr, sheet) : 0;
  // beside the code the words are narrower
  const [width, height] = [sheet.width - 2 * PAD - (side > 0 ? side + PAD / 2 : 0), sheet.height - 2 * PAD];
  const size = SIZES.find((each) => laidOut(pdf, label, width, each).height <= height) ?? SIZES.at(-1) ?? 6;
  const { title, paragraphs, line } = laidOut(pdf, label, width, size);
  pdf.saveGraphicsState();
  pdf.rect(x, y, sheet.width, sheet.height, null);
  pdf.clip();
  pdf.discardPath();
  let down = y + PAD + line * TITLE * 0.8;
  pdf.setFont(FAMILY, 'bold');
  pdf.setFontSize(size * TITLE);
  for (const row of title) {
    pdf.text(row, x + PAD, down);
    down += line * TITLE;
  }
  pdf.setFontSize(size);
  for (const lines of paragraphs) {
    for (const words of lines) {
      let across = x + PAD;
      for (const word of words) {
        pdf.setFont(FAMILY, word.bold ? 'bold' : 'normal');
        pdf.text(word.words, across, down);
        across += word.width;
      }
      down += line;
    }
    down += line * 0.3;
  }
  if (label.qr) drawQr(pdf, label.qr, x + sheet.width - PAD - side, y + PAD, side);
  const foot = y + sheet.height - PAD - (label.foot.length - 1) * line;
  pdf.setLineWidth(0.2);
  pdf.line(x + PAD, foot - line, x + sheet.width - PAD, foot - line);
  label.foot.forEach(([left, right], i) => {
    pdf.setFont(FAMILY, 'normal');
    pdf.text(left, x + PAD, foot + i * line);
    pdf.setFont(FAMILY, 'bold');
    pdf.text(right, x + sheet.width - PAD, foot + i * line, { align: 'right' });
  });
  pdf.restoreGraphicsState();
}

/** Labels at their real size, as they lie on their sheet, from the first place on. */
export function labelPdf(label: PrintedLabel, sheet: LabelSheet, count: number, fonts: PrintFonts): Uint8Array {
  const pdf = newPdf(sheet.paper, false, fonts);
  const onPage = sheet.columns * sheet.rows;
  for (let i = 0; i < count; i++) {
    if (i > 0 && i % onPage === 0) pdf.addPage(sheet.paper, 'portrait');
    const [column, row] = [i % sheet.columns, Math.floor((i % onPage) / sheet.columns)];
    const [x, y] = [sheet.left + column * sheet.across, sheet.top + row * sheet.down];
    pdf.setDrawColor(190);
    pdf.setLineWidth(0.1);
    pdf.rect(x, y, sheet.width, sheet.height);
    pdf.setDrawColor(20);
    drawLabel(pdf, label, x, y, sheet);
  }
  return bytesOf(pdf);
}
