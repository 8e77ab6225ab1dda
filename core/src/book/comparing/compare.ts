import { pastDonePercent, type DoneWord } from '../learning/index.js';
import {
  OUTCOMES,
  outcomesOf,
  READING_CODES,
  type BakeReadings,
  type BakeRecord,
  type Outcome,
  type ReadingCode,
} from '../records/index.js';
import { SENSITIVITIES, UNITS } from './sensitivities.table.js';

/*
 * Two bakes that came out differently, and everything that was different between them. Each difference is worth, by what the models and
 * the table say, so many steps of the outcome, give or take; what was seen is then shared out by how uncertain each of them was. What no
 * difference explains stays unexplained: chance, measuring, and what was never measured.
 */

/** Scatter of one reading of a scale of five by one person, and what unknown causes do. @source book.md, section 4: assumed */
const SCORE = 0.6;
const UNKNOWN = 0.5;
/** One-sided 5 %. */
const SURE = 1.645;
/** Credit for being sure, where differences are put in order. */
const CAUTION = 0.3;

/** One difference that could explain it. */
export interface Difference {
  readonly code: ReadingCode;
  /** Of the later bake less of the earlier, in the reading's own unit. */
  readonly difference: number;
  /** What it is worth of the outcome, in its steps, and how sure. */
  readonly steps: number;
  readonly spread: number;
  /** Of the difference seen, 0–1; more or less where differences pull against one another. */
  readonly share: number;
  readonly shareSpread: number;
}
export interface Comparison {
  readonly outcome: Outcome;
  /** Steps that the outcome moved; where one of both was never baked, those that the differences are worth. */
  readonly moved: number;
  /** Nobody saw it yet: its standard deviation, by the models alone. */
  readonly foreseenSpread?: number;
  /** The likeliest first. */
  readonly differences: readonly Difference[];
  /** Of the difference seen, what no difference explains. */
  readonly unexplained: number;
  /** Further off than all differences together foresee. */
  readonly surprising: boolean;
  /** No more than chance alone would often do: one comparison is a hint, never a proof. */
  readonly hint: boolean;
}

/** What can be held against another: a bake, or a version by all its bakes; by its formula alone where it has none. */
export interface Compared {
  readonly outcomes: Readonly<Partial<Record<Outcome, number>>>;
  readonly readings: BakeReadings;
  readonly word?: DoneWord;
  /** Bakes that the outcomes are the mean of. */
  readonly bakes: number;
}
export const comparedBake = (record: BakeRecord): Compared => ({
  outcomes: outcomesOf(record),
  readings: record.readings,
  ...(record.word && { word: record.word }),
  bakes: 1,
});
/** A version: what its formula says, and what its bakes say in the mean. */
export function comparedVersion(formula: BakeReadings, records: readonly BakeRecord[]): Compared {
  const mean = <K extends string>(keys: readonly K[], of: (record: BakeRecord, key: K) => number | undefined) =>
    Object.fromEntries(
      keys.flatMap((key) => {
        const values = records.flatMap((record) => of(record, key) ?? []);
        return values.length === 0 ? [] : [[key, values.reduce((sum, value) => sum + value, 0) / values.length]];
      }),
    ) as Partial<Record<K, number>>;
  return {
    outcomes: mean(OUTCOMES, (record, outcome) => outcomesOf(record)[outcome]),
    readings: { ...mean(READING_CODES, ({ readings }, code) => readings[code]), ...formula },
    bakes: records.length,
  };
}

/** A reading of each of some bakes: their time is how far past done they came out, where all of them say it. */
export function readingsOf(
  code: ReadingCode,
  bakes: readonly Pick<Compared, 'readings' | 'word'>[],
): readonly (number | undefined)[] {
  const said = bakes.flatMap(({ word }) => word ?? []);
  if (code === 'time' && said.length === bakes.length) return said.map(pastDonePercent);
  return bakes.map(({ readings }) => readings[code]);
}
const differencesBetween = (
  a: Compared,
  b: Compared,
): readonly { readonly code: ReadingCode; readonly difference: number }[] =>
  READING_CODES.flatMap((code) => {
    const [before, after] = readingsOf(code, [a, b]);
    return before === undefined || after === undefined ? [] : [{ code, difference: after - before }];
  });

/** How much of a reading's unit has to differ to be worth a line. */
const WORTH_A_LINE = 0.1;

/** What could explain that an outcome moved from one bake to the other. */
export const explain = (a: BakeRecord, b: BakeRecord, outcome: Outcome): Comparison | undefined =>
  explained(comparedBake(a), comparedBake(b), outcome);

/** Every difference, with what it is worth of an outcome and the variance of that. */
const worthOf = (a: Compared, b: Compared, outcome: Outcome) =>
  differencesBetween(a, b).flatMap(({ code, difference }) => {
    const row = SENSITIVITIES.find((each) => each.outcome === outcome && each.reading === code);
    const { unit, known } = UNITS[code];
    const units = difference / unit;
    if (!row || Math.abs(units) < WORTH_A_LINE) return [];
    return [{ code, difference, mean: row.perUnit * units, variance: (row.spread * units) ** 2 + (row.perUnit * known) ** 2 }]; // prettier-ignore
  });
/** The likeliest first: worth most in the right direction, with some credit for being sure. */
const inOrder = (differences: readonly Difference[], side: number): readonly Difference[] => {
  const rank = ({ steps, spread }: Difference) => side * steps - CAUTION * spread;
  return [...differences].sort((one, other) => rank(other) - rank(one));
};

function explained(a: Compared, b: Compared, outcome: Outcome): Comparison | undefined {
  const [before, after] = [a.outcomes[outcome], b.outcomes[outcome]];
  if (before === undefined || after === undefined) return undefined;
  const moved = after - before;
  const rows = worthOf(a, b, outcome);
  const noise = SCORE ** 2 / a.bakes + SCORE ** 2 / b.bakes + UNKNOWN ** 2;
  const foreseen = rows.reduce((sum, { mean }) => sum + mean, 0);
  const variance = rows.reduce((sum, row) => sum + row.variance, noise);
  const of = moved === 0 ? foreseen : moved;
  const share = (steps: number) => (of === 0 ? 0 : steps / of);
  const differences = rows.map((row): Difference => {
    const steps = row.mean + (row.variance / variance) * (moved - foreseen);
    const spread = Math.sqrt(row.variance - row.variance ** 2 / variance);
    return { code: row.code, difference: row.difference, steps, spread, share: share(steps), shareSpread: Math.abs(share(spread)) }; // prettier-ignore
  });
  const taken = differences.reduce((sum, { steps }) => sum + steps, 0);
  return {
    outcome,
    moved,
    differences: inOrder(differences, Math.sign(of) || 1),
    unexplained: share(moved - taken),
    surprising: Math.abs(moved - foreseen) > 2 * Math.sqrt(variance),
    hint: Math.abs(moved) < SURE * Math.sqrt(noise),
  };
}

/** What the differences are worth of an outcome that nobody saw yet, by the models alone. */
function foreseen(a: Compared, b: Compared, outcome: Outcome): Comparison | undefined {
  const rows = worthOf(a, b, outcome);
  if (rows.length === 0) return undefined;
  const moved = rows.reduce((sum, { mean }) => sum + mean, 0);
  const spread = Math.sqrt(rows.reduce((sum, { variance }) => sum + variance, UNKNOWN ** 2));
  const share = (steps: number) => (moved === 0 ? 0 : steps / moved);
  const differences = rows.map((row): Difference => ({
    code: row.code,
    difference: row.difference,
    steps: row.mean,
    spread: Math.sqrt(row.variance),
    share: share(row.mean),
    shareSpread: Math.abs(share(Math.sqrt(row.variance))),
  }));
  const sorted = inOrder(differences, Math.sign(moved) || 1);
  return { outcome, moved, foreseenSpread: spread, differences: sorted, unexplained: 0, surprising: false, hint: true };
}

/** The outcome that moved most, as far as both say it: liking first, where nothing moved. What was never baked is foreseen. */
export function compare(a: Compared, b: Compared): Comparison | undefined {
  const order: readonly Outcome[] = ['taste', ...OUTCOMES.filter((outcome) => outcome !== 'taste')];
  const by = a.bakes > 0 && b.bakes > 0 ? explained : foreseen;
  const all = order.flatMap((outcome) => by(a, b, outcome) ?? []);
  return all.reduce<Comparison | undefined>((most, each) => (most && Math.abs(most.moved) >= Math.abs(each.moved) ? most : each), undefined); // prettier-ignore
}
export const compareBakes = (a: BakeRecord, b: BakeRecord): Comparison | undefined =>
  compare(comparedBake(a), comparedBake(b));
