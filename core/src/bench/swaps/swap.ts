import { functionalTotals, type FunctionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { chargePerGram, heldByWater, leaveningLedger, MOLAR_MASS, openBalance } from '../../batter/leavening/index.js';
import { perGramIn, type PerGram } from '../../batter/per-gram/index.js';
import type { Style } from '../../batter/balance/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { leastQuadratic, type Inequality } from '../../ground/quadratic/index.js';
import type { OpenLine } from '../rebalance/index.js';
import { HELPS, LEAST_GRAMS, linesAfter, rowsOf, type Row, type SwappedLine } from './swap-rows.js';
import type { SwapNoteCode, SwapWay } from './ways.js';

export type { SwappedLine } from './swap-rows.js';

/** What a swap is held to. Percent by which it is off, of what there was; of gas, of what the style's band lets it aim at. */
export const RESIDUALS = ['water', 'fat', 'sugar', 'flour', 'salt', 'gas', 'eggSolids'] as const;
export type Residual = (typeof RESIDUALS)[number];

export interface Swapped {
  readonly way: SwapWay;
  readonly share: number;
  readonly lines: readonly SwappedLine[];
  readonly residualPercent: Readonly<Record<Residual, number>>;
  readonly crumbPhBefore: number;
  readonly crumbPhAfter: number;
  readonly gasBefore: number;
  readonly gasAfter: number;
  readonly notes: readonly SwapNoteCode[];
  /** How much it disturbs, for ranking: smaller is better. */
  readonly disturbance: number;
}

/** How closely each function is kept: one standard step, share of what there is. @source leavening.md part B */
const KEEP = { water: 0.02, fat: 0.03, sugar: 0.02, flour: 0.01, eggSolids: 0.15, milkSolids: 0.4, salt: 0.05, gas: 0.02, chargePerFlour: 0.004 } as const; // prettier-ignore
/** Share of a solid's thirst that is met by water: flour that drinks more gets more. */
const THIRST_MET = 0.7;
/** Pull towards no change, by what a line is. */
const STAY = { swappedIn: 0.002, newLeavener: 0.02, new: 0.3, present: 0.6 } as const;
/** Helpers that come in with less than this are left out; share of the flour. */
const TINY = { leavener: 0.0006, liquid: 0.012 } as const;
const MOISTENER = 1;

type Function = 'water' | 'fat' | 'sugar' | 'flour' | 'eggSolids' | 'milkSolids' | 'salt' | 'gas' | 'charge';

/** What one gram of a part does that a swap keeps, and what it brings to gas and charge at the pH that is held. */
function heldPerGram(part: WeighedPart, gram: PerGram, moistness: number, pH: number): Record<Function, number> {
  const { water } = part.ingredient.composition;
  const stays = heldByWater(pH);
  return {
    water: gram.water - THIRST_MET * moistness * gram.thirst,
    fat: gram.fat,
    sugar: gram.sugar,
    flour: gram.flour,
    eggSolids: gram.eggSolids,
    milkSolids: gram.milkSolids,
    salt: gram.salt,
    gas: gram.bicarbonate - water * stays.millimoles,
    charge: chargePerGram(part, pH) - water * (stays.charge - stays.ions),
  };
}

/** What a batter does before a swap, and how closely each of it is to be kept. */
interface Held {
  readonly totals: FunctionalTotals;
  readonly pH: number;
  readonly gasMillimoles: number;
  readonly perGram: (part: WeighedPart) => Record<Function, number>;
  readonly was: Readonly<Record<Function, number>>;
  readonly target: Readonly<Record<Function, number>>;
  /** One standard step of each. */
  readonly step: Readonly<Record<Function, number>>;
  readonly settledPh: number;
}

const within = (value: number, { low, high }: { readonly low: number; readonly high: number }) =>
  Math.min(high, Math.max(low, value));

/** Millimoles of gas, or as many as the band of a style allows or asks for. */
function gasWithin(millimoles: number, flourGrams: number, { bands: { gas } }: Style): number {
  // bands of gas are in grams for a hundred of flour
  const perPercent = (flourGrams / 100) * (1000 / MOLAR_MASS.carbonDioxide);
  return within(millimoles, { low: gas.low * perPercent, high: gas.high * perPercent });
}

/** What is held through a swap, from the batter as it is. @param rows what may be in it afterwards */
function heldIn(
  before: readonly WeighedPart[],
  rows: readonly Row[],
  totals: FunctionalTotals,
  way: SwapWay,
  style: Style | undefined,
): Held {
  const settled = openBalance(before, [])([]);
  // an old fault is not carried over: the aim is what there is, or the nearer end of the style's band
  const aimed = style ? within(settled.pH, style.bands['crumb-ph']) : settled.pH;
  const pH = Math.min(aimed, way.highestPh ?? Infinity);
  const gasAimed = style ? gasWithin(settled.gasMillimoles, totals.flour, style) : settled.gasMillimoles;
  const moistness = totals.thirst > 0 ? totals.water / totals.thirst : MOISTENER;
  const inAll = perGramIn([...before, ...rows.map(({ line, grams }) => ({ ...line.part, grams: Math.max(grams, 0) }))]);
  const perGram = (part: WeighedPart) => heldPerGram(part, inAll(part), moistness, pH);
  const was = sumOf(
    before.map(perGram),
    before.map(({ grams }) => grams),
  );
  const bicarbonate = before.reduce((sum, part) => sum + inAll(part).bicarbonate * part.grams, 0);
  const { flour } = totals;
  return {
    totals,
    pH,
    gasMillimoles: settled.gasMillimoles,
    settledPh: settled.pH,
    perGram,
    was,
    // what is really given off, not what the held pH would say
    target: { ...was, gas: gasAimed, charge: 0 },
    step: {
      water: KEEP.water * Math.max(totals.water, 0.2 * flour),
      fat: KEEP.fat * Math.max(totals.fat, 0.05 * flour),
      sugar: KEEP.sugar * Math.max(totals.sugar, 0.05 * flour),
      flour: KEEP.flour * flour,
      eggSolids: KEEP.eggSolids * Math.max(totals.eggSolids, 0.05 * flour),
      milkSolids: KEEP.milkSolids * Math.max(was.milkSolids, 0.02 * flour),
      salt: KEEP.salt * Math.max(totals.salt, 0.004 * flour),
      gas: KEEP.gas * Math.max(bicarbonate, 1),
      charge: KEEP.chargePerFlour * flour,
    },
  };
}

/** By what a row is measured, so that its variable is about 1. */
function scaleOf({ line, grams }: Row, flour: number): number {
  const { ingredient } = line.part;
  if (isFreeLeavener(ingredient) || ingredient.category === 'salt') return 0.012 * flour;
  return grams > 1 ? grams : 0.15 * flour;
}

/** How strongly a row is pulled towards no change. */
function stayOf({ role, grams, line }: Row): number {
  if (role === 'swapped-in') return STAY.swappedIn;
  if (grams > 0) return STAY.present;
  return isFreeLeavener(line.part.ingredient) ? STAY.newLeavener : STAY.new;
}

/**
 * Grams of every row so that what the batter does is kept as well as can be: least squares over what may move, none below nothing, with a
 * pull towards no change.
 */
function settledGrams(rows: readonly Row[], held: Held, way: SwapWay): readonly number[] | undefined {
  const { totals, target, step, perGram } = held;
  const kept = (Object.keys(step) as Function[]).filter(
    (of) => of !== way.lessens && !(way.losesSet && of === 'eggSolids'),
  );
  const shares = rows.map(({ line }) => perGram(line.part));
  const open = rows.flatMap((row, i) => (row.role === 'swapped-in' || row.role === 'helper' ? [{ row, i }] : []));
  if (open.length === 0) return rows.map(({ grams }) => grams);
  const scale = (row: Row) => scaleOf(row, totals.flour);
  const quadratic = open.map(() => open.map(() => 0));
  const linear = open.map(() => 0);
  for (const of of kept) {
    const fixed = rows.reduce(
      (sum, row, i) => (open.some((openRow) => openRow.i === i) ? sum : sum + (shares[i]?.[of] ?? 0) * row.grams),
      0,
    );
    const coefficients = open.map(({ row, i }) => ((shares[i]?.[of] ?? 0) * scale(row)) / step[of]);
    const wanted = (target[of] - fixed) / step[of];
    coefficients.forEach((a, k) => {
      linear[k] = (linear[k] ?? 0) + 2 * a * wanted;
      const line = quadratic[k];
      if (line) coefficients.forEach((b, j) => (line[j] = (line[j] ?? 0) + 2 * a * b));
    });
  }
  const inequalities: Inequality[] = [];
  open.forEach(({ row }, k) => {
    const stay = stayOf(row);
    const diagonal = quadratic[k];
    if (diagonal) diagonal[k] = (diagonal[k] ?? 0) + 2 * stay;
    linear[k] = (linear[k] ?? 0) + 2 * stay * (row.role === 'swapped-in' ? 0 : row.grams / scale(row));
    inequalities.push({ coefficients: open.map((_, j) => (j === k ? 1 : 0)), bound: 0 });
    if (HELPS.acid(row.line.part) && way.acidMost !== undefined)
      inequalities.push({
        coefficients: open.map((_, j) => (j === k ? -1 : 0)),
        bound: (-way.acidMost * totals.flour) / scale(row),
      });
  });
  const solved = leastQuadratic(quadratic, linear, inequalities);
  return (
    solved &&
    rows.map((row, i) => {
      const k = open.findIndex((openRow) => openRow.i === i);
      return k < 0 ? row.grams : worthWeighing(row, Math.max(0, (solved[k] ?? 0) * scale(row)), totals.flour);
    })
  );
}

/** A helper that would move by less than this stays as it is, if what is kept allows it. */
const HARDLY_MOVED = 0.04;
/** How much further off, in standard steps, it may leave what is kept. */
const MAY_COST = 0.6;

/** No more lines move than must: those that hardly moved are tried as they were. */
function movingLess(rows: readonly Row[], grams: readonly number[], held: Held, way: SwapWay): readonly number[] {
  const stays = ({ role, grams: was }: Row, i: number) =>
    role === 'helper' && was > 0 && Math.abs((grams[i] ?? 0) - was) < HARDLY_MOVED * was;
  if (!rows.some(stays)) return grams;
  const calmer = settledGrams(
    rows.map((row, i): Row => (stays(row, i) ? { ...row, role: 'kept' } : row)),
    held,
    way,
  );
  return calmer && offBy(rows, calmer, held, way) <= offBy(rows, grams, held, way) + MAY_COST ? calmer : grams;
}

/** By how many standard steps the worst of what is kept is off. */
function offBy(rows: readonly Row[], grams: readonly number[], { perGram, target, step }: Held, way: SwapWay): number {
  const is = sumOf(
    rows.map(({ line }) => perGram(line.part)),
    grams,
  );
  const kept = (Object.keys(step) as Function[]).filter(
    (of) => of !== way.lessens && !(way.losesSet && of === 'eggSolids'),
  );
  return Math.max(...kept.map((of) => Math.abs(is[of] - target[of]) / step[of]));
}

const MORE_THAN_TWO_EGGS = 110;
/** What a way always changes, and that no stand-in carries a cake that stands on more than two eggs. */
function notesOf(way: SwapWay, { part }: OpenLine, share: number): readonly SwapNoteCode[] {
  const many = way.losesSet === true && roleOf(part.ingredient).egg > 0 && part.grams * share > MORE_THAN_TWO_EGGS;
  return many ? ['more-than-two-eggs', ...way.notes.filter((code) => code !== 'gummy-above-two-eggs')] : way.notes;
}

/** What comes in with less than is worth weighing out stays out. */
function worthWeighing({ line, role, grams }: Row, amount: number, flour: number): number {
  const least = isFreeLeavener(line.part.ingredient)
    ? TINY.leavener * flour
    : role === 'helper' && grams === 0
      ? TINY.liquid * flour
      : LEAST_GRAMS;
  return amount < least && grams === 0 ? 0 : amount;
}

function residualsOf(
  is: Readonly<Record<Function, number>>,
  { was, totals, target }: Held,
  gasAfter: number,
): Readonly<Record<Residual, number>> {
  const off = (of: Exclude<Residual, 'gas' | 'eggSolids'>, whole: number, least: number) =>
    (100 * (is[of] - was[of])) / Math.max(Math.abs(whole), least * totals.flour);
  return {
    water: off('water', totals.water, 0.2),
    fat: off('fat', was.fat, 0.01),
    sugar: off('sugar', was.sugar, 0.01),
    flour: off('flour', was.flour, 0.1),
    salt: off('salt', was.salt, 0.001),
    gas: target.gas > 0 ? (100 * (gasAfter - target.gas)) / target.gas : 0,
    eggSolids: was.eggSolids > 0 ? (100 * (is.eggSolids - was.eggSolids)) / was.eggSolids : 0,
  };
}

/**
 * Replaces a share of a line by a way, and puts right what that disturbs: water, fat, sugar, flour, egg and milk solids, salt, gas and
 * acid, with whatever may move. What stays off is said in percent.
 * @param lines of the batter; locked ones do not help
 * @param share of the line that is replaced, 0–1; negative adds so much more of it
 * @param style whose bands for gas and crumb are aimed at where the batter lies outside them; absent keeps them as they are
 * @returns undefined when the line is not there, or nothing solves it
 * @source leavening.md part B, swap
 */
export function swapLine(
  lines: readonly OpenLine[],
  lineId: string,
  way: SwapWay,
  share = way.usualShare ?? 1,
  style?: Style,
): Swapped | undefined {
  const from = lines.find(({ id }) => id === lineId);
  if (!from || from.part.grams <= 0) return undefined;
  const before = lines.map(({ part }) => part).filter(({ grams }) => grams > 0);
  const totals = functionalTotals(before);
  if (!(totals.flour > 0)) return undefined;
  const rows = rowsOf(lines, from, from.part.grams * share, way, totals.flour);
  const held = heldIn(before, rows, totals, way, style);
  const first = settledGrams(rows, held, way);
  if (!first) return undefined;
  const grams = movingLess(rows, first, held, way);
  const after = rows.map(({ line }, i) => ({ ...line.part, grams: grams[i] ?? 0 })).filter((part) => part.grams > 0);
  const gasAfter = openBalance(after, [])([]).gasMillimoles;
  const is = sumOf(
    rows.map(({ line }) => held.perGram(line.part)),
    grams,
  );
  const residualPercent = residualsOf(is, held, gasAfter);
  return {
    way,
    share,
    lines: linesAfter(lines, rows, grams),
    residualPercent,
    crumbPhBefore: held.settledPh,
    crumbPhAfter: leaveningLedger(after).crumbPh.likely,
    gasBefore: held.gasMillimoles,
    gasAfter,
    notes: notesOf(way, from, share),
    disturbance: disturbanceOf(residualPercent, way, rows, grams),
  };
}

function sumOf(shares: readonly Record<Function, number>[], grams: readonly number[]): Record<Function, number> {
  const sum: Record<Function, number> = {
    water: 0,
    fat: 0,
    sugar: 0,
    flour: 0,
    eggSolids: 0,
    milkSolids: 0,
    salt: 0,
    gas: 0,
    charge: 0,
  };
  shares.forEach((share, i) => {
    for (const of of Object.keys(sum) as Function[]) sum[of] += share[of] * (grams[i] ?? 0);
  });
  return sum;
}

/** Loss of set weighs as much as a tenth of everything else; every line touched a little. Judged, for the order of alternatives only. */
const SET_LOST = 20;
const LINE_TOUCHED = 0.6;
function disturbanceOf(
  residual: Readonly<Record<Residual, number>>,
  way: SwapWay,
  rows: readonly Row[],
  grams: readonly number[],
): number {
  const { water, fat, sugar, flour, salt, gas } = residual;
  const aimed = {
    sugar: way.lessens === 'sugar' ? 0 : sugar,
    fat: way.lessens === 'fat' ? 0 : fat,
    salt: way.lessens === 'salt' ? 0 : salt,
  };
  const off =
    Math.abs(water) +
    Math.abs(aimed.fat) +
    Math.abs(aimed.sugar) +
    Math.abs(flour) +
    0.2 * Math.abs(aimed.salt) +
    0.5 * Math.abs(gas);
  const touched = rows.filter(
    ({ grams: was, line }, i) => Math.abs((grams[i] ?? 0) - was) > 0.03 * Math.max(was, line.part.grams, 1),
  ).length;
  return off + (way.losesSet ? SET_LOST : 0) + LINE_TOUCHED * touched + 0.5 * way.notes.length;
}
