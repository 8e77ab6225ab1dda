import { MOST_GRAMS } from '../../ground/units/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { middle } from './amounts.js';
import { GRAMS_FROM, isCounted } from './counted.js';
import type { ReadingContext } from './context.js';
import { readLine, type ReadEntry } from './read-line.js';

/*
 * Formulas for a canteen or a stall are shares of the flour, and say the size of the batch somewhere beside them: "Batch: 5 kg flour",
 * "for 1200 g of flour", "batch 3 kg". And they often leave the percent sign off: flour 100, sugar 60.
 */

const AMOUNT = '(\\d[\\d.,]{0,8}(?: \\d\\/\\d)? ?(?:kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?))';
const OF_FLOUR = new RegExp(
  `\\b(?:batch|for|on|per|with|basis|based on)\\b[: ]{0,3}(?:of |a |size )?${AMOUNT} (?:of )?(?:\\w+ )?flour\\b`,
  'i',
);
/** "Total flour: 350 g". */
const FLOUR_SAID = new RegExp(`\\b(?:total|flour) (?:flour|weight)(?: weight)?\\b[: =]{0,3}${AMOUNT}`, 'i');
const IN_ALL = new RegExp(
  `\\b(?:batch(?: size| weight)?|total (?:dough|batter|mix)(?: weight)?)\\b[: ]{0,3}(?:of )?${AMOUNT}(?! (?:of )?(?:\\w+ )?flour)`,
  'i',
);
const LONGEST_SEARCHED = 400;

const isFlour = ({ ingredient }: ReadEntry) => ingredient !== undefined && roleOf(ingredient).flour > 0;
const shareOf = ({ quantity }: ReadEntry) => (quantity ? middle(quantity) : 0);

/**
 * Grams of flour that the words beside a formula of shares make its size; undefined where they say none.
 * @param words title, yield and notes
 * @param entries of all lines
 */
export function flourBasisIn(
  words: readonly string[],
  entries: readonly ReadEntry[],
  context: ReadingContext,
): number | undefined {
  const shares = entries.filter(({ unit }) => unit === 'percent' || unit === 'part');
  if (shares.length === 0) return undefined;
  const gramsOf = (amount: string | undefined) => amount && readLine(`${amount} flour`, context)[0]?.weight?.grams;
  for (const text of words) {
    const searched = text.slice(0, LONGEST_SEARCHED);
    const flour = gramsOf((OF_FLOUR.exec(searched) ?? FLOUR_SAID.exec(searched))?.[1]);
    if (flour && flour < MOST_GRAMS) return Math.round(flour);
    const all = gramsOf(IN_ALL.exec(searched)?.[1]);
    const units = new Set(shares.map(({ unit }) => unit));
    const flourShare = shares.filter(isFlour).reduce((sum, entry) => sum + shareOf(entry), 0);
    const whole = shares.reduce((sum, entry) => sum + shareOf(entry), 0);
    // a whole is shared out only where every line is a share of the same kind
    if (all && all < MOST_GRAMS && units.size === 1 && shares.length === entries.length && flourShare > 0)
      return Math.round((all * flourShare) / whole);
  }
  return undefined;
}

/** Whether a line says the size of a batch, and is nothing that goes in. */
export const saysBasis = (text: string): boolean =>
  (/^(?:total flour|flour weight)\b/i.test(text) && FLOUR_SAID.test(text.slice(0, LONGEST_SEARCHED))) ||
  (/^(?:batch|for|on|basis|based on)\b/i.test(text) &&
    (OF_FLOUR.test(text.slice(0, LONGEST_SEARCHED)) || IN_ALL.test(text.slice(0, LONGEST_SEARCHED))));

const LEAST_LINES = 4;

const LEAST_FLOUR_GRAMS = 60;
/** Whether the bare figures of lines are grams: a flour stands among them at what no spoon of it weighs. */
export function areBareGrams(entries: readonly ReadEntry[]): boolean {
  const bare = entries.filter(isBareFigure);
  return bare.length >= LEAST_LINES && bare.some((entry) => isFlour(entry) && shareOf(entry) >= LEAST_FLOUR_GRAMS);
}

/** "zest 2 oranges", "lemons 3 (zest)": so many fruits. */
const OF_FRUITS = /\b(?:zest|juice|rind)(?: of)?(?: about)? (?:\d|an? |half )|\d,? ?\(?(?:zest|juice|rind)\b/i;
/** A figure without a measure, of something that is not counted, or of more than anybody counts. */
export const isBareFigure = ({ unit, size, quantity, ingredient, text }: ReadEntry): boolean =>
  unit === 'piece' &&
  size === undefined &&
  quantity !== undefined &&
  ingredient !== undefined &&
  !OF_FRUITS.test(text) &&
  (!isCounted(ingredient) || quantity.low > GRAMS_FROM);

/** Whether the bare figures of lines are percent of the flour: a flour stands at 100, and nothing is counted or measured. */
export function areBarePercents(lines: readonly (readonly ReadEntry[])[]): boolean {
  const singles = lines.flatMap((entries) => (entries.length === 1 ? entries : []));
  const bare = singles.filter(
    ({ unit, size, quantity }) => (unit === undefined || unit === 'piece') && size === undefined && quantity,
  );
  return (
    lines.length >= LEAST_LINES &&
    bare.length === lines.length &&
    bare.some((entry) => isFlour(entry) && entry.quantity?.low === 100 && entry.quantity.high === 100)
  );
}
