/*
 * How long a thing from the fridge takes to be usable. One lump of heat behind the air at its surface, its packing, and half of its own
 * least thickness: within 12 % of a slab worked out finely. @source shared/science/planning.md, section 1
 */

interface Thing {
  readonly cubicCentimetres: number;
  readonly squareCentimetres: number;
  /** Half of the least thickness, cm. */
  readonly halfCm: number;
  readonly kgPerCubicMetre: number;
  /** J/kgK, the melting of butter's softest part counted in. */
  readonly heatCapacity: number;
  /** W/mK */
  readonly conductivity: number;
  /** Of the packing, m²K/W. */
  readonly packing: number;
  /** Share of the surface that air reaches. */
  readonly openShare: number;
  /** Usable from the one to the other, °C. */
  readonly usable: readonly [number, number];
}
// prettier-ignore
const THINGS = {
  'butter-block': { cubicCentimetres: 260, squareCentimetres: 262, halfCm: 2, kgPerCubicMetre: 940, heatCapacity: 4200, conductivity: 0.2, packing: 0.01, openShare: 1, usable: [17, 19] },
  'butter-cubes': { cubicCentimetres: 8, squareCentimetres: 24, halfCm: 1, kgPerCubicMetre: 940, heatCapacity: 4200, conductivity: 0.2, packing: 0, openShare: 0.7, usable: [17, 19] },
  'butter-stick': { cubicCentimetres: 120, squareCentimetres: 170, halfCm: 1.6, kgPerCubicMetre: 940, heatCapacity: 4200, conductivity: 0.2, packing: 0.01, openShare: 1, usable: [17, 19] },
  'cream-cheese': { cubicCentimetres: 200, squareCentimetres: 200, halfCm: 2.2, kgPerCubicMetre: 1020, heatCapacity: 3500, conductivity: 0.38, packing: 0.02, openShare: 1, usable: [16, 18] },
  'eggs-loose': { cubicCentimetres: 53, squareCentimetres: 68, halfCm: 2.1, kgPerCubicMetre: 1050, heatCapacity: 3500, conductivity: 0.5, packing: 0, openShare: 1, usable: [16, 18] },
  'eggs-carton': { cubicCentimetres: 53, squareCentimetres: 68, halfCm: 2.1, kgPerCubicMetre: 1050, heatCapacity: 3500, conductivity: 0.5, packing: 0.12, openShare: 1, usable: [16, 18] },
  'milk-jug': { cubicCentimetres: 250, squareCentimetres: 215, halfCm: 3, kgPerCubicMetre: 1030, heatCapacity: 3900, conductivity: 1.2, packing: 0.005, openShare: 1, usable: [15, 18] },
  'milk-carton': { cubicCentimetres: 1000, squareCentimetres: 600, halfCm: 3.5, kgPerCubicMetre: 1030, heatCapacity: 3900, conductivity: 1.2, packing: 0.02, openShare: 1, usable: [15, 18] },
} as const satisfies Readonly<Record<string, Thing>>;
export type ThingFromFridge = keyof typeof THINGS;
export const THINGS_FROM_FRIDGE = Object.keys(THINGS) as readonly ThingFromFridge[];

/** Still air and radiation, W/m²K: usual, and what is seen. */
const SURFACE = { low: 7, usual: 9, high: 12 } as const;
/** Nearer to the room than this it takes for ever. */
const LEAST_LEFT = 0.3;

export interface WarmUp {
  /** Minutes; Infinity where the room is too cold for it. */
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

function minutesTo(celsius: number, thing: Thing, from: number, room: number, surface: number): number {
  if (celsius <= from) return 0;
  if (celsius >= room - LEAST_LEFT) return Infinity;
  const resistance = 1 / (surface * thing.openShare) + thing.packing + thing.halfCm / 100 / (3 * thing.conductivity);
  const depth = thing.cubicCentimetres / thing.squareCentimetres / 100;
  const seconds =
    thing.kgPerCubicMetre * thing.heatCapacity * depth * resistance * Math.log((room - from) / (room - celsius));
  return seconds / 60;
}

/** Minutes from the fridge to usable. */
export function warmUpMinutes(what: ThingFromFridge, roomCelsius: number, fridgeCelsius = 4): WarmUp {
  const thing: Thing = THINGS[what];
  const [softest, warmest] = thing.usable;
  return {
    low: minutesTo(softest, thing, fridgeCelsius, roomCelsius, SURFACE.high),
    likely: minutesTo((softest + warmest) / 2, thing, fridgeCelsius, roomCelsius, SURFACE.usual),
    high: minutesTo(warmest, thing, fridgeCelsius, roomCelsius, SURFACE.low),
  };
}
