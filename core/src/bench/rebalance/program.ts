import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { Style } from '../../batter/balance/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { leastQuadratic, type Inequality } from '../../ground/quadratic/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { bandRows, type BandRow } from './band-rows.js';
import { writtenGrams, type Limit, type OpenLine } from './open-line.js';

/*
 * One quadratic program: the least change of a batter, weighed, that meets the bands of a style or misses them by least.
 *
 * Its variables are the shares of the free lines (1 is as it was, or a usual spoonful for what is not there yet), for each lock that may
 * give how far it gives up and down, and for each band how far it is missed. Shares pull towards their target with the weight of their
 * line; locks and missed bands cost in proportion, a band more than any change of amounts. Bands, limits and the mass of the batter are
 * rows over grams; lines that are held go to the right side of them.
 */

/** Weights of a line's relative change: flour is what a baker least likes to move, leaveners the least trouble. @source leavening.md part B */
const WEIGHT = { flour: 3, egg: 0.45, salt: 0.15, leavener: 0.1, new: 0.6, other: 1 } as const;
/** Cost of a band missed by its own width: no change of amounts is worth it. */
const BAND_COST = 60;
/** Of a band that cannot be met: what moves it easily is moved, nothing else. Judged. */
const BAND_COST_OUT_OF_REACH = 0.3;
/** The crumb's pH is moved by charges, of which there are many to the width of its band. */
const PH_COST_OUT_OF_REACH = 0.005;
/** In the search for conflicts a band costs more than any lock, and a lock more than any free line. */
const BAND_COST_ELASTIC = 3000;
const LOCK_COST = 12;
/** A line that is not there yet comes in with no more than so many of its usual spoonfuls. */
const MOST_TIMES = 4;
/**
 * No baker takes a line far from its share of the batch unasked: less than this of it is another formula, more of it too. A little inside
 * 0.4 and 2.5, so that rounding to a spoon stays within.
 */
export const SHARE = { least: 0.42, most: 2.4 } as const;
/** So little of a band missed is none: the solver’s own. */
export const SLACK_TOLERANCE = 1e-3;
const MASS = { least: 0.9, most: 1.15 } as const;

export interface Problem {
  readonly lines: readonly OpenLine[];
  readonly start: readonly number[];
  readonly scale: readonly number[];
  readonly target: readonly number[];
  readonly weight: readonly number[];
  readonly style: Style;
  readonly limits: readonly Limit[];
  /** Whether the batter's mass must stay near what is aimed at. */
  readonly holdMass: boolean;
  /** Whether leaveners and salt keep near their share too: given up where they are the fault themselves. */
  readonly leavenNear: boolean;
  /** Bands that cannot be met: they pull gently, so that the rest is not wrecked for them. */
  readonly outOfReach: ReadonlySet<Quantity>;
}

/** It came in with a stand-in, to help it. */
const isNewHere = (line: OpenLine) => line.isNew === true && writtenGrams(line) === 0;

/** The shares between which a line may move. */
export function boundsOf(
  { lines, start, target, limits, leavenNear }: Problem,
  i: number,
): { readonly least: number; readonly most: number } {
  const line = lines[i];
  const aim = target[i] ?? 0;
  if (!line || !((start[i] ?? 0) > 0)) return { least: 0, most: MOST_TIMES };
  const seasons = isFreeLeavener(line.part.ingredient) || line.part.ingredient.category === 'salt';
  if (seasons && !leavenNear) return { least: 0, most: MOST_TIMES };
  // a share of what is written, not of what a stand-in has made of it
  const written = line.standsIn ? 1 : writtenGrams(line) / (start[i] ?? 1);
  const isLimited = limits.some(({ lineIds }) => lineIds.includes(line.id));
  return {
    least: isLimited ? 0 : SHARE.least * aim * written,
    most: SHARE.most * aim * (isNewHere(line) ? 1 : written),
  };
}

export interface Solved {
  readonly grams: readonly number[];
  readonly cost: number;
  readonly outside: number;
  /** Bands missed, by quantity. */
  readonly slack: ReadonlyMap<Quantity, number>;
}

export function weightOf({ part, isNew }: OpenLine): number {
  const { ingredient } = part;
  // a stand-in that begins with an amount pulls towards it like any line
  if (isNew && !(part.grams > 0)) return WEIGHT.new;
  if (isFreeLeavener(ingredient)) return WEIGHT.leavener;
  if (ingredient.category === 'salt') return WEIGHT.salt;
  const role = roleOf(ingredient);
  return role.flour > 0.4 ? WEIGHT.flour : role.egg > 0 ? WEIGHT.egg : WEIGHT.other;
}

/** What a line that is not there yet is measured by: a spoonful beside a cupful. */
export function scaleOf({ part: { ingredient } }: OpenLine, flour: number): number {
  if (isFreeLeavener(ingredient) || ingredient.category === 'salt') return 0.012 * flour;
  return (ingredient.composition.water > 0.5 ? 0.35 : 0.12) * flour;
}

/** Where each unknown stands among the variables. */
interface Variables {
  readonly size: number;
  /** Free lines, by line. */
  readonly at: ReadonlyMap<number, number>;
  /** Locks that may give: upwards here, downwards in the next place. */
  readonly gives: ReadonlyMap<number, number>;
  /** The first band's slack; the others follow. */
  readonly slackAt: number;
  readonly quantities: readonly Quantity[];
}

function variablesOf(
  { lines }: Problem,
  rows: readonly BandRow[],
  fixed: ReadonlyMap<number, number>,
  elastic: ReadonlySet<number>,
): Variables {
  const free = lines.flatMap((_, i) => (fixed.has(i) ? [] : [i]));
  const firm = free.filter((i) => !elastic.has(i));
  const soft = free.filter((i) => elastic.has(i));
  const quantities = [...new Set(rows.map(({ quantity }) => quantity))];
  const slackAt = firm.length + 2 * soft.length;
  return {
    size: slackAt + quantities.length,
    at: new Map(firm.map((i, k) => [i, k])),
    gives: new Map(soft.map((i, k) => [i, firm.length + 2 * k])),
    slackAt,
    quantities,
  };
}

/** What is to be least: ½ xᵀQx − pᵀx. */
function objectiveOf(
  { weight, target, outOfReach }: Problem,
  { size, at, gives, slackAt, quantities }: Variables,
  costOf: (quantity: Quantity) => number,
) {
  const quadratic = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  const linear = new Array<number>(size).fill(0);
  const put = (k: number, curvature: number, pull: number) => {
    const row = quadratic[k];
    if (row) row[k] = curvature;
    linear[k] = pull;
  };
  for (const [i, k] of at) put(k, 2 * (weight[i] ?? 1), 2 * (weight[i] ?? 1) * (target[i] ?? 1));
  for (const k of gives.values()) {
    put(k, 0.02, -LOCK_COST);
    put(k + 1, 0.02, -LOCK_COST);
  }
  // hardly curved: a band let go would else be worth more the further it is missed
  quantities.forEach((quantity, k) => put(slackAt + k, outOfReach.has(quantity) ? 2e-4 : 0.02, -costOf(quantity)));
  return { quadratic, linear };
}

/** Bands, mass, limits and signs as rows over the variables. @param bounded whether every share is kept between its bounds */
function inequalitiesOf(
  problem: Problem,
  rows: readonly BandRow[],
  fixed: ReadonlyMap<number, number>,
  { size, at, gives, slackAt, quantities }: Variables,
  bounded: boolean,
): readonly Inequality[] {
  const { lines, start, scale, target, limits, holdMass } = problem;
  const inequalities: Inequality[] = [];
  /** A row over grams, moved over to the free variables. */
  const add = (perGram: (i: number) => number, bound: number, slack?: number) => {
    const coefficients = new Array<number>(size).fill(0);
    let moved = bound;
    for (let i = 0; i < lines.length; i++) {
      const value = perGram(i);
      if (value === 0) continue;
      const held = fixed.get(i);
      const [k, u] = [at.get(i), gives.get(i)];
      if (held !== undefined) moved -= value * held;
      else if (k !== undefined) coefficients[k] = value * (scale[i] ?? 1);
      else if (u !== undefined) {
        moved -= value * (start[i] ?? 0);
        coefficients[u] = value * (scale[i] ?? 1);
        coefficients[u + 1] = -value * (scale[i] ?? 1);
      }
    }
    if (slack !== undefined) coefficients[slack] = 1;
    inequalities.push({ coefficients, bound: moved });
  };
  const single = (k: number, coefficient: number, bound: number) => {
    const coefficients = new Array<number>(size).fill(0);
    coefficients[k] = coefficient;
    inequalities.push({ coefficients, bound });
  };
  for (const { quantity, perGram } of rows) add((i) => perGram[i] ?? 0, 0, slackAt + quantities.indexOf(quantity));
  if (holdMass) {
    const mass = start.reduce((sum, grams, i) => sum + grams * (target[i] ?? 0), 0);
    // soft too: a band is worth a larger batter
    add(() => 20 / mass, MASS.least * 20, slackAt);
    add(() => -20 / mass, -MASS.most * 20, slackAt);
  }
  for (const { lineIds, mostGrams } of limits) add((i) => (lineIds.includes(lines[i]?.id ?? '') ? -1 : 0), -mostGrams);
  for (const [i, k] of at) {
    const line = lines[i];
    const { least, most } = boundsOf(problem, i);
    if (bounded || !line || line.isNew || isFreeLeavener(line.part.ingredient)) single(k, 1, least);
    if (bounded) single(k, -1, -most);
  }
  for (const [i, k] of gives) {
    single(k, 1, 0);
    single(k + 1, 1, 0);
    single(k + 1, -1, -(start[i] ?? 0) / (scale[i] ?? 1));
  }
  quantities.forEach((_, k) => single(slackAt + k, 1, 0));
  return inequalities;
}

/** The variables as grams of every line, what the change costs, and which bands are missed. */
function solvedOf(
  { lines, start, scale, weight, target, outOfReach }: Problem,
  solution: readonly number[],
  fixed: ReadonlyMap<number, number>,
  { at, gives, slackAt, quantities }: Variables,
  costOf: (quantity: Quantity) => number,
): Solved {
  const grams = lines.map((_, i) => {
    const held = fixed.get(i);
    if (held !== undefined) return held;
    const [k, u] = [at.get(i), gives.get(i)];
    if (k !== undefined) return Math.max(0, (solution[k] ?? 0) * (scale[i] ?? 1));
    return u === undefined
      ? 0
      : Math.max(0, (start[i] ?? 0) + ((solution[u] ?? 0) - (solution[u + 1] ?? 0)) * (scale[i] ?? 1));
  });
  let cost = 0;
  for (const [i, k] of at) cost += (weight[i] ?? 1) * ((solution[k] ?? 0) - (target[i] ?? 1)) ** 2;
  // pieces that are being tried cost their change as well; locks never change
  for (const [i, held] of fixed)
    if (!lines[i]?.locked) cost += (weight[i] ?? 1) * (held / (scale[i] ?? 1) - (target[i] ?? 1)) ** 2;
  const slack = new Map(quantities.map((quantity, k) => [quantity, Math.max(0, solution[slackAt + k] ?? 0)]));
  let outside = 0;
  for (const [quantity, missed] of slack) {
    cost += costOf(quantity) * missed;
    if (!outOfReach.has(quantity)) outside += missed;
  }
  return { grams, cost, outside, slack };
}

/**
 * Solves the program.
 * @param fixed grams of lines that are held: locks, and eggs while their number is tried
 * @param likelyPh the crumb pH at which gas is made linear
 * @param elastic lines whose lock may give at a price
 */
export function solve(
  problem: Problem,
  fixed: ReadonlyMap<number, number>,
  likelyPh: number,
  elastic: ReadonlySet<number> = new Set(),
): Solved | undefined {
  const { lines, start, style } = problem;
  const rows = bandRows(
    lines.map(({ part }, i) => ({ ...part, grams: start[i] ?? 0 })),
    style,
    likelyPh,
  );
  const variables = variablesOf(problem, rows, fixed, elastic);
  const bandCost = elastic.size > 0 ? BAND_COST_ELASTIC : BAND_COST;
  const costOf = (quantity: Quantity) =>
    !problem.outOfReach.has(quantity)
      ? bandCost
      : quantity === 'crumb-ph'
        ? PH_COST_OUT_OF_REACH
        : BAND_COST_OUT_OF_REACH;
  const { quadratic, linear } = objectiveOf(problem, variables, costOf);
  const solved = (bounded: boolean) =>
    leastQuadratic(quadratic, linear, inequalitiesOf(problem, rows, fixed, variables, bounded));
  // hardly ever does anything shrink or grow so far: only then is it worth the rows
  const isBeyond = (solution: readonly number[]) =>
    [...variables.at].some(([i, k]) => {
      const { least, most } = boundsOf(problem, i);
      return (solution[k] ?? 0) < least - 1e-9 || (solution[k] ?? 0) > most + 1e-9;
    });
  const first = solved(false);
  const solution = first && isBeyond(first) ? solved(true) : first;
  return solution && solvedOf(problem, solution, fixed, variables, costOf);
}
