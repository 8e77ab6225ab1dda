import { anyOf, NUMBER_WORDS, ONES, TENS } from '../../ground/text/index.js';
import { ownOf } from '../../ground/records/index.js';
import { TABLE_UNITS, type Unit, type UnitBook } from '../../ground/units/index.js';

/** A quantity as written: one number, or a range. */
export interface Quantity {
  readonly low: number;
  readonly high: number;
}

export const middle = (quantity: Quantity): number => (quantity.low + quantity.high) / 2;

/** One measured amount; a missing unit means pieces. */
export interface Amount {
  readonly quantity: Quantity;
  readonly unit: Unit | undefined;
  /** "heaped", "scant" … as a factor on the quantity. */
  readonly factor: number;
  /** +1, or −1 after "minus" or "less". */
  readonly sign: 1 | -1;
  /** A size word before the thing counted: "large", "small". */
  readonly size?: string;
  /** "400 g" in "2 x 400 g tins": what one of the counted containers holds. */
  readonly each?: Amount;
}

export interface ReadAmount {
  /** The parts to be added: "1¾ cups plus 2 tbsp" has two. */
  readonly parts: readonly Amount[];
  /** The same amount given again in another unit: "1 cup (120 g)", "50g/2oz". */
  readonly again: readonly Amount[];
  readonly approximate: boolean;
  /** What follows the amount. */
  readonly rest: string;
}

const AMOUNT_WORDS: Readonly<Record<string, number>> = {
  ...NUMBER_WORDS, a: 1, an: 1, dozen: 12, half: 0.5, quarter: 0.25, third: 1 / 3, couple: 2, few: 3, several: 3,
}; // prettier-ignore
const WORD = anyOf(Object.keys(AMOUNT_WORDS));

/** Mixed number, fraction, thousands, decimal with point or comma. Ordered: the longest form first. */
const DIGITS = String.raw`(?:\d+[ -]\d+\s*/\s*\d+|\d+ (?:and|&) \d+\s*/\s*\d+|\d+\s*/\s*\d+|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+[.,]\d+|\.\d+|\d+)`;
const WORDS = String.raw`(?:half a dozen|half an?|(?:a |one )?quarter of an?|(?:a |one[- ])half|(?:a |one[- ])quarter|three[- ]quarters?|two[- ]thirds?|(?:a |one[- ])third|(?:a|one|three)[- ]fourths?(?: of an?)?|(?:an|one|three|five|seven)[- ]eighths?(?: of an?)?|(?:one|two|three|four|five) and (?:a half|one[- ]half|a quarter|one[- ]quarter|three[- ]quarters?|a third|one[- ]third|two[- ]thirds?)|a couple(?: of)?|a few|a dozen|${WORD})(?![a-z])`;
const COUNTED = new RegExp(String.raw`^(?:\d|\.)|^(?:${anyOf(Object.keys(ONES))})\b`, 'i');
const NUMBER = new RegExp(
  String.raw`^(?:[1-9] and (?:a half|one[- ]half|a quarter|one[- ]quarter|three[- ]quarters?|a third|one[- ]third|two[- ]thirds?)(?![a-z])|${DIGITS}|${WORDS})`,
  'i',
);

/** The value of a number as written, or undefined when it is none. Decimal commas and thousands commas are told apart by their digits. */
export function numberFrom(written: string): number | undefined {
  const text = written.trim().toLowerCase();
  const mixed = /^(\d+)(?:[ -]| and | & )(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (mixed) return positive(Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]));
  const fraction = /^(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (fraction) return positive(Number(fraction[1]) / Number(fraction[2]));
  if (/^\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)) return Number(text.replaceAll(',', ''));
  if (/^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/.test(text)) return Number(text.replace(',', '.'));
  return numberFromWords(text);
}

const positive = (value: number) => (Number.isFinite(value) ? value : undefined);

function numberFromWords(text: string): number | undefined {
  const words = text
    .replace(/-/g, ' ')
    .replace(/\bof\b/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  if (/^half a dozen$/.test(words)) return 6;
  if (/^(half an?|(a |one )?half)$/.test(words)) return 0.5;
  if (/^((a |one )?quarter( an?)?)$/.test(words)) return 0.25;
  const parts = /^(an?|one|three|five|seven) (fourth|eighth)s?(?: an?)?$/.exec(words);
  if (parts) return (AMOUNT_WORDS[parts[1] ?? ''] ?? 1) / (parts[2] === 'fourth' ? 4 : 8);
  if (/^three quarters?$/.test(words)) return 0.75;
  if (/^two thirds?$/.test(words)) return 2 / 3;
  if (/^(a |one )?third$/.test(words)) return 1 / 3;
  const mixed = /^(\w+) and ((?:a|one|two|three) (?:half|quarters?|thirds?))$/.exec(words);
  if (mixed) {
    const part = numberFromWords(mixed[2] ?? '');
    const whole = /^\d$/.test(mixed[1] ?? '') ? Number(mixed[1]) : ownOf(AMOUNT_WORDS, mixed[1] ?? '');
    return whole === undefined || part === undefined ? undefined : whole + part;
  }
  const [tens = '', ones = '', ...more] = words.split(' ');
  const sum = more.length === 0 && (ownOf(ONES, ones) ?? 10) < 10 ? ownOf(TENS, tens) : undefined;
  if (sum !== undefined) return sum + (ownOf(ONES, ones) ?? 0);
  return ownOf(AMOUNT_WORDS, words.replace(/^a (couple|few|dozen)$/, '$1'));
}

const APPROXIMATE =
  /^(?:about|approx(?:imately)?\.?|roughly|around|circa|c\.|ca\.?|up to|at least|weighing|total(?:ling)?|nearly|almost|not quite|well over|just (?:under|over|about)|(?:slightly |a little |a bit )?(?:more|less) than|(?:slightly|a little|a bit) (?:under|over))\s+|^~\s*/i;
/** Words on how full the measure is, as factors on it. @source kitchen practice: a heaped spoon holds half to three quarters more */
const FULLNESS: readonly (readonly [RegExp, number])[] = [
  [/^(?:heaped|heaping|generous heaped)\s+/i, 1.6],
  [/^(?:rounded)\s+/i, 1.35],
  [/^(?:generous|good|big|large)\s+/i, 1.1],
  [/^(?:scant|scanty|bare|short|small)\s+/i, 0.9],
  [/^(?:level|flat|packed|firmly packed|lightly packed|loosely packed|sifted|full)\s+/i, 1],
];
const SIZE =
  /^(extra[ -]large|very large|x-?large|xl|large|medium|small|jumbo|big|little|mini)(?:[ -]sized?)?\s+(?=[a-z])/i;

/** Reads a number or a range; undefined when the text does not begin with one. */
export function readQuantity(text: string): { quantity: Quantity; rest: string } | undefined {
  const first = NUMBER.exec(text);
  if (!first) return undefined;
  const low = numberFrom(first[0]);
  if (low === undefined) return undefined;
  const rest = text.slice(first[0].length);
  const to = /^\s*(?:-|to|or)\s*(?=[\d.a-z])/i.exec(rest);
  if (to) {
    const after = rest.slice(to[0].length);
    const second = NUMBER.exec(after);
    const high = second && COUNTED.test(second[0]) ? numberFrom(second[0]) : undefined;
    if (second && high !== undefined && high > low)
      return { quantity: { low, high }, rest: after.slice(second[0].length) };
  }
  const dozen = /^\s*dozen\b/i.exec(rest);
  if (dozen) return { quantity: { low: 12 * low, high: 12 * low }, rest: rest.slice(dozen[0].length) };
  return { quantity: { low, high: low }, rest };
}

/** "Knob of butter", "large handful spinach": a vague measure without a number is one of it. Verbs of a step need their "of": "drizzle of honey". */
const UNSAID_ONE =
  /^(?:(?:small|large|big|good|generous)\s+)?(?:(?:pinch|knob|handful|bunch|punnet|glug|dollop)\s+(?=[a-z])|(?:splash|drizzle|dash|smidgen|squeeze|slug)\s+of\s)|^(?:heaped|heaping|rounded|generous|good|scant|level)\s+(?:teaspoon|tsp|tablespoon|tbsp|dessertspoon|dsp|cup)\.?\s+(?=[a-z])/i;
const unsaidOne = (text: string): { quantity: Quantity; rest: string } | undefined =>
  UNSAID_ONE.test(text) ? { quantity: { low: 1, high: 1 }, rest: text } : undefined;

/** A number with how full its measure is, and the words behind it. */
interface Numbered {
  readonly text: string;
  readonly quantity: Quantity;
  readonly factor: number;
  readonly sign: 1 | -1;
  readonly rest: string;
}
type OneRead = { readonly amount: Amount; readonly rest: string } | undefined;

const withoutOf = (rest: string) => rest.replace(/^\s*of\s+/i, ' ');

/** The number at the start, with "heaped", "scant" before or behind it and "of a" taken off: "2 heaped tsp", "half of a cup". */
function numbered(text: string, sign: 1 | -1, units: UnitBook): Numbered | undefined {
  let rest = text;
  let factor = 1;
  const lead = /^(heaped|heaping|rounded|generous|good|scant|level)\s+/i.exec(rest);
  if (lead && NUMBER.test(rest.slice(lead[0].length))) {
    factor *= FULLNESS.find(([words]) => words.test(rest))?.[1] ?? 1;
    rest = rest.slice(lead[0].length);
  }
  const number = readQuantity(rest) ?? unsaidOne(rest);
  if (!number) return undefined;
  rest = number.rest.replace(/^\s*-\s*(?=[a-z])/i, ' ').trimStart();
  const fractionOf = /^of\s+(?:an?\s+)?/i.exec(rest);
  if (fractionOf && units.startOf(rest.slice(fractionOf[0].length))) rest = rest.slice(fractionOf[0].length);
  for (const [words, by] of FULLNESS) {
    const match = words.exec(rest);
    if (match && units.startOf(rest.slice(match[0].length))) {
      factor *= by;
      rest = rest.slice(match[0].length);
    }
  }
  return { text, quantity: number.quantity, factor, sign, rest };
}

/** "2 x 400 g tins": so many of an amount. */
function severalOf({ quantity, factor, sign, rest }: Numbered, units: UnitBook): OneRead {
  const contained = /^x\s+(?=[\d.])/i.test(rest) ? readOne(rest.replace(/^x\s+/i, ''), 1, units) : undefined;
  if (!contained) return undefined;
  const container = units.startOf(contained.rest.trimStart());
  return {
    amount: { quantity, unit: container?.unit, factor, sign, each: contained.amount },
    rest: (container?.rest ?? contained.rest).replace(/^\s+of\s+/i, ' '),
  };
}

/** "1 3/4 cups", "a cup and a half", "a 400 g tin": the unit stands behind the number. */
function withUnit({ quantity, factor, sign, rest: words }: Numbered, units: UnitBook): OneRead {
  const unit = units.startOf(words);
  if (!unit) return undefined;
  let rest = unit.rest;
  const more = AND_PART.exec(rest);
  const part = PART_VALUES[more?.[1]?.toLowerCase().replace(/^an? /, '') ?? ''];
  const joined = more !== null && part !== undefined;
  rest = rest.replace(/^-?ish\b/i, '');
  if (joined) rest = rest.slice(more[0].length);
  // the container adds nothing to the weight
  if (unit.unit.kind !== 'count') {
    const container = units.startOf(rest.replace(/^[\s-]+/, ''));
    if (container && ['can', 'pot', 'packet', 'jar', 'bar'].includes(container.unit.id)) rest = container.rest;
  }
  const whole = joined ? { low: quantity.low + part, high: quantity.high + part } : quantity;
  return { amount: { quantity: whole, unit: unit.unit, factor, sign }, rest: withoutOf(rest) };
}

/** "1 (400 g) tin": containers are counted, what one holds stands in brackets. */
function bracketed({ quantity, factor, sign, rest }: Numbered, units: UnitBook): OneRead {
  const bracket = /^\(([^)]*)\)\s*/.exec(rest);
  if (!bracket) return undefined;
  const inside = readOne(bracket[1]?.replace(APPROXIMATE, '') ?? '', 1, units);
  const container = units.startOf(rest.slice(bracket[0].length));
  if (!inside || container?.unit.kind !== 'count') return undefined;
  return {
    amount: { quantity, unit: container.unit, factor, sign, each: inside.amount },
    rest: withoutOf(container.rest),
  };
}

/** "a 400 g tin", "2 400g tins": an amount behind a number is what each of them holds. */
function contained({ text, quantity, factor, sign, rest }: Numbered, units: UnitBook): OneRead {
  const counted = /^(?=[\d.])/.test(rest) ? readOne(rest, 1, units) : undefined;
  if (!counted?.amount.unit || counted.amount.unit.kind === 'count') return undefined;
  if (/^an?$/i.test(first(text))) return { amount: { ...counted.amount, sign }, rest: counted.rest };
  if (!/^[\s-]*(?:tin|can|pot|tub|carton|pack|packet|jar|bag|block|box|bar)/i.test(counted.rest)) return undefined;
  const container = units.startOf(counted.rest.replace(/^[\s-]+/, ''));
  return {
    amount: { quantity, unit: container?.unit, factor, sign, each: counted.amount },
    rest: container?.rest ?? counted.rest,
  };
}

/** "3 large": a size stands where a unit would. */
function sized({ quantity, sign, rest }: Numbered): OneRead {
  const size = SIZE.exec(rest);
  return (
    (size && {
      amount: { quantity, unit: undefined, factor: 1, sign, size: size[1]?.toLowerCase() ?? '' },
      rest: rest.slice(size[0].length),
    }) ??
    undefined
  );
}

/** Reads one amount with its unit: "1 3/4 cups", "2 heaped tsp", "3 large", "1 x 400 g tin". */
function readOne(text: string, sign: 1 | -1, units: UnitBook): OneRead {
  const number = numbered(text, sign, units);
  if (!number) return undefined;
  const { quantity, factor, rest } = number;
  return (
    severalOf(number, units) ??
    withUnit(number, units) ??
    bracketed(number, units) ??
    contained(number, units) ??
    sized(number) ?? { amount: { quantity, unit: undefined, factor, sign }, rest }
  );
}

/** "a cup and a half": the part stands behind the unit. */
const AND_PART = /^\s+and\s+(a half|half|a quarter|three quarters|a third)(?![a-z])/i;
const PART_VALUES: Readonly<Record<string, number>> = {
  half: 0.5,
  quarter: 0.25,
  'three quarters': 0.75,
  third: 1 / 3,
};

const first = (text: string) => /^\S+/.exec(text)?.[0] ?? '';

const AND_MORE = /^\s*(?:,\s*)?(plus|\+|and|&|minus|less)\s+(?=\S)/i;

/**
 * Reads the amount at the start of a line: one or more parts joined by plus, and or minus, then the same amount again in brackets or
 * after a slash. Units by name; regions and densities come later.
 * @returns undefined when the text does not begin with an amount
 */
export function readAmount(text: string, units: UnitBook = TABLE_UNITS): ReadAmount | undefined {
  let rest = text.trimStart();
  const about = APPROXIMATE.exec(rest);
  if (about) rest = rest.slice(about[0].length);
  const start = readOne(rest, 1, units);
  if (!start) return undefined;
  const parts = [start.amount];
  const again: Amount[] = [];
  rest = start.rest;
  for (let more = true; more;) {
    more = false;
    const joint = AND_MORE.exec(rest);
    if (joint && parts[0]?.unit !== undefined) {
      const word = joint[1]?.toLowerCase();
      const next = readOne(rest.slice(joint[0].length), word === 'minus' || word === 'less' ? -1 : 1, units);
      if (next?.amount.unit !== undefined && next.amount.unit.kind !== 'count') {
        parts.push(next.amount);
        rest = next.rest;
        more = true;
        continue;
      }
    }
    const smaller =
      parts.length === 1 && ['pound', 'kilogram'].includes(parts[0]?.unit?.id ?? '') && /^\s+\d/.test(rest)
        ? readOne(rest.trimStart(), 1, units)
        : undefined;
    if (smaller && ['ounce', 'gram'].includes(smaller.amount.unit?.id ?? '')) {
      parts.push(smaller.amount);
      rest = smaller.rest;
      more = true;
      continue;
    }
    const second = readAgain(rest, units);
    if (second) {
      again.push(...second.amounts);
      rest = second.rest;
      more = true;
    }
  }
  return { parts, again, approximate: about !== null, rest: rest.trim() };
}

/** "(120 g)", "(about 4 oz / 115 g)", "/ 2 oz", "or 120 g" right after an amount. */
function readAgain(text: string, units: UnitBook): { amounts: readonly Amount[]; rest: string } | undefined {
  const bracket = /^\s*[([]([^)\]]*)[)\]]/.exec(text);
  const inside = bracket ? amountsIn(bracket[1] ?? '', units) : [];
  if (bracket && inside.length > 0) return { amounts: inside, rest: text.slice(bracket[0].length) };
  const slash = /^\s*(?:[/|=]\s*|(?:,\s*)?or(?: about)?\s+(?=\S))/i.exec(text);
  if (slash) {
    const next = readOne(text.slice(slash[0].length), 1, units);
    if (next?.amount.unit !== undefined && next.amount.unit.kind !== 'count')
      return { amounts: [next.amount], rest: next.rest };
  }
  return undefined;
}

/** Every measured amount in a bracket that holds nothing but amounts. */
export function amountsIn(text: string, units: UnitBook = TABLE_UNITS): readonly Amount[] {
  const amounts: Amount[] = [];
  let rest = text.trim();
  while (rest !== '') {
    rest = rest.replace(APPROXIMATE, '').replace(/^(?:=\s*|(?:plus|each|total)\s+)/i, '');
    const quantity = readOne(rest, 1, units);
    if (quantity?.amount.unit === undefined || quantity.amount.unit.kind === 'count') return [];
    amounts.push(quantity.amount);
    rest = quantity.rest
      .replace(/^\s*(?:\/|,|;|or|=|total|in total|each|approx\.?|peeled weight|drained|shelled)\s*/i, '')
      .trim();
    if (rest !== '' && !NUMBER.test(rest.replace(APPROXIMATE, ''))) return /^[a-z ,]{0,40}$/i.test(rest) ? amounts : [];
  }
  return amounts;
}
