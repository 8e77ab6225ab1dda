import { Injectable, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { timeFactor } from '@orvin/core/along/baking';
import { isCutThin, withBatter } from '@orvin/core/batch/bake-jobs';
import type { ForeseenTime } from '@orvin/core/batch/snapshots';
import { isSame } from '@orvin/core/ground/records';
import type { BakeJob, BakePrediction } from '@orvin/core/oven/baking';
import { BakeForesight } from '../work/foresight';
import { ThisBaking } from './this-baking';

/** Less batter more or less moves no time. */
const WORTH_SAYING = 0.008;

/**
 * The bake of a set of pans with as much batter as there really is. What was set down stands until the batter differs; then it is baked
 * again by the simulation, and until that is here its minutes are stretched by a rule.
 */
@Injectable()
export class RealBake {
  private readonly baking = inject(ThisBaking);
  readonly portion = signal(0);

  private readonly setDown = computed(() => this.baking.baking()?.snapshot.portions[this.portion()]);
  private readonly factor = computed(() => {
    const factor = this.baking.batter();
    return Math.abs(factor - 1) < WORTH_SAYING ? 1 : factor;
  });
  /** A record that is read back from the disk is another object and the same bake. */
  readonly job = computed<BakeJob | undefined>(
    () => {
      const [job, factor] = [this.setDown()?.job, this.factor()];
      return job && withBatter(job, factor);
    },
    { equal: isSame },
  );
  private readonly foresight = toSignal(inject(BakeForesight).foresee(toObservable(this.job)));
  /** With its pictures and its clock; undefined until it is worked out, and for what never sets. */
  readonly prediction = computed<BakePrediction | undefined>(() => {
    const found = this.foresight();
    return found?.state === 'ready' && found.job === this.job() && found.result.kind === 'foreseen'
      ? found.result.bake
      : undefined;
  });
  readonly foreseen = computed<ForeseenTime | undefined>(() => {
    const setDown = this.setDown();
    const foreseen = setDown?.foreseen;
    const factor = this.factor();
    if (!foreseen || factor === 1) return foreseen;
    const again = this.prediction();
    if (again) return { ...foreseen, minutes: again.minutes, spread: again.spread };
    const longer = isCutThin(setDown.job.pans.pan) ? 1 : timeFactor(factor);
    const { first, low, likely, high } = foreseen.minutes;
    return {
      ...foreseen,
      minutes: { first: Math.floor(first * longer), low: low * longer, likely: likely * longer, high: high * longer },
    };
  });
}
