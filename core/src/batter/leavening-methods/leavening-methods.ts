import { functionalTotals, mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { standing, type Band, type Standing } from '../../ground/verdict/index.js';
import { acidPerGram, openBalance } from '../leavening/index.js';
import {
  ACIDS,
  bicarbonatePerGram,
  GRAMS_PER_TEASPOON,
  LEAVENERS,
  LEAVENING_ACIDS,
  MOLAR_MASS,
  SODA_MEQ_PER_GRAM,
} from '../leavening/index.js';

/** The accepted ways to set soda and powder. */
export const LEAVENING_METHODS = ['acid-only', 'powder-only', 'browning', 'added-acid'] as const;
export type LeaveningMethod = (typeof LEAVENING_METHODS)[number];

/** How finely the baker measures leaveners: by eighths of a teaspoon, or on a scale that reads tenths of a gram. */
export type Fineness = 'spoons' | 'tenths';

export interface SettingTask {
  /** The batter without its soda and powder: what is locked. A flour that carries its own leavener stays in it. */
  readonly locked: readonly WeighedPart[];
  readonly school: LeaveningMethod;
  readonly gas: Band;
  readonly crumbPh: Band;
  readonly fineness: Fineness;
  /** The powder that is in the cupboard. */
  readonly powder: Ingredient;
  /** Grams in the baker's level teaspoon; absent means the usual ones. */
  readonly gramsPerTeaspoon?: { readonly soda?: number; readonly powder?: number };
  /** Share of the soda that is to stay unmet, for `browning`; 0–0.7. */
  readonly leftShare?: number;
  /** The acid that `added-acid` may add. */
  readonly acid?: Ingredient;
  /** The most of that acid, teaspoons. */
  readonly acidMostTeaspoons?: number;
}

export interface Setting {
  readonly school: LeaveningMethod;
  readonly sodaGrams: number;
  readonly sodaTeaspoons: number;
  readonly powderGrams: number;
  readonly powderTeaspoons: number;
  readonly acidGrams: number;
  readonly acidTeaspoons: number;
  readonly gasGramsPer100gFlour: number;
  readonly crumbPh: number;
  /** Share of the soda that meets nothing sour. */
  readonly leftShare: number;
  readonly gasStanding: Standing;
  readonly phStanding: Standing;
  /** Whether gas and pH are both in their bands: by the model, which is within ± 0.4 pH. */
  readonly hit: boolean;
}

/** Whether an ingredient is soda or powder that a setting may change. Flours with leavener in them are flour. */
export function isFreeLeavener({ behavesAs }: Ingredient): boolean {
  const leavener = LEAVENERS[behavesAs];
  return leavener !== undefined && leavener.flourId === undefined && bicarbonatePerGram(leavener) > 0;
}

/** Share of the soda left for browning where the baker names none. @source leavening.md, section 3: a quarter is at the edge for berries */
export const USUAL_BROWNING_SHARE = 0.25;
const EIGHTH = 1 / 8;
const TENTH_GRAM = 0.1;
/** No batter takes more; the search stops there. Percent of flour. */
const SODA_MOST = 4.5;
const POWDER_MOST_TEASPOONS = 8;
const ACID_STEP_TEASPOONS = 0.25;
const GAS_TOLERANCE = 0.004;
const PH_TOLERANCE = 0.01;

interface Candidate {
  readonly soda: number;
  readonly powder: number;
  readonly acid: number;
  readonly gas: number;
  readonly ph: number;
  readonly left: number;
  readonly inside: boolean;
  readonly cost: number;
}

/** Grams of a level 5 ml teaspoon of an ingredient by its table density. */
const teaspoonOf = ({ gramsPerMillilitre }: Ingredient, usual: number) =>
  gramsPerMillilitre.spooned === undefined ? usual : 5 * gramsPerMillilitre.spooned;

/** Grams in the level teaspoon of each. */
interface Spoons {
  readonly soda: number;
  readonly powder: number;
  readonly acid: number;
}
type Judge = (sodaGrams: number, powderGrams: number, acidGrams: number) => Candidate;

/** How a choice of soda, powder and acid comes out in this batter, and what it costs: gas and pH outside their bands most. */
function judgeOf(task: SettingTask, flour: number, acid: Ingredient | undefined, spoon: Spoons): Judge {
  const { locked, school, gas, crumbPh, powder } = task;
  const soda = mustBeIngredient('baking-soda');
  const settle = openBalance(locked, acid ? [soda, powder, acid] : [soda, powder]);
  const foodAcid = Math.max(
    0,
    locked.reduce((sum, { ingredient, grams, preparation }) => sum + acidPerGram(ingredient, preparation) * grams, 0),
  );
  const acidMeq = acid ? acidityOf(acid) : 0;
  const leftWanted = school === 'browning' ? (task.leftShare ?? USUAL_BROWNING_SHARE) : 0;
  const gasMiddle = Math.max(gas.typical, 0.1);
  return (sodaGrams, powderGrams, acidGrams) => {
    const settled = settle([sodaGrams, powderGrams, acidGrams]);
    const gasGrams = (settled.gasMillimoles * MOLAR_MASS.carbonDioxide) / 10 / flour;
    const sodaMeq = sodaGrams * SODA_MEQ_PER_GRAM;
    const acids = foodAcid + acidGrams * acidMeq;
    const left = sodaMeq > 0 ? Math.max(0, sodaMeq - acids) / sodaMeq : 0;
    const missGas = Math.max(0, gas.low - gasGrams, gasGrams - gas.high);
    const missPh = Math.max(0, crumbPh.low - settled.pH, settled.pH - crumbPh.high);
    const inside = missGas <= GAS_TOLERANCE && missPh <= PH_TOLERANCE;
    const unused = Math.max(0, acids - sodaMeq) / Math.max(4, acids);
    const spoons = sodaGrams / spoon.soda + powderGrams / spoon.powder + acidGrams / spoon.acid;
    const cost =
      20 * (missGas / gasMiddle) +
      60 * (missGas / gasMiddle) ** 2 +
      1.5 * missPh +
      12 * missPh ** 2 +
      ((gasGrams - gas.typical) / gasMiddle) ** 2 +
      0.15 * (settled.pH - crumbPh.typical) ** 2 +
      0.02 * spoons +
      (school === 'browning' ? 8 * (left - leftWanted) ** 2 : 3 * left ** 2) +
      (school === 'acid-only' ? 0.6 * unused ** 2 : 0);
    return { soda: sodaGrams, powder: powderGrams, acid: acidGrams, gas: gasGrams, ph: settled.pH, left, inside, cost };
  };
}

/** Every choice that spoons can measure and that gives about the gas that is wanted. */
function lattice(task: SettingTask, flour: number, acid: Ingredient | undefined, spoon: Spoons, judge: Judge) {
  const { school, gas, powder } = task;
  const candidates: Candidate[] = [];
  const mostSoda = school === 'powder-only' ? 0 : (SODA_MOST / 100) * flour;
  const mostPowder = school === 'added-acid' ? 0 : Math.max(POWDER_MOST_TEASPOONS * spoon.powder, 0.09 * flour);
  const mostAcid = acid ? (task.acidMostTeaspoons ?? 6) * spoon.acid : 0;
  const perGram = { soda: SODA_MEQ_PER_GRAM, powder: leavenerMeq(powder) };
  const least = (0.6 * gas.low * flour * 10) / MOLAR_MASS.carbonDioxide;
  const most = (3 * gas.high * flour * 10) / MOLAR_MASS.carbonDioxide;
  // a batch for a stall needs coarser steps than a tin: never more than about forty an ingredient
  const step = (whole: number, each: number) => each * Math.max(1, Math.ceil(whole / each / 45));
  const steps = {
    soda: step(mostSoda, EIGHTH * spoon.soda),
    powder: step(mostPowder, EIGHTH * spoon.powder),
    acid: step(mostAcid, ACID_STEP_TEASPOONS * spoon.acid),
  };
  for (let a = 0; a <= mostAcid + 1e-9; a += steps.acid) {
    for (let s = 0; s <= mostSoda + 1e-9; s += steps.soda) {
      for (let p = 0; p <= mostPowder + 1e-9; p += steps.powder) {
        const carbon = s * perGram.soda + p * perGram.powder;
        if (carbon < least) continue;
        if (carbon > most) break;
        candidates.push(judge(s, p, a));
      }
    }
  }
  return candidates.length === 0 ? [judge(0, 0, 0)] : candidates;
}

const best = (a: Candidate, b: Candidate) => Number(b.inside) - Number(a.inside) || a.cost - b.cost;

/**
 * Sets soda and powder, and an acid where the method adds one, so that gas and crumb pH come into their bands, in amounts that spoons or
 * a fine scale can measure. Every lattice point in reach is tried: one inside both bands wins whenever there is one, then what the
 * method wants, then the middle of the bands.
 * @returns the best first; its `hit` is false when nothing measurable is inside both bands. Empty without flour.
 * @source leavening.md, inverse problem (A.9)
 */
export function setLeavening(task: SettingTask): readonly Setting[] {
  const { locked, school, powder, fineness } = task;
  const flour = functionalTotals(locked).flour;
  if (!(flour > 0)) return [];
  const acid = school === 'added-acid' ? (task.acid ?? mustBeIngredient('cream-of-tartar')) : undefined;
  const spoon: Spoons = {
    soda: task.gramsPerTeaspoon?.soda ?? GRAMS_PER_TEASPOON.soda,
    powder: task.gramsPerTeaspoon?.powder ?? teaspoonOf(powder, GRAMS_PER_TEASPOON.powder),
    acid: acid ? teaspoonOf(acid, GRAMS_PER_TEASPOON.creamOfTartar) : 1,
  };
  const judge = judgeOf(task, flour, acid, spoon);
  const candidates = lattice(task, flour, acid, spoon, judge).sort(best);
  const [first] = candidates;
  const fine =
    fineness === 'tenths' && first ? [...tenthsAround(first, spoon, judge, school), ...candidates] : candidates;
  return fine
    .sort(best)
    .slice(0, 5)
    .map((candidate) => settingOf(candidate, task, spoon));
}

function settingOf(candidate: Candidate, { school, gas, crumbPh }: SettingTask, spoon: Spoons): Setting {
  return {
    school,
    sodaGrams: candidate.soda,
    sodaTeaspoons: candidate.soda / spoon.soda,
    powderGrams: candidate.powder,
    powderTeaspoons: candidate.powder / spoon.powder,
    acidGrams: candidate.acid,
    acidTeaspoons: candidate.acid / spoon.acid,
    gasGramsPer100gFlour: candidate.gas,
    crumbPh: candidate.ph,
    leftShare: candidate.left,
    gasStanding: standing(candidate.gas, { low: gas.low - GAS_TOLERANCE, high: gas.high + GAS_TOLERANCE }),
    phStanding: standing(candidate.ph, { low: crumbPh.low - PH_TOLERANCE, high: crumbPh.high + PH_TOLERANCE }),
    hit: candidate.inside,
  };
}

/** The best point of the spoons, moved in tenths of a gram. */
function tenthsAround(best: Candidate, spoon: Spoons, judge: Judge, school: LeaveningMethod): readonly Candidate[] {
  const around = (grams: number, reach: number, fixed: boolean): readonly number[] => {
    if (fixed) return [0];
    const from = Math.max(0, Math.round((grams - reach) / TENTH_GRAM));
    const to = Math.round((grams + reach) / TENTH_GRAM);
    return Array.from({ length: to - from + 1 }, (_, i) => (from + i) * TENTH_GRAM);
  };
  const sodas = around(best.soda, EIGHTH * spoon.soda, school === 'powder-only');
  const powders = around(best.powder, EIGHTH * spoon.powder, school === 'added-acid');
  return sodas.flatMap((soda) => powders.map((powder) => judge(soda, powder, best.acid)));
}

/** Bicarbonate in a gram of a leavener, meq. */
function leavenerMeq({ behavesAs }: Ingredient): number {
  const leavener = LEAVENERS[behavesAs];
  return leavener ? bicarbonatePerGram(leavener) : 0;
}

/** Acid that soda meets in a gram of an added acid, meq: by neutralising value where it is a leavening acid. */
function acidityOf(acid: Ingredient): number {
  const leavener = LEAVENERS[acid.behavesAs];
  if (!leavener) return acidPerGram(acid, 'none');
  return LEAVENING_ACIDS.reduce(
    (sum, id) => sum + ((leavener.acids[id] ?? 0) * ACIDS[id].neutralisingValue * 10) / MOLAR_MASS.soda,
    0,
  );
}
