import type { LiningPiece } from './lining.js';
import { pathData } from './outline.js';
import { CHECK_BAR_MILLIMETRES } from './tiles.js';

const EDGE = 5;
const FOOT = 14;

/** The piece as an SVG at its real size: one user unit is one millimetre, and the bar at its foot measures 10 cm. */
export function liningSvg(piece: LiningPiece, title: string): string {
  const width = Math.max(piece.widthMillimetres, CHECK_BAR_MILLIMETRES) + 2 * EDGE;
  const height = piece.heightMillimetres + 2 * EDGE + FOOT;
  const size = (value: number) => Number(value.toFixed(2));
  const escaped = title.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
  const bar = piece.heightMillimetres + 2 * EDGE + 4;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${size(width)}mm" height="${size(height)}mm" viewBox="0 0 ${size(width)} ${size(height)}">`,
    `<title>${escaped}</title>`,
    `<g fill="none" stroke="#000" stroke-width="0.3" transform="translate(${EDGE} ${EDGE})">`,
    ...piece.outlines.map(
      (outline) => `<path d="${pathData(outline)}"${outline.kind === 'fold' ? ' stroke-dasharray="4 2"' : ''}/>`,
    ),
    '</g>',
    `<path id="check-bar" d="M${EDGE} ${size(bar)}h${CHECK_BAR_MILLIMETRES}" stroke="#000" stroke-width="0.3"/>`,
    `<path d="M${EDGE} ${size(bar - 2)}v4M${EDGE + CHECK_BAR_MILLIMETRES} ${size(bar - 2)}v4" stroke="#000" stroke-width="0.3"/>`,
    `<text x="${EDGE}" y="${size(bar + 6)}" font-size="4" font-family="sans-serif">This bar measures 10 cm. ${escaped}</text>`,
    '</svg>',
    '',
  ].join('\n');
}
