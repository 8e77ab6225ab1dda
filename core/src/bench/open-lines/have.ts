import { inPieces, LONGEST_LINE } from '../../ground/text/index.js';
import { GRAMS_FROM, isCounted, normalise, readLine, type ReadingContext } from '../../formula/parsing/index.js';
import type { Limit, OpenLine } from '../rebalance/index.js';
import { means } from './named.js';

export interface Had {
  readonly limits: readonly Limit[];
  /** What was said and could not be used, with why. */
  readonly misunderstood: readonly { readonly said: string; readonly because: 'no-amount' | 'not-in-formula' }[];
}

const NONE = /^(?:no|without|out of|zero|0|keine?n?|ohne)\s+(?:any\s+)?(?:more\s+)?/i;
const LEAD =
  /^(?:(?:i|we)(?:'ve| have)?(?: got)?|have(?: got)?|only|just|at most|up to|using up|use up|(?:a )?max(?:imum)?(?: of)?|there (?:is|are)|there's)\s+/i;
/** "80 g sugar left", "2 eggs in the fridge". */
const LEFT_OVER =
  / (?:left(?: over)?|remaining|to use(?: up)?|to hand|in (?:the )?(?:fridge|cupboard|house|tin|jar))$/i;
/** Between two things: a comma, "and", "but", or the next amount. */
const BETWEEN =
  /[,;\n]|\b(?:and|und|but)\b|(?<=\d ?[a-z]{0,11} [a-z]{3,20}) (?=\d[\d./]{0,5} ?(?:g|kg|ml|oz|lbs?|cups?|tbsps?|tsps?|sticks?|pints?|eggs?)\b)/i;
/** "butter 120": a figure behind a name, without a measure. */
const BARE_FIGURE = /^([a-z][a-z ]{2,30}?):? (\d{2,5})$/i;
const COMPARED = /^([^<=≤:]+)(?:<=|[≤<=:])(.+)$/;

/**
 * "only 180 g flour, 3 eggs, no milk", "egg<=100 g": the most there is of what a formula takes. Commas, semicolons and "and" part them.
 */
export function readHave(text: string, lines: readonly OpenLine[], context: ReadingContext): Had {
  const [beginning = '', more] = inPieces(text.trim(), LONGEST_LINE);
  if (more !== undefined)
    return { limits: [], misunderstood: [{ said: `${beginning.slice(0, 60)} …`, because: 'not-in-formula' }] };
  const limits: Limit[] = [];
  const misunderstood: Had['misunderstood'][number][] = [];
  const phrases = joined(text.split(BETWEEN).map((phrase) => phrase.trim()).filter(Boolean).flatMap(eachNone)); // prettier-ignore
  for (const asWritten of phrases) {
    let words = asWritten;
    while (LEAD.test(words)) words = words.replace(LEAD, '');
    words = words.replace(LEFT_OVER, '');
    words = words.replace(BARE_FIGURE, (whole, thing: string, figure: string) =>
      Number(figure) > GRAMS_FROM && !isCounted(readLine(thing, context)[0]?.ingredient)
        ? `${figure} g ${thing}`
        : whole,
    );
    const none = NONE.exec(words);
    const compared = COMPARED.exec(words);
    const phrase = none ? words.slice(none[0].length) : compared ? `${compared[2] ?? ''} ${compared[1] ?? ''}` : words;
    const [entry] = readLine(phrase, context);
    const name = none ? phrase : compared ? (compared[1] ?? '') : (entry?.name ?? phrase);
    const said = lines.filter(({ part }) => means(name, part.ingredient, context.region));
    // a name by itself, in German: read as a line is
    const asLine = `1 g ${name}`;
    const isGerman = said.length === 0 && normalise(asLine) !== asLine;
    const german = isGerman ? readLine(asLine, context)[0]?.ingredient : undefined;
    const meant = german ? lines.filter(({ part }) => part.ingredient.behavesAs === german.behavesAs) : said;
    if (meant.length === 0) {
      misunderstood.push({ said: asWritten, because: 'not-in-formula' });
      continue;
    }
    const grams = none ? 0 : weighed(phrase, meant, context);
    if (grams === undefined) misunderstood.push({ said: asWritten, because: 'no-amount' });
    else limits.push({ lineIds: meant.map(({ id }) => id), mostGrams: grams, said: asWritten });
  }
  return { limits, misunderstood };
}

/** "no butter or milk": none of either. */
function eachNone(phrase: string): readonly string[] {
  const none = NONE.exec(phrase)?.[0];
  return none === undefined ? [phrase] : phrase.split(/ or | nor /i).map((one, i) => (i === 0 ? one : `${none}${one}`));
}

/** "three bananas, 410 g": an amount by itself says again what stands before it. */
const ONLY_AMOUNT =
  /^(?:about |in all )?\d[\d.,/ ]{0,10} ?(?:g|kg|grams?|ml|oz|lbs?|pounds?)(?: (?:mashed|in all|altogether|peeled))?$/i;
const joined = (phrases: readonly string[]): readonly string[] => {
  const whole: string[] = [];
  for (const phrase of phrases) {
    if (ONLY_AMOUNT.test(phrase) && whole.length > 0) whole.push(`${whole.pop() ?? ''}, ${phrase}`);
    else whole.push(phrase);
  }
  return whole;
};

/** Grams of what is said; "3 eggs" are as heavy as the formula's own. */
function weighed(phrase: string, [line]: readonly OpenLine[], context: ReadingContext): number | undefined {
  const [entry] = readLine(phrase, context);
  const count = entry?.unit === 'piece' ? entry.quantity : undefined;
  if (count && line?.pieceGrams !== undefined) return ((count.low + count.high) / 2) * line.pieceGrams;
  if (entry?.weight) return entry.weight.grams;
  const correction = line && entry?.quantity ? { ingredientId: line.part.ingredient.id } : undefined;
  return correction && readLine(phrase, context, correction)[0]?.weight?.grams;
}
