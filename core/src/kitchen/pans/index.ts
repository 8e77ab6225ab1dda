export {
  PAN_MATERIALS,
  PAN_SHAPES,
  areaAt,
  brimMillilitres,
  cavityMillilitres,
  heightOfVolume,
  isCircular,
  sectionAt,
  volumeToHeight,
  type Pan,
  type PanMaterial,
  type PanSet,
  type PanShape,
} from './pan.js';
export {
  FREE_SHAPES,
  freeName,
  isFree,
  soMany,
  panSetOf,
  type FreePieces,
  type FreeShape,
  type Vessel,
  type VesselSet,
} from './free-pieces.js';
export { SHELF_PANS, type ShelfPan } from './shelf.js';
export { heldIn } from './held.js';
export { onePan } from './pan-words.js';
export { materialNamed, oneOfSeveral, parsePan, type ParsedPan } from './parse-pan.js';
export { DOME_RISE, fillPans, type Fill } from './fill.js';
export { materialById, type Material } from './materials.js';
export { parseVessel, type ParsedVessel } from './parse-vessel.js';
export { panSchema } from './pan-schema.js';
