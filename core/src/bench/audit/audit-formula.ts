import {
  detectStyle,
  judgeAgainst,
  measuredWith,
  styleBook,
  type BandVerdict,
  type Style,
} from '../../batter/balance/index.js';
import {
  bandQuantities,
  doings,
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
  type Severity,
  type Surroundings,
  type WeighedFormula,
} from '../../formula/parsing/index.js';
import { placedLines, readStep, type Evidence, type ReadStep } from './evidence.js';
import type { Finding } from './finding.js';
import { RULES } from './rules/index.js';

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

/** A finding that the baker set aside. */
export interface SetAside {
  readonly finding: Finding;
  readonly reason: string;
}

/** Everything that is computed from a formula as it stands. */
export interface Audit {
  readonly weighed: WeighedFormula;
  readonly lines: readonly AuditLine[];
  readonly totals: FunctionalTotals;
  readonly ledger: Ledger;
  readonly style: Style | undefined;
  /** Whether the baker chose the style, or it was detected. */
  readonly styleChosen: boolean;
  /** What the amounts say, whatever the baker chose. */
  readonly detected: Style | undefined;
  readonly runnerUp: Style | undefined;
  readonly verdicts: readonly BandVerdict[];
  readonly steps: readonly ReadStep[];
  /** Which step takes what. */
  readonly method: Method;
  /** What does not add up, the gravest first; what was set aside is not among it. */
  readonly findings: readonly Finding[];
  readonly setAside: readonly SetAside[];
}

/** Reads, weighs and judges a formula: grams and baker's percentages, the ledger, the bands of its style, what does not add up. */
export function auditFormula(formula: Formula, around: Surroundings = NO_SURROUNDINGS): Audit {
  const weighed = weighFormula(formula, around);
  const { batter } = weighed;
  const totals = functionalTotals(batter);
  const ledger = leaveningLedger(batter);
  const styles = styleBook(around.kitchen.styles);
  const guesses = detectStyle(batter, `${formula.title} ${formula.yield ?? ''}`, formula.bake.pan ?? '', styles.all);
  const chosen = formula.styleId === undefined ? undefined : styles.byId(formula.styleId);
  const style = chosen ?? guesses[0]?.style;
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
  const steps = formula.steps.map(readStep);
  const method = methodOf(formula, weighed, around.kitchen);
  const evidence: Evidence = {
    formula,
    around,
    weighed,
    lines: placedLines(weighed),
    steps,
    method,
    totals,
    quantities,
    ledger,
    style,
    verdicts,
  };
  return {
    weighed,
    lines,
    totals,
    ledger,
    style,
    styleChosen: chosen !== undefined,
    detected: guesses[0]?.style,
    runnerUp: guesses.find((guess) => guess.style !== style)?.style,
    verdicts,
    steps,
    method,
    ...sortedOut(
      RULES.flatMap((rule) => rule(evidence)),
      formula,
    ),
  };
}

const GRAVITY: Readonly<Record<Severity, number>> = { error: 0, warning: 1, note: 2 };

/** Findings with the gravest first, and those that the baker set aside by themselves. */
export function sortedOut(
  unsorted: readonly Finding[],
  { dismissed = [] }: Pick<Formula, 'dismissed'>,
): Pick<Audit, 'findings' | 'setAside'> {
  const findings: Finding[] = [];
  const setAside: SetAside[] = [];
  for (const finding of unsorted) {
    const dismissal = dismissed.find(({ code, place }) => code === finding.code && place === finding.place);
    if (dismissal) setAside.push({ finding, reason: dismissal.reason });
    else findings.push(finding);
  }
  findings.sort((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity]);
  return { findings, setAside };
}
