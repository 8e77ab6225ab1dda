import { availability, type Ingredient, type Preparation } from '../../kitchen/ingredients/index.js';
import { mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import { bisect, EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import type { Range } from '../../ground/verdict/index.js';
import { acidProfile, type AcidProfile } from './acid-groups.js';
import {
  ACIDS,
  bicarbonatePerGram,
  LEAVENERS,
  LEAVENING_ACIDS,
  SODA_MEQ_PER_GRAM,
  type Leavener,
} from './leaveners.js';
import { dissociated } from './weak-acids.js';

/*
 * Crumb and batter pH from the balance of charges. Every ingredient brings, at a common pH, the charge
 *     q(pH) = Σ m (α(native pH) − α(pH)) − w·10^−native pH            meq per gram
 * and every leavener its bicarbonate cation less its acid. In equilibrium with carbon dioxide of pressure p these meet
 *     Σ A·x·q(pH) = W([HCO3−] + 2[CO3=]) − W([H+] − [OH−]).
 * It is linear in the grams at a fixed pH, which gives the spread of the pH too: see `crumbPhRange`.
 * Source: leavening.md 1.1.
 */

/** Henry's constant, mol/l/atm, and apparent dissociation constants at 25 °C and ionic strength 0.2. ± 0.15 */
const CARBONATE = { henry: 0.033, pK1: 6.15, pK2: 9.9, pKw: 13.8 } as const;
/** Effective pressure of carbon dioxide, atm: raw batter is saturated with its own; a cooled crumb keeps about this (0.004–0.03). */
export const RAW_BATTER_CO2_ATM = 1;
export const CRUMB_CO2_ATM = 0.012;
/** Share of the batter's water that the bake leaves. */
const WATER_KEPT = 0.9;

/** pH grid on which the charge of each ingredient is tabulated once; between grid points it is read linearly. */
const GRID_FROM = 2;
const GRID_STEP = 0.05;
const GRID_POINTS = 191;
const GRID_TO = GRID_FROM + GRID_STEP * (GRID_POINTS - 1);

/** Charge of one gram of food at a pH relative to its native pH, meq; negative means it is acid there. */
function foodCharge(profile: AcidProfile, waterShare: number, pH: number): number {
  let charge = 0;
  for (const [pKa, amount] of profile.groups)
    charge += amount * (dissociated(pKa, profile.nativePh) - dissociated(pKa, pH));
  return charge - (waterShare > 0.3 ? waterShare * 10 ** -profile.nativePh : 0);
}

/** Charge of one gram of a leavener at a pH, meq: its bicarbonate's cations less what its acids give. Carbonate is counted apart. */
function leavenerCharge(leavener: Leavener, pH: number): number {
  let charge = bicarbonatePerGram(leavener);
  for (const id of LEAVENING_ACIDS) {
    const share = leavener.acids[id];
    if (share === undefined) continue;
    const acid = ACIDS[id];
    let perGram = (-10 * acid.neutralisingValue) / 84.007;
    for (const [pKa, amount] of acid.groups)
      perGram += amount * (dissociated(pKa, acid.endpointPh) - dissociated(pKa, pH));
    charge += share * perGram;
  }
  return charge;
}

const curves = new WeakMap<Ingredient, Float64Array>();

/** Charge of one gram at every grid pH. */
function chargeCurve(ingredient: Ingredient): Float64Array {
  let curve = curves.get(ingredient);
  if (curve === undefined) {
    const leavener = LEAVENERS[ingredient.behavesAs];
    const food = leavener?.flourId === undefined ? ingredient : mustBeIngredient(leavener.flourId);
    const profile = acidProfile(food);
    const isFood = leavener === undefined || leavener.flourId !== undefined;
    curve = Float64Array.from({ length: GRID_POINTS }, (_, i) => {
      const pH = GRID_FROM + GRID_STEP * i;
      return (
        (isFood ? foodCharge(profile, food.composition.water, pH) : 0) + (leavener ? leavenerCharge(leavener, pH) : 0)
      );
    });
    curves.set(ingredient, curve);
  }
  return curve;
}

function onGrid(curve: Float64Array, pH: number): number {
  const at = Math.min(GRID_POINTS - 1.000001, Math.max(0, (pH - GRID_FROM) / GRID_STEP));
  const i = Math.floor(at);
  const low = curve[i] ?? 0;
  return low + (at - i) * ((curve[i + 1] ?? low) - low);
}

/** Acid of one gram that a base of a pH meets, meq: what reaches the batter of `-q(pH)`. At pH 7 this is what soda meets. */
export function acidPerGram(ingredient: Ingredient, preparation: Preparation, pH = 7): number {
  const leavener = LEAVENERS[ingredient.behavesAs];
  const food = leavener?.flourId === undefined ? ingredient : mustBeIngredient(leavener.flourId);
  if (leavener !== undefined && leavener.flourId === undefined) return 0;
  return -foodCharge(acidProfile(food), food.composition.water, pH) * availability(food, preparation);
}

interface Carbonate {
  readonly charge: number;
  readonly millimoles: number;
}

/** Dissolved carbonate in `water` grams at a pH and pressure; never more than was added. */
function carbonate(pH: number, pressureAtm: number, water: number, added: number): Carbonate {
  const dissolved = CARBONATE.henry * pressureAtm;
  const hydrogen = dissolved * 10 ** (pH - CARBONATE.pK1);
  const double = hydrogen * 10 ** (pH - CARBONATE.pK2);
  const total = (dissolved + hydrogen + double) * water;
  const share = total > added ? added / total : 1;
  return { charge: (hydrogen + 2 * double) * water * share, millimoles: total * share };
}

/** Sum of all charges of a batter at a pH, meq; falls as the pH rises, and is zero where the batter settles. */
export interface ChargeBalance {
  readonly water: number;
  readonly bicarbonate: number;
  /** Residual at a pH under a carbon dioxide pressure. */
  residual(pH: number, pressureAtm: number): number;
  carbonateAt(pH: number, pressureAtm: number): number;
  /**
   * Standard deviation of the residual from the spread of acidity, leaveners and pressure, meq. The pressure spreads in decades, so
   * its two sides differ: `towards` 1 is the side on which the residual grows (less pressure), −1 the other.
   */
  spread(pH: number, pressureAtm: number, towards: 1 | -1): number;
}

/**
 * Relative standard deviations: titratable acidity of foods, mass of a leavener by an unknown spoon, what a leavener itself varies by;
 * decades of carbon dioxide pressure.
 */
export const SPREAD = { acidity: 0.22, leavener: 0.07, strength: 0.02, pressureDecades: 0.35 } as const;

/** Relative standard deviation of the charge that a part brings: by how it was measured, and by what is in it. */
export function chargeSpread({ ingredient, massSpread }: WeighedPart): number {
  const leavener = LEAVENERS[ingredient.behavesAs];
  if (leavener === undefined || leavener.flourId !== undefined) return Math.hypot(SPREAD.acidity, massSpread ?? 0);
  return massSpread === undefined ? SPREAD.leavener : Math.hypot(SPREAD.strength, massSpread);
}

const totals = new WeakMap<readonly WeighedPart[], Float64Array>();

/** The charge of a whole batter at every grid pH: the same raw and baked, so it is added up once. */
function totalCharge(
  parts: readonly WeighedPart[],
  lines: readonly { readonly curve: Float64Array; readonly grams: number }[],
): Float64Array {
  const known = totals.get(parts);
  if (known) return known;
  const total = new Float64Array(GRID_POINTS);
  for (const { curve, grams } of lines)
    for (let i = 0; i < GRID_POINTS; i++) total[i] = (total[i] ?? 0) + grams * (curve[i] ?? 0);
  totals.set(parts, total);
  return total;
}

/** Sets up the balance for a batter. @param waterKept share of the water that is left: 1 raw, 0.9 baked */
export function chargeBalance(parts: readonly WeighedPart[], waterKept: number): ChargeBalance {
  const lines = parts.map((part) => {
    const { ingredient, grams, preparation } = part;
    const leavener = LEAVENERS[ingredient.behavesAs];
    const share = leavener ? 1 : availability(ingredient, preparation);
    return {
      curve: chargeCurve(ingredient),
      grams: grams * share,
      sd: chargeSpread(part),
    };
  });
  const water = waterKept * parts.reduce((sum, { ingredient, grams }) => sum + grams * ingredient.composition.water, 0);
  const bicarbonate = parts.reduce((sum, { ingredient, grams }) => sum + grams * bicarbonateOf(ingredient), 0);
  const total = totalCharge(parts, lines);
  return {
    water,
    bicarbonate,
    residual: (pH, pressure) =>
      onGrid(total, pH) -
      carbonate(pH, pressure, water, bicarbonate).charge +
      water * (10 ** -pH - 10 ** (pH - CARBONATE.pKw)),
    carbonateAt: (pH, pressure) => carbonate(pH, pressure, water, bicarbonate).millimoles,
    spread: (pH, pressure, towards) => {
      let variance = 0;
      for (const { curve, grams, sd } of lines) variance += (sd * grams * onGrid(curve, pH)) ** 2;
      const here = carbonate(pH, pressure, water, bicarbonate).charge;
      const there = carbonate(pH, pressure * 10 ** (-towards * SPREAD.pressureDecades), water, bicarbonate).charge;
      return Math.sqrt(variance + (there - here) ** 2);
    },
  };
}

/** Millimoles of bicarbonate in a gram of anything; 0 for what is no leavener. */
export function bicarbonateOf(ingredient: Ingredient): number {
  const leavener = LEAVENERS[ingredient.behavesAs];
  return leavener ? bicarbonatePerGram(leavener) : 0;
}

/** pH where a falling function of pH crosses zero, held to the grid's ends. */
function crossing(f: (pH: number) => number): number {
  if (f(GRID_FROM) <= 0) return GRID_FROM;
  if (f(GRID_TO) >= 0) return GRID_TO;
  return bisect(f, GRID_FROM, GRID_TO, 1e-4).x;
}

/** pH at which a batter settles under a carbon dioxide pressure. Valid from 2 to 11.5. */
export function settledPh(balance: ChargeBalance, pressureAtm: number): number {
  return crossing((pH) => balance.residual(pH, pressureAtm));
}

export const rawBalance = (parts: readonly WeighedPart[]): ChargeBalance => chargeBalance(parts, 1);
export const crumbBalance = (parts: readonly WeighedPart[]): ChargeBalance => chargeBalance(parts, WATER_KEPT);

/** What the model itself may be off, pH units. @source leavening.md 1.6 */
const MODEL_ERROR_PH = 0.2;

/**
 * Crumb pH that eight in ten such bakes would have.
 *
 * The residual falls with pH, so "the pH is below x" is "the residual at x is negative". With independent normal errors on every term
 * the residual at x is normal, and the tenth percentile is where mean = 1.28 standard deviations: no sampling needed, and exact but for the pressure. The
 * model's own error of ± 0.2 is added in quadrature.
 */
export function crumbPhRange(balance: ChargeBalance): Range {
  const at = (z: number) =>
    crossing((pH) => balance.residual(pH, CRUMB_CO2_ATM) - z * balance.spread(pH, CRUMB_CO2_ATM, z > 0 ? -1 : 1));
  const likely = settledPh(balance, CRUMB_CO2_ATM);
  const widened = (edge: number) => Math.hypot(edge - likely, MODEL_ERROR_PH);
  return { low: likely - widened(at(EIGHT_IN_TEN)), likely, high: likely + widened(at(-EIGHT_IN_TEN)) };
}

/** Grams of soda that a charge corresponds to. */
export const sodaGrams = (meq: number): number => meq / SODA_MEQ_PER_GRAM;

/** What one gram of a part brings to the charge balance at a pH, meq: linear, so that a balance can be solved for amounts. */
export function chargePerGram({ ingredient, preparation }: WeighedPart, pH: number): number {
  const share = LEAVENERS[ingredient.behavesAs] ? 1 : availability(ingredient, preparation);
  return share * onGrid(chargeCurve(ingredient), pH);
}

/**
 * What one gram of a batter's water holds in a crumb of a pH, while there is carbonate enough: carbon, mmol, its charge, and the charge
 * that the water itself sets against.
 */
export function heldByWater(pH: number): {
  readonly charge: number;
  readonly millimoles: number;
  readonly ions: number;
} {
  const { charge, millimoles } = carbonate(pH, CRUMB_CO2_ATM, WATER_KEPT, Infinity);
  return { charge, millimoles, ions: WATER_KEPT * (10 ** -pH - 10 ** (pH - CARBONATE.pKw)) };
}

/** A crumb as it settles with more of some ingredients. */
export interface Settled {
  readonly pH: number;
  /** Carbon dioxide given off, mmol. */
  readonly gasMillimoles: number;
}

/**
 * A batter to which amounts of a few ingredients are still open: settles it for any of them without adding up the rest again. For
 * searches over many amounts.
 * @param added ingredients whose grams are given on each call, in this order
 */
export function openBalance(
  parts: readonly WeighedPart[],
  added: readonly Ingredient[],
): (grams: readonly number[]) => Settled {
  const base = new Float64Array(GRID_POINTS);
  for (const part of parts) {
    const { ingredient, grams, preparation } = part;
    const share = grams * (LEAVENERS[ingredient.behavesAs] ? 1 : availability(ingredient, preparation));
    const curve = chargeCurve(ingredient);
    for (let i = 0; i < GRID_POINTS; i++) base[i] = (base[i] ?? 0) + share * (curve[i] ?? 0);
  }
  const curves = added.map(chargeCurve);
  const baseWater = parts.reduce((sum, { ingredient, grams }) => sum + grams * ingredient.composition.water, 0);
  const baseBicarbonate = parts.reduce((sum, { ingredient, grams }) => sum + grams * bicarbonateOf(ingredient), 0);
  const water = added.map(({ composition }) => composition.water);
  const bicarbonate = added.map(bicarbonateOf);
  const sum = (grams: readonly number[], perGram: readonly number[]) =>
    grams.reduce((total, amount, i) => total + amount * (perGram[i] ?? 0), 0);
  return (grams) => {
    const kept = WATER_KEPT * (baseWater + sum(grams, water));
    const carbon = baseBicarbonate + sum(grams, bicarbonate);
    const chargeAt = (i: number) => {
      let charge = base[i] ?? 0;
      for (let k = 0; k < curves.length; k++) charge += (grams[k] ?? 0) * (curves[k]?.[i] ?? 0);
      return charge;
    };
    const residual = (charge: number, pH: number) =>
      charge - carbonate(pH, CRUMB_CO2_ATM, kept, carbon).charge + kept * (10 ** -pH - 10 ** (pH - CARBONATE.pKw));
    let low = 0;
    let high = GRID_POINTS - 1;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (residual(chargeAt(middle), GRID_FROM + GRID_STEP * middle) >= 0) low = middle;
      else high = middle;
    }
    // between two points of the grid the charge is linear and the carbonate is not
    const [from, to] = [chargeAt(low), chargeAt(high)];
    let [left, right] = [0, 1];
    for (let i = 0; i < 9; i++) {
      const middle = (left + right) / 2;
      if (residual(from + middle * (to - from), GRID_FROM + GRID_STEP * (low + middle)) >= 0) left = middle;
      else right = middle;
    }
    const pH = GRID_FROM + GRID_STEP * (low + (left + right) / 2);
    return { pH, gasMillimoles: Math.max(0, carbon - carbonate(pH, CRUMB_CO2_ATM, kept, carbon).millimoles) };
  };
}
