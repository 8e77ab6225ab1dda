import { anyOf, NUMBER_WORDS } from '../../ground/text/index.js';
import { ownOf } from '../../ground/records/index.js';
import type { ServedAs } from '../tasks/index.js';
import { dateSaid, hoursSaid, timeSaid } from './times-said.js';

/** What is said of a batch and its hour: "24 muffins warm at 10", "two loaves by Friday night". */
export interface ReadWish {
  /** The words that say it. */
  readonly said: string;
  /** Indices of formulas that it may be, the likeliest first; empty where none was recognised. */
  readonly formulas: readonly number[];
  /** "24 muffins", as it was said; '' where no amount was. */
  readonly amount: string;
  /** Local date and time, "2026-11-28T10:00". */
  readonly due: string;
  readonly served: ServedAs;
  readonly sliced?: boolean;
  /** It is in the freezer. */
  readonly frozen?: boolean;
  /** No hour was said: the day's usual one stands. */
  readonly usualHour: boolean;
}
export interface WishContext {
  readonly titles: readonly string[];
  readonly date: string;
  /** "14:30": when everything is due that has no hour of its own. */
  readonly usualTime: string;
}

/** More is a number of pieces. */
const MOST_TIMES = 12;
const FROM_FREEZER = /\b(?:(?:from|out of|in) the freezer|frozen)\b/i;
const NUMBERS = String.raw`\d+(?:[.,/]\d+)?|${anyOf(Object.keys(NUMBER_WORDS))}`;
/** "24", "two dozen", "a dozen": goes before what is counted. */
const AMOUNT = new RegExp(`^(?:the\\s+)?((?:${NUMBERS}|a) dozen|${NUMBERS}|a|an)\\s+`, 'i');
/** "muffins, 2 dozen", "scones - 40": behind what is counted, where that is more than one. */
const AMOUNT_BEHIND = new RegExp(`(?<=[a-z]{3}s) [-–]? ?((?:${NUMBERS}|a) dozen|\\d{1,3})(?: ?[-–])?$`, 'i');
/** "double gingerbread", "half the gingerbread", "2x marmalade loaf", "pear loaf x2": says how many times. */
const TIMES =
  /^(half|double|twice|triple|treble|quadruple|[1-9]\d? ?[x×](?=\s))(?: the| of the)?\s|\s([x×] ?[1-9]\d?)(?=\s|$)/i;
/** "two batches of scones", "a tray of muffins": so many times what the formula makes. */
const BATCHES = new RegExp(`^(${NUMBERS}|a) (?:batch(?:es)?|trays?|tins?|lots?) of `, 'i');
/** "for eight people": says how many eat. */
const EATERS = new RegExp(`\\s?\\b(?:enough )?for (${NUMBERS}) (?:people|persons|guests|of us)\\b`, 'i');
/** Words that are of no formula. */
const SMALL: ReadonlySet<string> = new Set(['and', 'the', 'a', 'an', 'of', 'with', 'warm', 'cold', 'fresh', 'sliced', 'cut', 'on', 'at', 'by', 'for', 'table', 'from', 'batch', 'kept', 'small', 'large', 'big']); // prettier-ignore

const tokensOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}\p{N}]+/u)
    .map((word) =>
      word
        .replace(/(?<=[a-z]{2})ves$/, 'f')
        .replace(/(?<=[a-z]{3})ies$/, 'y')
        // "sponges" and "sponge", "cakes" and "cake" are one
        .replace(/(?<=[a-z]{3})(?:es|s|e)$/, ''),
    )
    .filter((word) => word.length > 2 && !SMALL.has(word));

/** How much of what is said a title has: names of things count, numbers do not. */
function likeness(words: readonly string[], title: string): number {
  const has = new Set(tokensOf(title));
  return words.filter((word) => has.has(word)).length / Math.max(1, words.length);
}

const BETWEEN_WISHES =
  /; ?|,? (?:and|plus|&) |, (?=\d|(?:an?|two|three|four|five|six) )|, (?=(?:by|at|for|before) \d{1,2}\b)/i;
/** "at 10 and another at 2": of the one before. */
const ANOTHER = /^(?:another|one more|the same(?: again)?)(?: (?:one|loaf|batch|lot|tray|tin))?(?= |$)/i;
/**
 * What is said of several batches at once, "3 pear loaves and 24 scones for 3pm": one wish for each that names a formula of its own or
 * has an amount, the hour and the day that are said last for all that have none. A title with an "and" of its own is one wish.
 */
export function readWishes(written: string, context: WishContext): readonly ReadWish[] {
  const pieces = written.split(BETWEEN_WISHES).filter((piece) => piece.trim() !== '');
  const wishes: ReadWish[] = [];
  for (const piece of pieces) {
    const before = ANOTHER.test(piece.trim()) ? wishes.at(-1) : undefined;
    const wish = readWish(before ? piece.trim().replace(ANOTHER, '') : piece, context);
    wishes.push(before ? { ...wish, said: piece.trim(), formulas: before.formulas, amount: before.amount } : wish);
  }
  const isAgain = pieces.every((piece, i) => i === 0 || ANOTHER.test(piece.trim())) && wishes[0]?.formulas.length === 1;
  const named = new Set(wishes.map(({ formulas: [only, more] }) => (more === undefined ? only : undefined)));
  const eachNamesOne = named.size === wishes.length && !named.has(undefined);
  // no title goes on with a number: what has an amount of its own is said of something else, known or not
  const eachIsCounted = wishes.every(({ amount }) => amount !== '');
  if (pieces.length < 2 || !(eachNamesOne || eachIsCounted || isAgain)) return [readWish(written, context)];
  const last = wishes.findLast(({ usualHour }) => !usualHour);
  return wishes.map((wish) => (wish.usualHour && last ? { ...wish, due: last.due, usualHour: false } : wish));
}

export function readWish(written: string, { titles, date, usualTime }: WishContext): ReadWish {
  const text = written
    .replace(/[’‘]/g, "'")
    .replace(/ @ ?(?=\d)/g, ' at ')
    // "by 3: banana loaf"
    .replace(/^((?:by|at|for|before) \d[^:]{0,8}):(?= )/i, '$1')
    // "3ish", "scones x30", "gingerbread (2 tins)"
    .replace(/\b(?:(?:at|about|around) )*(\d{1,2})-?ish\b/i, 'at $1')
    .replace(/ [x×] ?(\d{2,3})(?=\s|$)/, (whole, count: string) => (Number(count) > MOST_TIMES ? ` ${count}` : whole))
    .replace(/^(.+?) \((\d{1,2}) (?:tins?|batch(?:es)?|trays?)\)/i, '$2x $1')
    // "for 8 at 7": eight eat, and at seven
    .replace(/\bfor (\d{1,3})(?= (?:at|by|before) )/i, 'for $1 people');
  const time = timeSaid(text);
  const rest = time ? text.replace(time.words, ' ') : text;
  const day = dateSaid(rest, date);
  const what = (day ? rest.replace(day.words, ' ') : rest).trim();
  const served: ServedAs = /\bwarm\b|\bhot\b|\b(?:out of|from) the oven\b/i.test(what)
    ? 'warm'
    : /\bcold\b|\bchilled\b/i.test(what)
      ? 'cold'
      : 'fresh';
  const eaters = EATERS.exec(what);
  const times = TIMES.exec(what.trim());
  const batches = BATCHES.exec(what.trim())?.[1]?.toLowerCase();
  const thing = what
    .trim()
    .replace(EATERS, ' ')
    .replace(TIMES, ' ')
    .replace(BATCHES, '')
    .replace(FROM_FREEZER, ' ')
    .replace(/\b(?:just |straight |fresh )?(?:out of|from) the oven\b/gi, ' ')
    .replace(/\b(?:warm|hot|cold|chilled|fresh|sliced|cut|on the table|ready|and)\b/gi, ' ')
    .replace(/[,.;]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const words = tokensOf(thing.replace(AMOUNT, '').replace(AMOUNT_BEHIND, ''));
  const scored = titles
    .map((title, i) => ({ i, like: likeness(words, title) }))
    .filter(({ like }) => like > 0)
    .sort((a, b) => b.like - a.like || a.i - b.i);
  const best = scored[0]?.like ?? 0;
  const noun = words.at(-1) ?? '';
  const amount = AMOUNT.exec(thing)?.[0]?.trim() ?? AMOUNT_BEHIND.exec(thing)?.[1];
  return {
    said: written.trim(),
    formulas: scored.filter(({ like }) => like >= best * 0.999).map(({ i }) => i),
    amount: times
      ? (times[1] ?? times[2] ?? '').replaceAll(' ', '')
      : batches !== undefined
        ? timesOf(batches)
        : eaters
          ? `for ${eaters[1] ?? ''} people`
          : amount === undefined || /^(?:a|an|the)$/i.test(amount)
            ? ''
            : `${amount} ${nounOf(thing, noun)}`.trim(),
    due: `${day?.value ?? date}T${time?.value ?? usualTime}`,
    served,
    usualHour: time === undefined,
    ...(FROM_FREEZER.test(what) && { frozen: true }),
    ...(/\bsliced\b|\bcut\b/i.test(what) && { sliced: true }),
  };
}
/** "two" batches are "x2"; one is the formula as it is. */
function timesOf(said: string): string {
  const times = ownOf(NUMBER_WORDS, said) ?? Number(said);
  return times > 1 ? `x${times}` : '';
}
/** The last word as it was said, for the amount: "24 rhubarb muffins" are 24 muffins. */
function nounOf(thing: string, stem: string): string {
  const said = thing.split(' ').findLast((word) => tokensOf(word)[0] === stem);
  return stem === '' || said === undefined ? '' : said;
}

/** How long something lasts: "20 min", "half an hour", "1 h 30", "an hour and a half". */
const LASTS =
  /\b(?:for )?(?:(\d{1,3})\s?(?:min(?:ute)?s?|m)\b|(half an hour)\b|(?:(\d{1,2})|an?|one)\s?(?:h|hrs?|hours?)\b(?:\s?(?:and )?(?:(a half)\b|(\d{1,2})(?:\s?min(?:ute)?s?)?\b))?)/i;
const minutesOf = ([, minutes, half, hours, more, rest]: RegExpExecArray): number =>
  minutes !== undefined
    ? Number(minutes)
    : half !== undefined
      ? 30
      : 60 * Number(hours ?? 1) + (more === undefined ? Number(rest ?? 0) : 30);

/** "clear the tables, 20 min, by 13:30": something else to do. Undefined where no minutes are said. */
export function readOwnTask(
  written: string,
  { date, usualTime }: Pick<WishContext, 'date' | 'usualTime'>,
): { readonly what: string; readonly minutes: number; readonly due: string } | undefined {
  const text = written.replace(/\bbetween (\d[\d:.]{0,4} ?(?:am|pm)?) and (?=\d)/i, 'from $1 to ');
  const hours = hoursSaid(text);
  if (hours) {
    const named = text.replace(hours.words, ' ').replace(/[,;]+/g, ' ').replace(/\s+/g, ' ').trim().replace(/[ :]*\b(?:for|by|at|from)$/i, ''); // prettier-ignore
    return named === '' ? undefined : { what: named, minutes: hours.minutes, due: `${date}T${hours.until}` };
  }
  const said = LASTS.exec(text);
  const minutes = said ? minutesOf(said) : 0;
  if (!said || !(minutes > 0)) return undefined;
  const rest = text.replace(said[0], ' ').replace(/[’‘]/g, "'");
  const time = timeSaid(rest);
  const what = (time ? rest.replace(time.words, ' ') : rest)
    .replace(/[,;]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/[ :]*(?:\b(?:for|by|at|takes?))?$/i, '')
    .trim();
  return what === '' ? undefined : { what, minutes, due: `${date}T${time?.value ?? usualTime}` };
}
