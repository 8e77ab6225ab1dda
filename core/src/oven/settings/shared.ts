import { costsOf, type SettingCost } from './setting.js';
import { sweptAt, SWEEP_CELSIUS, type SweepPoint } from '../sweeps/index.js';

/** One of two bakes that share an oven. */
export interface Sharer {
  readonly sweep: readonly SweepPoint[];
  /** The set point it would have alone. */
  readonly celsius: number;
}
export interface SharedOven {
  readonly celsius: number;
  readonly bakes: readonly {
    readonly point: SweepPoint;
    readonly alone: SweepPoint;
    readonly costs: readonly SettingCost[];
    /** Minutes after the first went in that this one goes in, so that both come out together. */
    readonly goesInAfter: number;
  }[];
  /** Too far from what either wants: better one after the other. */
  readonly verdict: 'together' | 'one-after-the-other';
}

/** Colour index by which a crust may miss what it would have alone. */
const MAY_MISS = 0.25;

/** The one set point that two bakes can share with the least harm to either crust, each with what it costs. */
export function sharedSetting(sharers: readonly Sharer[]): SharedOven | undefined {
  const alone = sharers.map(({ sweep, celsius }) => sweptAt(sweep, celsius));
  const candidates = SWEEP_CELSIUS.map((celsius) => {
    const points = sharers.map(({ sweep }) => sweptAt(sweep, celsius));
    const harm = points.reduce((sum, point, i) => {
      const sweepPoint = alone[i];
      if (!point?.minutes || !sweepPoint) return Infinity;
      return (
        sum +
        (point.topColour - sweepPoint.topColour) ** 2 +
        (2 * Math.max(0, point.massLost - sweepPoint.massLost)) ** 2
      );
    }, 0);
    return { celsius, points, harm };
  });
  const best = candidates.reduce((a, b) => (b.harm < a.harm ? b : a));
  if (!Number.isFinite(best.harm)) return undefined;
  const longest = Math.max(...best.points.map((point) => point?.minutes ?? 0));
  const bakes = best.points.flatMap((point, i) => {
    const byItself = alone[i];
    return point && byItself
      ? [{ point, alone: byItself, costs: costsOf(point, byItself), goesInAfter: longest - (point.minutes ?? longest) }]
      : [];
  });
  const misses = bakes.some(({ point, alone: ownPoint }) => Math.abs(point.topColour - ownPoint.topColour) > MAY_MISS);
  return { celsius: best.celsius, bakes, verdict: misses ? 'one-after-the-other' : 'together' };
}
