import type { BakeSpec } from '../../oven/baking/index.js';
import { LiveBake, type LiveEstimate, type LiveModel, type LiveOptions } from './index.js';
import { simulatedTruth, type Fault, type Truth } from './simulated-truth.spec-help.js';

export interface Measured {
  readonly truth: Truth;
  /** At each share of the way asked for. */
  readonly at: readonly LiveEstimate[];
  readonly milliseconds: readonly number[];
  readonly last: LiveEstimate;
}

/** One simulated bake followed by the estimator, asked at shares of its way. */
export function follow(
  spec: BakeSpec,
  model: LiveModel,
  seed: number,
  shares: readonly number[],
  { fault = 'none', told = false, options = {} }: { readonly fault?: Fault; readonly told?: boolean; readonly options?: LiveOptions } = {},
): Measured {
  const truth = simulatedTruth(spec, seed, model.nominal.doneMinute, fault);
  const live = new LiveBake(model, { leastHalfWidth: 0, ...options });
  const milliseconds: number[] = [];
  const at: LiveEstimate[] = [];
  let next = 1;
  let last: LiveEstimate | undefined;
  let toldYet = !told;
  let relearned = false;
  for (const { minute, probe, air, setPoint } of truth.samples) {
    if (!toldYet && minute >= truth.faultAt) {
      live.probeMoved();
      toldYet = true;
    }
    live.readAir(minute, air, setPoint);
    live.readCore(minute, probe);
    const share = shares[at.length];
    const due = share !== undefined && minute >= share * truth.done;
    if (minute < next && !due) continue;
    const began = performance.now();
    last = live.estimate(minute);
    milliseconds.push(performance.now() - began);
    next = minute + Math.max(1, model.nominal.doneMinute / 30);
    if (!relearned && fault === 'power' && last.alarms.some(({ code }) => code === 'oven-off') && minute > truth.faultAt + 14) {
      relearned = live.learnFromAir();
      last = live.estimate(minute);
    }
    if (due) at.push(last);
  }
  if (!last) throw new Error('nothing was read');
  return { truth, at, milliseconds, last };
} // prettier-ignore
