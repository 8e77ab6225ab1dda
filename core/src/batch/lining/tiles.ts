import type { Paper } from '../choices/index.js';
import type { LiningPiece } from './lining.js';

/** Paper that a printer takes, millimetres, upright. */
export const PAPER_MILLIMETRES: Readonly<Record<Paper, readonly [width: number, height: number]>> = {
  a4: [210, 297],
  letter: [215.9, 279.4],
  a3: [297, 420],
};

/** What most printers cannot reach, and what tiles lap by to be glued. */
export const MARGIN_MILLIMETRES = 10;
export const LAP_MILLIMETRES = 10;
/** Foot of each page: the check bar and what the page is. */
export const FOOT_MILLIMETRES = 22;
export const CHECK_BAR_MILLIMETRES = 100;

export interface Tile {
  readonly column: number;
  readonly row: number;
  /** Where its window on the piece begins. */
  readonly x: number;
  readonly y: number;
}

export interface Tiling {
  readonly landscape: boolean;
  readonly columns: number;
  readonly rows: number;
  /** Size of each window. */
  readonly width: number;
  readonly height: number;
  readonly tiles: readonly Tile[];
}

function tilingOf(piece: LiningPiece, [pageWidth, pageHeight]: readonly [number, number], landscape: boolean): Tiling {
  const width = (landscape ? pageHeight : pageWidth) - 2 * MARGIN_MILLIMETRES;
  const height = (landscape ? pageWidth : pageHeight) - 2 * MARGIN_MILLIMETRES - FOOT_MILLIMETRES;
  const along = (size: number, window: number) =>
    size <= window ? 1 : 1 + Math.ceil((size - window) / (window - LAP_MILLIMETRES) - 1e-9);
  const columns = along(piece.widthMillimetres, width);
  const rows = along(piece.heightMillimetres, height);
  const tiles = Array.from({ length: rows * columns }, (_, i): Tile => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    return { row, column, x: column * (width - LAP_MILLIMETRES), y: row * (height - LAP_MILLIMETRES) };
  });
  return { landscape, columns, rows, width, height, tiles };
}

/** A piece over as many sheets as it needs, the way round that needs the fewest. */
export function tilingFor(piece: LiningPiece, paper: Paper): Tiling {
  const [upright, across] = [false, true].map((landscape) => tilingOf(piece, PAPER_MILLIMETRES[paper], landscape)) as [Tiling, Tiling]; // prettier-ignore
  return across.tiles.length < upright.tiles.length ? across : upright;
}
