import type { BakeSpec, ConstantSolid } from './bake-spec.js';
import type { HeatParameters, HeatStyle } from './parameters.js';
import {
  FAT_HEAT_CAPACITY,
  GAS_CONSTANT,
  LATENT_HEAT,
  MELTED_ABOVE,
  SOLIDS_HEAT_CAPACITY,
  SOLIDS_HEAT_SLOPE,
  WATER_MOLAR_KILOGRAMS,
  ZERO_CELSIUS_KELVIN,
} from './physics.js';
import { airAt, saturationPascals, saturationSlope } from '../../ground/steam/index.js';

/** What a batter is made of, and what follows from that for its heat, whatever pan it is in. */
export interface Composition {
  /** Mass fractions of the batter. */
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  /** Water that the lean dry matter binds, kg/kg: where its activity is a half. */
  readonly boundWaterRatio: number;
  /** Heat capacity of the dry matter c0 + c1·T, J/kgK and J/kgK². */
  readonly c0: number;
  readonly c1: number;
  /** Of pure water at the altitude, and temperature at which the middle sets within the model's setting time, °C. */
  readonly boilingCelsius: number;
  readonly settingCelsius: number;
  /** Apparent conductivity of vapour in a pore, W/mK, every half degree from 0 to 149.5 °C. */
  readonly poreVapour: Float64Array;
  /** Sugar browns: a factor on the rate. */
  readonly browning: number;
  readonly frozen: boolean;
}

/** Diffusion of vapour in air at 0 °C and sea level, m²/s, and how it grows with temperature. */
const VAPOUR_DIFFUSION = 2.2e-5;
const VAPOUR_DIFFUSION_POWER = 1.81;
const SEA_LEVEL_PASCALS = 101_325;

/** Vapour that evaporates on the hot side of a pore and condenses on its cold side carries heat: tabulated, since every cell asks for it at every step. */
function tabulatePoreVapour(pressure: number, activity: number): Float64Array {
  return Float64Array.from({ length: 300 }, (_, i) => {
    const t = i * 0.5;
    const kelvin = t + ZERO_CELSIUS_KELVIN;
    const vapour = activity * saturationPascals(t);
    const diffusion =
      (VAPOUR_DIFFUSION * (kelvin / ZERO_CELSIUS_KELVIN) ** VAPOUR_DIFFUSION_POWER * SEA_LEVEL_PASCALS) / pressure;
    const stefan = pressure / (pressure - Math.min(vapour, 0.85 * pressure));
    return (
      ((diffusion * WATER_MOLAR_KILOGRAMS) / (GAS_CONSTANT * kelvin)) *
      stefan *
      Math.min(vapour, pressure) *
      saturationSlope(t) *
      LATENT_HEAT
    );
  });
}

/** The composition of a bake's batter: the formula's own, or its style's. */
export function compositionOf(
  spec: BakeSpec,
  style: HeatStyle,
  heat: HeatParameters,
  startCelsius: number,
  constant: ConstantSolid | undefined,
): Composition {
  const water = constant ? 0 : (spec.water ?? style.water);
  const fat = constant ? 0 : (spec.fat ?? style.fat);
  const sugar = spec.sugar ?? style.sugar;
  const lean = 1 - water - fat;
  const boundWaterRatio = 0.05 + 0.1 * (sugar / Math.max(0.1, lean));
  const fatOfDry = fat / (1 - water);
  const { boilingCelsius, pressurePascals } = airAt(spec.altitudeMetres ?? 0);
  const dryRatio = water / Math.max(0.05, lean);
  return {
    water,
    fat,
    sugar,
    boundWaterRatio,
    c0: constant?.heatCapacity ?? fatOfDry * FAT_HEAT_CAPACITY + (1 - fatOfDry) * SOLIDS_HEAT_CAPACITY,
    c1: constant ? 0 : SOLIDS_HEAT_SLOPE,
    boilingCelsius,
    settingCelsius:
      heat.settingBaseCelsius +
      (heat.settingSugarCelsius * sugar) / (sugar + water) -
      Math.max(0, 100 - boilingCelsius) * 0.95 -
      style.takenOutBelow,
    poreVapour: tabulatePoreVapour(pressurePascals, dryRatio / (dryRatio + boundWaterRatio)),
    browning: 0.75 + 0.25 * Math.min(2, sugar / 0.2),
    frozen: startCelsius < MELTED_ABOVE && constant === undefined,
  };
}
