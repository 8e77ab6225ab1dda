import { numberIn, readTable, type Row } from '../../ground/numerics/index.js';
import {
  PAN_MATERIALS,
  type FreeShape,
  type Pan,
  type PanMaterial,
  type PanShape,
  type Vessel,
} from '../../kitchen/pans/index.js';
import { FURTHER_BAKES_TABLE } from './further-bakes.table.js';
import { REFERENCE_BAKES_TABLE } from './reference-bakes.table.js';
import type { BakeSpec, Cover, HeatStyleId } from '../../oven/baking/index.js';

/** A bake of the reference table: windows written from general baking knowledge, not measurements. */
export interface ReferenceBake {
  readonly id: string;
  readonly family: string;
  readonly spec: BakeSpec;
  readonly lowMinutes: number;
  readonly highMinutes: number;
}

const SHAPE: Readonly<Record<string, PanShape | FreeShape>> = {
  loaf: 'loaf',
  rect: 'rectangle',
  square: 'square',
  round: 'round',
  muffin: 'muffin',
  ring: 'ring',
  disc: 'disc',
  wedge: 'wedge',
  dome: 'dome',
};
const MATERIAL: Readonly<Record<string, PanMaterial>> = { 'alu-light': 'light', castiron: 'cast-iron' };
/** Width lost for each cm of depth by a loaf pan of the table; share of its diameter by a fluted ring and by a plain tube. @source heat.md, reference implementation */
const LOAF_TAPER = 0.22;
const FLUTED_TAPER = 0.13;
const TUBE_PAN_TAPER = 0.02;
const FLUTES_LEAVE = 0.94;

/** "d=23 depth=5" */
function pairs(text: string): Readonly<Record<string, string>> {
  return Object.fromEntries(
    text
      .split(' ')
      .filter(Boolean)
      .map((pair) => pair.split('=')),
  ) as Record<string, string>;
}

function vesselOf(row: Row, shape: PanShape | FreeShape): Vessel {
  const size = pairs(row['dimensions'] ?? '');
  const cm = (...names: string[]) =>
    Number(names.map((name) => size[name]).find((value) => value !== undefined) ?? Number.NaN);
  const words = row['material'] ?? '';
  const material = MATERIAL[words] ?? PAN_MATERIALS.find((known) => known === words) ?? 'light';
  const name = row['name'] ?? '';
  if (shape === 'dome') return { name, shape, cavities: 1, material };
  if (shape === 'disc' || shape === 'wedge' || shape === 'mound')
    return { name, shape, diameterCm: cm('d'), cavities: cm('n'), material };
  const depthCm = shape === 'muffin' ? Number(size['h'] ?? 3.2) : Number(size['depth'] ?? size['h'] ?? 5);
  const circular = shape === 'round' || shape === 'muffin' || shape === 'ring';
  const [length, width] = circular ? [cm('d', 'dTop'), cm('d', 'dTop')] : [cm('l'), cm('w', 'l')];
  const plainTube = size['fluted'] === 'false';
  const lost =
    shape === 'loaf'
      ? LOAF_TAPER * depthCm
      : shape === 'ring'
        ? (plainTube ? TUBE_PAN_TAPER : FLUTED_TAPER) * length
        : 0;
  const pan: Pan = {
    name,
    shape,
    topLengthCm: length,
    topWidthCm: width,
    bottomLengthCm: shape === 'muffin' ? cm('dBottom') : length - lost,
    bottomWidthCm: shape === 'muffin' ? cm('dBottom') : width - lost,
    depthCm,
    cavities: shape === 'muffin' ? Number(size['n'] ?? 12) : 1,
    material,
    ...(shape === 'ring' && { tubeDiameterCm: cm('tube'), ...(!plainTube && { shapeFactor: FLUTES_LEAVE }) }),
  };
  return pan;
}

/** "lid:0-30", "foil:40-999" */
function coversOf(text: string): readonly Cover[] {
  return [...text.matchAll(/(foil|lid):(\d+)-(\d+)/g)].map(([, kind, from, to]) => ({
    kind: kind === 'lid' ? 'lid' : 'foil',
    fromMinute: Number(from),
    toMinute: Number(to),
  }));
}

function specOf(row: Row, pan: Vessel): BakeSpec {
  const stages = (row['schedule'] ?? '')
    .split(' ')
    .filter(Boolean)
    .map((stage) => stage.split(':').map(Number))
    .flatMap(([fromMinute = 0, celsius = 0]) => (fromMinute > 0 ? [{ fromMinute, celsius }] : []));
  const covers = coversOf(row['cover'] ?? '');
  const overrides = pairs(row['overrides'] ?? '');
  return {
    pan,
    panCount: numberIn(row, 'pans'),
    gramsPerPan: numberIn(row, 'mass_g_per_pan'),
    heatStyle: row['style'] as HeatStyleId,
    ovenCelsius: numberIn(row, 'celsius'),
    fan: row['mode'] === 'fan',
    ...(stages.length > 0 && { stages }),
    ...(covers.length > 0 && { covers }),
    ...(overrides['water'] !== undefined && { water: Number(overrides['water']) }),
    ...(overrides['sugar'] !== undefined && { sugar: Number(overrides['sugar']) }),
    ...(overrides['fat'] !== undefined && { fat: Number(overrides['fat']) }),
    ...(overrides['T0'] !== undefined && { batterCelsius: Number(overrides['T0']) }),
    ...(overrides['rho0'] !== undefined && { rawDensity: Number(overrides['rho0']) / 1000 }),
    ...(overrides['rhoF'] !== undefined && { bakedDensity: Number(overrides['rhoF']) / 1000 }),
  };
}

const read = (table: string): readonly ReferenceBake[] =>
  readTable(table).flatMap((row): ReferenceBake[] => {
    const shape = SHAPE[row['shape'] ?? ''];
    if (shape === undefined) return [];
    return [
      {
        id: row['id'] ?? '',
        family: row['family'] ?? '',
        spec: specOf(row, vesselOf(row, shape)),
        lowMinutes: numberIn(row, 'low_min'),
        highMinutes: numberIn(row, 'high_min'),
      },
    ];
  });

/** The 191 reference bakes, for specs and for the bench. */
export const REFERENCE_BAKES: readonly ReferenceBake[] = read(REFERENCE_BAKES_TABLE);

/** Bakes of a second hand, written as the first were: from general knowledge, not measured. The fit leans on both. */
export const FURTHER_BAKES: readonly ReferenceBake[] = read(FURTHER_BAKES_TABLE);
