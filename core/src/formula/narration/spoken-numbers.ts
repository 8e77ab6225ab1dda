import { ownOf } from '../../ground/records/index.js';
import { ONES, TENS } from '../../ground/text/index.js';
import { UNIT_WORDS } from '../../ground/units/index.js';
import { Words } from './tokens.js';

/**
 * Numbers as they are spoken, turned into figures: "three quarters of a cup" is 3/4 cup, "two and a half" 2 1/2, "three fifty" 350,
 * "nine by thirteen inch" 9 x 13 inch. All that reads amounts, heat, times and pans then reads what was said as it reads what was written.
 *
 * A spoken hundred is told from two numbers by what follows: "one fifty two eggs" is 150 and two eggs.
 */

/** Parts, as what is written above and below the stroke. */
const PARTS: Readonly<Record<string, number>> = {
  half: 2, halves: 2, third: 3, thirds: 3, quarter: 4, quarters: 4, fourth: 4, fourths: 4, eighth: 8, eighths: 8,
}; // prettier-ignore
const COUNTED =
  /^(?:eggs?|large|medium|small|ripe|bananas?|apples?|lemons?|limes?|oranges?|pears?|yolks?|whites?|carrots?|teaspoons?|tablespoons?|tsp|tbsp|cups?|pinch|pinches|sticks?)$/;
const LENGTH = /^(?:inch|inches|in|cm|centimetres?|centimeters?)$/;

/** What a spoken number may begin with. */
const BEGINS: ReadonlySet<string> = new Set([
  ...Object.keys(ONES),
  ...Object.keys(TENS),
  ...Object.keys(PARTS),
  'a',
  'an',
  'hundred',
  'dozen',
]);

interface Spoken {
  /** As figures: "350", "1 1/2", "3/4". */
  readonly figures: string;
  readonly value: number;
  /** The place behind it. */
  readonly to: number;
}

interface Cardinal {
  readonly value: number;
  readonly to: number;
}

/** "twenty five", "twenty-five", "seven". */
function underHundred(words: Words, at: number): Cardinal | undefined {
  const tens = ownOf(TENS, words.word(at));
  if (tens === undefined) {
    const small = ownOf(ONES, words.word(at));
    return small === undefined ? undefined : { value: small, to: at + 1 };
  }
  const next = words.at(at + 1) === '-' ? at + 2 : at + 1;
  const ones = ownOf(ONES, words.word(next));
  return ones !== undefined && ones < 10 ? { value: tens + ones, to: next + 1 } : { value: tens, to: at + 1 };
}

/** "a hundred and twenty", "two hundred fifty", and the hundreds that are not said: "three twenty five". */
function cardinal(words: Words, at: number): Cardinal | undefined {
  const unsaid =
    words.word(at) === 'hundred' ? at : words.word(at) === 'a' && words.word(at + 1) === 'hundred' ? at + 1 : undefined;
  const first = unsaid === undefined ? underHundred(words, at) : { value: 1, to: unsaid };
  if (!first) return undefined;
  if (words.word(first.to) === 'hundred') {
    const behind = words.word(first.to + 1) === 'and' ? first.to + 2 : first.to + 1;
    const rest = underHundred(words, behind);
    return rest
      ? { value: first.value * 100 + rest.value, to: rest.to }
      : { value: first.value * 100, to: first.to + 1 };
  }
  // "three-fifty"
  const second = words.at(first.to) === '-' && first.value < 10 ? first.to + 1 : first.to;
  const tens = ownOf(TENS, words.word(second));
  if (first.value >= 10 || tens === undefined) return first;
  const rest = underHundred(words, second) ?? { value: tens, to: second + 1 };
  // "one fifty two eggs": the last word counts what follows
  const counts = rest.to - second === 2 && COUNTED.test(words.word(rest.to));
  const tail = counts ? { value: tens, to: second + 1 } : rest;
  // "two twenty inch trays" are two trays
  if (LENGTH.test(words.word(tail.to)) && first.value <= 2) return first;
  return { value: first.value * 100 + tail.value, to: tail.to };
}

/** "of a", "a" between a part and its measure: "three quarters of a cup", "half a cup". */
const pastArticle = (words: Words, at: number): number => {
  const article = /^an?$/;
  if (words.word(at) === 'of' && article.test(words.word(at + 1))) return at + 2;
  return article.test(words.word(at)) ? at + 1 : at;
};

/** "half a", "a third of a", "two thirds", "one-fourth". */
function partOf(words: Words, at: number): Spoken | undefined {
  const first = words.word(at);
  if (first === 'half' && words.word(at + 1) === 'a' && words.word(at + 2) === 'dozen')
    return { figures: '6', value: 6, to: at + 3 };
  const alone = first.endsWith('s') ? undefined : ownOf(PARTS, first);
  if (alone !== undefined) {
    const to = pastArticle(words, at + 1);
    // "cut in half", "half the sugar" measure nothing
    const measures = to > at + 1 || UNIT_WORDS.has(words.word(to)) || /^(?:hour|inch|dozen)$/.test(words.word(to));
    return measures ? { figures: `1/${alone}`, value: 1 / alone, to } : undefined;
  }
  const above = first === 'a' ? 1 : ownOf(ONES, first);
  if (above === undefined || above > 7) return undefined;
  const place = words.at(at + 1) === '-' ? at + 2 : at + 1;
  const below = ownOf(PARTS, words.word(place));
  if (below === undefined || above >= below * 2) return undefined;
  // "two half cups" are counted, "two halves" are not
  if (above > 1 && !/s$|third|quarter|fourth/.test(words.word(place))) return undefined;
  return { figures: `${above}/${below}`, value: above / below, to: pastArticle(words, place + 1) };
}

/** A part behind "and": "two and a half", "a cup and three quarters". */
function partBehind(words: Words, at: number): Spoken | undefined {
  if (words.word(at) !== 'and') return undefined;
  const article = /^(?:a|one)$/.test(words.word(at + 1)) ? at + 2 : undefined;
  const above = article === undefined ? (ownOf(ONES, words.word(at + 1)) ?? 1) : 1;
  const place = article ?? (ownOf(ONES, words.word(at + 1)) === undefined ? at + 1 : at + 2);
  const below = ownOf(PARTS, words.word(place));
  return below === undefined || above >= below
    ? undefined
    : { figures: `${above}/${below}`, value: above / below, to: place + 1 };
}

/** The number spoken at a place, in words; undefined for figures and for a lone "a". */
function spokenAt(words: Words, at: number): Spoken | undefined {
  const part = partOf(words, at);
  if (part) return part;
  if (words.word(at) === 'a' && words.word(at + 1) === 'couple')
    return { figures: '2', value: 2, to: words.word(at + 2) === 'of' ? at + 3 : at + 2 };
  if (words.word(at) === 'a' && words.word(at + 1) === 'dozen') return { figures: '12', value: 12, to: at + 2 };
  if (words.word(at) === 'dozen') return { figures: '12', value: 12, to: at + 1 };
  const whole = cardinal(words, at);
  if (!whole) return undefined;
  if (words.word(whole.to) === 'dozen')
    return { figures: String(12 * whole.value), value: 12 * whole.value, to: whole.to + 1 };
  const behind = partBehind(words, whole.to);
  if (behind) return { figures: `${whole.value} ${behind.figures}`, value: whole.value + behind.value, to: behind.to };
  return { figures: String(whole.value), value: whole.value, to: whole.to };
}

/** "a cup and a half" is "1 1/2 cup": the part stands behind the measure, and no other measure behind it. */
function measureAndPart(words: Words, at: number, whole: number, measure: number): Spoken | undefined {
  if (!UNIT_WORDS.has(words.word(measure))) return undefined;
  const part = partBehind(words, measure + 1);
  if (!part) return undefined;
  const next = pastArticle(words, part.to);
  if (UNIT_WORDS.has(words.word(next)) && words.word(part.to) !== '') return undefined;
  return {
    figures: `${whole} ${part.figures} ${words.slice(measure, measure + 1)}`,
    value: whole + part.value,
    to: part.to,
  };
}

/** Whether "one" is a number: not in "the one with plums", "one by one", "one of them". */
const countsOne = (words: Words, at: number): boolean =>
  !/^(?:the|this|that|which|each|no|any|by|another)$/.test(words.word(at - 1)) &&
  !/^[:,]$/.test(words.at(at + 1)) &&
  // "make 3 holes, in one 1/3 cup oil"
  !(words.word(at - 1) === 'in' && words.isNumber(at + 1)) &&
  !/^(?:of|is|that|which|day|more|thing|by|with|in|for|to|from|at|on|and|or|i|we|you|side|put|goes)$/.test(
    words.word(at + 1),
  );

/** The same text with its spoken numbers in figures; everything else stands letter by letter. */
export function inFigures(words: Words): Words {
  const { text } = words;
  const pieces: string[] = [];
  let written = 0;
  const put = (from: number, to: number, figures: string) => {
    const [first, last] = [words.tokens[from], words.tokens[to - 1]];
    if (!first || !last) return;
    pieces.push(text.slice(written, first.from), figures);
    written = last.to;
  };
  for (let at = 0; at < words.length;) {
    if (!words.isNumber(at) && !BEGINS.has(words.word(at))) {
      at++;
      continue;
    }
    const article = /^an?$/.test(words.word(at));
    const spoken = spokenAt(words, at);
    // "one" alone stands for a thing as often as for a number: only before what can be counted
    const counts = spoken && (words.word(at) !== 'one' || spoken.to > at + 1 || countsOne(words, at));
    const whole = spoken
      ? Number.isInteger(spoken.value)
        ? spoken.value
        : undefined
      : article
        ? 1
        : words.isNumber(at) && Number.isInteger(words.value(at))
          ? words.value(at)
          : undefined;
    const measure = spoken?.to ?? at + 1;
    const and = whole === undefined ? undefined : measureAndPart(words, at, whole, measure);
    if (and) {
      put(at, and.to, and.figures);
      at = and.to;
    } else if (spoken && counts) {
      put(at, spoken.to, spoken.figures);
      at = spoken.to;
    } else {
      // "1 and a half", "9 by 13"
      const part = words.isNumber(at) && Number.isInteger(words.value(at)) ? partBehind(words, at + 1) : undefined;
      if (part) {
        put(at, part.to, `${words.slice(at, at + 1)} ${part.figures}`);
        at = part.to;
      } else at++;
    }
  }
  const figures = (written === 0 ? text : [...pieces, text.slice(written)].join('')).replace(
    /(?<=\d(?: ?(?:inch|in|cm))?) by (?=\d)/g,
    ' x ',
  );
  return figures === text ? words : new Words(figures);
}
