/*
 * How often two ways have to be baked before a difference is to be trusted. One point between two bakes is little: bakes of one formula
 * scatter by more than half of it, and so does whoever scores them.
 */

/** Scatter of bakes of one formula, of two halves of one bowl side by side, and of one person's score, in steps of five. @source book.md, section 4: assumed */
const BAKE = 0.6;
const HALVES = 0.35;
const SCORE = 0.5;
/** One-sided 5 %, found in four of five trials: standard normal quantiles. */
const SURE = 1.645 + 0.842;
const FEWEST = 2;

/** Of a difference between two ways, in steps of five: one bake of each, or one pair of halves. */
export const differenceVariance = ({ tasters, paired }: Pick<Trial, 'tasters' | 'paired'>): number =>
  2 * ((paired ? HALVES : BAKE) ** 2 + SCORE ** 2 / tasters);

export interface Trial {
  /** Steps of five that are to be told apart. */
  readonly steps: number;
  readonly tasters: number;
  /** Halves of one bowl, baked side by side. */
  readonly paired: boolean;
}

/** Bakes of each way, or pairs of halves, that it takes. */
export function repeatsNeeded({ steps, tasters, paired }: Trial): number {
  return Math.max(FEWEST, Math.ceil((SURE ** 2 * differenceVariance({ tasters, paired })) / steps ** 2));
}
