import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { BandVerdict, Style } from '../../batter/balance/index.js';
import { bandShares, flourShares, functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { isInclusion, roleOf, type Category, type Ingredient } from '../../kitchen/ingredients/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { openBalance } from '../../batter/leavening/index.js';
import { leastQuadratic, type Inequality } from '../../ground/quadratic/index.js';
import { bandRows } from './band-rows.js';
import { measurable } from './measurable.js';
import { partsOf, type Limit, type MovedLine, type OpenLine } from './open-line.js';
import { verdictsOf } from './verdicts.js';

/** A lock, or a limit, that stands in the way, and the least it would have to give. */
export interface Conflict {
  readonly lineId: string;
  readonly ingredient: Ingredient;
  readonly heldGrams: number;
  readonly wantedGrams: number;
}

export interface Rebalanced {
  /** Whether every band is met. */
  readonly feasible: boolean;
  readonly lines: readonly MovedLine[];
  readonly before: readonly BandVerdict[];
  readonly after: readonly BandVerdict[];
  /** Locks that would have to give, the least of it; empty when feasible. */
  readonly conflicts: readonly Conflict[];
  /** What stays outside even with every lock given up: nothing in the formula can move it. */
  readonly outOfReach: readonly Quantity[];
}

/** Weights of a line's relative change: flour is what a baker least likes to move, leaveners the least trouble. @source leavening.md part B */
const WEIGHT = { flour: 3, egg: 0.45, salt: 0.15, leavener: 0.1, new: 0.6, other: 1 } as const;
/** Cost of a band missed by its own width: no change of amounts is worth it. */
const BAND_COST = 60;
/** In the search for conflicts a band costs more than any lock, and a lock more than any free line. */
const BAND_COST_ELASTIC = 3000;
const LOCK_COST = 12;
const MOST_TIMES = 4;
const MASS = { least: 0.9, most: 1.15 } as const;
/** Changes smaller than this are not worth telling: they are tried without. */
const HARDLY_MOVED = 0.035;
const SLACK_TOLERANCE = 1e-3;
const TINY_NEW = { leavener: 0.4, other: 5 } as const;

interface Problem {
  readonly lines: readonly OpenLine[];
  readonly start: readonly number[];
  readonly scale: readonly number[];
  readonly target: readonly number[];
  readonly weight: readonly number[];
  readonly style: Style;
  readonly limits: readonly Limit[];
  /** Whether the batter's mass must stay near what it was. */
  readonly holdMass: boolean;
}

interface Solved {
  readonly grams: readonly number[];
  readonly cost: number;
  readonly outside: number;
  /** Bands missed, by quantity. */
  readonly slack: ReadonlyMap<Quantity, number>;
}

function weightOf({ part, isNew }: OpenLine): number {
  const { ingredient } = part;
  if (isNew) return WEIGHT.new;
  if (isFreeLeavener(ingredient)) return WEIGHT.leavener;
  if (ingredient.category === 'salt') return WEIGHT.salt;
  const role = roleOf(ingredient);
  return role.flour > 0.4 ? WEIGHT.flour : role.egg > 0 ? WEIGHT.egg : WEIGHT.other;
}

/** What a line that is not there yet is measured by: a spoonful beside a cupful. */
function scaleOf({ part: { ingredient } }: OpenLine, flour: number): number {
  if (isFreeLeavener(ingredient) || ingredient.category === 'salt') return 0.012 * flour;
  return (ingredient.composition.water > 0.5 ? 0.35 : 0.12) * flour;
}

/**
 * One quadratic program: the least change, weighed, that meets the bands or misses them by least.
 * @param fixed grams of lines that are held: locks, and eggs while their number is tried
 * @param elastic lines whose lock may give at a price
 */
function solve(
  problem: Problem,
  fixed: ReadonlyMap<number, number>,
  likelyPh: number,
  elastic: ReadonlySet<number> = new Set(),
  bounded = false,
): Solved | undefined {
  const { lines, start, scale, target, weight, style, limits, holdMass } = problem;
  const free = lines.flatMap((_, i) => (fixed.has(i) ? [] : [i]));
  const firm = free.filter((i) => !elastic.has(i));
  const soft = free.filter((i) => elastic.has(i));
  const rows = bandRows(
    lines.map(({ part }, i) => ({ ...part, grams: start[i] ?? 0 })),
    style,
    likelyPh,
  );
  const quantities = [...new Set(rows.map(({ quantity }) => quantity))];
  // a soft lock gives up or down, each at the same price; then the slack of every band
  const size = firm.length + 2 * soft.length + quantities.length;
  const at = new Map<number, number>(firm.map((i, k) => [i, k]));
  const up = new Map<number, number>(soft.map((i, k) => [i, firm.length + 2 * k]));
  const slackAt = firm.length + 2 * soft.length;
  const bandCost = elastic.size > 0 ? BAND_COST_ELASTIC : BAND_COST;

  const quadratic = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  const linear = new Array<number>(size).fill(0);
  const put = (k: number, curvature: number, pull: number) => {
    const row = quadratic[k];
    if (row) row[k] = curvature;
    linear[k] = pull;
  };
  for (const [i, k] of at) put(k, 2 * (weight[i] ?? 1), 2 * (weight[i] ?? 1) * (target[i] ?? 1));
  for (const k of up.values()) {
    put(k, 0.02, -LOCK_COST);
    put(k + 1, 0.02, -LOCK_COST);
  }
  quantities.forEach((_, k) => put(slackAt + k, 0.02, -bandCost));

  const inequalities: Inequality[] = [];
  /** A row over grams, moved over to the free variables. */
  const add = (perGram: (i: number) => number, bound: number, slack?: number) => {
    const coefficients = new Array<number>(size).fill(0);
    let moved = bound;
    for (let i = 0; i < lines.length; i++) {
      const value = perGram(i);
      if (value === 0) continue;
      const held = fixed.get(i);
      const [k, u] = [at.get(i), up.get(i)];
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
    const mass = start.reduce((sum, grams) => sum + grams, 0);
    // soft too: a band is worth a larger batter
    add(() => 20 / mass, MASS.least * 20, slackAt);
    add(() => -20 / mass, -MASS.most * 20, slackAt);
  }
  for (const { lineIds, mostGrams } of limits) add((i) => (lineIds.includes(lines[i]?.id ?? '') ? -1 : 0), -mostGrams);
  for (const [i, k] of at) {
    const line = lines[i];
    if (bounded || !line || line.isNew || isFreeLeavener(line.part.ingredient)) single(k, 1, 0);
    if (bounded) single(k, -1, -MOST_TIMES);
  }
  for (const [i, k] of up) {
    single(k, 1, 0);
    single(k + 1, 1, 0);
    single(k + 1, -1, -(start[i] ?? 0) / (scale[i] ?? 1));
  }
  quantities.forEach((_, k) => single(slackAt + k, 1, 0));

  const found = leastQuadratic(quadratic, linear, inequalities);
  if (!found) return undefined;
  // hardly ever does anything shrink to nothing or grow so far: only then is it worth the rows
  const beyond = (k: number) => (found[k] ?? 0) < -1e-9 || (found[k] ?? 0) > MOST_TIMES;
  if (!bounded && [...at.values()].some(beyond)) return solve(problem, fixed, likelyPh, elastic, true);
  const grams = lines.map((_, i) => {
    const held = fixed.get(i);
    if (held !== undefined) return held;
    const [k, u] = [at.get(i), up.get(i)];
    if (k !== undefined) return Math.max(0, (found[k] ?? 0) * (scale[i] ?? 1));
    return u === undefined
      ? 0
      : Math.max(0, (start[i] ?? 0) + ((found[u] ?? 0) - (found[u + 1] ?? 0)) * (scale[i] ?? 1));
  });
  let cost = 0;
  for (const [i, k] of at) cost += (weight[i] ?? 1) * ((found[k] ?? 0) - (target[i] ?? 1)) ** 2;
  // pieces that are being tried cost their change as well; locks never change
  for (const [i, held] of fixed)
    if (!lines[i]?.locked) cost += (weight[i] ?? 1) * (held / (scale[i] ?? 1) - (target[i] ?? 1)) ** 2;
  const slack = new Map(quantities.map((quantity, k) => [quantity, Math.max(0, found[slackAt + k] ?? 0)]));
  const outside = [...slack.values()].reduce((sum, value) => sum + value, 0);
  return { grams, cost: cost + bandCost * outside, outside, slack };
}

const phOf = (lines: readonly OpenLine[], grams: readonly number[], { low, high }: { low: number; high: number }) =>
  Math.min(high, Math.max(low, openBalance(partsOf(lines, grams), [])([]).pH));

/** The best number of every whole piece: the nearest whole numbers are tried, the nearer first. */
function withWholePieces(problem: Problem, held: ReadonlyMap<number, number>, likelyPh: number): Solved | undefined {
  let best: Solved | undefined;
  const branch = (fixed: ReadonlyMap<number, number>) => {
    const solved = solve(problem, fixed, likelyPh);
    if (!solved || (best && solved.cost >= best.cost - 1e-9)) return;
    const broken = problem.lines.findIndex(({ pieceGrams }, i) => {
      if (pieceGrams === undefined || fixed.has(i)) return false;
      const count = (solved.grams[i] ?? 0) / pieceGrams;
      return Math.abs(count - Math.round(count)) > 1e-6;
    });
    const pieceGrams = problem.lines[broken]?.pieceGrams;
    if (pieceGrams === undefined) {
      best = solved;
      return;
    }
    const count = (solved.grams[broken] ?? 0) / pieceGrams;
    const [down, above] = [Math.floor(count), Math.floor(count) + 1];
    for (const whole of count - down < 0.5 ? [down, above] : [above, down])
      branch(new Map([...fixed, [broken, whole * pieceGrams]]));
  };
  branch(held);
  return best;
}

const GO_ALONG: ReadonlySet<Category> = new Set(['spice', 'flavouring']);
/** Spices and pieces: they neither build nor soften, so they only go with the size of the batch. */
const goesAlong = ({ ingredient, preparation }: WeighedPart): boolean =>
  GO_ALONG.has(ingredient.category) || isInclusion(ingredient, preparation);

/** With how much less of everything to begin, when the flour that is there is less than the formula's. */
function shrinking(lines: readonly OpenLine[], limits: readonly Limit[]): number {
  const shares = flourShares(lines.map(({ part }) => part));
  return limits.reduce((least, { lineIds, mostGrams }) => {
    const limited = lines.filter(({ id }) => lineIds.includes(id));
    const flour = limited.every(({ part }) => bandShares(part, shares(part)).flour > 0.4);
    const grams = limited.reduce((sum, { part }) => sum + part.grams, 0);
    return flour && mostGrams > 0 && grams > mostGrams ? Math.min(least, mostGrams / grams) : least;
  }, 1);
}

/**
 * The fewest and smallest changes that bring a batter inside the bands of a style: lines that are locked never move, eggs stay whole,
 * leavening is part of it, and the amounts can be measured. Where the locks forbid it, which of them conflict and the least they would
 * have to give.
 * @param lines of the batter, with those that may come in new at 0 g
 * @source leavening.md part B: a quadratic program, gas linearised at the crumb's pH and solved again
 */
export function rebalance(lines: readonly OpenLine[], style: Style, limits: readonly Limit[] = []): Rebalanced {
  const start = lines.map(({ part }) => part.grams);
  const before = verdictsOf(partsOf(lines, start), style);
  const flour = functionalTotals(lines.map(({ part }) => part)).flour;
  const unmoved: Rebalanced = {
    feasible: false,
    lines: moved(lines, start, start),
    before,
    after: before,
    conflicts: [],
    outOfReach: before.filter(({ verdict }) => verdict !== 'within').map(({ quantity }) => quantity),
  };
  if (!(flour > 0)) return unmoved;
  const kept = limits.every(
    ({ lineIds, mostGrams }) =>
      lines.reduce((sum, { id, part }) => sum + (lineIds.includes(id) ? part.grams : 0), 0) <= mostGrams + 1e-6,
  );
  if (kept && before.every(({ verdict }) => verdict === 'within'))
    return { ...unmoved, feasible: true, outOfReach: [] };

  const shrink = shrinking(lines, limits);
  const present = start.map((grams) => grams > 1e-6);
  const problem: Problem = {
    lines,
    start,
    scale: lines.map((line, i) => (present[i] ? line.part.grams : scaleOf(line, flour))),
    target: lines.map((_, i) => (present[i] ? shrink : 0)),
    weight: lines.map(weightOf),
    style,
    limits,
    holdMass: limits.length === 0,
  };
  const locks = new Map(lines.flatMap(({ locked }, i) => (locked ? [[i, start[i] ?? 0] as const] : [])));
  const limited = new Set(limits.flatMap(({ lineIds }) => lineIds));
  // what no band is about goes along with the batch and is left out of the search
  const along = new Map(
    lines.flatMap(({ id, part }, i) =>
      !locks.has(i) && !limited.has(id) && goesAlong(part) ? [[i, (start[i] ?? 0) * shrink] as const] : [],
    ),
  );
  const band = style.bands['crumb-ph'];
  let likelyPh = phOf(lines, start, band);
  const held = new Map([...locks, ...along]);
  let best = withWholePieces(problem, held, likelyPh);
  for (let again = 0; again < 3 && best; again++) {
    const settled = phOf(lines, best.grams, band);
    if (Math.abs(settled - likelyPh) < 0.03) break;
    likelyPh = settled;
    const pieces = best.grams.flatMap((grams, i) => (lines[i]?.pieceGrams === undefined ? [] : [[i, grams] as const]));
    best = solve(problem, new Map([...held, ...pieces]), likelyPh) ?? best;
  }
  if (best) best = fewer(problem, best, held, likelyPh);

  const grams = best ? measurable(lines, best.grams, start, style) : start;
  const after = verdictsOf(partsOf(lines, grams), style);
  const feasible = best !== undefined && after.every(({ verdict }) => verdict === 'within');
  const elastic = feasible ? undefined : conflicting(problem, locks, along, likelyPh);
  return {
    feasible,
    lines: moved(lines, start, grams),
    before,
    after,
    conflicts: elastic?.conflicts ?? [],
    outOfReach:
      elastic?.outOfReach ??
      (feasible ? [] : after.filter(({ verdict }) => verdict !== 'within').map(({ quantity }) => quantity)),
  };
}

/** The same with the lines that hardly moved left as they are, where the bands allow it. */
function fewer(problem: Problem, best: Solved, locks: ReadonlyMap<number, number>, likelyPh: number): Solved {
  const { lines, start, scale, target } = problem;
  const shrunk = target.some((one) => one > 0 && one < 1);
  if (shrunk) return best;
  let result = best;
  const change = (i: number) => Math.abs((result.grams[i] ?? 0) - (start[i] ?? 0)) / (scale[i] ?? 1);
  const held = new Map(locks);
  result.grams.forEach((grams, i) => {
    if (lines[i]?.pieceGrams !== undefined) held.set(i, grams);
  });
  const tinyNew = (i: number) => {
    const line = lines[i];
    if (!line?.isNew) return false;
    const least = isFreeLeavener(line.part.ingredient) ? TINY_NEW.leavener : TINY_NEW.other;
    return (result.grams[i] ?? 0) < (line.part.ingredient.category === 'salt' ? TINY_NEW.leavener : least);
  };
  const still = lines.flatMap((_, i) => (!held.has(i) && (change(i) < HARDLY_MOVED || tinyNew(i)) ? [i] : []));
  const tryHolding = (more: readonly number[]) => {
    const tried = solve(problem, new Map([...held, ...more.map((i) => [i, start[i] ?? 0] as const)]), likelyPh);
    if (!tried || tried.outside > Math.max(SLACK_TOLERANCE, result.outside + 1e-6)) return false;
    for (const i of more) held.set(i, start[i] ?? 0);
    result = tried;
    return true;
  };
  if (still.length > 0) tryHolding(still);
  // then the least of what is left, one at a time, while it costs little
  for (let round = 0; round < 2; round++) {
    const moving = lines.flatMap((_, i) => (!held.has(i) && change(i) > 1e-6 ? [i] : []));
    const least = moving.sort((a, b) => change(a) - change(b))[0];
    if (moving.length < 3 || least === undefined || change(least) > 0.12) break;
    const before = result;
    if (!tryHolding([least])) break;
    if (result.cost > 1.5 * before.cost) {
      held.delete(least);
      result = before;
      break;
    }
  }
  return result;
}

/** With every lock allowed to give at a price: those that do are in conflict, by what they give. */
function conflicting(
  problem: Problem,
  locks: ReadonlyMap<number, number>,
  along: ReadonlyMap<number, number>,
  likelyPh: number,
): Pick<Rebalanced, 'conflicts' | 'outOfReach'> {
  const solved = solve(problem, along, likelyPh, new Set(locks.keys()));
  if (!solved) return { conflicts: [], outOfReach: [] };
  const conflicts = [...locks.keys()].flatMap((i): Conflict[] => {
    const line = problem.lines[i];
    const held = problem.start[i] ?? 0;
    const wanted = solved.grams[i] ?? 0;
    if (!line || Math.abs(wanted - held) < 0.01 * Math.max(held, 1e-6)) return [];
    return [{ lineId: line.id, ingredient: line.part.ingredient, heldGrams: held, wantedGrams: wanted }];
  });
  return {
    conflicts,
    outOfReach: [...solved.slack].flatMap(([quantity, slack]) => (slack > SLACK_TOLERANCE * 5 ? [quantity] : [])),
  };
}

const moved = (lines: readonly OpenLine[], before: readonly number[], after: readonly number[]): readonly MovedLine[] =>
  lines.flatMap(({ id, part, isNew }, i): MovedLine[] => {
    const [was, is] = [before[i] ?? 0, after[i] ?? 0];
    return was === 0 && is === 0
      ? []
      : [{ id, ingredient: part.ingredient, before: was, after: is, isNew: isNew ?? false }];
  });
