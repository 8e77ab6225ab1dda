import type { PredictionResult } from '../../oven/baking/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { Finding } from './finding.js';

/* Whether the written time can be: the one finding that needs a simulation, so that it is asked for apart and runs in a worker. Which bake
 * that is says `writtenBakeJob` of the topic `bakes`. */

/** One bake in about forty lies further from the model's middle than this. */
const IMPLAUSIBLE_SPREADS = 2.2;

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
