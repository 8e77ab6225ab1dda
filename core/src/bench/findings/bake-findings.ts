import type { PredictionResult } from '../../oven/baking/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { Audit } from '../audit/index.js';
import type { Finding } from './finding.js';

/* Whether the written time can be: the one finding that needs a simulation, so that it is asked for apart and runs in a worker. Which bake
 * that is says `writtenBakeJob` of the topic `bakes`. */

/** One bake in about forty lies further from the model's middle than this. */
const IMPLAUSIBLE_SPREADS = 2.2;

/**
 * Some are baked on long after they are set, so that they keep, or for a dark crumb and a soft crust: so many times the model's middle are
 * nothing unusual. By style.
 */
const BAKED_ON: Readonly<Record<string, number>> = { dark_fruit_cake: 1.7, light_fruit_cake: 1.3, gingerbread: 1.5 };

/**
 * What the heat model says of the written time.
 * @param audit what the formula is: of what no style is meant for nothing is said
 */
export function bakeFindings(
  formula: Formula,
  result: PredictionResult,
  audit: Pick<Audit, 'style' | 'beyond'> | undefined,
): readonly Finding[] {
  if (audit?.beyond !== undefined) return [];
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
  const longest = minutes.likely * (BAKED_ON[audit?.style?.basedOn ?? ''] ?? 1);
  if (lowMinutes <= longest && highMinutes >= minutes.likely) return [];
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
