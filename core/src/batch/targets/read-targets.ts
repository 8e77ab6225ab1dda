import { wishInEnglish } from '../../formula/german/index.js';
import { anyOf, inPieces, LONGEST_LINE } from '../../ground/text/index.js';
import { ownOf } from '../../ground/records/index.js';
import { openLines, readHave } from '../../bench/open-lines/index.js';
import type { Audit } from '../../bench/audit/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { COUNT_WORDS, numberSaid } from '../../kitchen/equipment/index.js';
import { pansWritten } from '../../formula/vessels/index.js';
import { readYield } from '../../formula/parsing/index.js';
import { cutPieces, type BatchTarget } from '../plan/index.js';

/** Why a phrase says no target. */
export const TARGET_FAULTS = [
  'not-understood',
  'no-amount',
  'pan-size',
  'pan-unlikely',
  'out-of-range',
  'no-dough',
] as const;
export type TargetFault = (typeof TARGET_FAULTS)[number];

export interface TargetsRead {
  readonly targets: readonly BatchTarget[];
  readonly faults: readonly { readonly said: string; readonly why: TargetFault }[];
}

export interface TargetContext {
  readonly formula: Formula;
  readonly audit: Audit;
  readonly kitchen: Kitchen;
}

const NUMBER = String.raw`(-?\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?|-?\d+\/\d+|[½¼¾⅓⅔⅛])`;
const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 0.125,
};
/** "the recipe", "a batch": what is taken so many times. */
const OF_IT = String.raw`(?: (?:of )?(?:it|(?:the |a |this )?(?:formula|recipe|batch|mix|mixture|quantity|quantities|amounts?)))?`;
const saysTimes = (words: string, times: number) => [new RegExp(`^(?:${words})${OF_IT}$`, 'i'), times] as const;
const TIMES_WORDS: readonly (readonly [RegExp, number])[] = [
  saysTimes('(?:an? |one )?quarter', 0.25),
  saysTimes('(?:an? |one )?third', 1 / 3),
  saysTimes('(?:an? |one )?half(?: as much)?|halve', 0.5),
  saysTimes('two[- ]thirds', 2 / 3),
  saysTimes('three[- ]quarters?', 0.75),
  saysTimes('as (?:(?:it )?is|written)|once|same(?: again)?|the same(?: again)?', 1),
  [/^(?:the|one) (?:formula|recipe|batch|mix|mixture)$/i, 1],
  saysTimes('(?:one|once) and a half(?: times)?|half again(?: as much)?|half as much (?:again|more)', 1.5),
  saysTimes('(?:an? )?double|twice(?: as much)?|two times', 2),
  saysTimes('(?:an? )?(?:triple|treble)|three times|thrice', 3),
  saysTimes('quadruple|four times', 4),
];
/** "75 %", "1 1/2": a share, or a number that no count of pieces is. */
const SHARE = /^(\d{1,4}(?:[.,]\d{1,2})?) ?(?:%|percent|per cent)(?: of (?:it|the (?:formula|recipe)))?$/i;
/** "30 % more", "a quarter less": beside what is written. */
const BESIDE_IT =
  /^(?:(\d{1,3}) ?(?:%|percent|per cent)|a (quarter|third|half)) (more|extra|bigger|larger|less|smaller)$/i;
const PARTS_BESIDE: Readonly<Record<string, number>> = { quarter: 0.25, third: 1 / 3, half: 0.5 };
const BROKEN_NUMBER = /^(?:(?:\d{1,3} )?\d{1,2}\/\d{1,2}|(?:\d{1,3} ?)?[½¼¾⅓⅔⅛])$/;
const TIMES = new RegExp(
  String.raw`^(?:[x×]\s*${NUMBER}|${NUMBER}\s*(?:[x×]|times|batch(?:es)?)(?: (?:it|the formula))?)$`,
  'i',
);
const WEIGHT = new RegExp(
  String.raw`^${NUMBER}\s*(kg|kilos?|g|grams?|t|tonnes?|lb|lbs|pounds?|oz|ounces?)(?:\s+(?:of )?(?:the )?(?:batter|dough|in all|all told|altogether))?$`,
  'i',
);
const GRAMS_OF: readonly (readonly [RegExp, number])[] = [
  [/^k/i, 1000],
  [/^t/i, 1_000_000],
  [/^(?:lb|pound)/i, 453.592],
  [/^o/i, 28.3495],
  [/^g/i, 1],
];
const COUNT = String.raw`(-?\d+|${anyOf(Object.keys(COUNT_WORDS))})(?:\s+dozen)?`;
const EACH = new RegExp(
  String.raw`^${COUNT}\s*(?:[x×]|of|at|@|pieces? (?:of|at)|buns? (?:of|at)|[a-z ]+ (?:of|at))\s*${NUMBER}\s*(g|grams?|kg|oz)(?:\s+each)?$`,
  'i',
);
const PIECES = new RegExp(
  String.raw`^(?:for |serves |serving |enough for |makes )?(?:a (?:crowd|party) of |about |around )?${COUNT}\s*(?:pieces?|portions?|servings?|slices?|squares|bars|fingers|people|guests|eaters|helpings)?$`,
  'i',
);
const CUT = new RegExp(
  String.raw`^${COUNT}\s+(?:(?!of )[a-z-]+ )*(?:scones?|biscuits?|farls?|wedges?|rounds to cut)$`,
  'i',
);
const CUPS = new RegExp(
  String.raw`^${COUNT}\s+(mini |jumbo |large |small )?(muffins?|cupcakes?|fairy cakes?|buns?|cups?|cases?)$`,
  'i',
);
const LIMIT_LEAD =
  /^(?:i(?:'ve| have)(?: got)?|use(?! up)|scaled? (?:it |down |up )?to|based on|made with|only|just|at most|up to|out of|use up|using(?: up)?|with(?: only)?|what (?:i|is)|all (?:of )?(?:the|my))\b/i;
const LIMIT_WORDS =
  /^(?:use up|use|scaled? (?:it |down |up )?to|based on|made with|using(?: up)?|out of|with(?: only)?|all (?:of )?(?:the|my))\s+/i;
const MOST_TIMES = 1_000_000;

function toNumber(written: string): number {
  const text = written.trim();
  const sign = text.startsWith('-') ? -1 : 1;
  const mixed = /^-?(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
  if (mixed) return sign * (Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]));
  return ownOf(FRACTIONS, text) ?? Number(text.replace(',', '.'));
}
/** "1½" and "1 ½" as well as "1 1/2". */
const brokenNumber = (text: string): number => {
  const mark = Object.keys(FRACTIONS).find((each) => text.endsWith(each));
  return mark === undefined ? toNumber(text) : Number(text.slice(0, -1)) + (FRACTIONS[mark] ?? 0);
};
function counted(phrase: string, word: string): number {
  return numberSaid(word) * (word.toLowerCase() !== 'dozen' && /\bdozen\b/i.test(phrase) ? 12 : 1);
}

type Read = BatchTarget | { readonly fault: TargetFault };
const checkedCount = (count: number, target: BatchTarget): Read =>
  Number.isInteger(count) && count >= 1 && count <= 100_000 ? target : { fault: 'out-of-range' };

function limitOf(phrase: string, { formula, audit, kitchen }: TargetContext): Read | undefined {
  const lines = openLines(formula, audit, kitchen, new Set());
  const words = phrase.replace(LIMIT_WORDS, '');
  const { limits, misunderstood } = readHave(words, lines, { region: formula.region, kitchen });
  if (limits.some(({ mostGrams }) => !(mostGrams > 0))) return { fault: 'out-of-range' };
  if (limits.length > 0 && misunderstood.length === 0) return { kind: 'limit', said: words };
  return misunderstood.some(({ because }) => because === 'no-amount') ? { fault: 'no-amount' } : undefined;
}

/** Pieces of the formula's own are as heavy as it makes them; cups of another are filled by their size. */
function cupsOf(count: number, size: string, name: string, { formula }: TargetContext): BatchTarget {
  const made = formula.yield === undefined ? undefined : readYield(formula.yield);
  const itsOwnPieces =
    size === '' && made && name.length > 3 && made.of.toLowerCase().includes(name.toLowerCase().slice(0, -1));
  const muffinPan = /muffin|cupcake|\bbun/i.test(`${formula.bake.pan ?? ''} ${formula.title}`);
  if (itsOwnPieces || (size === '' && made?.of === '' && muffinPan)) return { kind: 'pieces', count };
  // buns of a rolled dough are cut, not poured into cups
  if (cutPieces(formula) && size === '' && /^buns?$/i.test(name)) return { kind: 'cut', count, of: 'bun' };
  const kind = /mini|small/.test(size) ? 'mini ' : /jumbo|large/.test(size) ? 'jumbo ' : '';
  return {
    kind: 'pans',
    pans: `${count} ${kind}${/cup|case|^buns?$/i.test(name) && !/cake/i.test(name) ? 'muffins' : name}`,
  };
}

function readPhrase(phrase: string, context: TargetContext): Read {
  const times = TIMES_WORDS.find(([pattern]) => pattern.test(phrase))?.[1];
  if (times !== undefined) return { kind: 'times', times };
  const share = SHARE.exec(phrase)?.[1];
  if (share !== undefined || BROKEN_NUMBER.test(phrase)) {
    const value = share === undefined ? brokenNumber(phrase) : Number(share.replace(',', '.')) / 100;
    return value > 0 && value <= MOST_TIMES ? { kind: 'times', times: value } : { fault: 'out-of-range' };
  }
  const [, percent, part, way] = BESIDE_IT.exec(phrase) ?? [];
  if (way !== undefined) {
    const by = percent === undefined ? (ownOf(PARTS_BESIDE, (part ?? '').toLowerCase()) ?? 0) : Number(percent) / 100;
    const value = /less|smaller/i.test(way) ? 1 - by : 1 + by;
    return value > 0 ? { kind: 'times', times: value } : { fault: 'out-of-range' };
  }
  const match = TIMES.exec(phrase);
  if (match) {
    const value = toNumber(match[1] ?? match[2] ?? '');
    return value > 0 && value <= MOST_TIMES ? { kind: 'times', times: value } : { fault: 'out-of-range' };
  }
  if (/[=≤<]/.test(phrase) || LIMIT_LEAD.test(phrase)) return limitOf(phrase, context) ?? { fault: 'not-understood' };
  const weight = WEIGHT.exec(phrase);
  if (weight) {
    const grams = toNumber(weight[1] ?? '') * (GRAMS_OF.find(([unit]) => unit.test(weight[2] ?? ''))?.[1] ?? 1);
    return grams > 0 && grams <= 100_000_000 ? { kind: 'grams', grams } : { fault: 'out-of-range' };
  }
  const each = EACH.exec(phrase);
  if (each) {
    const grams = toNumber(each[2] ?? '') * (GRAMS_OF.find(([unit]) => unit.test(each[3] ?? ''))?.[1] ?? 1);
    const count = counted(phrase, each[1] ?? '');
    return grams > 0 ? checkedCount(count, { kind: 'each', count, grams }) : { fault: 'out-of-range' };
  }
  const cups = CUPS.exec(phrase);
  if (cups) {
    const count = counted(phrase, cups[1] ?? '');
    return checkedCount(count, cupsOf(count, (cups[2] ?? '').trim(), cups[3] ?? '', context));
  }
  const cut = CUT.exec(phrase);
  if (cut) return checkedCount(counted(phrase, cut[1] ?? ''), { kind: 'cut', count: counted(phrase, cut[1] ?? '') });
  const pans = pansWritten(phrase, context.kitchen.pans);
  if (pans.kind === 'pan') return { kind: 'pans', pans: phrase };
  if (pans.kind === 'unknown' && pans.because === 'size-unlikely') return { fault: 'pan-unlikely' };
  const pieces = PIECES.exec(phrase);
  if (pieces) {
    const count = counted(phrase, pieces[1] ?? '');
    return checkedCount(count, { kind: 'pieces', count });
  }
  const limit = limitOf(phrase, context);
  if (limit) return limit;
  return { fault: pans.kind === 'size-missing' ? 'pan-size' : 'not-understood' };
}

function readPhraseOrGerman(phrase: string, context: TargetContext): ReturnType<typeof readPhrase> {
  const read = readPhrase(phrase, context);
  const english = 'fault' in read ? wishInEnglish(phrase) : phrase;
  if (english === phrase) return read;
  const again = readPhrase(english, context);
  return 'fault' in again ? read : again;
}

/**
 * "24 muffins and one small loaf", "two 20 cm rounds", "half", "900 g", "3 bananas, 412 g mashed", "serves 10", "16 of 55 g":
 * what a batch is to give, phrase by phrase.
 */
export function readTargets(text: string, context: TargetContext): TargetsRead {
  const [beginning = '', more] = inPieces(text.trim(), LONGEST_LINE);
  if (more !== undefined)
    return { targets: [], faults: [{ said: `${beginning.slice(0, 60)} …`, why: 'not-understood' }] };
  const targets: BatchTarget[] = [];
  const faults: { said: string; why: TargetFault }[] = [];
  const phrases = text
    // "23 cm round, 5 cm deep" is one pan
    .split(
      /;|\n|\s\+\s|,(?=\s)(?!\s\d[\d.,]*\s?(?:cm|mm|in(?:ch(?:es)?)?|")?[\s-](?:deep|high)\b)|\s(?:and|plus|und)\s(?!a half\b)/i,
    )
    .map((phrase) =>
      phrase
        .trim()
        .replace(/\b(?:a|one|1) dozen and a half\b/i, '18')
        .replace(/\b(?:a|one|1) gross(?: of)?\b/i, '144')
        .replace(/\bhalf a dozen\b/i, '6')
        .replace(/^as (?:many|much) as (.{2,40}?) (?:makes?|gives?|allows?|will make)$/i, 'use $1')
        .replace(/^(?:enough )?to fill /i, '')
        // "4 loaves for the fete"
        .replace(
          /(?<=^(?:\d|an? |one |two|three|four|five|six|double|triple).{2,40}) for (?:the|my|our|a|an) [a-z][a-z' ]{2,24}$/i,
          '',
        ),
    )
    .filter(Boolean);
  for (const phrase of phrases) {
    // "3 bananas, 412 g mashed": the second says how much the first really is
    const last = targets.at(-1);
    if (last?.kind === 'limit' && /^\d/.test(phrase)) {
      const name = last.said.replace(/^[\d./½¼¾\s]+/, '').replace(/^(?:a|an|one|two|three|four|five|six)\s+/i, '');
      const amount = /^\S+\s*(?:kg|g|ml|oz|lb|cups?)\b/i.exec(phrase)?.[0];
      const refined = amount === undefined ? undefined : limitOf(`${name}=${amount}`, context);
      if (refined && 'kind' in refined) {
        targets[targets.length - 1] = refined;
        continue;
      }
    }
    const read = readPhraseOrGerman(phrase, context);
    if ('fault' in read) faults.push({ said: phrase, why: read.fault });
    else targets.push(read);
  }
  return { targets, faults };
}
