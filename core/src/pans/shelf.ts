import { listIn, numberIn, readTable, type Row } from '../numerics/index.js';
import type { Pan, PanMaterial, PanShape } from './pan.js';
import { PANS_TABLE } from './pans.table.js';

/** Shapes of the table that this model can bake in. Tubes, flutes, basins and free-standing pieces are not among them yet. */
const SHAPE_OF_ROW: Readonly<Record<string, PanShape>> = {
  round: 'round',
  springform: 'round',
  square: 'square',
  rectangular: 'rectangle',
  sheet: 'rectangle',
  loaf: 'loaf',
  'mini-loaf': 'loaf',
  muffin: 'muffin',
};

const MATERIAL_OF_ROW: Readonly<Record<string, PanMaterial>> = {
  aluminium: 'light',
  tinplate: 'light',
  aluminised_steel: 'light',
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
    },
  ];
}

/** The pans of pans.csv that Orvin can bake in. */
export const SHELF_PANS: readonly ShelfPan[] = readTable(PANS_TABLE).flatMap(fromRow);
