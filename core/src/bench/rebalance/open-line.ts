import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';

/** A line of a batter whose amount may be moved, or is held. */
export interface OpenLine {
  readonly id: string;
  readonly part: WeighedPart;
  /** The baker holds it as it is. */
  readonly locked: boolean;
  /** Grams of one, for what goes in whole: eggs. */
  readonly pieceGrams?: number;
  /** Grams of the eighth of a teaspoon it is measured by; absent means a scale. */
  readonly eighthGrams?: number;
  /** Not in the formula yet: it may come in if nothing else helps. */
  readonly isNew?: boolean;
  /** What the formula says, where the line begins from another amount: a stand-in, and what it stands in for. */
  readonly writtenGrams?: number;
  /** It takes the place of what there is none of: its amount is not held near what is written. */
  readonly standsIn?: boolean;
  /** The line whose place it takes. */
  readonly insteadOf?: string;
}

/** So much of some lines together is all there is. */
export interface Limit {
  readonly lineIds: readonly string[];
  readonly mostGrams: number;
  /** The words it was said in. */
  readonly said: string;
}

/** A line with its amount before and after. */
export interface MovedLine {
  readonly id: string;
  readonly ingredient: Ingredient;
  readonly before: number;
  readonly after: number;
  readonly isNew: boolean;
  /** The line whose place it takes. */
  readonly insteadOf?: string;
}

/** Of what comes in only to help, less than this is not worth its line: nobody weighs out a tenth of a gram of soda, nor four of milk. */
const LEAST_NEW = { seasons: 0.4, wet: 5 } as const;
/** The least grams that a line may come in with, where it comes in at all; 0 where any amount may stand. */
export function leastWorth({ isNew, insteadOf, part: { ingredient } }: OpenLine): number {
  if (isNew !== true || insteadOf !== undefined) return 0;
  if (isFreeLeavener(ingredient) || ingredient.category === 'salt') return LEAST_NEW.seasons;
  return ingredient.composition.water > 0.5 ? LEAST_NEW.wet : 0;
}
/** Whether a line comes in with so little that nobody would weigh it out. */
export const isCrumb = (line: OpenLine | undefined, grams: number): boolean =>
  line !== undefined && grams > 0 && grams < leastWorth(line) - 1e-9;

/** What a formula says of a line. */
export const writtenGrams = ({ part, writtenGrams: written }: OpenLine): number => written ?? part.grams;

export const partsOf = (lines: readonly OpenLine[], grams: readonly number[]): readonly WeighedPart[] =>
  lines.flatMap(({ part }, i) => {
    const amount = grams[i] ?? 0;
    return amount > 0 ? [{ ...part, grams: amount }] : [];
  });
