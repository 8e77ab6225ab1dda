import type { BakeSpec } from './bake-spec.js';
import type { BatterGrid } from './batter-grid.js';
import type { Body } from './body.js';
import { HEAT_MODEL, type HeatParameters } from './parameters.js';

/** Area of the top of one piece when risen, m². */
function topArea(body: Body, risenVolume: number): number {
  if (body.kind === 'dome') return Math.PI * body.domeRadius(risenVolume) ** 2;
  return body.kind === 'box' ? body.area(body.depth) : Math.PI * body.radius(body.depth) ** 2;
}

/** Convection of this load in this oven, W/m²K, before buoyancy: small pieces get more, a crowded rack less. */
export function loadConvection(spec: BakeSpec, body: Body, heat: HeatParameters, risenVolume: number): number {
  const top = topArea(body, risenVolume);
  const rack = top * spec.pan.cavities * spec.panCount + (spec.beside?.squareCm ?? 0) / 10_000;
  const crowd = 1 - heat.crowding * Math.min(1, rack / heat.rackSquareMetres);
  const size = Math.min(1.6, Math.max(0.7, (heat.sizeReferenceMetres / Math.sqrt(top)) ** heat.sizeExponent * crowd));
  return (spec.fan ? heat.convectionFan : heat.convectionStill) * size;
}

/** All that goes into the oven together, kg: it cools the oven. */
const loadKilograms = (spec: BakeSpec): number => (spec.gramsPerPan * spec.panCount + (spec.beside?.grams ?? 0)) / 1000;

/** How high the raw batter stands, m, and its smallest measure from the middle outward. */
export function rawSize(body: Body, startVolume: number): { readonly height: number; readonly smallest: number } {
  const height = body.kind === 'dome' ? Math.cbrt(startVolume) * 0.5 : body.heightOf(startVolume);
  if (body.kind === 'dome') return { height, smallest: height };
  return {
    height,
    smallest: Math.min(height, body.kind === 'box' ? body.halfWidth(0) : body.radius(0) - body.innerRadius),
  };
}

/** How high a body stands when risen, for its grid, m. */
export const risenHeight = (body: Body, risenVolume: number): number =>
  body.kind === 'dome' ? 0.8 * Math.cbrt(risenVolume) : body.heightOf(risenVolume);

/** Lines along which liquid moisture moves out, and from which cell on. */
export const moistureWays = (body: Body, grid: BatterGrid): readonly (readonly [direction: 0 | 2, from: number])[] => [
  ...(body.kind === 'dome' ? [] : [[2, grid.nz - 1 - (grid.nz >> 1)] as const]),
  ...(body.free ? [[0, grid.nx >> 1] as const] : []),
];

/** How far the door and all that goes in pull the oven's air down at first, °C. */
export const ovenSag = (spec: BakeSpec, heat: HeatParameters = HEAT_MODEL.heat): number =>
  heat.doorDrop + heat.dropPerKilogram * loadKilograms(spec);
