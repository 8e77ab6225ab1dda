import { anyOf, asPhrase, NUMBER_WORDS, singleSpaced } from '../../ground/text/index.js';
import { ownOf } from '../../ground/records/index.js';
import type { OwnPan } from '../kitchen/index.js';
import {
  isFree,
  oneOfSeveral,
  onePan,
  parsePan,
  parseVessel,
  type ParsedPan,
  type ParsedVessel,
} from '../pans/index.js';

export const COUNT_WORDS: Readonly<Record<string, number>> = {
  ...NUMBER_WORDS, a: 1, an: 1, dozen: 12,
}; // prettier-ignore
const COUNT = String.raw`(\d{1,3}|${anyOf(Object.keys(COUNT_WORDS))})`;
/** "two heart tins", "2 x …": a number before something that is no unit. */
const BEFORE = new RegExp(
  String.raw`^${COUNT}\s*(?:[x×]\s*(?!\d)|\s+(?!(?:cm|mm|in|inch|inches|lb|lbs|pound|pounds|g|kg|cup|cups|hole|litre|liter|l|ml|pint|pt)\b|["x×]))`,
  'i',
);
const BEHIND = / ?[x×] ?(\d{1,3})$/i;

export const numberSaid = (word: string): number => ownOf(COUNT_WORDS, word.toLowerCase()) ?? Number(word);

/** How a pan is called for short, and the words of the table for it. */
const CALLED: readonly (readonly [RegExp, string])[] = [
  [/^(?:small|mini) loaf(?: (?:tin|pan))?$/i, '1 lb loaf tin'],
  [/^(?:large |big )?loaf(?: (?:tin|pan))?$/i, '2 lb loaf tin'],
  [/^(?:tin|pan)?\s*(?:of )?cupcakes?$/i, '12-cup muffin tin'],
  [/^(?:traybake|tray bake)(?: (?:tin|pan))?$/i, '30x20x4 cm traybake tin'],
];

/** Of the small cakes that are said for their tins too: "24 muffins". */
const singular = (words: string) => onePan(words).replace(/\b(bun|cupcake|muffin)s\b/gi, '$1');

/**
 * Pans as a person says them: the baker's own by their names first, then any by its shape and size; with how many of them.
 * "two 20 cm rounds", "heart tin x 2", "one small loaf", "12-cup muffin tin".
 */
export function pansSaid(written: string, ownPans: readonly OwnPan[] = []): ParsedPan {
  const text = asPhrase(written) ?? '';
  const exact = parsePan(text);
  const before = BEFORE.exec(text);
  const behind = BEHIND.exec(text);
  const count = before ? numberSaid(before[1] ?? '') : behind ? Number(behind[1]) : 1;
  const rest = before ? text.slice(before[0].length) : behind ? text.slice(0, behind.index) : text;
  const name = singular(rest.trim()).toLowerCase();
  if (count === 0) return exact;
  const several = Math.max(1, count);
  const mine = ownPans.find((ownPan) => singular(ownPan.name).toLowerCase() === name);
  if (mine) return { kind: 'pan', set: { pan: { ...mine.pan, name: mine.name }, count: several }, assumed: [] };
  const called = CALLED.find(([pattern]) => pattern.test(name))?.[1];
  if (called === undefined && exact.kind === 'pan') return exact;
  const read = parsePan(called ?? singular(rest));
  return read.kind === 'pan' ? { ...read, set: { pan: read.set.pan, count: several } } : exact;
}

/** The same, and what stands on a sheet without a pan: "12 scones of 6 cm", "dome". */
export function vesselSaid(written: string, ownPans: readonly OwnPan[] = []): ParsedVessel {
  const free = parseVessel(written);
  const pans = pansSaid(written, ownPans);
  const stands = free.kind === 'vessel' ? isFree(free.set.pan) : free.kind === 'pieces-without-size';
  if (pans.kind === 'pan' && !stands) return { kind: 'vessel', set: pans.set, assumed: pans.assumed };
  return free;
}

/** The same pans, so many of them, in words: "two 20 cm rounds" and 3 is "20 cm round x 3". @param counted whether pieces are counted, not pans */
export function severalSaid(written: string, count: number, counted: boolean): string {
  const words = singleSpaced(written);
  const parsed = vesselSaid(words);
  const bare = counted || (parsed.kind === 'vessel' && parsed.set.count > 1) ? oneOfSeveral(words) : words;
  return count === 1 && !counted ? bare : `${bare} x ${count}`;
}
