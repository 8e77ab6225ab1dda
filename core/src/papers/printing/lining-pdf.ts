import type { Paper } from '../../batch/choices/index.js';
import type { jsPDF } from 'jspdf';
import { liningInWords, liningSizeInWords } from '../../words/batch-words/index.js';
import {
  CHECK_BAR_MILLIMETRES,
  MARGIN_MILLIMETRES,
  PAPER_MILLIMETRES,
  tilingFor,
  type LiningPiece,
  type Outline,
  type Tile,
  type Tiling,
} from '../../batch/lining/index.js';
import { bytesOf, newPdf, FAMILY, type PrintFonts } from './fonts.js';

const CROSS = 3;
const HAIR = 0.2;
const LINE = 0.35;
const SMALL = 9;

function draw(pdf: jsPDF, { kind, segments, closed }: Outline, byX: number, byY: number): void {
  pdf.setLineDashPattern(kind === 'fold' ? [4, 2] : [], 0);
  for (const segment of segments) {
    if (segment.kind === 'curve')
      pdf.curveTo(
        segment.x1 + byX,
        segment.y1 + byY,
        segment.x2 + byX,
        segment.y2 + byY,
        segment.x + byX,
        segment.y + byY,
      );
    else if (segment.kind === 'move') pdf.moveTo(segment.x + byX, segment.y + byY);
    else pdf.lineTo(segment.x + byX, segment.y + byY);
  }
  if (closed) pdf.close();
  pdf.stroke();
}

/** Crosses where the sheets meet: laid over one another, the drawing goes on. */
function marks(pdf: jsPDF, { width, height, columns, rows }: Tiling): void {
  if (columns * rows === 1) return;
  pdf.setLineDashPattern([], 0);
  pdf.setLineWidth(HAIR);
  for (const x of [MARGIN_MILLIMETRES, MARGIN_MILLIMETRES + width])
    for (const y of [MARGIN_MILLIMETRES, MARGIN_MILLIMETRES + height]) {
      pdf.line(x - CROSS, y, x + CROSS, y);
      pdf.line(x, y - CROSS, x, y + CROSS);
    }
}

const tileName = ({ column, row }: Tile) => `${String.fromCharCode(65 + column)}${row + 1}`;

/**
 * Lining templates at their real size, each over as many pages as it needs; every page has a bar of 10 cm to check the printer by.
 * @returns the PDF's bytes
 */
export function liningPdf(pieces: readonly LiningPiece[], title: string, paper: Paper, fonts: PrintFonts): Uint8Array {
  const tilings = pieces.map((piece) => ({ piece, tiling: tilingFor(piece, paper) }));
  const [first] = tilings;
  const pdf = newPdf(paper, first?.tiling.landscape ?? false, fonts);
  let blank = true;
  for (const { piece, tiling } of tilings)
    for (const tile of tiling.tiles) {
      if (!blank) pdf.addPage(paper, tiling.landscape ? 'landscape' : 'portrait');
      blank = false;
      const [short, long] = PAPER_MILLIMETRES[paper];
      const foot = (tiling.landscape ? short : long) - MARGIN_MILLIMETRES;
      pdf.saveGraphicsState();
      pdf.rect(MARGIN_MILLIMETRES, MARGIN_MILLIMETRES, tiling.width, tiling.height, null);
      pdf.clip();
      pdf.discardPath();
      pdf.setLineWidth(LINE);
      for (const outline of piece.outlines)
        draw(pdf, outline, MARGIN_MILLIMETRES - tile.x, MARGIN_MILLIMETRES - tile.y);
      pdf.restoreGraphicsState();
      marks(pdf, tiling);
      pdf.setLineDashPattern([], 0);
      pdf.setLineWidth(LINE);
      const [left, right] = [MARGIN_MILLIMETRES, MARGIN_MILLIMETRES + CHECK_BAR_MILLIMETRES];
      pdf.line(left, foot - 12, right, foot - 12);
      for (const x of [left, right]) pdf.line(x, foot - 14, x, foot - 10);
      pdf.setFont(FAMILY, 'normal');
      pdf.setFontSize(SMALL);
      const { say, why } = liningInWords(piece);
      const sheets =
        tiling.tiles.length > 1
          ? $localize`Sheet ${tileName(tile)} of ${tiling.columns} × ${tiling.rows}, lap the crosses. `
          : '';
      pdf.text($localize`This bar measures 10 cm: print at 100 %. ${sheets}`, right + 4, foot - 11);
      pdf.text(`${title}. ${say}: ${liningSizeInWords(piece)}.`, left, foot - 5);
      pdf.text(why, left, foot - 0.5);
    }
  pdf.setProperties({ title, creator: 'Orvin' });
  return bytesOf(pdf);
}
