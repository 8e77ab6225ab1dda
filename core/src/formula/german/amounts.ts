import { folded } from './fold.js';
import { GERMAN_HEDGES, GERMAN_NUMBERS, GERMAN_SIZES, GERMAN_UNITS, type GermanUnit } from './words.table.js';

/** What a German line begins with: how many, of what measure, and what follows. */
export interface GermanAmount {
  readonly low: number;
  readonly high: number;
  /** What "heaped", "scant" and the like make of it. */
  readonly factor: number;
  readonly unit: GermanUnit | undefined;
  readonly rest: string;
}

const byLength = (words: readonly string[]) => [...words].sort((a, b) => b.length - a.length);
const WORD_ENDS = /^(?:[\s.,;:)(]|$)/;
/** The first of these words that a text begins with as a whole word, and what follows it. */
function beginsWith(text: string, words: readonly string[]): { readonly word: string; readonly rest: string } | undefined {
  const start = folded(text.slice(0, 40));
  const word = words.find((each) => start.startsWith(each) && WORD_ENDS.test(start.slice(each.length)));
  if (word === undefined) return undefined;
  // a folded umlaut is one letter longer than it was
  let taken = 0;
  while (taken < text.length && folded(text.slice(0, taken)).length < word.length) taken++;
  return { word, rest: text.slice(taken).replace(/^\./, '').trimStart() };
} // prettier-ignore

const HEDGES = byLength(Object.keys(GERMAN_HEDGES));
const NUMBERS = byLength(Object.keys(GERMAN_NUMBERS));
const SIZES = byLength(Object.keys(GERMAN_SIZES));
const UNIT_OF = new Map(GERMAN_UNITS.flatMap(([forms, unit]) => forms.split('|').map((form) => [form, unit] as const)));
const UNITS = byLength([...UNIT_OF.keys()]);

const MIXED = /^(\d{1,3}) (\d{1,2})\/(\d{1,2})(?!\d)/;
const FRACTION = /^(\d{1,2})\/(\d{1,2})(?!\d)/;
const THOUSANDS = /^(\d{1,3}(?:\.\d{3}){1,2})(?![\d,])/;
const DECIMAL = /^(\d{1,6})(?:[.,](\d{1,3}))?(?![\d.,]*\d)/;

function numberAt(text: string): { readonly value: number; readonly rest: string } | undefined {
  const mixed = MIXED.exec(text);
  if (mixed) return { value: Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]), rest: text.slice(mixed[0].length) };
  const fraction = FRACTION.exec(text);
  if (fraction) return { value: Number(fraction[1]) / Number(fraction[2]), rest: text.slice(fraction[0].length) };
  const thousands = THOUSANDS.exec(text);
  if (thousands) return { value: Number((thousands[1] ?? '').replaceAll('.', '')), rest: text.slice(thousands[0].length) };
  const decimal = DECIMAL.exec(text);
  if (decimal) return { value: Number(`${decimal[1] ?? '0'}.${decimal[2] ?? '0'}`), rest: text.slice(decimal[0].length) };
  const word = beginsWith(text, NUMBERS);
  return word && { value: GERMAN_NUMBERS[word.word] ?? 1, rest: word.rest };
} // prettier-ignore

/** "Prise Zimt": a small measure that nobody counts, without a number, is one of it. */
const UNSAID_ONE = /^(?:prise|handvoll|schuss|spritzer|(?:drei)?viertelliter|achtelliter|viertelpfund) [a-zäöüß]/i;
const unsaidOne = (text: string) => (UNSAID_ONE.test(text) ? { value: 1, rest: text } : undefined);

/** Takes what hedges an amount off a text: "ca. ", "gut gehäufter ". */
function withoutHedges(text: string): { readonly factor: number; readonly rest: string } {
  let rest = text.trimStart();
  let factor = 1;
  for (let hedge = beginsWith(rest, HEDGES); hedge; hedge = beginsWith(rest, HEDGES)) {
    factor *= GERMAN_HEDGES[hedge.word] ?? 1;
    rest = hedge.rest;
  }
  return { factor, rest };
}

/** Reads the amount that a German line begins with; a line that begins otherwise has none. */
export function germanAmount(text: string): GermanAmount | undefined {
  const before = withoutHedges(text);
  const first = numberAt(before.rest) ?? unsaidOne(before.rest);
  if (!first) return undefined;
  const joint = /^\s?(?:-|bis\s|oder\s)\s?/.exec(first.rest);
  const second = joint ? numberAt(first.rest.slice(joint[0].length)) : undefined;
  const after = withoutHedges((second ?? first).rest);
  // "1 kleine Dose": how large the tin is says its bracket
  const sized = beginsWith(after.rest, SIZES);
  const measure = beginsWith(after.rest, UNITS) ?? (sized && beginsWith(sized.rest, UNITS));
  return {
    low: first.value,
    high: second && second.value > first.value ? second.value : first.value,
    factor: before.factor * after.factor,
    unit: measure && UNIT_OF.get(measure.word),
    rest: (measure ?? after).rest.trim(),
  };
}
