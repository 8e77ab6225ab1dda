import type { DoneWord } from '../../book/learning/index.js';
import type { HalfBatchStep, Trial, TrialReading } from '../../book/comparing/index.js';
import type { Crumb, Half, Outcome, ReadingCode, Shape, Top, Wrong } from '../../book/records/index.js';
import type { FigureRow } from '../figures/index.js';

/* What the taps of a record, its readings and its outcomes are called. */

export const TOP_NAMES: Readonly<Record<Top, string>> = {
  pale: 'pale',
  straw: 'straw',
  gold: 'gold',
  chestnut: 'chestnut',
  'too-dark': 'too dark',
};
export const SHAPE_NAMES: Readonly<Record<Shape, string>> = {
  sank: 'sank',
  flat: 'flat',
  'low-dome': 'low dome',
  cracked: 'high, cracked',
  peaked: 'peaked',
};
export const CRUMB_NAMES: Readonly<Record<Crumb, string>> = {
  tight: 'tight',
  fine: 'fine, even',
  open: 'open',
  tunnels: 'tunnels',
  gummy: 'gummy line',
};
export const WRONG_NAMES: Readonly<Record<Wrong, string>> = {
  soapy: 'soapy',
  dry: 'dry',
  tough: 'tough',
  crumbly: 'crumbly',
  stuck: 'stuck',
  lopsided: 'lopsided',
  'fruit-sank': 'fruit sank',
  bitter: 'bitter',
  bland: 'bland',
  greasy: 'greasy',
};
export const DONE_WORD_NAMES: Readonly<Record<DoneWord, string>> = {
  raw: 'raw',
  under: 'a bit under',
  just: 'just right',
  'bit-over': 'a bit over',
  over: 'over',
};
export const OUTCOME_NAMES: Readonly<Record<Outcome, string>> = {
  rise: 'how it rose',
  crust: 'the colour of its top',
  moisture: 'how moist it was',
  crumb: 'its crumb',
  taste: 'how good it was',
};
export const READING_NAMES: Readonly<Record<ReadingCode, string>> = {
  gas: 'gas',
  waiting: 'waited wet',
  mixing: 'mixed',
  oven: 'oven, true',
  filling: 'how full the tin was',
  water: 'water',
  sugar: 'sugar',
  fat: 'fat',
  egg: 'egg',
  'soda-left': 'soda with nothing sour to meet',
  time: 'time past done',
  altitude: 'height above the sea',
};
const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;
const signed = (value: number, places = 0) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(places)}`;
/** Places in a style's band: the middle, an edge, beyond. */
const inBand = (z: number) => {
  const [size, side] = [Math.abs(z), z < 0 ? 'low' : 'high'];
  return size < 0.35 ? 'as usual' : size <= 1 ? `${side} in its band` : `too ${side}`;
};
const SAID: Readonly<Record<ReadingCode, (value: number) => string>> = {
  gas: inBand,
  water: inBand,
  sugar: inBand,
  fat: inBand,
  egg: inBand,
  waiting: (minutes) => `${Math.round(minutes)} min`,
  mixing: clock,
  oven: (celsius) => `${Math.round(celsius)} °C`,
  filling: (share) => `${Math.round(100 * share)} %`,
  'soda-left': (grams) => `${grams.toFixed(1)} % of flour`,
  time: (percent) => `${signed(percent)} %`,
  altitude: (metres) => `${Math.round(metres)} m`,
};
/** A reading as it is said of a bake. */
export const readingInWords = (code: ReadingCode, value: number): string => SAID[code](value);

/** Two halves of one bowl, step by step. @param change what differs in B */
export const halfBatchInWords = (step: HalfBatchStep, change: string): string => HALF_BATCH[step](change);
const HALF_BATCH: Readonly<Record<HalfBatchStep, (change: string) => string>> = {
  'weigh-once': () => 'Weigh everything once, for the whole batch.',
  'halve-before': () => 'Halve it on the scale before the change.',
  'change-one': (change) => `Change one thing in B: ${change}. Leave the rest alone.`,
  coin: () => 'Let a coin say which tin is A; write it down, not on the tin.',
  'side-by-side': () => 'Bake both on one shelf.',
  'swap-places': () => 'Swap their places at two thirds of the time.',
  'same-minutes': () => 'Take both out at the same minute.',
  'taste-blind': () => 'Taste without knowing which is which, then score both.',
};

const HALF_NAMES: Readonly<Record<Half, string>> = { 'as-it-is': 'A as it is', changed: 'B changed' };
/** "A as it is". */
export const halfChoiceInWords = (half: Half): string => HALF_NAMES[half];

const VERDICTS: Readonly<Record<TrialReading['verdict'], (reading: TrialReading) => string>> = {
  better: ({ pairs }) => `better with the change: ${pairs} pairs say so, and chance alone hardly would`,
  worse: ({ pairs }) => `worse with the change: ${pairs} pairs say so, and chance alone hardly would`,
  alike: ({ pairs }) => `no difference worth a step in ${pairs} pairs`,
  hint: ({ pairs, needed }) =>
    `a hint: ${pairs} of about ${Math.max(needed, pairs + 1)} ${needed === 1 ? 'pair' : 'pairs'} that it takes`,
};
/** What half batches told of one outcome: "how good it was", "+1.5 of five", "a hint: 1 of about 5 pairs that it takes". */
export const trialInWords = (reading: TrialReading): FigureRow => ({
  what: OUTCOME_NAMES[reading.outcome],
  figure: Math.abs(reading.difference) < 0.05 ? 'the same' : signed(reading.difference, 1),
  why: VERDICTS[reading.verdict](reading),
});
/** "soda with nothing sour to meet, changed in 2 pairs of halves". */
export const trialNameInWords = ({ change, pairs }: Trial): string =>
  `${change || 'One change'}, ${pairs.length === 1 ? 'one pair' : `${pairs.length} pairs`} of halves`;
