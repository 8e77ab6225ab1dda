import { amountInWords } from '../../words/batch-words/index.js';
import { autoTable, type CellInput, type RowInput } from 'jspdf-autotable';
import { plainStep, type SheetDocument } from '../cooking-sheet/index.js';
import { bytesOf, FAMILY, newPdf, type PrintFonts } from './fonts.js';

const MARGIN = 14;
/** Sizes tried until the sheet is one page; the last is as small as a hand's width away can be read. */
const SIZES = [10, 9, 8, 7.2] as const;

const HEAD: RowInput[] = [
  [$localize`when`, $localize`ingredient`, $localize`as you measure it`, 'g', $localize`scale shows`, ''],
];

function pageOf(sheet: SheetDocument, paper: 'a4' | 'letter', size: number, fonts: PrintFonts) {
  const pdf = newPdf(paper, false, fonts);
  const width = pdf.internal.pageSize.getWidth() - 2 * MARGIN;
  pdf.setFont(FAMILY, 'bold');
  pdf.setFontSize(size * 1.7);
  pdf.text(sheet.title, MARGIN, MARGIN + 2);
  pdf.setFont(FAMILY, 'normal');
  pdf.setFontSize(size);
  let y = MARGIN + size * 0.75;
  const line = size * 0.44;
  const say = (words: string) => {
    if (words === '') return;
    const rows = pdf.splitTextToSize(words, width) as string[];
    pdf.text(rows, MARGIN, y);
    y += rows.length * line;
  };
  say(`${sheet.size}${sheet.version === undefined ? '' : $localize`; from version ${sheet.version}`}.`);
  say(sheet.mixing);
  const body: RowInput[] = sheet.components.flatMap((component): RowInput[] => [
    [
      {
        content: [component.name || $localize`Batter`, component.scaled].filter(Boolean).join(', '),
        colSpan: 6,
        styles: { fontStyle: 'bold' },
      } satisfies CellInput,
    ],
    ...component.groups.flatMap((group) =>
      group.rows.map((row, i): RowInput => [
        i === 0 ? group.name : '',
        row.name,
        amountInWords(row.amount),
        String(row.grams),
        String(row.runningGrams),
        row.note,
      ]),
    ),
    ...component.unweighed.map(({ text, how }): RowInput => ['', { content: text, colSpan: 4 }, how]),
  ]);
  const table = (rows: RowInput[], heads: RowInput[], columnStyles: Record<string, object>) => {
    autoTable(pdf, {
      startY: y,
      margin: { left: MARGIN, right: MARGIN, bottom: MARGIN },
      head: heads,
      body: rows,
      theme: 'plain',
      styles: {
        font: FAMILY,
        fontSize: size,
        cellPadding: { top: 0.5, bottom: 0.5, left: 0, right: 2.5 },
        textColor: 20,
      },
      headStyles: { fontStyle: 'normal', textColor: 90, lineWidth: { bottom: 0.3 }, lineColor: [30, 58, 120] },
      bodyStyles: { lineWidth: { bottom: 0.1 }, lineColor: 200 },
      columnStyles,
    });
    y = ((pdf as unknown as { lastAutoTable?: { finalY: number } }).lastAutoTable?.finalY ?? y) + line * 1.2;
  };
  const right = { halign: 'right' };
  table(body, HEAD, {
    2: { cellWidth: 44 },
    3: { ...right, fontStyle: 'bold', cellWidth: 16 },
    4: { ...right, cellWidth: 22 },
  });
  if (sheet.pans.length > 0)
    table(
      sheet.pans.map((pan) => [pan.name, pan.each, pan.fill, pan.oven, pan.remark]),
      [['pan', 'batter', 'fill', 'oven', '']],
      { 1: { fontStyle: 'bold' } },
    );
  say([sheet.leftover, sheet.frosting].filter(Boolean).join(' '));
  for (const { number, words, takes } of sheet.steps)
    say(`${number}. ${plainStep(words)}${takes.length > 0 ? ` (${takes.join(', ')})` : ''}`);
  y += line * 0.5;
  for (const caution of sheet.cautions) say(`· ${caution}`);
  const height = pdf.internal.pageSize.getHeight() - MARGIN * 0.6;
  pdf.setProperties({ title: sheet.title, creator: 'Orvin' });
  return { pdf, fits: y <= height && pdf.getNumberOfPages() === 1 };
}

/**
 * The batch sheet on one page: as large as it fits, small at last.
 * @returns the PDF's bytes
 */
export function sheetPdf(sheet: SheetDocument, paper: 'a4' | 'letter', fonts: PrintFonts): Uint8Array {
  const pages = SIZES.map((size) => () => pageOf(sheet, paper, size, fonts));
  let last = pageOf(sheet, paper, SIZES[0], fonts);
  for (const page of pages.slice(1)) {
    if (last.fits) break;
    last = page();
  }
  return bytesOf(last.pdf);
}
