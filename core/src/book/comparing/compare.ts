import { pastDonePercent } from '../learning/index.js';
import {
  OUTCOMES,
  outcomesOf,
  READING_CODES,
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
  /** Steps that the outcome moved. */
  readonly moved: number;
  /** The likeliest first. */
  readonly differences: readonly Difference[];
  /** Of the difference seen, what no difference explains. */
  readonly unexplained: number;
  /** Further off than all differences together foresee. */
  readonly surprising: boolean;
  /** No more than chance alone would often do: one comparison is a hint, never a proof. */
  readonly hint: boolean;
}

/** A reading of each of some bakes: their time is how far past done they came out, where all of them say it. */
export function readingsOf(code: ReadingCode, bakes: readonly BakeRecord[]): readonly (number | undefined)[] {
  const said = bakes.flatMap(({ word }) => word ?? []);
  if (code === 'time' && said.length === bakes.length) return said.map(pastDonePercent);
  return bakes.map(({ readings }) => readings[code]);
}
const differencesBetween = (
  a: BakeRecord,
  b: BakeRecord,
): readonly { readonly code: ReadingCode; readonly difference: number }[] =>
  READING_CODES.flatMap((code) => {
    const [before, after] = readingsOf(code, [a, b]);
    return before === undefined || after === undefined ? [] : [{ code, difference: after - before }];
  });

/** How much of a reading's unit has to differ to be worth a line. */
const WORTH_A_LINE = 0.1;

/** What could explain that an outcome moved from one bake to the other. */
export function explain(a: BakeRecord, b: BakeRecord, outcome: Outcome): Comparison | undefined {
  const [before, after] = [outcomesOf(a)[outcome], outcomesOf(b)[outcome]];
  if (before === undefined || after === undefined) return undefined;
  const moved = after - before;
  const rows = differencesBetween(a, b).flatMap(({ code, difference }) => {
    const row = SENSITIVITIES.find((each) => each.outcome === outcome && each.reading === code);
    const { unit, known } = UNITS[code];
    const units = difference / unit;
    if (!row || Math.abs(units) < WORTH_A_LINE) return [];
    return [{ code, difference, mean: row.perUnit * units, variance: (row.spread * units) ** 2 + (row.perUnit * known) ** 2 }]; // prettier-ignore
  });
  const noise = 2 * SCORE ** 2 + UNKNOWN ** 2;
  const foreseen = rows.reduce((sum, { mean }) => sum + mean, 0);
  const variance = rows.reduce((sum, row) => sum + row.variance, noise);
  const of = moved === 0 ? foreseen : moved;
  const share = (steps: number) => (of === 0 ? 0 : steps / of);
  const differences = rows.map((row): Difference => {
    const steps = row.mean + (row.variance / variance) * (moved - foreseen);
    const spread = Math.sqrt(row.variance - row.variance ** 2 / variance);
    return { code: row.code, difference: row.difference, steps, spread, share: share(steps), shareSpread: Math.abs(share(spread)) }; // prettier-ignore
  });
  const side = Math.sign(of) || 1;
  const rank = ({ steps, spread }: Difference) => side * steps - CAUTION * spread;
  differences.sort((one, other) => rank(other) - rank(one));
  const explained = differences.reduce((sum, { steps }) => sum + steps, 0);
  return {
    outcome,
    moved,
    differences,
    unexplained: share(moved - explained),
    surprising: Math.abs(moved - foreseen) > 2 * Math.sqrt(variance),
    hint: Math.abs(moved) < 1.645 * Math.SQRT2 * Math.hypot(SCORE, UNKNOWN / Math.SQRT2),
  };
}

/** The outcome that moved most, as far as both bakes say it: liking first, where nothing moved. */
export function compareBakes(a: BakeRecord, b: BakeRecord): Comparison | undefined {
  const order: readonly Outcome[] = ['taste', ...OUTCOMES.filter((outcome) => outcome !== 'taste')];
  const all = order.flatMap((outcome) => explain(a, b, outcome) ?? []);
  return all.reduce<Comparison | undefined>((most, each) => (most && Math.abs(most.moved) >= Math.abs(each.moved) ? most : each), undefined); // prettier-ignore
}
