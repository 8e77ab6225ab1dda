import type { Quantity } from '../../kitchen/kitchen/index.js';
import type { BandVerdict, Style } from '../../batter/balance/index.js';
import { bandShares, flourShares, functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { isInclusion, type Category, type Ingredient } from '../../kitchen/ingredients/index.js';
import { openBalance } from '../../batter/leavening/index.js';
import { measurable } from './measurable.js';
import { isCrumb, leastWorth, partsOf, writtenGrams, type Limit, type MovedLine, type OpenLine } from './open-line.js';
import { fewer, withPutBack } from './fewest.js';
import { boundsOf, scaleOf, SLACK_TOLERANCE, solve, weightOf, type Problem, type Solved } from './program.js';
import { areWithin, distanceOutside, missedIn, verdictsOf } from './verdicts.js';

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
  /** Whether what is proposed can be baked; where not, the lines stand as they were. */
  readonly bakeable: boolean;
  readonly lines: readonly MovedLine[];
  readonly before: readonly BandVerdict[];
  readonly after: readonly BandVerdict[];
  /** Locks that would have to give, the least of it; empty when feasible. */
  readonly conflicts: readonly Conflict[];
  /** What there is not enough of, where that is what stands in the way. */
  readonly wishes: readonly Limit[];
  /** What stays outside even with every lock given up: nothing in the formula can move it. */
  readonly outOfReach: readonly Quantity[];
}

/** So near, gas made linear at one pH is that of the other. */
const SAME_PH = 0.03;

const phOf = (lines: readonly OpenLine[], grams: readonly number[], { low, high }: { low: number; high: number }) =>
  Math.min(high, Math.max(low, openBalance(partsOf(lines, grams), [])([]).pH));

/** Grams of the whole numbers of pieces beside an amount, the nearer first; none where no whole number lies near the line's share: then it is beaten and weighed. */
function wholeCounts(problem: Problem, i: number, grams: number): readonly number[] {
  const { pieceGrams } = problem.lines[i] ?? {};
  if (pieceGrams === undefined) return [];
  const { least, most } = boundsOf(problem, i);
  const scale = problem.scale[i] ?? 1;
  const count = grams / pieceGrams;
  const [down, above] = [Math.floor(count + 1e-6), Math.floor(count + 1e-6) + 1];
  return (count - down < 0.5 ? [down, above] : [above, down])
    .map((whole) => whole * pieceGrams)
    .filter((whole) => whole >= least * scale - 1e-6 && whole <= most * scale + 1e-6);
}

/** The best number of every whole piece: the nearest whole numbers are tried, the nearer first. */
function withWholePieces(problem: Problem, held: ReadonlyMap<number, number>, likelyPh: number): Solved | undefined {
  let best: Solved | undefined;
  const branch = (fixed: ReadonlyMap<number, number>) => {
    const solved = solve(problem, fixed, likelyPh);
    if (!solved || (best && solved.cost >= best.cost - 1e-9)) return;
    const broken = solved.grams.findIndex((grams, i) => {
      const { pieceGrams } = problem.lines[i] ?? {};
      if (pieceGrams === undefined || fixed.has(i) || wholeCounts(problem, i, grams).length === 0) return false;
      return Math.abs(grams / pieceGrams - Math.round(grams / pieceGrams)) > 1e-6;
    });
    if (broken < 0) {
      best = solved;
      return;
    }
    for (const whole of wholeCounts(problem, broken, solved.grams[broken] ?? 0))
      branch(new Map([...fixed, [broken, whole]]));
  };
  branch(held);
  return best;
}

const GO_ALONG: ReadonlySet<Category> = new Set(['spice', 'flavouring']);
/** Spices and pieces: they neither build nor soften, so they only go with the size of the batch. */
const goesAlong = ({ ingredient, preparation }: WeighedPart): boolean =>
  GO_ALONG.has(ingredient.category) || isInclusion(ingredient, preparation);

/** With how much less of everything to begin: what there is of the flour, and at worst of whatever is scarcest. */
function shrinkings(lines: readonly OpenLine[], limits: readonly Limit[]): readonly number[] {
  const shares = flourShares(lines.map(({ part }) => part));
  const scarce = limits.flatMap(({ lineIds, mostGrams }) => {
    const limited = lines.filter(({ id, part }) => lineIds.includes(id) && part.grams > 0);
    const grams = limited.reduce((sum, { part }) => sum + part.grams, 0);
    const isFlour = limited.every(({ part }) => bandShares(part, shares(part)).flour > 0.4);
    return mostGrams > 0 && grams > mostGrams ? [{ share: mostGrams / grams, isFlour }] : [];
  });
  const least = (list: typeof scarce) => list.reduce((smallest, { share }) => Math.min(smallest, share), 1);
  const [byFlour, byAll] = [least(scarce.filter(({ isFlour }) => isFlour)), least(scarce)];
  return byAll < byFlour - 1e-6 ? [byFlour, byAll] : [byFlour];
}

/** Lines of which there is nothing. */
const absentIn = (lines: readonly OpenLine[], limits: readonly Limit[]): ReadonlyMap<number, number> => {
  const none = new Set(limits.flatMap(({ lineIds, mostGrams }) => (mostGrams > 0 ? [] : lineIds)));
  return new Map(lines.flatMap(({ id }, i) => (none.has(id) ? [[i, 0] as const] : [])));
};

interface Search {
  readonly problem: Problem;
  readonly locks: ReadonlyMap<number, number>;
  /** What no band is about, and what there is none of: left out of the search. */
  readonly along: ReadonlyMap<number, number>;
}

function searchFor(
  lines: readonly OpenLine[],
  style: Style,
  limits: readonly Limit[],
  shrink: number,
  leavenNear: boolean,
  outOfReach: ReadonlySet<Quantity> = new Set(),
): Search {
  const start = lines.map(({ part }) => part.grams);
  const flour = functionalTotals(lines.map(({ part }) => part)).flour;
  const present = start.map((grams) => grams > 1e-6);
  const problem: Problem = {
    lines,
    start,
    scale: lines.map((line, i) => (present[i] ? line.part.grams : scaleOf(line, flour))),
    target: lines.map((_, i) => (present[i] ? shrink : 0)),
    weight: lines.map(weightOf),
    style,
    limits,
    holdMass: limits.every(({ mostGrams }) => mostGrams > 0),
    leavenNear,
    outOfReach,
  };
  const locks = new Map(lines.flatMap(({ locked }, i) => (locked ? [[i, start[i] ?? 0] as const] : [])));
  const limited = new Set(limits.flatMap(({ lineIds }) => lineIds));
  const goAlong = lines.flatMap(({ id, part }, i) =>
    !locks.has(i) && !limited.has(id) && goesAlong(part) ? [[i, (start[i] ?? 0) * shrink] as const] : [],
  );
  const absent = absentIn(lines, limits);
  for (const i of absent.keys()) locks.delete(i);
  return { problem, locks, along: new Map([...goAlong, ...absent]) };
}

/** What is solved moves the pH, and with it the gas, which is linear at one pH: solved again, three times at most, where it settles. */
function whereItSettles(
  lines: readonly OpenLine[],
  band: { readonly low: number; readonly high: number },
  firstPh: number,
  solveAt: (pH: number, before: Solved | undefined) => Solved | undefined,
): { readonly solved: Solved | undefined; readonly likelyPh: number } {
  let likelyPh = firstPh;
  let solved = solveAt(likelyPh, undefined);
  for (let again = 0; again < 3 && solved; again++) {
    const settles = phOf(lines, solved.grams, band);
    if (Math.abs(settles - likelyPh) < SAME_PH) break;
    likelyPh = settles;
    solved = solveAt(likelyPh, solved) ?? solved;
  }
  return { solved, likelyPh };
}

/** The grams of a search, measurable, with the bands that they meet. */
function settle({ problem, locks, along }: Search): Settled {
  const { lines, start, style, limits } = problem;
  const absent = new Set(absentIn(lines, limits).keys());
  // gas is made linear at the pH that is aimed at; where that cannot be had, at the pH that is
  const band = problem.outOfReach.has('crumb-ph') ? { low: 0, high: 14 } : style.bands['crumb-ph'];
  const held = new Map([...locks, ...along]);
  const { solved, likelyPh } = whereItSettles(lines, band, phOf(lines, start, band), (pH, before) => {
    if (!before) return withWholePieces(problem, held, pH);
    const pieces = before.grams.flatMap((grams, i) =>
      wholeCounts(problem, i, grams).length === 0 ? [] : [[i, grams] as const],
    );
    return solve(problem, new Map([...held, ...pieces]), pH);
  });
  const best = solved && fewer(problem, solved, held, likelyPh);
  if (!best) return { grams: start, after: verdictsOf(partsOf(lines, start), style), likelyPh, feasible: false };
  // too little to be weighed out is left out, or made enough, whichever holds the bands
  const tries = [
    best.grams.map((amount, i) => (isCrumb(lines[i], amount) ? 0 : amount)),
    best.grams.map((amount, i) => (isCrumb(lines[i], amount) ? leastWorthOf(lines[i]) : amount)),
  ].map((grams) => {
    const weighed = measurable(lines, grams, start, style, absent);
    return { grams: weighed, after: verdictsOf(partsOf(lines, weighed), style) };
  });
  const [without, enough] = tries as [(typeof tries)[0], (typeof tries)[0]];
  const settled = distanceOutside(enough.after) < distanceOutside(without.after) - 1e-9 ? enough : without;
  const feasible = areWithin(settled.after);
  return { ...(feasible ? withPutBack(problem, settled) : settled), likelyPh, feasible };
}

const leastWorthOf = (line: OpenLine | undefined): number => (line ? leastWorth(line) : 0);
interface Settled {
  readonly grams: readonly number[];
  readonly after: readonly BandVerdict[];
  readonly likelyPh: number;
  readonly feasible: boolean;
}

interface Tried {
  readonly search: Search;
  readonly settled: Settled;
  readonly outside: number;
}

const missedBy = ({ settled }: Tried): readonly Quantity[] => missedIn(settled.after);

function tried(search: Search): Tried {
  const settled = settle(search);
  return { search, settled, outside: settled.feasible ? 0 : distanceOutside(settled.after) };
}

/** Every band wanted: near their shares first, then with leaveners and salt freed, then a smaller batch; the nearest where none will do. */
function withinBands(lines: readonly OpenLine[], style: Style, limits: readonly Limit[]): Tried | undefined {
  let best: Tried | undefined;
  for (const shrink of shrinkings(lines, limits))
    for (const leavenNear of [true, false]) {
      const attempt = tried(searchFor(lines, style, limits, shrink, leavenNear));
      if (!best || attempt.outside < best.outside - 1e-6) best = attempt;
      if (best.settled.feasible) return best;
    }
  return best;
}

/** The best of what may be tried. What no amount of this batter can meet is let go, so that the rest need not be bent for it: the band whose loss harms least. */
function nearest(lines: readonly OpenLine[], style: Style, limits: readonly Limit[]): Tried | undefined {
  const best = withinBands(lines, style, limits);
  if (!best || best.settled.feasible) return best;
  const [shrink = 1] = shrinkings(lines, limits);
  let least = best;
  for (const quantities of [missedBy(best), ...LET_GO.map((quantity) => [quantity])]) {
    const outOfReach = new Set<Quantity>(quantities);
    const attempt = tried(searchFor(lines, style, limits, shrink, false, outOfReach));
    const isHonest = missedBy(attempt).every((quantity) => outOfReach.has(quantity));
    if (isHonest && harmOf(attempt) < harmOf(least) - 1e-6) least = attempt;
    if (harmOf(least) < HARDLY_HARMED) break;
  }
  return least;
}
/** Bands that a batter can miss and still be baked, the mildest first. */
const LET_GO: readonly Quantity[] = ['egg', 'salt', 'crumb-ph', 'sugar', 'fat', 'flour', 'water', 'gas'];
/** So little missed and bent that nothing better is worth the search. */
const HARDLY_HARMED = 0.6;

/** How bad a batter that misses a band is: not to be baked at all, far out, or far from what was written. */
function harmOf({ search: { problem }, settled, outside }: Tried): number {
  const bent = problem.lines.reduce((sum, _, i) => {
    const [is, aim] = [settled.grams[i] ?? 0, (problem.scale[i] ?? 1) * (problem.target[i] ?? 0)];
    return aim > 0 && is > 0 ? sum + (problem.weight[i] ?? 1) * Math.log(is / aim) ** 2 : sum;
  }, 0);
  return (isBakeable(settled.after) ? 0 : 100) + outside + bent;
}

/** A batter that missed its bands so far that it is none: without gas, or as dry or wet as another thing. */
const isBakeable = (after: readonly BandVerdict[]): boolean =>
  after.every(({ quantity, value, band: { low, high } }) => {
    const reach = BAKEABLE_WITHIN[quantity];
    return reach === undefined || (value >= low - reach * (high - low) && value <= high + reach * (high - low));
  });
/** By how many widths of its band a batter may miss it and still be baked. Judged. */
const BAKEABLE_WITHIN: Readonly<Partial<Record<Quantity, number>>> = { flour: 1, water: 0.75, gas: 0.75, fat: 2 };

/** Which wishes stand in the way: those without which it would go, one alone where one will do. */
function wishesInTheWay(lines: readonly OpenLine[], style: Style, limits: readonly Limit[]): readonly Limit[] {
  const goesWithout = (left: readonly Limit[]) => withinBands(lines, style, left)?.settled.feasible ?? false;
  const alone = limits.filter((limit) => goesWithout(limits.filter((other) => other !== limit)));
  if (alone.length > 0) return alone;
  return limits.length > 1 && goesWithout([]) ? limits : [];
}

/**
 * The fewest and smallest changes that bring a batter inside the bands of a style: lines that are locked never move, eggs stay whole,
 * leavening is part of it, the amounts can be measured, and no line leaves its share of the batch so far that it would be another
 * formula. Where that cannot be had, which locks or wishes stand in the way, the least that locks would have to give, and the nearest
 * that can be baked.
 * @param lines of the batter, with those that may come in new at 0 g
 * @param limits what there is; of 0 g, what there is none of
 * @source leavening.md part B: a quadratic program, gas linearised at the crumb's pH and solved again
 */
export function rebalance(lines: readonly OpenLine[], style: Style, limits: readonly Limit[] = []): Rebalanced {
  const written = lines.map(writtenGrams);
  const before = verdictsOf(partsOf(lines, written), style);
  const unmoved: Rebalanced = {
    feasible: false,
    bakeable: false,
    lines: moved(lines, written, written),
    before,
    after: before,
    conflicts: [],
    wishes: [],
    outOfReach: missedIn(before),
  };
  if (!(functionalTotals(lines.map(({ part }) => part)).flour > 0)) return unmoved;
  const kept = limits.every(
    ({ lineIds, mostGrams }) =>
      lines.reduce((sum, line, i) => sum + (lineIds.includes(line.id) ? (written[i] ?? 0) : 0), 0) <= mostGrams + 1e-6,
  );
  if (kept && areWithin(before)) return { ...unmoved, feasible: true, bakeable: true, outOfReach: [] };

  const best = nearest(lines, style, limits);
  if (!best) return unmoved;
  const { search, settled } = best;
  const elastic = settled.feasible
    ? undefined
    : conflicting(search.problem, search.locks, search.along, settled.likelyPh);
  const bakeable = settled.feasible || isBakeable(settled.after);
  return {
    feasible: settled.feasible,
    bakeable,
    lines: moved(lines, written, bakeable ? settled.grams : written),
    before,
    after: bakeable ? settled.after : before,
    conflicts: elastic?.conflicts ?? [],
    wishes: settled.feasible ? [] : wishesInTheWay(lines, style, limits),
    outOfReach: elastic?.outOfReach ?? [],
  };
}

/** With every lock allowed to give at a price: those that do are in conflict, by what they give. */
function conflicting(
  problem: Problem,
  locks: ReadonlyMap<number, number>,
  along: ReadonlyMap<number, number>,
  likelyPh: number,
): Pick<Rebalanced, 'conflicts' | 'outOfReach'> {
  const everyBand: Problem = { ...problem, outOfReach: new Set() };
  const { solved } = whereItSettles(problem.lines, problem.style.bands['crumb-ph'], likelyPh, (pH) =>
    solve(everyBand, along, pH, new Set(locks.keys())),
  );
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
  lines.flatMap(({ id, part, isNew, insteadOf }, i): MovedLine[] => {
    const [was, is] = [before[i] ?? 0, after[i] ?? 0];
    return was === 0 && is === 0
      ? []
      : [
          {
            id,
            ingredient: part.ingredient,
            before: was,
            after: is,
            isNew: isNew ?? false,
            ...(insteadOf !== undefined && { insteadOf }),
          },
        ];
  });
