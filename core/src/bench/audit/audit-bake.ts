import { bakeJob, knownPansOf, type BakeJob, type PredictionResult } from '../../oven/baking/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { Audit } from './audit-formula.js';
import type { Finding } from './finding.js';

/* Whether the written time can be: the one finding that needs a simulation, so that it is asked for apart and runs in a worker. */

/** One bake in about forty lies further from the model's middle than this. */
const IMPLAUSIBLE_SPREADS = 2.2;
const USUAL_CELSIUS = 175;

/** The written bake as the heat model sees it, leaning on nothing; undefined where no time or no pan with a size is written. */
export function writtenBakeJob(
  formula: Formula,
  audit: Pick<Audit, 'weighed' | 'style' | 'totals'>,
): BakeJob | undefined {
  const known = knownPansOf(formula.bake);
  const { celsius, lowMinutes, stages } = formula.bake;
  if (audit.weighed.flourBasis?.assumed === true) return undefined;
  if (!known || lowMinutes === undefined || celsius === undefined || stages || !(audit.totals.grams > 0))
    return undefined;
  const { batter, pans, setting } = bakeJob(
    {
      parts: audit.weighed.batter,
      styleId: audit.style?.id,
      usualCelsius: audit.style?.ovenCelsius.typical ?? USUAL_CELSIUS,
      known: formula.bake,
    },
    { pans: known.pans },
  );
  return { batter, pans, setting };
}

/** What the heat model says of the written time. */
export function bakeFindings(formula: Formula, result: PredictionResult): readonly Finding[] {
  const { lowMinutes, highMinutes = lowMinutes, celsius = 0 } = formula.bake;
  if (lowMinutes === undefined || highMinutes === undefined) return [];
  const written = { low: lowMinutes, high: highMinutes, celsius };
  if (result.kind === 'never-done')
    return [
      {
        code: 'bake-never-done',
        severity: 'warning',
        place: '',
        facts: { ...written, longest: result.longestMinutes },
      },
    ];
  if (result.kind === 'past-the-end') return [];
  const { minutes, spread } = result.bake;
  const nearest = Math.min(highMinutes, Math.max(lowMinutes, minutes.likely));
  if (Math.abs(Math.log(nearest / minutes.likely)) <= IMPLAUSIBLE_SPREADS * spread) return [];
  return [
    {
      code: 'bake-time-implausible',
      severity: 'warning',
      place: '',
      facts: { ...written, modelLow: Math.round(minutes.low), modelHigh: Math.round(minutes.high) },
    },
  ];
}
