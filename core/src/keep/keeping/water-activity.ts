import { bisect } from '../../ground/numerics/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Category } from '../../kitchen/ingredients/index.js';

/*
 * Water activity of a baked crumb, for shortening a promise, never for making one: what sugars and salts dissolve in the water that flour does
 * not bind, times what flour solids leave. Uncertain by ± 0.03, which is x/÷ 1.7 in days; it is never shown as a figure of safety.
 * @source book.md, section 5: Norrish, Ross, GAB of wheat flour; ten of thirteen cakes inside ranges recalled
 */

/** Grams in a baked piece. */
export interface BakedComposition {
  readonly water: number;
  readonly sucrose: number;
  /** Glucose, fructose, invert sugar. */
  readonly hexose: number;
  readonly polyol: number;
  readonly salt: number;
  readonly leaveningSalts: number;
  readonly ethanol: number;
  /** Starch, protein, fibre. */
  readonly solids: number;
  readonly total: number;
}

const MOLAR = { water: 18.015, sucrose: 342.3, hexose: 180.2, polyol: 92.1, salt: 58.44, leaveningSalts: 70, ethanol: 46.07 } as const; // prettier-ignore
const NORRISH = { sucrose: 6.47, hexose: 2.25, polyol: 1.16 } as const;
/** Water that a gram of flour solids holds too fast to dissolve anything. */
const BOUND = 0.15;
const SALT_LOWERS = 0.034;
const SUGAR_TAKES = 0.3;
export const SPREAD = 0.03;

const norrish = (moles: number, constant: number, water: number): number => {
  const x = moles / (moles + water);
  return (1 - x) * Math.exp(-constant * x * x);
};
/** Grams of water to a gram of solids at an activity. */
function sorbed(activity: number): number {
  const [monolayer, c, k] = [0.075, 10, 0.87];
  const q = k * activity;
  return (monolayer * c * q) / ((1 - q) * (1 - q + c * q));
}
const [DRIEST, WETTEST] = [0.05, 0.999];
function activityOf(moisture: number): number {
  if (moisture >= sorbed(WETTEST)) return WETTEST;
  if (moisture <= sorbed(DRIEST)) return DRIEST;
  return bisect((activity) => sorbed(activity) - moisture, DRIEST, WETTEST, 1e-4).x;
}

/** 0.55–0.99. */
export function waterActivity(c: BakedComposition): number {
  const free = Math.max(0.5, c.water - BOUND * c.solids) / MOLAR.water;
  let activity = 1;
  for (const sugar of ['sucrose', 'hexose', 'polyol'] as const)
    if (c[sugar] > 0) activity *= norrish(c[sugar] / MOLAR[sugar], NORRISH[sugar], free);
  const molal = (salt: 'salt' | 'leaveningSalts') => (c[salt] / MOLAR[salt] / free) * 55.5;
  activity *= Math.max(0.3, 1 - SALT_LOWERS * molal('salt')) * Math.max(0.3, 1 - SALT_LOWERS * molal('leaveningSalts'));
  if (c.ethanol > 0) activity *= free / (free + c.ethanol / MOLAR.ethanol);
  const sugars = c.sucrose + c.hexose;
  const seen = c.water * (1 - SUGAR_TAKES * Math.min(1, sugars / (c.water + 1e-9) / 1.2));
  activity *= Math.min(1, activityOf(seen / Math.max(1, c.solids)) / 0.999) ** 0.5;
  return Math.max(0.55, Math.min(0.99, activity));
}

/** Share of the sugars of an ingredient that is glucose or fructose, by its kind. @source judged */
const HEXOSE: Readonly<Partial<Record<Category, number>>> = {
  'fresh fruit': 0.7, 'fruit puree': 0.7, 'dried fruit': 0.95, 'candied fruit': 0.6, syrup: 0.7, vegetable: 0.4, liquid: 0.6, alcohol: 0.8, sugar: 0.03, 'cultured dairy': 0.05,
}; // prettier-ignore
const SIMPLE = /honey|glucose|fructose|invert|agave|corn-syrup/;
const POLYOLS = /glycerol|sorbitol|xylitol|erythritol/;
const LEAVENING_SALT = 0.55;
const SODIUM_IN_SALT = 0.3934;
/** Share of the alcohol in a batter that a bake leaves, by its minutes. @source book.md, ethanol-kept.csv: published retention figures */
const KEPT: readonly (readonly [number, number])[] = [[0, 1], [15, 0.4], [30, 0.35], [60, 0.25], [90, 0.2], [120, 0.1], [150, 0.05], [240, 0.03]]; // prettier-ignore

export function alcoholKept(minutes: number): number {
  const after = KEPT.findIndex(([at]) => minutes <= at);
  if (after < 0) return 0.03;
  const [[at, share], [before, was]] = [KEPT[after] ?? [0, 1], KEPT[Math.max(0, after - 1)] ?? [0, 1]];
  return at === before ? share : was + ((share - was) * (minutes - before)) / (at - before);
}

/** What a bake leaves of a batter: water goes, and most of the alcohol. @param lossShare of its grams that a bake loses; 0 for a part that is not baked */
export function bakedComposition(parts: readonly WeighedPart[], lossShare: number, minutes: number): BakedComposition {
  const c = { water: 0, sucrose: 0, hexose: 0, polyol: 0, salt: 0, leaveningSalts: 0, ethanol: 0, solids: 0, total: 0 };
  let raw = 0;
  for (const { ingredient, grams } of parts) {
    const { composition, category, behavesAs } = ingredient;
    const sugars = composition.sugars * grams;
    const simple = SIMPLE.test(behavesAs) ? 0.95 : behavesAs.includes('maple') ? 0.05 : (HEXOSE[category] ?? 0);
    raw += grams;
    c.water += composition.water * grams;
    c.sucrose += sugars * (1 - simple);
    c.hexose += sugars * simple;
    c.ethanol += composition.alcohol * grams;
    c.solids += (composition.starch + composition.protein + composition.fibre) * grams;
    if (category === 'leavener') c.leaveningSalts += LEAVENING_SALT * grams;
    else c.salt += (composition.sodium / SODIUM_IN_SALT) * grams;
    if (POLYOLS.test(behavesAs)) c.polyol += 0.9 * grams;
  }
  return {
    ...c,
    ethanol: lossShare > 0 ? c.ethanol * alcoholKept(minutes) : c.ethanol,
    water: Math.max(0.02 * raw, c.water - lossShare * raw),
    total: raw * (1 - lossShare),
  };
}

/**
 * Days without mould, wrapped. A correlation recalled, not checked: it only ever shortens what the table says.
 * @source book.md: log10 d = 7.91 − 8.1 a at 21 °C, 6.42 − 6.5 a at 27 °C
 */
export function mouldFreeDays(activity: number, celsius: number): number {
  const [cool, warm] = [7.91 - 8.1 * activity, 6.42 - 6.5 * activity];
  const log = celsius >= 21 ? cool + (warm - cool) * Math.min(1.5, (celsius - 21) / 6) : cool + 0.035 * (21 - celsius);
  return 10 ** log;
}
