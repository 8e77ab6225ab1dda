/*
 * What there is none of is not just left out: a baker without buttermilk takes milk and vinegar. Before a batter is rebalanced, each line
 * that is wished away is swapped for its usual stand-in, balanced like every swap, and the batter with it is what the search begins from.
 * What has no stand-in (a spice, nuts) is left out.
 */
import type { Style } from '../../batter/balance/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import { SHARE, type Limit, type OpenLine } from '../rebalance/index.js';
import { swapLine, waysFor, type Swapped, type SwapWay } from '../swaps/index.js';

/** What came in for what there is none of. */
export interface StandIn {
  /** The line of what is missing. */
  readonly lineId: string;
  readonly missing: Ingredient;
  readonly with: readonly Ingredient[];
}

const WET = ['liquid', 'fat', 'leaven', 'salt'] as const;
const wayOf = (
  id: string,
  to: SwapWay['to'],
  helpers: SwapWay['helpers'] = WET,
  more: Partial<SwapWay> = {},
): SwapWay => ({ id, from: [], to, helpers, notes: [], ...more });

/** Stand-ins of a kitchen that has run out, which are no swaps to be wished for. Those of the swaps follow behind them. */
const AT_HAND: readonly { readonly of: RegExp; readonly ways: readonly SwapWay[] }[] = [
  { of: /^(?:whole|semi-skimmed|low-fat|skim|lactose-free|goat)-milk$/, ways: [wayOf('milk-to-water-and-butter', [{ id: 'water' }])] },
  { of: /^(?:heavy|double|whipping|single)-cream$/, ways: [wayOf('cream-to-milk-and-butter', [{ id: 'whole-milk' }, { id: 'unsalted-butter' }])] },
  { of: /vinegar$/, ways: [wayOf('vinegar-to-lemon', [{ id: 'lemon-juice', perGram: 1 }], ['liquid'])] },
  { of: /^lemon-juice$/, ways: [wayOf('lemon-to-vinegar', [{ id: 'white-vinegar', perGram: 1 }], ['liquid'])] },
  { of: /baking-powder$/, ways: [wayOf('powder-to-soda-and-tartar', [{ id: 'baking-soda', perGram: 0.28 }, { id: 'cream-of-tartar', perGram: 0.62 }], [])] },
  { of: /^baking-soda$/, ways: [wayOf('soda-to-powder', [{ id: 'baking-powder', perGram: 3 }], [])] },
  { of: /^egg$/, ways: [wayOf('egg-to-flax', [{ id: 'ground-flaxseed', perGram: 0.14 }, { id: 'water' }], ['liquid', 'fat', 'leaven'], { losesSet: true })] },
]; // prettier-ignore

/** What a stand-in is chosen by. */
export interface StandInWish {
  readonly style: Style;
  /** Ids of what is at hand; absent allows everything. Water is always there. */
  readonly cupboard?: ReadonlySet<string>;
  /** The id of the powder that the region sells. */
  readonly powderId: string;
}

/** Powders differ by maker, not by what they are for: of one kind there is none when there is none of another. */
const kindOf = (behavesAs: string): string => (behavesAs.endsWith('baking-powder') ? 'baking-powder' : behavesAs);

/** The ways to do without an ingredient, the usual first: those that take none of what is missing, and only what is at hand. */
function waysWithout(
  ingredient: Ingredient,
  missing: ReadonlySet<string>,
  lines: readonly OpenLine[],
  { cupboard, powderId }: StandInWish,
): readonly SwapWay[] {
  const atHand = AT_HAND.filter(({ of }) => of.test(ingredient.behavesAs)).flatMap(({ ways }) => ways);
  const replaces = ({ to, lessens, usualShare }: SwapWay) =>
    to.length > 0 && lessens === undefined && (usualShare === undefined || usualShare > 0);
  return [...atHand, ...waysFor(ingredient).filter(replaces)]
    .map((found) => ofThisBatter(found, lines, powderId))
    .filter(({ to }) =>
      to.every(({ id }) => {
        const { behavesAs } = mustBeIngredient(id);
        return !missing.has(kindOf(behavesAs)) && (!cupboard || id === 'water' || cupboard.has(id));
      }),
    );
}

/** The lines of a batter as a swap leaves them, each remembering what the formula says of it. */
function swappedLines(lines: readonly OpenLine[], outId: string, swapped: Swapped): readonly OpenLine[] {
  const after = new Map(swapped.lines.map((line) => [line.id, line.after]));
  const standsIn = new Set(swapped.way.to.map(({ id }) => id));
  const standing = lines.map((line): OpenLine => {
    const written = line.writtenGrams ?? line.part.grams;
    const isOut = line.id === outId;
    const isIn = standsIn.has(line.part.ingredient.behavesAs);
    const settled = line.locked ? line.part.grams : (after.get(line.id) ?? line.part.grams);
    // what only helps stays near what is written; the rebalance finds the rest elsewhere
    const grams =
      isOut || isIn || written === 0
        ? settled
        : Math.min(SHARE.most * written, Math.max(SHARE.least * written, settled));
    return { ...line, part: { ...line.part, grams }, writtenGrams: written, ...(isIn && { standsIn: true }) };
  });
  const added = swapped.lines
    .filter(({ id, isNew }) => isNew && !standing.some((line) => line.id === id))
    .map(({ id, ingredient, after: grams, insteadOf }): OpenLine => ({
      id,
      part: { ingredient, grams, preparation: 'none' },
      locked: false,
      isNew: true,
      writtenGrams: 0,
      ...(insteadOf !== undefined && { insteadOf }),
    }));
  return [...standing, ...added];
}

/** A way that brings powder brings the one that is in the batter already, or that the region sells. */
function ofThisBatter(way: SwapWay, lines: readonly OpenLine[], powderId: string): SwapWay {
  const own = lines.find(({ part }) => kindOf(part.ingredient.behavesAs) === 'baking-powder')?.part.ingredient
    .behavesAs;
  return { ...way, to: way.to.map((to) => (to.id === 'baking-powder' ? { ...to, id: own ?? powderId } : to)) };
}

/** Of less than this of a line's share of the batch something stands in for the rest. */
const SCARCE = 0.5;

/**
 * The share of each line that is to be stood in for: all of what there is none of; most of what is scarce, flour and eggs apart: for
 * them the batch is made smaller.
 */
function missingShare(lines: readonly OpenLine[], limits: readonly Limit[]): ReadonlyMap<string, number> {
  const limited = limits.map(({ lineIds, mostGrams }) => {
    const of = lines.filter(({ id }) => lineIds.includes(id));
    const grams = of.reduce((sum, { part }) => sum + part.grams, 0);
    return {
      of,
      there: grams > 0 ? mostGrams / grams : 1,
      isFlour: of.every(({ part }) => roleOf(part.ingredient).flour > 0.4),
    };
  });
  const batch = Math.min(1, ...limited.filter(({ isFlour, there }) => isFlour && there > 0).map(({ there }) => there));
  const share = new Map<string, number>();
  for (const { of, there, isFlour } of limited)
    for (const { id, part } of of) {
      if (there === 0) share.set(id, 1);
      else if (!isFlour && roleOf(part.ingredient).egg === 0 && there / batch < SCARCE)
        share.set(id, 1 - there / batch);
    }
  return share;
}

/**
 * A batter with the usual stand-ins for what there is none of.
 * @param limits of 0 g are what there is none of
 */
export function withStandIns(
  lines: readonly OpenLine[],
  limits: readonly Limit[],
  wish: StandInWish,
): { readonly lines: readonly OpenLine[]; readonly standIns: readonly StandIn[] } {
  const share = missingShare(lines, limits);
  const missing = new Set(
    lines.filter(({ id }) => (share.get(id) ?? 0) === 1).map(({ part }) => kindOf(part.ingredient.behavesAs)),
  );
  const standIns: StandIn[] = [];
  let standing = lines;
  for (const { id } of lines) {
    const [of, line] = [share.get(id), standing.find((candidate) => candidate.id === id)];
    // a line that holds several things cannot give one of them up
    if (of === undefined || !line || line.locked) continue;
    const [usual] = waysWithout(line.part.ingredient, missing, standing, wish);
    const swapped = usual && swapLine(standing, id, usual, of, wish.style);
    if (!swapped) continue;
    standing = swappedLines(standing, id, swapped);
    standIns.push({
      lineId: id,
      missing: line.part.ingredient,
      with: usual.to.map((target) => mustBeIngredient(target.id)),
    });
  }
  return { lines: standing, standIns };
}
