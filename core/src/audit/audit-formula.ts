import { detectStyle, judgeAgainst, styleById, type BandVerdict, type Style } from '../balance/index.js';
import {
  bandQuantities,
  doings,
  functionalTotals,
  type Doing,
  type Formula,
  type FunctionalTotals,
} from '../formula/index.js';
import { leaveningLedger, type Ledger } from '../leavening/index.js';
import { problem, weighFormula, type Problem, type ReadEntry, type WeighedFormula } from '../parsing/index.js';

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
  readonly runnerUp: Style | undefined;
  readonly verdicts: readonly BandVerdict[];
  readonly problems: readonly Problem[];
}

/** Soda without partners that eight in ten would taste whatever the style, percent of flour. @source leavening.md 1.6 */
const TASTES_OF_SODA = 0.8;
/** Below this much acid for each meq of soda there is "nothing sour" to speak of. */
const HARDLY_ANY_ACID = 0.15;

function leaveningProblems(ledger: Ledger, style: Style | undefined): readonly Problem[] {
  const { flourGrams, leftoverSodaGrams, sodaMeq, acidMeq } = ledger;
  if (!(flourGrams > 0)) return [problem('no-flour', 'warning', '')];
  if (sodaMeq === 0 && ledger.gas.millimoles === 0) {
    return style !== undefined && style.bands.gas.low <= 0 ? [] : [problem('leavening-missing', 'note', '')];
  }
  const percent = (100 * leftoverSodaGrams) / flourGrams;
  const most = style?.leftoverSodaMost ?? 0.25;
  const found: Problem[] = [];
  const facts = { grams: leftoverSodaGrams, percent, most };
  if (acidMeq < HARDLY_ANY_ACID * sodaMeq && leftoverSodaGrams > 0.2)
    found.push(problem('soda-without-acid', 'warning', '', facts));
  else if (percent > most)
    found.push(problem('soda-left-over', percent > TASTES_OF_SODA ? 'warning' : 'note', '', facts));
  return found;
}

/** Reads, weighs and judges a formula: grams and baker's percentages, the ledger, the bands of its style, what does not add up. */
export function auditFormula(formula: Formula): Audit {
  const weighed = weighFormula(formula);
  const { batter } = weighed;
  const totals = functionalTotals(batter);
  const ledger = leaveningLedger(batter);
  const guesses = detectStyle(batter, `${formula.title} ${formula.yield ?? ''}`, formula.bake.pan ?? '');
  const chosen = formula.styleId === undefined ? undefined : styleById(formula.styleId);
  const style = chosen ?? guesses[0]?.style;
  const quantities = bandQuantities(batter);
  const verdicts =
    style && quantities
      ? judgeAgainst(style, {
          ...quantities,
          gasGramsPer100gFlour: ledger.gas.gramsPer100gFlour,
          crumbPh: ledger.crumbPh.likely,
        })
      : [];
  const percentOf = (grams: number | undefined) =>
    grams === undefined || totals.flour === 0 ? undefined : (100 * grams) / totals.flour;
  const lines = weighed.components.flatMap((component) =>
    component.lines.map(({ line, entries, grams }): AuditLine => ({
      lineId: line.id,
      componentId: component.id,
      inBatter: component.inBatter,
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
    ledger,
    style,
    styleChosen: chosen !== undefined,
    runnerUp: guesses.find((guess) => guess.style !== style)?.style,
    verdicts,
    problems: [
      ...lines.flatMap((line) => line.entries.flatMap((entry) => entry.read.problems)),
      ...leaveningProblems(ledger, style),
    ],
  };
}
