import { UNIT_WORDS } from '../../ground/units/index.js';
import { minutesIn, temperaturesIn } from '../parsing/index.js';
import type { Words } from './tokens.js';

/**
 * Figures that measure no ingredient: heat, times, pans, pieces and the numbers of steps. Reading amounts passes over them. What they
 * say of the bake is read from the steps, as in any formula.
 */

const TIME = /^(?:minutes?|mins?|hours?|hrs?|hr|seconds?|secs?|days?|weeks?|times?|pm|am)$/;
const LENGTH = /^(?:inch|inches|cm|centimetres?|centimeters?|mm|millimetres?|")$/;
const PAN =
  /^(?:pan|pans|tin|tins|tray|trays|dish|skillet|springform|mould|mold|bundt|sheet|liners|cases|round|square|loaf)$/;
const SIZED = /^(?:jumbo|large|big|small|mini|standard|medium|regular)$/;
const PIECES =
  /^(?:wedges|rounds|squares|bars|slices|pieces|muffins|scones|biscuits|cupcakes|buns|farls|portions|servings|people|holes?|cases|liners|moulds|tins|pans|trays|layers|cakes|loaves|parts|discs|balls|strips)$/;
const MAKES = /^(?:makes|serves|feeds|yields?|gives|does)$/;
/** "attempt 3", "14 Nov". */
const NUMBERED = /^(?:attempt|version|try|mark|page|number|no)$/;
const MONTHS = /^(?:jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec)(?:[a-z]{2,6})?$/;
const SHAPES = /^(?:cuts?|divide|divided|shape|split|form)$/;
const WEIGHT = /^(?:g|gr|grams?|gms?|ml|oz|ounces?|kg|lbs?)$/;
const HEAT_BEFORE = /^(?:at|to|oven|fan|temp|temperature|bake|hot|mark|gas|degrees)$/;

const isHeat = (words: Words, at: number): boolean => {
  const [value, next] = [words.value(at), words.at(at + 1)];
  if (/^(?:°|º|degrees?|deg)$/.test(next)) return true;
  if (words.word(at - 1) === 'gas' || (words.word(at - 1) === 'mark' && words.word(at - 2) === 'gas')) return true;
  if (!(value >= 90 && value <= 550 && Number.isInteger(value))) return false;
  if (/^(?:c|f|celsius|centigrade|fahrenheit|fan)$/.test(next)) return true;
  // "220/200 fan"
  if (next === '/' && words.isNumber(at + 2) && /^(?:fan|c)$/.test(words.word(at + 3))) return true;
  // "180/fan 160"
  if (next === '/' && words.word(at + 2) === 'fan' && words.isNumber(at + 3)) return true;
  // "the flour came to 280 g"
  if (WEIGHT.test(next)) return false;
  const timed = next === 'for' && words.isNumber(at + 2);
  const soon = /^(?:about|approx|for)$/.test(next) && words.isNumber(at + 2) && TIME.test(words.at(at + 3));
  return value >= 120 && value % 5 === 0 && (timed || soon || HEAT_BEFORE.test(words.word(at - 1)));
};

const isTime = (words: Words, at: number): boolean => {
  const next = words.at(at + 1) === '-' ? words.at(at + 2) : words.at(at + 1);
  if (TIME.test(next)) return true;
  // "35 to 40 minutes", "35-40 minutes", "1 hour 10"
  const ranged = /^(?:to|-|or)$/.test(words.at(at + 1)) && words.isNumber(at + 2) && TIME.test(words.at(at + 3));
  const behindHour = /^(?:hour|hours|hr|hrs|h)$/.test(words.word(at - 1)) && words.value(at) < 60;
  // "for 35", "another 10", "give it 15 more": only where no measure and no thing follows
  const bare = /^(?:more|longer)$/.test(words.word(at + 1)) && /^(?:it|them|another|for)$/.test(words.word(at - 1));
  const took =
    /^(?:took|takes|for|about|another)$/.test(words.word(at - 1)) && words.ends(at + 1) && words.value(at) >= 4;
  return ranged || behindHour || bare || took;
};

/** A size at a place: how many tokens of it; 0 where there is none. "9 x 5 x 3 inch", "8-inch", "20 cm". */
function sizeTokens(words: Words, at: number): number {
  let to = at + 1;
  let sides = 1;
  const pastUnit = () => {
    if (words.at(to) === '-' && (LENGTH.test(words.at(to + 1)) || words.word(to + 1) === 'in')) to += 2;
    else if (LENGTH.test(words.at(to))) to += 1;
    else if (words.word(to) === 'in' && (PAN.test(words.word(to + 1)) || words.word(to + 1) === 'x')) to += 1;
    else return false;
    return true;
  };
  let measured = pastUnit();
  while (words.at(to) === 'x' && words.isNumber(to + 1) && sides < 4) {
    to += 2;
    sides++;
    measured = pastUnit() || measured;
  }
  // "1 x 245 g tub" is so many of a weight
  if (!measured && WEIGHT.test(words.at(to))) return 0;
  return measured || sides > 1 ? to - at : 0;
}

/** "12-hole muffin tin", "24 cupcake cases", "2 loaf tins", "a 2 lb loaf tin", "12-cup bundt". */
function panTokens(words: Words, at: number): number {
  const to = words.at(at + 1) === '-' ? at + 2 : at + 1;
  const kinds: readonly (readonly [RegExp, RegExp])[] = [
    [
      /^(?:hole|muffin|cupcake|bun|paper|lined|loaf|cake|sandwich|layer)$/,
      /^(?:pans?|tins?|trays?|liners|cases|cups|moulds?|molds?)$/,
    ],
    [/^(?:cups?|lb|pound|g|litre|quart|qt)$/, /^(?:muffin|bundt|loaf|pudding|tin|pan|tins|pans)$/],
  ];
  for (const [kind, pan] of kinds)
    if (kind.test(words.word(to)))
      for (let next = to + 1; next < to + 4 && !words.ends(next) && !words.isNumber(next); next++)
        if (pan.test(words.word(next))) return PAN.test(words.word(next + 1)) ? next + 2 - at : next + 1 - at;
  return 0;
}

/** "a 1-2-3-4 cake": how many tokens of it; 0 where there is none. */
function ratioTokens(words: Words, at: number): number {
  let to = at + 1;
  while (words.at(to) === '-' && words.isNumber(to + 1)) to += 2;
  return to - at >= 5 ? to - at : 0;
}

/** Marks what the readers of the bake take for a heat or a time: "350 for an hour", "180 (not fan)", "350 for 13 to 15". */
function markBake(words: Words, marked: Uint8Array): void {
  for (const spans of [temperaturesIn(words.text), minutesIn(words.text)]) {
    let at = 0;
    for (const { from, to } of spans) {
      while ((words.tokens[at]?.to ?? Infinity) <= from) at++;
      for (; (words.tokens[at]?.from ?? Infinity) < to; at++) marked[at] = 1;
    }
  }
}

/** "Next time 9 g baking powder", "Notes: less sugar, 100 g": what is meant for another bake is not taken in this one. */
function markRemarks(words: Words, marked: Uint8Array): void {
  for (let at = 0; at < words.length; at++) {
    if (!words.begins(at)) continue;
    const isNext = /^(?:next|last)$/.test(words.word(at)) && /^(?:time|:)$/.test(words.at(at + 1));
    const isNote =
      (/^(?:notes?|verdict|tips?)$/.test(words.word(at)) && words.at(at + 1) === ':') || words.word(at) === 'nb';
    // "For a 23 cm tin use 6 eggs."
    const isOther =
      words.word(at) === 'for' &&
      /^an?$/.test(words.word(at + 1)) &&
      words.isNumber(at + 2) &&
      LENGTH.test(words.at(at + 3)) &&
      [4, 5, 6].some((next) => words.word(at + next) === 'use');
    if (!isNext && !isNote && !isOther) continue;
    let end = at + 2;
    while (end < words.length && (isNote ? words.at(end) !== '\n' : !words.ends(end))) end++;
    marked.fill(1, at, end);
    at = end - 1;
  }
}

/** "200 g wholemeal flour (or plain + 2 tsp bran)": what could be taken instead is not taken besides. */
function markInstead(words: Words, marked: Uint8Array): void {
  for (let at = 0; at < words.length; at++) {
    if (words.at(at) !== '(' || words.word(at + 1) !== 'or') continue;
    let end = at + 2;
    while (end < at + LONGEST_BRACKET && end < words.length && !/^[)\n]$/.test(words.at(end))) end++;
    if (words.at(end) === ')') marked.fill(1, at, end);
  }
}
const LONGEST_BRACKET = 20;

/** Marks each token that belongs to such a figure. */
export function notAmounts(words: Words): Uint8Array {
  const marked = new Uint8Array(words.length);
  markBake(words, marked);
  markRemarks(words, marked);
  markInstead(words, marked);
  for (let at = 0; at < words.length;) {
    // "lard the size of an egg"
    if (words.word(at) === 'size' && words.word(at + 1) === 'of') marked[at + 2] = 1;
    if (!words.isNumber(at)) {
      at++;
      continue;
    }
    const ratio = ratioTokens(words, at);
    const size = ratio || sizeTokens(words, at);
    const pan = size === 0 ? panTokens(words, at) : 0;
    const lineNumber =
      (at === 0 || words.at(at - 1) === '\n') &&
      /^[.)]$/.test(words.at(at + 1)) &&
      Number.isInteger(words.value(at)) &&
      words.value(at) < 40;
    // "cut in 6 tbsp butter" cuts no six pieces
    const measured = UNIT_WORDS.has(words.word(at + 1));
    const pieces =
      // "3 balls stem ginger" is an amount of it
      (PIECES.test(words.word(at + 1)) && !/^(?:of|stem|preserved|candied)$/.test(words.word(at + 2))) ||
      (SIZED.test(words.word(at + 1)) && PIECES.test(words.word(at + 2))) ||
      NUMBERED.test(words.word(at - 1)) ||
      MONTHS.test(words.word(at + 1)) ||
      MAKES.test(words.word(at - 1)) ||
      (words.at(at - 1) === ':' && MAKES.test(words.word(at - 2))) ||
      (MAKES.test(words.word(at - 2)) && /^(?:about|around|roughly)$/.test(words.word(at - 1))) ||
      // "fill 12 cups heaping"
      (words.word(at - 1) === 'fill' && /^(?:cups?|cases|holes|tins|liners)$/.test(words.word(at + 1))) ||
      // "drop by 1/4 cups"
      (words.word(at - 1) === 'by' && UNIT_WORDS.has(words.word(at + 1))) ||
      // "for 4 of us"
      (words.word(at + 1) === 'of' && /^(?:us|you|them|these|those)$/.test(words.word(at + 2))) ||
      // "6 cm cutter = 12."
      (words.at(at - 1) === '=' && words.ends(at + 1)) ||
      // "2lb, 160 fan"
      (/^lbs?$/.test(words.word(at + 1)) && words.at(at + 2) === ',' && words.value(at + 3) >= 140) ||
      // "made up to 300 ml with milk", "(mine came to 230 g)" of eggs: read with what is in the jug or on the scale
      (words.word(at - 1) === 'to' && (words.word(at - 2) === 'up' || words.word(at - 3) === 'mine')) ||
      // "3 eggs in their shells (about 180 g)"
      (/^shells?$/.test(words.word(at - 2)) && words.at(at - 1) === '(') ||
      (/^shells?$/.test(words.word(at - 3)) && words.at(at - 2) === '(') ||
      // "milk to make 3/4 c"
      (words.word(at - 1) === 'make' && words.word(at - 2) === 'to') ||
      // "check at 50"
      (words.word(at - 1) === 'at' && words.word(at - 2) === 'check') ||
      // "for the 4th"
      /^(?:st|nd|rd|th)$/.test(words.word(at + 1)) ||
      // "you should get 8."
      (/^(?:gets?|got)$/.test(words.word(at - 1)) && words.ends(at + 1)) ||
      (words.word(at - 1) === 'do' && /^(?:should|will|would)$/.test(words.word(at - 2))) ||
      // "into two 20 cm tins"
      (words.isNumber(at + 1) && sizeTokens(words, at + 1) > 0) ||
      // "pat out 3 cm, cut 9."
      (!measured && SHAPES.test(words.word(at - 1)) && words.ends(at + 1)) ||
      (!measured && SHAPES.test(words.word(at - 2)) && /^(?:into|in|out|it|the)$/.test(words.word(at - 1))) ||
      (!measured && SHAPES.test(words.word(at - 3)) && /^(?:into|in)$/.test(words.word(at - 1)));
    // "makes 6-7"
    const isRange = MAKES.test(words.word(at - 1)) && /^(?:-|or)$/.test(words.at(at + 1)) && words.isNumber(at + 2);
    const tokens =
      size || pan || (isRange ? 3 : 0) || (lineNumber || pieces || isHeat(words, at) || isTime(words, at) ? 1 : 0);
    if (tokens > 0) marked.fill(1, at, at + tokens);
    at += Math.max(1, tokens);
  }
  return marked;
}
