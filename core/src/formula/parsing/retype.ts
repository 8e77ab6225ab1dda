import { withFacts, type FormulaLine } from '../formula/index.js';
import { inEnglish, withGermanAmount } from '../german/index.js';
import { unitsOf } from '../../kitchen/equipment/index.js';
import { readAmount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { trailingAmount } from './drafts.js';
import { normalise, oneSpelling } from './normalise.js';
import { readLine } from './read-line.js';
import { bareLine, BULLET, segmentsOf, withoutLeadIn } from './segments.js';

/**
 * A line with other words. The baker's word on what it is stays while the name stays; their word on what it weighs is about the old
 * words, and goes.
 */
export function retyped(line: FormulaLine, text: string, context: ReadingContext): FormulaLine {
  const nameOf = (words: string) => readLine(words, context)[0]?.name.toLowerCase();
  const sameName = line.ingredientId !== undefined && nameOf(line.text) === nameOf(text);
  return withFacts({ ...line, text }, { grams: undefined, ...(!sameName && { ingredientId: undefined }) });
}

/**
 * The words of a line with another amount in the place of its own: "1 cup flour, sifted" and "120 g" give "120 g flour, sifted". A line
 * without an amount gets it in front.
 */
export function withAmount(text: string, amount: string, context: ReadingContext): string {
  const spelled = oneSpelling(text);
  if (inEnglish(spelled) !== spelled) return withGermanAmount(spelled, amount);
  const whole = normalise(text);
  const bullet = BULLET.exec(whole)?.[0] ?? '';
  const bare = withoutLeadIn(whole.slice(bullet.length));
  const read = readAmount(bare, unitsOf(context.kitchen));
  if (read) return `${bullet}${amount} ${read.rest.replace(/^of\s+/i, '')}`.trimEnd();
  const behind = trailingAmount(bare, context);
  if (behind) return `${bullet}${bare.slice(0, behind.from)}${amount}${bare.slice(behind.to)}`;
  return `${bullet}${amount} ${bare}`.trimEnd();
}

/**
 * The lines that a line of several ingredients is when each stands by itself: "2 tsp baking powder and ½ tsp salt" gives two. A line that
 * cannot be taken apart without losing something gives nothing.
 */
export function takenApart(text: string, context: ReadingContext): readonly string[] {
  const entries = readLine(text, context);
  if (entries.length < 2) return [];
  const segments = segmentsOf(bareLine(normalise(text)).line, context);
  const alone = segments.every((segment, i) => {
    const [entry, more] = readLine(segment, context);
    const whole = entries[i];
    return (
      !more &&
      entry?.ingredient?.id === whole?.ingredient?.id &&
      Math.abs((entry?.weight?.grams ?? 0) - (whole?.weight?.grams ?? 0)) < 1e-6
    );
  });
  return segments.length === entries.length && alone ? segments : [];
}
