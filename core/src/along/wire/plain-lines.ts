import { ownOf } from '../../ground/records/index.js';

/*
 * What real scales and thermometers print on a serial line: a number, a unit, now and then a sign, a letter for "stable" or for "net".
 * One line is one reading. The grammar is documented in docs/devices.md.
 */

export type PlainReading =
  | { readonly kind: 'mass'; readonly grams: number; readonly stable: boolean | undefined }
  | { readonly kind: 'temperature'; readonly celsius: number }
  | { readonly kind: 'overload' }
  | { readonly kind: 'nothing' };

const LONGEST_LINE = 80;
const GRAMS: Readonly<Record<string, number>> = { g: 1, gr: 1, gram: 1, grams: 1, kg: 1000, oz: 28.349523125, lb: 453.59237, lbs: 453.59237 }; // prettier-ignore
const OVER = /^[^A-Za-z0-9]{0,10}(?:OL|OVER|OVERLOAD|-{3,10}|H{4,8})[^A-Za-z0-9]{0,10}$/i;
const READING = /([+-]?) {0,12}(\d{1,7}(?:[.,]\d{1,4})?) {0,8}(°? ?[A-Za-z]{1,5})/;
const UNSTABLE = /\bUS\b|\?|~/;
const STABLE = /\bST\b|\bS\b/;
const MOST_GRAMS = 100_000;

/** Reads one line; what says nothing is `nothing`, never an error: instruments greet, count and beep. */
export function readPlainLine(line: string): PlainReading {
  // control characters frame a line on some instruments
  const text = line
    .slice(0, LONGEST_LINE)
    .replace(/\p{Cc}/gu, ' ')
    .trim();
  if (line.length > LONGEST_LINE || text === '') return { kind: 'nothing' };
  if (OVER.test(text)) return { kind: 'overload' };
  const found = READING.exec(text);
  if (!found) return { kind: 'nothing' };
  const [, sign = '', figure = '', word = ''] = found;
  const value = Number(figure.replace(',', '.')) * (sign === '-' ? -1 : 1);
  const unit = word.replace(/[° ]/g, '').toLowerCase();
  const each = ownOf(GRAMS, unit);
  if (each !== undefined) {
    const grams = value * each;
    if (Math.abs(grams) > MOST_GRAMS) return { kind: 'nothing' };
    const stable = UNSTABLE.test(text) ? false : STABLE.test(text) ? true : undefined;
    return { kind: 'mass', grams, stable };
  }
  const celsius = unit === 'c' || unit === 'cel' ? value : unit === 'f' ? ((value - 32) * 5) / 9 : undefined;
  return celsius === undefined || celsius < -60 || celsius > 500
    ? { kind: 'nothing' }
    : { kind: 'temperature', celsius };
}
