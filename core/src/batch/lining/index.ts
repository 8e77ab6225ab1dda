export { arc, circle, flattened, pathData, type Outline, type Segment } from './outline.js';
export { LINING_PIECES, liningFor, type LiningPiece, type LiningPieceKind } from './lining.js';
export {
  CHECK_BAR_MILLIMETRES,
  FOOT_MILLIMETRES,
  LAP_MILLIMETRES,
  MARGIN_MILLIMETRES,
  PAPER_MILLIMETRES,
  tilingFor,
  type Tile,
  type Tiling,
} from './tiles.js';
export { liningSvg } from './lining-svg.js';
export { swirlGuide } from './swirl-guide.js';
