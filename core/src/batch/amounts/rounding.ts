import { functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { chargePerGram } from '../../batter/leavening/index.js';
import { perGramIn, type PerGram } from '../../batter/per-gram/index.js';
import { candidatesFor, measuringSpreadGrams, type Candidate, type ToMeasure } from './candidates.js';
import type { MeasuredWith } from '../choices/index.js';
import type { Kit } from './kits.js';
import { leastCost } from './least-cost.js';

/** What rounding may shift, and by how much it weighs; a spoon of soda weighs most. */
export const ROUNDED_FUNCTIONS = ['flour', 'water', 'fat', 'sugar', 'egg', 'salt', 'gas'] as const;
export type RoundedFunction = (typeof ROUNDED_FUNCTIONS)[number];

export interface RoundedLine {
  readonly id: string;
  readonly exactGrams: number;
  readonly grams: number;
  readonly amount: string;
  readonly with: MeasuredWith;
  /** Eight in ten measurings fall within so much of the amount, grams. */
  readonly spreadGrams: number;
  /** The amounts near it that this kit can measure, to trade it for. */
  readonly choices: readonly Candidate[];
  /** Whether the baker chose it. */
  readonly held: boolean;
}

export interface RoundedBatch {
  readonly lines: readonly RoundedLine[];
  readonly errorPercent: Readonly<Record<RoundedFunction, number>>;
  /** What measuring itself adds, eight in ten, percent to either side: often more than rounding. */
  readonly spreadPercent: Readonly<Record<RoundedFunction, number>>;
  /** Charge at pH 7 that rounding adds, meq per 100 g of flour. */
  readonly acidBalanceShiftMeq: number;
  readonly cost: number;
  /** Partial choices looked at: the search is exact, this says how much it was spared. */
  readonly nodes: number;
}

/** Weight of one percent of error; of one meq per 100 g flour for the acid balance. @source leavening.md part C */
const WEIGHT: Readonly<Record<RoundedFunction, number>> = {
  flour: 1,
  water: 1.2,
  fat: 0.5,
  sugar: 0.6,
  egg: 0.4,
  salt: 0.35,
  gas: 1,
};
const ACID_WEIGHT = 6;
const AWKWARD = 0.35;
/** A line's own error counts a little even where no function sees it. */
const OWN = { leavener: 0.003, other: 0.0004 } as const;

/** What one gram of each part does, in percent of the batch, weighed; the last is the acid balance. */
function effects(parts: readonly WeighedPart[]): readonly (readonly number[])[] {
  const perGram = perGramIn(parts);
  const total = functionalTotals(parts);
  const flour = Math.max(total.flour, 1e-9);
  const whole: Readonly<Record<RoundedFunction, number>> = {
    flour,
    water: Math.max(total.water, 0.05 * flour),
    fat: Math.max(total.fat, 0.08 * flour),
    sugar: Math.max(total.sugar, 0.08 * flour),
    egg: Math.max(total.eggSolids, 0.05 * flour),
    salt: Math.max(total.salt, 0.004 * flour),
    gas: Math.max(parts.reduce((sum, part) => sum + perGram(part).bicarbonate * part.grams, 0), 0.5), // prettier-ignore
  };
  return parts.map((part) => {
    const gram = perGram(part);
    return [
      ...ROUNDED_FUNCTIONS.map(
        (roundedFunction) => (WEIGHT[roundedFunction] * 100 * gram[PER_GRAM[roundedFunction]]) / whole[roundedFunction],
      ),
      (ACID_WEIGHT * 100 * chargePerGram(part, 7)) / flour,
    ];
  });
}
const PER_GRAM: Readonly<Record<RoundedFunction, keyof PerGram>> = {
  flour: 'flour',
  water: 'water',
  fat: 'fat',
  sugar: 'sugar',
  egg: 'eggSolids',
  salt: 'salt',
  gas: 'bicarbonate',
};

const byFunction = (weighed: (dimension: number) => number) =>
  Object.fromEntries(
    ROUNDED_FUNCTIONS.map((roundedFunction, d) => [roundedFunction, weighed(d) / WEIGHT[roundedFunction]]),
  ) as Record<RoundedFunction, number>;

/**
 * Amounts that can be measured, chosen together: the sum of squared errors of what the batter does, plus how awkward the amounts are, is
 * the least there is. Exact branch and bound: a partial choice is given up when even the luckiest rest cannot beat the best so far.
 * @param lines at their exact grams
 * @param held amounts that the baker chose by hand, by line id: kept as they are
 * @source leavening.md part C
 */
export function roundBatch(
  lines: readonly ToMeasure[],
  kit: Kit,
  held: ReadonlyMap<string, Candidate> = new Map(),
): RoundedBatch {
  const perGram = effects(lines.map(({ part }) => part));
  const dimensions = ROUNDED_FUNCTIONS.length + 1;
  const offered = lines.map((line) => candidatesFor(line, kit));
  const choices = lines.map((line, i) => {
    const heldAmount = held.get(line.id);
    const leavener = line.part.ingredient.category === 'leavener' || line.part.ingredient.category === 'salt';
    return (heldAmount ? [heldAmount] : (offered[i] ?? [])).map((candidate) => {
      const off = candidate.grams - line.part.grams;
      const percent = (100 * off) / Math.max(line.part.grams, 1e-9);
      return {
        candidate,
        along: candidate.grams,
        errors: (perGram[i] ?? []).map((effect) => effect * off),
        cost: AWKWARD * candidate.awkwardness + (leavener ? OWN.leavener : OWN.other) * percent ** 2,
      };
    });
  });
  const { picked, cost, nodes } = leastCost(choices, dimensions);
  const picks = lines.map((_, i) => choices[i]?.[picked[i] ?? 0]);
  const spreads = lines.map(({ part }, i) => {
    const pick = picks[i]?.candidate;
    return pick ? measuringSpreadGrams(pick, part.ingredient, kit) : 0;
  });
  const spread = (d: number) => Math.hypot(...spreads.map((grams, i) => (perGram[i]?.[d] ?? 0) * grams));
  const error = (d: number) => picks.reduce((sum, pick) => sum + (pick?.errors[d] ?? 0), 0);
  return {
    lines: lines.map(({ id, part }, i) => ({
      id,
      exactGrams: part.grams,
      grams: picks[i]?.candidate.grams ?? part.grams,
      amount: picks[i]?.candidate.amount ?? '',
      with: picks[i]?.candidate.with ?? 'scale',
      spreadGrams: spreads[i] ?? 0,
      choices: offered[i] ?? [],
      held: held.has(id),
    })),
    errorPercent: byFunction(error),
    spreadPercent: byFunction(spread),
    acidBalanceShiftMeq: error(ROUNDED_FUNCTIONS.length) / ACID_WEIGHT,
    cost,
    nodes,
  };
}
