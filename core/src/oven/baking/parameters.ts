import type { PanMaterial } from '../../kitchen/pans/index.js';

/**
 * The one global set of parameters of the bake model, frozen. Fitted to 191 reference bakes written from general baking knowledge by
 * one author; see docs/model/baking.md for what is knowledge here and what is prior.
 * @source heat.md, section 3
 */
export const HEAT = {
  /** Multiplier on structural conductivity. */
  conductivity: 1.313,
  /** Efficiency of evaporation–condensation transport in the pores. */
  poreVapour: 0.3574,
  /** Extra conductivity of a fluid batter before it sets, times the fluidity of the style. */
  fluidMixing: 0.5417,
  /** Convection of an oven without and with fan, W/m²K, for a pan side of 0.25 m. */
  convectionStill: 7.966,
  convectionFan: 11.3,
  /** Convection falls with the side L of one pan: (0.25/L)^0.25. */
  sizeExponent: 0.25,
  sizeReferenceMetres: 0.25,
  /** Loss of convection when the rack of 0.16 m² is fully covered. */
  crowding: 0.08697,
  rackSquareMetres: 0.16,
  /** Paper lining and collar, m²K/W. */
  liningResistance: 0.0085,
  /** Emissivity of light metal in home use, and the share of full radiation that sides and bottom receive. */
  lightMetalEmissivity: 0.2907,
  panRadiationShare: 0.5349,
  /** Multiplier on the Lewis-analogy mass transfer coefficient. */
  evaporation: 1.068,
  /** Moisture diffusion to an open surface, m²/s. */
  moistureDiffusion: 6.4e-10,
  /** Contact resistance batter–bottom and batter–side, m²K/W. */
  bottomResistance: 0.005185,
  sideResistance: 0.006344,
  /** Oven drop on loading: °C, and °C for each kg. */
  doorDrop: 11.01,
  dropPerKilogram: 8,
  /** Minutes at the setting temperature that set the core; ten-fold rate for so many °C. */
  settingMinutes: 1.575,
  settingDecadeCelsius: 5,
  /** Setting temperature = base + sugar × s/(s + w). */
  settingBaseCelsius: 93.22,
  settingSugarCelsius: 13.32,
  /** Browning at 150 °C, 1/s, and its activation energy, J/mol; the index is the power 0.3 of the integral. */
  browningRate: 0.00308,
  browningEnergy: 75_800,
  browningPower: 0.3,
  browningFromCelsius: 95,
  ovenHeatingSeconds: 300,
  ovenCoolingSeconds: 720,
  foodEmissivity: 0.9,
  ovenVapourPascals: 4000,
  crustMetres: 0.0025,
  /** A style that waits for colour waits no longer than this multiple of its core time. */
  longestColourWait: 1.2,
  /** Radiant temperature in a fan oven lies so far below the air, °C. */
  fanRadiantDrop: 3,
  /** Still air rises the faster the hotter it is over the batter: convection goes as this power of the difference. */
  buoyancyExponent: 0.25,
  buoyancyReferenceCelsius: 110,
  /** A deep batter turns over more strongly before it sets: mixing goes as this power of its depth. */
  mixingDepthExponent: 0.75,
  mixingDepthMetres: 0.035,
  /** Heat that the inside of a tube gets, the sheet under free pieces, and a wall with flutes, over a plain wall. */
  /** Wedges cut from one round stand close: share of the heat that their sides get. */
  closeFactor: 0.7278,
  fluteFactor: 1.282,
  tubeFactor: 0.695,
  sheetFactor: 1.087,
  /** Share of the heat, and vapour pressure in Pa, under the lid of a pot; share of heat and of evaporation under foil. */
  lidHeat: 0.4184,
  /** A thin bowl turned over: bare metal outside, dead air inside. Worked out, no bake was at hand. @source heat-third-look.md, 3 */
  bowlHeat: 0.25,
  lidVapourPascals: 60_000,
  foilHeat: 0.55,
  foilEvaporation: 0.5,
} as const;

export type HeatParameters = { readonly [K in keyof typeof HEAT]: number };

/** The parameters of the bake model: one global set, and how each way of taking heat differs. Another set is for cross-validation only. */
export interface HeatModel {
  readonly heat: HeatParameters;
  readonly heatFactors: Readonly<Record<HeatStyleId, number>>;
}

export interface WallHeat {
  /** Undefined where the fitted emissivity of light metal stands. */
  readonly emissivity: number | undefined;
  /** m²K/W */
  readonly resistance: number;
  /** J/m²K */
  readonly arealHeatCapacity: number;
}

export const WALLS: Readonly<Record<PanMaterial, WallHeat>> = {
  light: { emissivity: undefined, resistance: 1e-5, arealHeatCapacity: 2400 },
  dark: { emissivity: 0.8, resistance: 2e-5, arealHeatCapacity: 2300 },
  glass: { emissivity: 0.9, resistance: 0.003, arealHeatCapacity: 8000 },
  ceramic: { emissivity: 0.9, resistance: 0.006, arealHeatCapacity: 15_000 },
  silicone: { emissivity: 0.88, resistance: 0.01, arealHeatCapacity: 3000 },
  'cast-iron': { emissivity: 0.88, resistance: 1e-4, arealHeatCapacity: 14_000 },
};

export const HEAT_STYLE_IDS = [
  'layer',
  'oilcake',
  'sponge',
  'pound',
  'quick',
  'bundt',
  'fruit',
  'muffin',
  'biscuit',
  'scone',
  'soda',
  'brownie',
] as const;
export type HeatStyleId = (typeof HEAT_STYLE_IDS)[number];

/** How a family of batters takes heat. */
export interface HeatStyle {
  /** Typical mass fractions, used only where the formula is unknown. */
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  /** kg/m³ */
  readonly rawDensity: number;
  readonly bakedDensity: number;
  /** Factor on convection and radiation: the unknown habits of that style. */
  readonly heatFactor: number;
  /** Colour index below which it is not done even when set; 0 for none. */
  readonly leastColour: number;
  /** How much the batter still flows before it sets, 0–1. */
  readonly fluidity: number;
  readonly lined: boolean;
  /** Degrees short of set at which it is taken out, because its middle is to stay soft. */
  readonly takenOutBelow: number;
  /** Standard deviation of ln(time) between styles. @source heat.md, section 6 */
  readonly spread: number;
}

const style = (
  water: number,
  fat: number,
  sugar: number,
  rawDensity: number,
  bakedDensity: number,
  heatFactor: number,
  leastColour: number,
  fluidity: number,
  spread: number,
  { lined = false, takenOutBelow = 0 } = {},
): HeatStyle => ({
  water,
  fat,
  sugar,
  rawDensity,
  bakedDensity,
  heatFactor,
  leastColour,
  fluidity,
  lined,
  takenOutBelow,
  spread,
});

export const HEAT_STYLES: Readonly<Record<HeatStyleId, HeatStyle>> = {
  layer: style(0.31, 0.15, 0.28, 900, 470, 0.9483, 0, 1, 0.08),
  oilcake: style(0.36, 0.13, 0.28, 1020, 540, 1.077, 0, 1, 0.069),
  sponge: style(0.36, 0.05, 0.3, 480, 290, 0.9254, 0.66, 0.3, 0.16),
  pound: style(0.24, 0.23, 0.26, 920, 600, 0.9095, 0, 0.4, 0.079),
  quick: style(0.39, 0.12, 0.22, 1050, 640, 1.103, 0, 0.7, 0.069),
  bundt: style(0.3, 0.18, 0.27, 980, 580, 1.084, 0, 0.8, 0.088),
  fruit: style(0.24, 0.13, 0.36, 1200, 1040, 0.9745, 0, 0, 0.086, { lined: true }),
  muffin: style(0.38, 0.13, 0.19, 1020, 540, 1.017, 0, 0.4, 0.076),
  biscuit: style(0.39, 0.16, 0.02, 1080, 580, 1.061, 0.85, 0, 0.079),
  scone: style(0.34, 0.15, 0.08, 1080, 620, 1.119, 0.85, 0, 0.115),
  soda: style(0.42, 0.03, 0.02, 1080, 620, 0.9006, 0.85, 0, 0.061),
  // judged on times that kitchens write, as the other rows are; taken out at what a probe shows in a fudgy middle
  brownie: style(0.14, 0.25, 0.4, 1100, 800, 0.9, 0, 0.2, 0.2, { takenOutBelow: 12 }),
};

export const HEAT_MODEL: HeatModel = {
  heat: HEAT,
  heatFactors: Object.fromEntries(HEAT_STYLE_IDS.map((id) => [id, HEAT_STYLES[id].heatFactor])) as Readonly<
    Record<HeatStyleId, number>
  >,
};

/** Which way of taking heat each of the balance styles has. */
export const HEAT_STYLE_OF: Readonly<Record<string, HeatStyleId>> = {
  creamed_butter_cake: 'layer', high_ratio_cake: 'layer', reverse_creamed_cake: 'layer', white_cake: 'layer', yellow_cake: 'layer', cupcake: 'layer',
  oil_cake: 'oilcake', one_bowl_buttermilk_cake: 'oilcake', chocolate_cake: 'oilcake', red_cocoa_cake: 'oilcake', vegetable_cake: 'oilcake', vegan_cake: 'oilcake',
  tray_bake: 'oilcake', gingerbread: 'oilcake', sourdough_discard_cake: 'oilcake',
  pound_cake: 'pound', light_fruit_cake: 'fruit', dark_fruit_cake: 'fruit',
  muffin: 'muffin', bran_muffin: 'muffin',
  fruit_puree_loaf: 'quick', plain_quick_loaf: 'quick', corn_bread: 'quick', gluten_free_loaf: 'quick', pancake: 'quick',
  soda_bread_plain: 'soda', soda_bread_brown: 'soda', soda_bread_enriched: 'soda', oat_farl_griddle: 'soda',
  brownie: 'brownie', nut_cake: 'pound', whisked_sponge: 'sponge',
  drop_biscuit: 'biscuit', rubbed_in_bun: 'scone', rolled_biscuit: 'biscuit', british_scone: 'scone', flaky_wedge_scone: 'scone',
}; // prettier-ignore

/** Standard deviation of ln(time) between shapes. @source heat.md, section 6 */
export const SHAPE_SPREAD = {
  loaf: 0.068,
  rectangle: 0.081,
  square: 0.081,
  muffin: 0.075,
  round: 0.076,
  ring: 0.14,
  disc: 0.104,
  mound: 0.104,
  wedge: 0.104,
  dome: 0.063,
} as const;
