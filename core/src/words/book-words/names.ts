import { decimal } from '../../ground/language/index.js';
import type { DoneWord } from '../../book/learning/index.js';
import type { HalfBatchStep, Trial, TrialReading } from '../../book/comparing/index.js';
import type { Crumb, Half, Outcome, ReadingCode, Shape, Top, Wrong } from '../../book/records/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { readingOn, type FigureRow } from '../figures/index.js';

/* What the taps of a record, its readings and its outcomes are called. */

export const TOP_NAMES: Readonly<Record<Top, string>> = {
  pale: $localize`pale`,
  straw: $localize`straw`,
  gold: $localize`gold`,
  chestnut: $localize`chestnut`,
  'too-dark': $localize`too dark`,
};
export const SHAPE_NAMES: Readonly<Record<Shape, string>> = {
  sank: $localize`sank`,
  flat: $localize`flat`,
  'low-dome': $localize`low dome`,
  cracked: $localize`high, cracked`,
  peaked: $localize`peaked`,
};
export const CRUMB_NAMES: Readonly<Record<Crumb, string>> = {
  tight: $localize`tight`,
  fine: $localize`fine, even`,
  open: $localize`open`,
  tunnels: $localize`tunnels`,
  gummy: $localize`gummy line`,
};
export const WRONG_NAMES: Readonly<Record<Wrong, string>> = {
  soapy: $localize`soapy`,
  dry: $localize`dry`,
  tough: $localize`tough`,
  crumbly: $localize`crumbly`,
  stuck: $localize`stuck`,
  lopsided: $localize`lopsided`,
  'fruit-sank': $localize`fruit sank`,
  bitter: $localize`bitter`,
  bland: $localize`bland`,
  greasy: $localize`greasy`,
};
export const DONE_WORD_NAMES: Readonly<Record<DoneWord, string>> = {
  raw: $localize`raw`,
  under: $localize`a bit under`,
  just: $localize`just right`,
  'bit-over': $localize`a bit over`,
  over: $localize`over`,
};
export const OUTCOME_NAMES: Readonly<Record<Outcome, string>> = {
  rise: $localize`how it rose`,
  crust: $localize`the colour of its top`,
  moisture: $localize`how moist it was`,
  crumb: $localize`its crumb`,
  taste: $localize`how good it was`,
};
export const READING_NAMES: Readonly<Record<ReadingCode, string>> = {
  gas: $localize`gas`,
  waiting: $localize`waited wet`,
  mixing: $localize`mixed`,
  oven: $localize`oven, true`,
  filling: $localize`how full the tin was`,
  water: $localize`water`,
  sugar: $localize`sugar`,
  fat: $localize`fat`,
  egg: $localize`egg`,
  'soda-left': $localize`soda with nothing sour to meet`,
  time: $localize`time past done`,
  altitude: $localize`height above the sea`,
};
const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;
const signed = (value: number, places = 0) => `${value < 0 ? '−' : '+'}${decimal(Math.abs(value), places)}`;
/** Places in a style's band: the middle, an edge, beyond. */
const inBand = (z: number) => {
  const [size, side] = [Math.abs(z), z < 0 ? $localize`low` : $localize`high`];
  return size < 0.35 ? $localize`as usual` : size <= 1 ? $localize`${side} in its band` : $localize`too ${side}`;
};
const SAID: Readonly<Record<ReadingCode, (value: number, scale: HeatScale) => string>> = {
  gas: inBand,
  water: inBand,
  sugar: inBand,
  fat: inBand,
  egg: inBand,
  waiting: (minutes) => $localize`${Math.round(minutes)} min`,
  mixing: clock,
  oven: (celsius, scale) => readingOn(scale, celsius),
  filling: (share) => `${Math.round(100 * share)} %`,
  'soda-left': (grams) => $localize`${decimal(grams, 1)} % of flour`,
  time: (percent) => `${signed(percent)} %`,
  altitude: (metres) => `${Math.round(metres)} m`,
};
/** A reading as it is said of a bake. */
export const readingInWords = (code: ReadingCode, value: number, scale: HeatScale = 'C'): string =>
  SAID[code](value, scale);

/** Two halves of one bowl, step by step. @param change what differs in B */
export const halfBatchInWords = (step: HalfBatchStep, change: string): string => HALF_BATCH[step](change);
const HALF_BATCH: Readonly<Record<HalfBatchStep, (change: string) => string>> = {
  'weigh-once': () => $localize`Weigh everything once, for the whole batch.`,
  'halve-before': () => $localize`Halve it on the scale before the change.`,
  'change-one': (change) => $localize`Change one thing in B: ${change}. Leave the rest alone.`,
  coin: () => $localize`Let a coin say which tin is A; write it down, not on the tin.`,
  'side-by-side': () => $localize`Bake both on one shelf.`,
  'swap-places': () => $localize`Swap their places at two thirds of the time.`,
  'same-minutes': () => $localize`Take both out at the same minute.`,
  'taste-blind': () => $localize`Taste without knowing which is which, then score both.`,
};

const HALF_NAMES: Readonly<Record<Half, string>> = { 'as-it-is': $localize`A as it is`, changed: $localize`B changed` };
/** "A as it is". */
export const halfChoiceInWords = (half: Half): string => HALF_NAMES[half];

const VERDICTS: Readonly<Record<TrialReading['verdict'], (reading: TrialReading) => string>> = {
  better: ({ pairs }) => $localize`better with the change: ${pairs} pairs say so, and chance alone hardly would`,
  worse: ({ pairs }) => $localize`worse with the change: ${pairs} pairs say so, and chance alone hardly would`,
  alike: ({ pairs }) => $localize`no difference worth a step in ${pairs} pairs`,
  hint: ({ pairs, needed }) =>
    $localize`a hint: ${pairs} of about ${Math.max(needed, pairs + 1)} ${needed === 1 ? $localize`pair` : $localize`pairs`} that it takes`,
};
/** What half batches told of one outcome: "how good it was", "+1.5 of five", "a hint: 1 of about 5 pairs that it takes". */
export const trialInWords = (reading: TrialReading): FigureRow => ({
  what: OUTCOME_NAMES[reading.outcome],
  figure: Math.abs(reading.difference) < 0.05 ? $localize`the same` : signed(reading.difference, 1),
  why: VERDICTS[reading.verdict](reading),
});
/** "soda with nothing sour to meet, changed in 2 pairs of halves". */
export const trialNameInWords = ({ change, pairs }: Trial): string =>
  $localize`${change || $localize`One change`}, ${pairs.length === 1 ? $localize`one pair` : $localize`${pairs.length} pairs`} of halves`;
