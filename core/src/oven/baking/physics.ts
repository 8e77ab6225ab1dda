/* Constants of the simulation: metres, kilograms, seconds, watts, joules, pascals, °C. @source docs/model/baking.md */

export const STEFAN_BOLTZMANN = 5.67e-8;
/** Heat to turn water into steam, J/kg, and of warming it, J/kgK. */
export const LATENT_HEAT = 2.26e6;
export const WATER_HEAT_CAPACITY = 4190;
export const GAS_CONSTANT = 8.314;
export const WATER_MOLAR_KILOGRAMS = 0.018015;
export const ZERO_CELSIUS_KELVIN = 273.15;
/** Heat capacity of dry matter c0 + c1·T: c0 of fat and of the rest, c1, J/kgK and J/kgK². */
export const FAT_HEAT_CAPACITY = 1980;
export const SOLIDS_HEAT_CAPACITY = 1600;
export const SOLIDS_HEAT_SLOPE = 1.7;
export const AIR_HEAT_CAPACITY = 1010;
/** Of a batter without any pores, kg/m³. */
export const TRUE_DENSITY = 1250;
/** Ebullioscopic slope of 1/T against ln a_w for water, 1/K. */
export const EBULLIOSCOPIC = 2.04e-4;
/** Of vapour through a dry crust, m²/s with the water content that drives it. */
export const CRUST_DIFFUSION = 4.5e-11;
/** Share of the water that freezes, between which temperatures it melts, °C, and the heat of melting, J/kg. */
export const FREEZABLE = 0.75;
export const FROZEN_BELOW = -12;
export const MELTED_ABOVE = -1;
export const MELTING_HEAT = 334_000;

/** Share of the freezable water that is ice at a temperature, °C. */
export const iceAt = (celsius: number): number =>
  celsius >= MELTED_ABOVE ? 0 : celsius <= FROZEN_BELOW ? 1 : (MELTED_ABOVE - celsius) / (MELTED_ABOVE - FROZEN_BELOW);

/** From 0 to 1 without a corner. */
export const smooth = (u: number): number => {
  const v = u < 0 ? 0 : u > 1 ? 1 : u;
  return v * v * (3 - 2 * v);
};

/** Along which a line of cells runs: 0 outward along x, the radius or the base of a dome; 1 outward along y; 2 up. */
export type Direction = 0 | 1 | 2;
export type Three<T> = readonly [T, T, T];
export const DIRECTIONS: readonly Direction[] = [0, 1, 2];

/** Heat and steam that came in and went out since the bake began: what the balance of energy is checked by. */
export interface HeatBooks {
  /** J. */
  heatIn: number;
  heatOut: number;
  /** Water that left, kg. */
  steam: number;
}
