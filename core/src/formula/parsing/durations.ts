import { anyOf, NUMBER_WORDS, TENS } from '../../ground/text/index.js';
import { numberFrom } from './amounts.js';

/** Minutes, as a range; equal ends for a single figure. */
export interface Minutes {
  readonly low: number;
  readonly high: number;
}

const IN_WORDS = String.raw`(?:${anyOf(Object.keys(TENS))})[ -](?:one|two|three|four|five|six|seven|eight|nine)(?![a-z])|(?:${anyOf(Object.keys(NUMBER_WORDS))})(?![a-z])`;
const NUMBER = String.raw`(?:\d{1,2}[ -]\d+\/\d+|\d\/\d(?!\d)|\d+(?:[.,]\d+)?(?:-?ish\b)?|one and a half|two and a half|half an|three quarters of an|a quarter of an|${IN_WORDS}|an?)`;
/** "hour and a half", "hour to hour and a quarter": the one hour goes without saying. */
const HOUR_UNSAID = String.raw`hour(?= (?:and (?:a (?:half|quarter)|1\/[24]|three quarters|3\/4)|(?:to|or) (?:an |one |1 )?hour)\b)`;
const HOURS = String.raw`(?:hours?|hrs?|h)(?![a-z])`;
const MINUTES = String.raw`(?:minutes?|mins?|m|')(?![a-z])`;
const TO = String.raw`\s*(?:-|–|to|or)\s*`;

const HOURS_RANGE = new RegExp(`^(${NUMBER})${TO}(${NUMBER})[\\s-]*${HOURS}`, 'i');
const MINUTES_RANGE = new RegExp(`^(${NUMBER})${TO}(${NUMBER})[\\s-]*${MINUTES}`, 'i');
const SOME_HOURS = new RegExp(`^(${NUMBER})[\\s-]*${HOURS}`, 'i');
const SOME_MINUTES = new RegExp(`^(${NUMBER})[\\s-]*${MINUTES}`, 'i');
const PART_OF_HOUR = /^\s*(?:and\s+)?(a half|a quarter|three quarters|1\/2|1\/4|3\/4)/i;
const PARTS: Readonly<Record<string, number>> = { 'a half': 30, '1/2': 30, 'a quarter': 15, '1/4': 15, 'three quarters': 45, '3/4': 45 }; // prettier-ignore
/** "1 hour 15", "an hour and ten minutes": minutes of the hour before them; where nothing says so, only at the end of what is said. */
const OF_THE_HOUR = new RegExp(String.raw`^(\d{1,2}|${IN_WORDS})(?:\s*(?:minutes?|mins?|m)(?![a-z])|(?=\s*(?:to|-)\s*\d+\s*h)|(?=\s*(?:$|[.,;)\n]|at\b|until\b)))`, 'i'); // prettier-ignore
const BARE_SPREAD = /^([1-5]?\d) ?- ?([1-5]?\d)(?=\s*(?:$|[.;)\n]))/;
const OVERNIGHT: Minutes = { low: 480, high: 720 };
const SECONDS_RANGE = new RegExp(`^(${NUMBER})(?:${TO}(${NUMBER}))?[\\s-]*(?:seconds?|secs?)(?![a-z])`, 'i');
const DAYS_RANGE = new RegExp(`^(${NUMBER})(?:${TO}(${NUMBER}))?[\\s-]*(days?|weeks?|months?)(?![a-z])`, 'i');
const MINUTES_OF: Readonly<Record<string, number>> = { day: 1440, week: 10_080, month: 43_800 };
/** "350/45 min": what stands behind a heat is no part of a fraction. */
const START = new RegExp(`(?:(?<![\\w.,/])|(?<=\\b\\d{3}[cf]? ?/))(?:${NUMBER}|${HOUR_UNSAID})`, 'gi');

/** "20ish": about twenty. */
const plain = (written = ''): string => written.replace(/-?ish$/i, '');

/** One duration at the very start: "55 to 60 minutes", "1 h 10", "2 hours and a quarter". */
function startsWith(text: string): { minutes: Minutes; rest: string } | undefined {
  if (/^hour/i.test(text)) return startsWith(`an ${text}`);
  const seconds = SECONDS_RANGE.exec(text);
  if (seconds) return scaled(seconds, 1 / 60, text);
  const days = DAYS_RANGE.exec(text);
  if (days) return scaled(days, MINUTES_OF[days[3]?.toLowerCase().replace(/s$/, '') ?? ''] ?? 1440, text);
  const between = MINUTES_RANGE.exec(text);
  // "350 - 45 min" is a heat and a time
  if (between && (numberFrom(plain(between[1])) ?? 0) > Math.max(100, 2 * (numberFrom(plain(between[2])) ?? 0)))
    return undefined;
  if (between) return made(numberFrom(plain(between[1])), numberFrom(plain(between[2])), text.slice(between[0].length));
  const betweenHours = HOURS_RANGE.exec(text);
  if (betweenHours) return made(inHours(betweenHours[1]), inHours(betweenHours[2]), text.slice(betweenHours[0].length));
  const hours = SOME_HOURS.exec(text);
  if (!hours) {
    const some = SOME_MINUTES.exec(text);
    const value = some && numberFrom(plain(some[1]));
    return some ? made(value ?? undefined, value ?? undefined, text.slice(some[0].length)) : undefined;
  }
  const whole = inHours(hours[1]);
  let rest = text.slice(hours[0].length);
  const part = PART_OF_HOUR.exec(rest);
  if (part && whole !== undefined) {
    const sum = whole + (PARTS[part[1]?.toLowerCase() ?? ''] ?? 0);
    return made(sum, sum, rest.slice(part[0].length));
  }
  // "1 hour 10 to 1 hour 20": the second hour is a duration of its own, not minutes of the first
  const joint = /^\s*(?:and\s+)?(?=[\da-z])/i.exec(rest);
  const minutes = joint ? rest.slice(joint[0].length) : '';
  const spread = MINUTES_RANGE.exec(minutes);
  if (spread && whole !== undefined)
    return made(whole + Number(spread[1]), whole + Number(spread[2]), minutes.slice(spread[0].length));
  // "1 hr 15-30"
  const [said, from, to] = BARE_SPREAD.exec(minutes) ?? [];
  if (said !== undefined && whole !== undefined)
    return made(whole + Number(from), whole + Number(to), minutes.slice(said.length));
  const more = OF_THE_HOUR.exec(minutes);
  if (more) rest = minutes.slice(more[0].length);
  const sum = whole === undefined ? undefined : whole + (numberFrom(more?.[1] ?? '0') ?? 0);
  return made(sum, sum, rest);
}

/** A figure or a range in another unit than minutes and hours. */
function scaled(match: RegExpExecArray, minutes: number, text: string) {
  const low = numberFrom(match[1] ?? '');
  const high = match[2] === undefined ? low : numberFrom(match[2]);
  return made(low && low * minutes, high && high * minutes, text.slice(match[0].length));
}

function inHours(written: string | undefined): number | undefined {
  const words = (written ?? '').toLowerCase();
  const value =
    words === 'half an'
      ? 0.5
      : words === 'three quarters of an'
        ? 0.75
        : words === 'a quarter of an'
          ? 0.25
          : numberFrom(words);
  return value === undefined ? undefined : value * 60;
}

function made(low: number | undefined, high: number | undefined, rest: string) {
  return low === undefined || high === undefined
    ? undefined
    : { minutes: { low: Math.min(low, high), high: Math.max(low, high) }, rest };
}

/** "between 35 and 40 minutes", "25/30 minutes": every letter in its place. */
const asRanges = (text: string): string =>
  text
    .replace(/(?<=\bbetween \d{1,3}(?: min(?:ute)?s?)?) and (?=\d{1,3} ?(?:min|h(?:ou)?rs?\b))/gi, ' to  ')
    .replace(/(?<![\d/.,])([1-9]\d)\/([1-9]\d)(?= ?min)/gi, '$1-$2');

/** A duration where it stands in a text. */
export interface WrittenDuration extends Minutes {
  readonly from: number;
  readonly to: number;
}

/** Every duration of a text: a figure, a range, from one duration to another ("50 minutes to 1 hour"), "overnight". */
export function durationsIn(written: string): readonly WrittenDuration[] {
  const text = asRanges(written);
  const writtenDurations: WrittenDuration[] = [];
  let end = 0;
  for (const at of text.matchAll(START)) {
    if (at.index < end) continue;
    const first = startsWith(text.slice(at.index));
    if (!first) continue;
    const joint = /^\s*(?:-|to|or)\s*(?=\d|an?\b|one|two|hour and\b)/i.exec(first.rest);
    const second = joint ? startsWith(first.rest.slice(joint[0].length)) : undefined;
    const whole = second !== undefined && second.minutes.high > first.minutes.low;
    const minutes = whole ? { low: first.minutes.low, high: second.minutes.high } : first.minutes;
    end = text.length - (whole ? second : first).rest.length;
    writtenDurations.push({ ...minutes, from: at.index, to: end });
  }
  for (const night of text.matchAll(/\bovernight\b/gi))
    writtenDurations.push({ ...OVERNIGHT, from: night.index, to: night.index + night[0].length });
  return writtenDurations.sort((a, b) => a.from - b.from);
}

/** The first duration of a text that a clock runs for. */
export function durationIn(text: string): Minutes | undefined {
  const [first] = durationsIn(text).filter(({ high }) => high < OVERNIGHT.low);
  return first && { low: first.low, high: first.high };
}
