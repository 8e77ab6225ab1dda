import { ONES } from '../../ground/text/index.js';
import { dateShifted, weekdayOf } from '../dates/index.js';

/*
 * The hour and the day in what is said of a batch: "at half past three", "by 16h", "7 in the evening", "next Friday", "on 5 December".
 */

export interface Said {
  /** "15:30", or "2026-11-28". */
  readonly value: string;
  /** The words that said it. */
  readonly words: string;
}

const HOUR_WORDS: readonly string[] = Object.keys(ONES).slice(0, 12);
const MINUTE_WORDS: Readonly<Record<string, number>> = { five: 5, ten: 10, quarter: 15, 'a quarter': 15, twenty: 20, 'twenty-five': 25, 'twenty five': 25, half: 30 }; // prettier-ignore
const PARTS: Readonly<Record<string, string>> = {
  'first thing': '08:00', breakfast: '08:00', morning: '10:00', elevenses: '11:00', brunch: '11:00', noon: '12:00', midday: '12:00', lunchtime: '12:30', lunch: '12:30', afternoon: '15:00',
  'tea time': '15:30', teatime: '15:30', tea: '15:30', evening: '18:00', supper: '18:30', dinner: '18:30', tonight: '20:00', night: '21:00',
}; // prettier-ignore

const HOUR = `(\\d{1,2}|${HOUR_WORDS.join('|')})`;
const HALF = String.raw`(?:\s*(am|pm|a\.m\.|p\.m\.|o'?clock)(?![a-z]))?(?: (in the (?:morning|afternoon|evening)|at night))?`;
const LEAD = String.raw`\b(?:(?:at|by|for|before|until|ready|from) )?(?:about )?`;
/** Nobody is served "for 8 people" at eight. */
const NO_HOUR = String.raw`(?!\s*(?:people|persons|guests|of us|portions|pieces|cm|in\b|g\b|kg\b|ml\b|x\b|%|dozen))`;
const PAST = new RegExp(`${LEAD}(${Object.keys(MINUTE_WORDS).sort((a, b) => b.length - a.length).join('|')}|\\d{1,2})(?: minutes)? (past|to) ${HOUR}${HALF}`, 'i'); // prettier-ignore
/** "at half 3" is half past. */
const HALF_PAST = new RegExp(`\\b(?:at|by|for|before|until) half ${HOUR}\\b${HALF}`, 'i');
const CLOCK = new RegExp(`\\b(?:at|by|for|before|until)\\s+(?:about\\s+)?(\\d{1,2})(?:[:.h](\\d{2}))?${HALF}(?![\\d:])${NO_HOUR}`, 'i'); // prettier-ignore
const IN_WORDS = new RegExp(`\\b(?:at|by|before|until) (?:about )?(${HOUR_WORDS.join('|')})\\b${HALF}${NO_HOUR}`, 'i');
const FOUR_DIGITS = /\b(?:at|by|before|until|for) ([01]\d|2[0-3])([0-5]\d)(?: ?(?:h|hrs|hours))?\b(?! ?(?:g|ml)\b)/i;
const FRENCH = /\b(?:at |by )?(\d{1,2}) ?h(?: ?([0-5]\d))?\b/i;
const BARE = new RegExp(String.raw`\b(\d{1,2})[:.](\d{2})${HALF}|\b(\d{1,2})\s*(am|pm)\b`, 'i');
const PART = new RegExp(`\\b(${Object.keys(PARTS).join('|')})\\b`, 'i');

const twoDigits = (n: number): string => String(n).padStart(2, '0');
const hourOf = (said: string): number => {
  const word = HOUR_WORDS.indexOf(said.toLowerCase());
  return word < 0 ? Number(said) : word + 1;
};

/** An hour by the clock as it is meant: nobody has cake at four in the night. */
function clock(minutes: number, half = '', when = ''): string | undefined {
  const hours = Math.floor(minutes / 60);
  const said = half.toLowerCase().replaceAll('.', '');
  const later = /afternoon|evening|night/i.test(when) || said === 'pm' ? hours < 12 : said === 'am' || /morning/i.test(when) ? false : hours >= 1 && hours <= 6;
  const midnight = said === 'am' && hours === 12 ? -12 : 0;
  const whole = hours + midnight + (later ? 12 : 0);
  return whole >= 0 && whole < 24 ? `${twoDigits(whole)}:${twoDigits(minutes % 60)}` : undefined;
} // prettier-ignore

/** @returns undefined where no hour is said */
export function timeSaid(text: string): Said | undefined {
  const said = (match: RegExpExecArray | null, value: string | undefined): Said | undefined =>
    match && value !== undefined ? { value, words: match[0] } : undefined;
  const past = PAST.exec(text);
  if (past) {
    const [, minute = '', way, hour = '', half, when] = past;
    const by = MINUTE_WORDS[minute.toLowerCase()] ?? Number(minute);
    const read = by < 60 ? said(past, clock(60 * hourOf(hour) + (way === 'to' ? -by : by), half, when)) : undefined;
    if (read) return read;
  }
  const halfPast = HALF_PAST.exec(text);
  if (halfPast) return said(halfPast, clock(60 * hourOf(halfPast[1] ?? '') + 30, halfPast[2], halfPast[3]));
  const four = FOUR_DIGITS.exec(text);
  if (four) return said(four, `${four[1] ?? ''}:${four[2] ?? ''}`);
  const at = CLOCK.exec(text);
  const atMinutes = Number(at?.[2] ?? 0);
  const read = at && atMinutes < 60 ? said(at, clock(60 * Number(at[1]) + atMinutes, at[3], at[4])) : undefined;
  if (read) return read;
  const french = FRENCH.exec(text);
  if (french) return said(french, clock(60 * Number(french[1]) + Number(french[2] ?? 0)));
  const words = IN_WORDS.exec(text);
  if (words) return said(words, clock(60 * hourOf(words[1] ?? ''), words[2], words[3]));
  const bare = BARE.exec(text);
  const bareMinutes = Number(bare?.[2] ?? 0);
  if (bare && bareMinutes < 60) {
    const value = clock(60 * Number(bare[1] ?? bare[5]) + bareMinutes, bare[3] ?? bare[6], bare[4]);
    if (value !== undefined) return said(bare, value);
  }
  const part = PART.exec(text);
  return part ? said(part, PARTS[part[1]?.toLowerCase() ?? '']) : undefined;
}

/** "3-4pm", "8.30 to 9.15": from one hour to another. */
const FROM_TO =
  /\b(?:from )?(\d{1,2})(?:[:.](\d{2}))?\s?(am|pm)?\s?(?:-|–|to|till|until)\s?(\d{1,2})(?:[:.](\d{2}))?\s?(am|pm)?(?![\w:%]|\s?(?:min|people|g\b))/i;
export interface SaidHours {
  readonly minutes: number;
  /** When it is over: "09:15". */
  readonly until: string;
  readonly words: string;
}
/** @returns undefined where no two hours are said */
export function hoursSaid(text: string): SaidHours | undefined {
  const match = FROM_TO.exec(text);
  if (!match) return undefined;
  const [words, from, fromMinute = '0', fromHalf, to, toMinute = '0', toHalf] = match;
  const minuteOf = (time: string | undefined) => (time === undefined ? NaN : 60 * Number(time.slice(0, 2)) + Number(time.slice(3)));
  const start = minuteOf(clock(60 * Number(from) + Number(fromMinute), fromHalf));
  const end = minuteOf(clock(60 * Number(to) + Number(toMinute), toHalf));
  // "11-2" goes past noon, "3-4pm" is of one half of the day
  const over = [end, end + 720].find((minute) => minute > start && minute < 1440);
  if (over === undefined || Number(fromMinute) > 59 || Number(toMinute) > 59) return undefined;
  return { minutes: over - start, until: `${twoDigits(Math.floor(over / 60))}:${twoDigits(over % 60)}`, words };
} // prettier-ignore

const DAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] as const;
const MONTHS = ['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'] as const; // prettier-ignore
const DAY = new RegExp(`\\b(?:on |by |for |this )?(next )?(?:(${DAYS.join('|')}|today|tomorrow)\\b|(sun|mon|tues?|wed|thu(?:rs?)?|fri|sat)\\b(?!-))`, 'i'); // prettier-ignore
const MONTH = `(${MONTHS.map((month) => `${month.slice(0, 3)}(?:${month.slice(3)})?`).join('|')})`;
const DATE = new RegExp(`\\b(?:on |by |for )?(?:the )?(?:(\\d{1,2})(?:st|nd|rd|th)?(?: of)? ${MONTH}|${MONTH} (\\d{1,2})(?:st|nd|rd|th)?)\\b`, 'i'); // prettier-ignore
const ISO = /\b(?:on |by |for )?(\d{4}-\d{2}-\d{2})\b/;
const isDate = (text: string) => !Number.isNaN(Date.parse(text)) && new Date(text).toISOString().startsWith(text);

/** @param date the day that is planned */
export function dateSaid(text: string, date: string): Said | undefined {
  const iso = ISO.exec(text);
  if (iso?.[1] !== undefined && isDate(iso[1])) return { value: iso[1], words: iso[0] };
  const named = DATE.exec(text);
  if (named) {
    const month = MONTHS.findIndex((each) => each.startsWith((named[2] ?? named[3] ?? '').toLowerCase().slice(0, 3)));
    const inYear = (year: number) => `${year}-${twoDigits(month + 1)}-${twoDigits(Number(named[1] ?? named[4]))}`;
    const year = Number(date.slice(0, 4));
    // a day that is long past is meant of the next year
    const value = Date.parse(inYear(year)) < Date.parse(date) - 182 * 86_400_000 ? inYear(year + 1) : inYear(year);
    if (isDate(value)) return { value, words: named[0] };
  }
  const said = DAY.exec(text);
  const short = said?.[3]?.slice(0, 3).toLowerCase();
  const name = said?.[2]?.toLowerCase() ?? (short && DAYS.find((day) => day.startsWith(short)));
  if (!said || name === undefined) return undefined;
  if (name === 'today') return { value: date, words: said[0] };
  if (name === 'tomorrow') return { value: dateShifted(date, 1), words: said[0] };
  const wanted = DAYS.findIndex((day) => day === name);
  const ahead = (wanted - weekdayOf(date) + 7) % 7;
  if (said[1] !== undefined) return { value: dateShifted(date, ahead === 0 ? 7 : ahead), words: said[0] };
  // a day just before the planned one is meant so: "by Friday night" of a Saturday
  return { value: dateShifted(date, ahead > 3 ? ahead - 7 : ahead), words: said[0] };
}
