export { arc, circle, flattened, pathData, type Outline, type Segment } from './outline.js';
export {
  BOX_LININGS,
  LINING_PIECES,
  liningFor,
  type BoxLining,
  type LiningPiece,
  type LiningPieceKind,
} from './lining.js';
export {
  CHECK_BAR_MILLIMETRES,
  FOOT_MILLIMETRES,
  LAP_MILLIMETRES,
  MARGIN_MILLIMETRES,
  PAPER_MILLIMETRES,
  PAPERS,
  tilingFor,
  type Paper,
  type Tile,
  type Tiling,
} from './tiles.js';
export { liningSvg } from './lining-svg.js';
