import { normalCumulative } from '../../ground/numerics/index.js';

/** How done it was when it came out. */
export const DONE_WORDS = ['raw', 'under', 'just', 'bit-over', 'over'] as const;
export type DoneWord = (typeof DONE_WORDS)[number];

/** ln(out / done) by the word: mean and standard deviation. @source book.md, doneness.csv */
const SAID: Readonly<Record<DoneWord | 'nothing', readonly [number, number]>> = {
  raw: [-0.22, 0.1],
  under: [-0.09, 0.05],
  just: [0.015, 0.035],
  'bit-over': [0.09, 0.04],
  over: [0.22, 0.09],
  nothing: [0.02, 0.1],
};
/** How much past done it came out by the word, % of the time: under 0 was too soon. Without a word, as most take it out. */
export const pastDonePercent = (word: DoneWord | undefined): number => 100 * (Math.exp(SAID[word ?? 'nothing'][0]) - 1);
/** Scatter of a look, ln(minutes). */
const JUDGING = 0.03;
/** "Nearly" is done within so much more of the time. */
const NEARLY = 1.12;
/** Keeps what is told of one side only proper, and is divided out again. */
const BROAD = 0.3;
/** A baker who notes times roughly judges so much more widely. @source book.md, section 2 */
const ROUGHER = 1.7;
const SPREAD_OF_PROBE = 0.07;

/** What was seen of one bake. */
export interface BakeSeen {
  /** Looks before it came out. */
  readonly looks?: readonly { readonly minutes: number; readonly seen: 'not-done' | 'nearly' | 'done' }[];
  readonly outMinutes?: number;
  readonly word?: DoneWord | undefined;
  /** The done time that a probe's curve pointed at, ln(minutes). */
  readonly probe?: { readonly ln: number; readonly spread?: number };
  /** Times are noted roughly in this kitchen. */
  readonly rough?: boolean;
}
/** When it was done: ln(minutes) and its standard deviation. */
export interface DoneEvidence {
  readonly ln: number;
  readonly spread: number;
}

/** What is so unlikely is a slip of the pen. */
const CONTRADICTS = 1e-6;

const bell = (z: number) => Math.exp(-0.5 * z * z);

/**
 * The done time that a bake tells of; undefined where it tells nothing, or contradicts itself.
 * @source book.md, section 2: a likelihood over ln(done), on a grid
 */
export function doneEvidence({
  looks = [],
  outMinutes,
  word,
  probe,
  rough = false,
}: BakeSeen): DoneEvidence | undefined {
  const about = outMinutes ?? looks.at(-1)?.minutes;
  if (about === undefined || !(about > 0)) return undefined;
  const centre = Math.log(about);
  const points = 241;
  const step = 1.8 / (points - 1);
  let [sum, first, second] = [0, 0, 0];
  for (let i = 0; i < points; i++) {
    const ln = centre - 0.9 + i * step;
    let likelihood = bell((ln - centre) / BROAD);
    for (const { minutes, seen } of looks) {
      const below = normalCumulative((ln - Math.log(minutes)) / JUDGING);
      if (seen === 'not-done') likelihood *= below;
      else if (seen === 'done') likelihood *= 1 - below;
      else likelihood *= Math.max(1e-9, below - normalCumulative((ln - Math.log(NEARLY * minutes)) / JUDGING));
    }
    if (outMinutes !== undefined) {
      const [mean, spread] = SAID[word ?? 'nothing'];
      likelihood *= bell((Math.log(outMinutes) - ln - mean) / (spread * (rough ? ROUGHER : 1)));
    }
    if (probe) likelihood *= bell((ln - probe.ln) / (probe.spread ?? SPREAD_OF_PROBE));
    sum += likelihood;
    first += likelihood * ln;
    second += likelihood * ln * ln;
  }
  if (!(sum > CONTRADICTS)) return undefined;
  const mean = first / sum;
  const variance = Math.max(1e-4, second / sum - mean * mean);
  const precision = 1 / variance - 1 / BROAD ** 2;
  if (precision <= 0.5) return undefined;
  return { ln: (mean / variance - centre / BROAD ** 2) / precision, spread: Math.sqrt(1 / precision) };
}
