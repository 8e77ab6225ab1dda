import {
  beyondStyles,
  detectStyle,
  judgeAgainst,
  measuredWith,
  styleBook,
  type BandVerdict,
  type BeyondStyles,
  type Style,
} from '../../batter/balance/index.js';
import {
  bandQuantities,
  doings,
  type BandQuantities,
  functionalTotals,
  type Doing,
  type Formula,
  type FunctionalTotals,
} from '../../formula/formula/index.js';
import { leaveningLedger, type Ledger } from '../../batter/leavening/index.js';
import {
  methodOf,
  NO_SURROUNDINGS,
  weighFormula,
  type Method,
  type ReadEntry,
  type Surroundings,
  type WeighedFormula,
} from '../../formula/parsing/index.js';
import { readStep, type ReadStep } from './steps.js';

/*
 * What a formula comes to: its grams and percentages, the ledger, its style and the bands of it. Every station asks for that; what in it
 * does not add up is the topic `findings`.
 */

export interface AuditEntry {
  readonly read: ReadEntry;
  readonly grams: number | undefined;
  /** Percent of the batter's flour; undefined without flour or weight. */
  readonly bakersPercent: number | undefined;
  readonly does: readonly Doing[];
}

export interface AuditLine {
  readonly lineId: string;
  readonly componentId: string;
  readonly inBatter: boolean;
  readonly text: string;
  readonly grams: number | undefined;
  readonly bakersPercent: number | undefined;
  readonly entries: readonly AuditEntry[];
  /** Left out of the balance: it may be left out of the bowl. */
  readonly optional: boolean;
}

/** Everything that is computed from a formula as it stands. */
export interface Audit {
  readonly weighed: WeighedFormula;
  readonly lines: readonly AuditLine[];
  readonly totals: FunctionalTotals;
  /** Undefined without flour. */
  readonly quantities: BandQuantities | undefined;
  readonly ledger: Ledger;
  readonly style: Style | undefined;
  /** Whether the baker chose the style, or it was detected. */
  readonly styleChosen: boolean;
  /** What the amounts say, whatever the baker chose. */
  readonly detected: Style | undefined;
  readonly runnerUp: Style | undefined;
  /** What it is that none of the styles is meant for: then it is held against one only where the baker chooses it. */
  readonly beyond: BeyondStyles | undefined;
  readonly verdicts: readonly BandVerdict[];
  readonly steps: readonly ReadStep[];
  /** Which step takes what. */
  readonly method: Method;
  /** Lines that stand in the way of a sum and are left out of all of it, by their ids; none in a sound formula. */
  readonly leftOut: readonly string[];
}

/** Reads and weighs a formula, and holds it against its style: grams and baker's percentages, the ledger, the bands. */
export function auditFormula(formula: Formula, around: Surroundings = NO_SURROUNDINGS): Audit {
  const weighed = weighFormula(formula, around);
  const { batter } = weighed;
  const totals = functionalTotals(batter);
  const ledger = leaveningLedger(batter);
  const styles = styleBook(around.kitchen.styles);
  const guesses = detectStyle(batter, `${formula.title} ${formula.yield ?? ''}`, formula.bake.pan ?? '', styles.all);
  const chosen = formula.styleId === undefined ? undefined : styles.byId(formula.styleId);
  const beyond = chosen ? undefined : beyondStyles(batter, formula.title);
  const detected = beyond ? undefined : guesses[0]?.style;
  const style = chosen ?? detected;
  const quantities = bandQuantities(batter);
  const verdicts = style && quantities ? judgeAgainst(style, measuredWith(quantities, ledger)) : [];
  const percentOf = (grams: number | undefined) =>
    grams === undefined || totals.flour === 0 ? undefined : (100 * grams) / totals.flour;
  const lines = weighed.components.flatMap((component) =>
    component.lines.map(({ line, entries, grams, optional }): AuditLine => ({
      lineId: line.id,
      componentId: component.id,
      inBatter: component.inBatter,
      optional,
      text: line.text,
      grams,
      bakersPercent: percentOf(grams),
      entries: entries.map((read) => ({
        read,
        grams: read.weight?.grams,
        bakersPercent: percentOf(read.weight?.grams),
        does: read.ingredient ? doings(read.ingredient, read.preparation) : [],
      })),
    })),
  );
  return {
    weighed,
    lines,
    totals,
    quantities,
    ledger,
    style,
    styleChosen: chosen !== undefined,
    detected,
    runnerUp: beyond ? undefined : guesses.find((guess) => guess.style !== style)?.style,
    beyond,
    verdicts,
    steps: formula.steps.map(readStep),
    method: methodOf(formula, weighed, around.kitchen),
    leftOut: [],
  };
}
