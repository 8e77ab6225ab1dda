import type { WeakGroup } from './weak-acids.js';

/** Grams per mole. */
export const MOLAR_MASS = {
  soda: 84.007,
  potassiumBicarbonate: 100.115,
  ammoniumBicarbonate: 79.056,
  carbonDioxide: 44.01,
} as const;
/** One gram of soda neutralises, or yields, this many milliequivalents: 1000 / 84.007. */
export const SODA_MEQ_PER_GRAM = 1000 / MOLAR_MASS.soda;

/** When the gas of an acid is released: shares that add to 1. */
export type PhaseShares = readonly [mixing: number, waiting: number, under60: number, to80: number, above80: number];
export const PHASES = ['mixing', 'waiting', 'under60', 'to80', 'above80'] as const;
export type Phase = (typeof PHASES)[number];

export const LEAVENING_ACIDS = ['cream-of-tartar', 'mcp', 'sapp28', 'salp', 'sas', 'dcpd', 'gdl'] as const;
export type LeaveningAcidId = (typeof LEAVENING_ACIDS)[number];

export interface LeaveningAcid {
  readonly id: LeaveningAcidId;
  /** Grams of soda that 100 g neutralises. */
  readonly neutralisingValue: number;
  /** pH at the end of the titration that gives the neutralising value. */
  readonly endpointPh: number;
  readonly groups: readonly WeakGroup[];
  readonly phases: PhaseShares;
}

/**
 * Leavening acids, the fastest first: that is the order in which they get the soda.
 * @source leavening.md 1.6: neutralising values textbook or typical, phases from dough rates of reaction, ± 10 points
 */
export const ACIDS: Readonly<Record<LeaveningAcidId, LeaveningAcid>> = {
  'cream-of-tartar': { id: 'cream-of-tartar', neutralisingValue: 44.6, endpointPh: 7, groups: [[2.85, 5.31], [4.05, 5.31]], phases: [0.7, 0.05, 0.2, 0.05, 0] },
  mcp: { id: 'mcp', neutralisingValue: 80, endpointPh: 7.2, groups: [[6.3, 4]], phases: [0.6, 0.05, 0.25, 0.1, 0] },
  sapp28: { id: 'sapp28', neutralisingValue: 72, endpointPh: 7.4, groups: [[6.1, 4.5], [7.2, 4.5]], phases: [0.24, 0.06, 0.4, 0.25, 0.05] },
  salp: { id: 'salp', neutralisingValue: 100, endpointPh: 7.2, groups: [[5.2, 3], [6.6, 3]], phases: [0.21, 0.03, 0.31, 0.4, 0.05] },
  sas: { id: 'sas', neutralisingValue: 104, endpointPh: 7.2, groups: [[5, 5]], phases: [0, 0.02, 0.18, 0.55, 0.25] },
  dcpd: { id: 'dcpd', neutralisingValue: 33, endpointPh: 7.4, groups: [[6.9, 2]], phases: [0, 0, 0.05, 0.6, 0.35] },
  gdl: { id: 'gdl', neutralisingValue: 47, endpointPh: 7, groups: [[3.6, 5.6]], phases: [0.18, 0.1, 0.42, 0.25, 0.05] },
}; // prettier-ignore

/** Gas of the acids that are already dissolved in the food, and of what heat drives out late. */
export const FOOD_ACID_PHASES: PhaseShares = [0.65, 0.15, 0.15, 0.05, 0];
export const LATE_PHASES: PhaseShares = [0, 0, 0.05, 0.3, 0.65];
export const AMMONIUM_PHASES: PhaseShares = [0.05, 0.02, 0.33, 0.45, 0.15];

/** What a leavener, or a flour with leavener in it, is mixed from: shares of its mass. */
export interface Leavener {
  readonly soda: number;
  readonly potassiumBicarbonate: number;
  readonly ammoniumBicarbonate: number;
  readonly acids: Readonly<Partial<Record<LeaveningAcidId, number>>>;
  /** The flour it is mixed into, for self-raising flours: that flour's buffers count too. */
  readonly flourId?: string;
}

const mix = (soda: number, acids: Leavener['acids'], more: Partial<Leavener> = {}): Leavener => ({
  soda,
  potassiumBicarbonate: 0,
  ammoniumBicarbonate: 0,
  acids,
  ...more,
});

/**
 * Leaveners by id of ingredients.csv.
 * @source powders: prototype compositions of leavening.md (double-acting, tartrate) and leaveners.csv (UK and EU, low-sodium, self-raising flours)
 */
export const LEAVENERS: Readonly<Record<string, Leavener>> = {
  'baking-soda': mix(1, {}),
  'potassium-bicarbonate': mix(0, {}, { potassiumBicarbonate: 1 }),
  'bakers-ammonia': mix(0, {}, { ammoniumBicarbonate: 1 }),
  'baking-powder': mix(0.28, { mcp: 0.1, sas: 0.1923 }),
  'aluminium-free-baking-powder': mix(0.28, { mcp: 0.12, sapp28: 0.2556 }),
  'uk-baking-powder': mix(0.265, { sapp28: 0.367 }),
  'tartrate-baking-powder': mix(0.25, { 'cream-of-tartar': 0.56 }),
  'low-sodium-baking-powder': mix(0, { mcp: 0.335 }, { potassiumBicarbonate: 0.32 }),
  'single-acting-baking-powder': mix(0.27, { mcp: 0.3375 }),
  'homemade-baking-powder-by-weight': mix(0.25, { 'cream-of-tartar': 0.5 }),
  'homemade-baking-powder-by-spoon': mix(0.353, { 'cream-of-tartar': 0.47 }),
  'cream-of-tartar': mix(0, { 'cream-of-tartar': 1 }),
  'monocalcium-phosphate': mix(0, { mcp: 1 }),
  sapp: mix(0, { sapp28: 1 }),
  'glucono-delta-lactone': mix(0, { gdl: 1 }),
  'self-rising-flour': mix(0.012, { mcp: 0.009, salp: 0.0048 }, { flourId: 'all-purpose-flour' }),
  'self-raising-flour': mix(0.011, { mcp: 0.0085, sapp28: 0.006 }, { flourId: 'all-purpose-flour' }),
  'self-raising-wholemeal-flour': mix(0.011, { mcp: 0.0085, sapp28: 0.006 }, { flourId: 'whole-wheat-flour' }),
  'gluten-free-self-raising-flour': mix(0.011, { mcp: 0.0085, sapp28: 0.006 }, { flourId: 'gluten-free-flour-blend' }),
};

/** Grams of one level 5 ml teaspoon, for saying grams in spoons. @source leavening.md 1.6, range of soda 4.4–5.5 */
export const GRAMS_PER_TEASPOON = { soda: 4.8, powder: 4.6, creamOfTartar: 3.2 } as const;

/** Millimoles of carbon dioxide carrying bicarbonate in a gram, soda and potassium bicarbonate. */
export function bicarbonatePerGram(leavener: Leavener): number {
  return (
    (1000 * leavener.soda) / MOLAR_MASS.soda + (1000 * leavener.potassiumBicarbonate) / MOLAR_MASS.potassiumBicarbonate
  );
}
