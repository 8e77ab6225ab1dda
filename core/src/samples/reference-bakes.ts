import { numberIn, readTable } from '../numerics/index.js';
import { PAN_MATERIALS, type Pan, type PanMaterial, type PanShape } from '../pans/index.js';
import { REFERENCE_BAKES_TABLE } from './reference-bakes.table.js';
import type { BakeSpec, HeatStyleId } from '../baking/index.js';

/** A bake of the reference table in a pan that can be simulated, at one set point and uncovered. */
export interface ReferenceBake {
  readonly id: string;
  readonly family: string;
  readonly spec: BakeSpec;
  readonly lowMinutes: number;
  readonly highMinutes: number;
}

const SHAPE: Readonly<Record<string, PanShape>> = {
  loaf: 'loaf',
  rect: 'rectangle',
  square: 'square',
  round: 'round',
  muffin: 'muffin',
};
const MATERIAL: Readonly<Record<string, PanMaterial>> = { 'alu-light': 'light', castiron: 'cast-iron' };
/** A loaf pan of the table loses this much width for each cm of depth. @source heat.md, reference implementation */
const LOAF_TAPER = 0.22;

/** The reference bakes, for specs and for the bench: windows written from general baking knowledge, not measurements. */
export const REFERENCE_BAKES: readonly ReferenceBake[] = readTable(REFERENCE_BAKES_TABLE).flatMap(
  (row): ReferenceBake[] => {
    const shape = SHAPE[row['shape'] ?? ''];
    if (shape === undefined || row['cover'] || row['overrides'] || row['schedule']) return [];
    const size = Object.fromEntries((row['dimensions'] ?? '').split(' ').map((pair) => pair.split('='))) as Record<
      string,
      string
    >;
    const cm = (...names: string[]) =>
      Number(names.map((name) => size[name]).find((value) => value !== undefined) ?? Number.NaN);
    const depthCm = shape === 'muffin' ? Number(size['h'] ?? 3.2) : Number(size['depth'] ?? size['h'] ?? 5);
    const circular = shape === 'round' || shape === 'muffin';
    const [length, width] = circular ? [cm('d', 'dTop'), cm('d', 'dTop')] : [cm('l'), cm('w', 'l')];
    const lost = shape === 'loaf' ? LOAF_TAPER * depthCm : 0;
    const material = row['material'] ?? '';
    const pan: Pan = {
      name: row['name'] ?? '',
      shape,
      topLengthCm: length,
      topWidthCm: width,
      bottomLengthCm: shape === 'muffin' ? cm('dBottom') : length - lost,
      bottomWidthCm: shape === 'muffin' ? cm('dBottom') : width - lost,
      depthCm,
      cavities: shape === 'muffin' ? Number(size['n'] ?? 12) : 1,
      material: MATERIAL[material] ?? PAN_MATERIALS.find((known) => known === material) ?? 'light',
    };
    return [
      {
        id: row['id'] ?? '',
        family: row['family'] ?? '',
        spec: {
          pan,
          panCount: numberIn(row, 'pans'),
          gramsPerPan: numberIn(row, 'mass_g_per_pan'),
          heatStyle: row['style'] as HeatStyleId,
          ovenCelsius: numberIn(row, 'celsius'),
          fan: row['mode'] === 'fan',
        },
        lowMinutes: numberIn(row, 'low_min'),
        highMinutes: numberIn(row, 'high_min'),
      },
    ];
  },
);
