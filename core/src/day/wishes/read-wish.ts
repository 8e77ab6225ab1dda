import { dateShifted, weekdayOf } from '../dates/index.js';
import type { ServedAs } from '../tasks/index.js';

/** What is said of a batch and its hour: "24 muffins warm at 10", "two loaves by Friday night". */
export interface ReadWish {
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

const DAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] as const;
const PARTS: Readonly<Record<string, string>> = {
  morning: '10:00', noon: '12:00', midday: '12:00', lunch: '12:30', afternoon: '15:00', tea: '15:30', teatime: '15:30', evening: '18:00', supper: '18:30',
  dinner: '18:30', tonight: '20:00', night: '21:00',
}; // prettier-ignore
const CLOCK =
  /\b(?:at|by|for|before|until)\s+(?:about\s+)?(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm|a\.m\.|p\.m\.|o'?clock)?\b/i;
const BARE_CLOCK = /\b(\d{1,2})[:.](\d{2})\s*(am|pm)?\b|\b(\d{1,2})\s*(am|pm)\b/i;
const PART = new RegExp(`\\b(${Object.keys(PARTS).join('|')})\\b`, 'i');
const DAY = new RegExp(`\\b(?:on |by |for |next )?(${DAYS.join('|')}|today|tomorrow)\\b`, 'i');
const FROM_FREEZER = /\b(?:(?:from|out of|in) the freezer|frozen)\b/i;
const AMOUNT =
  /^(?:the\s+)?(\d+(?:[.,/]\d+)?|half|double|twice|one|two|three|four|five|six|eight|ten|twelve|a dozen|two dozen|a|an)\s+/i;
/** Words that are of no formula. */
const SMALL: ReadonlySet<string> = new Set(['and', 'the', 'a', 'an', 'of', 'with', 'warm', 'cold', 'fresh', 'sliced', 'cut', 'on', 'at', 'by', 'for', 'table', 'from', 'batch', 'kept', 'small', 'large', 'big']); // prettier-ignore

const twoDigits = (n: number): string => String(n).padStart(2, '0');

function timeSaid(text: string): { readonly time: string; readonly words: string } | undefined {
  const clock = CLOCK.exec(text) ?? undefined;
  const bare = clock ? undefined : (BARE_CLOCK.exec(text) ?? undefined);
  const hours = Number(clock?.[1] ?? bare?.[1] ?? bare?.[4]);
  if (Number.isFinite(hours) && hours <= 24) {
    const half = (clock?.[3] ?? bare?.[3] ?? bare?.[5] ?? '').toLowerCase().replaceAll('.', '');
    const minutes = Number(clock?.[2] ?? bare?.[2] ?? 0);
    // nobody has cake at four in the night
    const later = half === 'pm' ? hours < 12 : half === '' || half.startsWith('o') ? hours >= 1 && hours <= 6 : false;
    const whole = (half === 'am' && hours === 12 ? 0 : hours) + (later ? 12 : 0);
    if (minutes < 60 && whole < 24)
      return { time: `${twoDigits(whole)}:${twoDigits(minutes)}`, words: clock?.[0] ?? bare?.[0] ?? '' };
  }
  const part = PART.exec(text)?.[1];
  return part === undefined ? undefined : { time: PARTS[part.toLowerCase()] ?? '12:00', words: part };
}
function dateSaid(text: string, date: string): { readonly date: string; readonly words: string } | undefined {
  const said = DAY.exec(text);
  const name = said?.[1]?.toLowerCase();
  if (!said || name === undefined) return undefined;
  if (name === 'today') return { date, words: said[0] };
  if (name === 'tomorrow') return { date: dateShifted(date, 1), words: said[0] };
  const wanted = DAYS.findIndex((day) => day === name);
  const ahead = (wanted - weekdayOf(date) + 7) % 7;
  // a day just before the planned one is meant so: "by Friday night" of a Saturday
  return { date: dateShifted(date, ahead > 3 ? ahead - 7 : ahead), words: said[0] };
}

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
        .replace(/(?<=[a-z]{2})(?:es|s)$/, ''),
    )
    .filter((word) => word.length > 2 && !SMALL.has(word));

/** How much of what is said a title has: names of things count, numbers do not. */
function likeness(words: readonly string[], title: string): number {
  const has = new Set(tokensOf(title));
  return words.filter((word) => has.has(word)).length / Math.max(1, words.length);
}

export function readWish(text: string, { titles, date, usualTime }: WishContext): ReadWish {
  const time = timeSaid(text);
  const rest = time ? text.replace(time.words, ' ') : text;
  const day = dateSaid(rest, date);
  const what = (day ? rest.replace(day.words, ' ') : rest).trim();
  const served: ServedAs = /\bwarm\b|\bhot\b/i.test(what)
    ? 'warm'
    : /\bcold\b|\bchilled\b/i.test(what)
      ? 'cold'
      : 'fresh';
  const thing = what
    .replace(FROM_FREEZER, ' ')
    .replace(/\b(?:warm|hot|cold|chilled|fresh|sliced|cut|on the table|ready|and)\b/gi, ' ')
    .replace(/[,.;]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const words = tokensOf(thing.replace(AMOUNT, ''));
  const scored = titles
    .map((title, i) => ({ i, like: likeness(words, title) }))
    .filter(({ like }) => like > 0)
    .sort((a, b) => b.like - a.like || a.i - b.i);
  const best = scored[0]?.like ?? 0;
  const noun = words.at(-1) ?? '';
  const amount = AMOUNT.exec(thing)?.[0]?.trim();
  return {
    formulas: scored.filter(({ like }) => like >= best * 0.999).map(({ i }) => i),
    amount: amount === undefined || /^(?:a|an|the)$/i.test(amount) ? '' : `${amount} ${nounOf(thing, noun)}`.trim(),
    due: `${day?.date ?? date}T${time?.time ?? usualTime}`,
    served,
    usualHour: time === undefined,
    ...(FROM_FREEZER.test(what) && { frozen: true }),
    ...(/\bsliced\b|\bcut\b/i.test(what) && { sliced: true }),
  };
}
/** The last word as it was said, for the amount: "24 rhubarb muffins" are 24 muffins. */
function nounOf(thing: string, stem: string): string {
  const said = thing.split(' ').findLast((word) => tokensOf(word)[0] === stem);
  return stem === '' || said === undefined ? '' : said;
}

/** "clear the tables, 20 min, by 13:30": something else to do. Undefined where no minutes are said. */
export function readOwnTask(
  text: string,
  { date, usualTime }: Pick<WishContext, 'date' | 'usualTime'>,
): { readonly what: string; readonly minutes: number; readonly due: string } | undefined {
  const said = /\b(\d{1,3})\s?(?:min(?:ute)?s?|m)\b/i.exec(text);
  const minutes = Number(said?.[1]);
  if (!said || !(minutes > 0)) return undefined;
  const rest = text.replace(said[0], ' ');
  const time = timeSaid(rest);
  const what = (time ? rest.replace(time.words, ' ') : rest)
    .replace(/[,;]+/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/\b(?:for|by|at|takes?)\s*$/i, '')
    .trim();
  return what === '' ? undefined : { what, minutes, due: `${date}T${time?.time ?? usualTime}` };
}
