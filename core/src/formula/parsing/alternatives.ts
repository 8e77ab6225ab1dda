/*
 * "½ cup milk (or ⅓ cup water)": what stands first is what is taken; the other is kept and can be taken instead. An alternative is read
 * by the reader of lines, in its own amount or, where it names none, in that of the line.
 */
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { unitsOf } from '../../kitchen/equipment/index.js';
import { LONGEST_LINE } from '../../ground/text/index.js';
import { readAmount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { normalise } from './normalise.js';
import { readLine } from './read-line.js';

/** Another thing that a line allows. */
export interface Alternative {
  /** As a line of its own: "1/3 cup water". */
  readonly words: string;
  readonly ingredient: Ingredient;
  readonly grams: number | undefined;
  /** What goes in with it: the vinegar of "water with 1 teaspoon vinegar". */
  readonly with: readonly { readonly ingredient: Ingredient; readonly grams: number | undefined }[];
  /** The line with this taken, and what stood first as the alternative. */
  readonly lineWithIt: string;
}

const IN_BRACKETS = /\s*[([](?:or|alternatively|instead:?)\s+([^()[\]]{2,80})[)\]]/i;
const BETWEEN = /,? or (?:else )?(?=\S)/i;
/** "1 or 2 eggs", "or so", "or more": a range or a hedge, no other thing. */
const NO_THING = /^(?:so|more|less|to taste|as needed|until|thereabouts|about|up to)\b/i;

interface Split {
  /** The line without the other: an amount and a name. */
  readonly first: string;
  readonly other: string;
  readonly behind: string;
  readonly bracketed: boolean;
}

function splitAt(line: string): Split | undefined {
  const bracket = IN_BRACKETS.exec(line);
  if (bracket)
    return {
      first: line.slice(0, bracket.index).trim(),
      other: (bracket[1] ?? '').trim(),
      behind: line.slice(bracket.index + bracket[0].length),
      bracketed: true,
    };
  const plain = line.replace(/[([][^()[\]]*[)\]]/g, (inside) => ' '.repeat(inside.length));
  const or = BETWEEN.exec(plain);
  if (!or) return undefined;
  const rest = line.slice(or.index + or[0].length);
  const ends = /[,;([]/.exec(rest)?.index ?? rest.length;
  return {
    first: line.slice(0, or.index).trim(),
    other: rest.slice(0, ends).trim(),
    behind: rest.slice(ends),
    bracketed: false,
  };
}

/** What a line allows instead of what it takes; empty for a line that holds several things. */
export function alternativesIn(text: string, context: ReadingContext): readonly Alternative[] {
  if (text.length > LONGEST_LINE) return [];
  const line = normalise(text);
  const split = splitAt(line);
  if (!split || split.first === '' || NO_THING.test(split.other)) return [];
  const units = unitsOf(context.kitchen);
  const amount = readAmount(split.first, units);
  const ownAmount = readAmount(split.other, units);
  // "100 g or 1/2 cup butter": one thing in two measures
  if (!amount || amount.rest.trim() === '') return [];
  const amountWords = split.first.slice(0, split.first.length - amount.rest.length).trim();
  const taken = (ownAmount ? split.other : `${amountWords} ${split.other}`).replace(
    /\bwith\b(?=\s+(?:\d|an? |½|¼))/i,
    'plus',
  );
  const [main, ...more] = readLine(taken, context);
  const [now] = readLine(split.first, context);
  if (!main?.ingredient || !now?.ingredient || main.ingredient === now.ingredient) return [];
  const bareName = split.bracketed || ownAmount ? split.first : amount.rest.trim();
  const lineWithIt = split.bracketed
    ? `${taken} (or ${bareName})${split.behind}`
    : `${taken} or ${bareName}${split.behind}`;
  return [
    {
      words: taken,
      ingredient: main.ingredient,
      grams: main.weight?.grams,
      with: more.flatMap(({ ingredient, weight }) => (ingredient ? [{ ingredient, grams: weight?.grams }] : [])),
      lineWithIt,
    },
  ];
}
