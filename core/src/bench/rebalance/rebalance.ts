import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { BandVerdict, Style } from '../../batter/balance/index.js';
import { bandShares, flourShares, functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { isInclusion, type Category, type Ingredient } from '../../kitchen/ingredients/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { openBalance } from '../../batter/leavening/index.js';
import { measurable } from './measurable.js';
import { partsOf, type Limit, type MovedLine, type OpenLine } from './open-line.js';
import { scaleOf, solve, weightOf, type Problem, type Solved } from './program.js';
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

/** Changes smaller than this are not worth telling: they are tried without. */
const HARDLY_MOVED = 0.035;
const SLACK_TOLERANCE = 1e-3;
const TINY_NEW = { leavener: 0.4, other: 5 } as const;

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
  const shrunk = target.some((grams) => grams > 0 && grams < 1);
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
