import { bisect } from '../../ground/numerics/index.js';
import type { Ledger, Phase } from '../leavening/index.js';
import { behaviourOf, type Viscosity } from './batter-behaviour.js';

/** What a mixed batter has left to rise with after waiting. The order of batters is sound; the minutes may be off by two either way. */
export interface Waiting {
  /** Minutes until a tenth of the usable gas is lost: wait no longer if it can be helped. Infinity when it never is. */
  readonly adviceMinutes: number;
  /** Minutes until a fifth is lost. */
  readonly mostMinutes: number;
  /** Usable gas after so many minutes, share of what there is at once: 1 … 0. */
  usableShare(minutes: number): number;
  /** Usable gas when the batter goes in at once, mmol. */
  readonly usableMillimoles: number;
}

/** Gas that leaves a minute at 22 °C, and the share of the mixing gas that mixing itself loses. ×/÷ 2 and ± 10 points. @source leavening.md 1.6 */
const HOLDING: Readonly<Record<Viscosity, { readonly lossPerMinute: number; readonly lostInMixing: number }>> = {
  thin: { lossPerMinute: 0.05, lostInMixing: 0.35 },
  medium: { lossPerMinute: 0.018, lostInMixing: 0.25 },
  thick: { lossPerMinute: 0.005, lostInMixing: 0.15 },
};
/** Reaction on the bench and creep of the oven's gas, 1/min at 22 °C. ×/÷ 2 */
const BENCH_REACTION = 0.1;
const CREEP = 0.003;
const REFERENCE_CELSIUS = 22;
/** Below this the batter stiffens and holds a little better. */
const STIFF_BELOW_CELSIUS = 15;
const STIFF_HOLDS = 0.8;
export const LONGEST_WAIT_MINUTES = 600;
const ADVICE = 0.9;
const WARN = 0.8;

/**
 * Usable gas of a batter that waits: what mixing set free leaks away, what the bench frees joins it, what the oven will free creeps.
 * @param byPhase millimoles by phase, of the ledger
 * @param celsius of the batter; 2–40
 * @source leavening.md 1.3; rates double every 10 °C
 */
export function waitingOf(
  byPhase: Readonly<Record<Phase, number>>,
  viscosity: Viscosity,
  celsius = REFERENCE_CELSIUS,
): Waiting {
  const pace = 2 ** ((celsius - REFERENCE_CELSIUS) / 10);
  const { lossPerMinute, lostInMixing } = HOLDING[viscosity];
  const loss = lossPerMinute * pace * (celsius < STIFF_BELOW_CELSIUS ? STIFF_HOLDS : 1);
  const bench = BENCH_REACTION * pace;
  const creep = CREEP * pace;
  const held = byPhase.mixing * (1 - lostInMixing);
  /** Gas that a pool frees at a rate and the batter loses at another, still there after t minutes. */
  const freed = (pool: number, rate: number, t: number) =>
    Math.abs(rate - loss) < 1e-9
      ? pool * rate * t * Math.exp(-loss * t)
      : ((pool * rate) / (rate - loss)) * (Math.exp(-loss * t) - Math.exp(-rate * t));
  const usable = (t: number) =>
    held * Math.exp(-loss * t) +
    byPhase.waiting * Math.exp(-bench * t) +
    freed(byPhase.waiting, bench, t) +
    byPhase.under60 * Math.exp(-creep * t) +
    freed(byPhase.under60, creep, t) +
    byPhase.to80 +
    byPhase.above80;
  const atOnce = usable(0);
  const until = (share: number) => {
    if (atOnce <= 0 || usable(LONGEST_WAIT_MINUTES) > share * atOnce) return Infinity;
    return bisect((t) => usable(t) - share * atOnce, 0, LONGEST_WAIT_MINUTES, 0.01).x;
  };
  return {
    adviceMinutes: until(ADVICE),
    mostMinutes: until(WARN),
    usableShare: (minutes) => (atOnce > 0 ? usable(minutes) / atOnce : 1),
    usableMillimoles: atOnce,
  };
}

/** How a batter of this style waits. @param celsius of the batter; the usual room where not said */
export const waitingOfStyle = ({ gas }: Pick<Ledger, 'gas'>, styleId: string | undefined, celsius?: number): Waiting =>
  waitingOf(gas.byPhase, behaviourOf(styleId).viscosity, celsius);
