import { writtenBakeJob } from '../../batch/bake-jobs/index.js';
import { bakeFindings, type Finding } from '../../bench/findings/index.js';
import { outlookOf } from '../../bench/outlook/index.js';
import { runBakeJob } from '../../oven/baking/index.js';
import type { Options } from './options.js';
import { done, orNull, rounded, type Outcome } from './outcome.js';
import { verdictsAsJson } from './rebalance-command.js';
import { findingsAsJson, readInput, type ReadInput } from './read-input.js';

/** `audit`: grams and baker's percentages, totals, the leavening ledger, the bands of the style. */
export function auditCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, problems, around } = input;
  const { totals, ledger, style } = audit;
  const { waiting, nutrition, portions } = outlookOf(formula, audit, around.kitchen);
  const minutes = (value: number) => (Number.isFinite(value) ? rounded(value, 0) : null);
  return done({
    title: formula.title,
    style: style?.id ?? null,
    detectedStyle: audit.detected?.id ?? null,
    runnerUp: audit.runnerUp?.id ?? null,
    lines: audit.lines.flatMap((line) =>
      line.entries.map((entry) => ({
        text: line.text,
        ingredient: entry.read.ingredient?.id ?? null,
        grams: orNull(entry.grams, 2),
        bakersPercent: orNull(entry.bakersPercent, 2),
        inBatter: line.inBatter,
      })),
    ),
    totals: {
      flour: rounded(totals.flour, 2),
      water: rounded(totals.water, 2),
      fat: rounded(totals.fat, 2),
      sugar: rounded(totals.sugar, 2),
      eggSolids: rounded(totals.eggSolids, 2),
      salt: rounded(totals.salt, 2),
      grams: rounded(totals.grams, 2),
    },
    leavening: {
      acidMeq: rounded(ledger.acidMeq),
      sodaMeq: rounded(ledger.sodaMeq),
      neutralisedSodaGrams: rounded(ledger.neutralisedSodaGrams),
      leftoverSodaGrams: rounded(ledger.leftoverSodaGrams),
      leftoverAcidMeq: rounded(ledger.leftoverAcidMeq),
      co2GramsPer100gFlour: rounded(ledger.gas.gramsPer100gFlour),
      co2ByPhaseMillimoles: Object.fromEntries(
        Object.entries(ledger.gas.byPhase).map(([phase, millimoles]) => [phase, rounded(millimoles)]),
      ),
      crumbPh: {
        low: rounded(ledger.crumbPh.low, 2),
        likely: rounded(ledger.crumbPh.likely, 2),
        high: rounded(ledger.crumbPh.high, 2),
      },
    },
    co2Phases: Object.fromEntries(
      Object.entries(ledger.gas.byPhase).map(([phase, millimoles]) => [
        phase,
        ledger.gas.millimoles > 0 ? rounded(millimoles / ledger.gas.millimoles) : 0,
      ]),
    ),
    waitMinutes: minutes(waiting.adviceMinutes),
    waitMinutesMost: minutes(waiting.mostMinutes),
    portions: { count: rounded(portions.count, 1), of: portions.of, said: portions.said },
    sodiumMgPerPortion: rounded(nutrition.perPortion.sodium.likely, 0),
    verdicts: verdictsAsJson(audit.verdicts, style, formula.region),
    problems,
    findings: findingsAsJson(input, foreseen(input)),
  });
}

/** What the heat model says of the written time. */
function foreseen({ formula, audit, around }: ReadInput): readonly Finding[] {
  const job = writtenBakeJob({ formula, audit, kitchen: around.kitchen });
  return job ? bakeFindings(formula, runBakeJob(job), audit) : [];
}
