import { listIn, numberIn, readTable, type Row } from '../../ground/numerics/index.js';
import type { Pan, PanMaterial, PanShape } from './pan.js';
import { PANS_TABLE } from './pans.table.js';

/** Shapes of the table that hold a batter; free-standing pieces are no pans. */
const SHAPE_OF_ROW: Readonly<Record<string, PanShape>> = {
  round: 'round',
  springform: 'round',
  square: 'square',
  rectangular: 'rectangle',
  sheet: 'rectangle',
  loaf: 'loaf',
  'mini-loaf': 'loaf',
  muffin: 'muffin',
  tube: 'ring',
  fluted: 'ring',
  ring: 'ring',
  pudding: 'round',
};

const MATERIAL_OF_ROW: Readonly<Record<string, PanMaterial>> = {
  aluminium: 'light',
  tinplate: 'light',
  aluminised_steel: 'light',
  cast_aluminium: 'light',
  paper: 'light',
  steel_dark: 'dark',
  glass: 'glass',
  ceramic: 'ceramic',
  silicone: 'silicone',
  cast_iron: 'cast-iron',
};

/** A pan of the table with the words people call it by. */
export interface ShelfPan extends Pan {
  readonly id: string;
  readonly aliases: readonly string[];
  /** Share of the brim that batter usually fills. */
  readonly usualFill: number;
  readonly springform: boolean;
  /** What the table says it is made of: an id of the materials. */
  readonly madeOf: string;
}

function fromRow(row: Row): ShelfPan[] {
  const shape = SHAPE_OF_ROW[row['shape'] ?? ''];
  const topLengthCm = numberIn(row, 'top_l_cm');
  if (shape === undefined || topLengthCm === 0) return [];
  const bottomLengthCm = numberIn(row, 'bottom_l_cm');
  return [
    {
      id: row['id'] ?? '',
      name: row['name'] ?? '',
      aliases: listIn(row, 'aliases'),
      shape,
      topLengthCm,
      topWidthCm: numberIn(row, 'top_w_cm', topLengthCm),
      bottomLengthCm,
      bottomWidthCm: numberIn(row, 'bottom_w_cm', bottomLengthCm),
      depthCm: numberIn(row, 'depth_cm'),
      cavities: numberIn(row, 'cups_per_pan', 1),
      material: MATERIAL_OF_ROW[row['material'] ?? ''] ?? 'light',
      usualFill: numberIn(row, 'typical_fill_fraction'),
      springform: row['shape'] === 'springform',
      madeOf: row['material'] ?? '',
      ...(row['tube_d_cm'] && { tubeDiameterCm: numberIn(row, 'tube_d_cm') }),
      ...(numberIn(row, 'shape_factor', 1) < 1 && { shapeFactor: numberIn(row, 'shape_factor', 1) }),
    },
  ];
}

/** The pans of pans.csv. */
export const SHELF_PANS: readonly ShelfPan[] = readTable(PANS_TABLE).flatMap(fromRow);
