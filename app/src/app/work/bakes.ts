import { Injectable, computed, inject, type Signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { oneBake, type OneBake } from '@orvin/core/batch/bakes';
import { EMPTY_BATCH, type BatchSettings } from '@orvin/core/batch/plan';
import type { Formula } from '@orvin/core/formula/formula';
import type { BakePrediction } from '@orvin/core/oven/baking';
import type { OvenSettings } from '@orvin/core/oven/settings';
import { BakeForesight } from './foresight';
import { Learning } from './learning';
import { OnBench } from './on-bench';
import { Readings } from './readings';

/** A formula with what was decided for it: a record, or a version with a kept batch. */
export interface Decided {
  /** Of the formula, where it is kept: whose bakes are remembered. */
  readonly id?: string;
  readonly formulaId?: string;
  readonly formula: Formula;
  readonly oven: OvenSettings;
  readonly batch?: BatchSettings | undefined;
}

/** Settings that came back damaged count as none until the store has looked them over; the next choice replaces them. */
const sound = (batch: BatchSettings | undefined): BatchSettings =>
  batch && Array.isArray(batch.targets) ? batch : EMPTY_BATCH;

/** The one bake of a formula in this kitchen, for every station that speaks of it. */
@Injectable({ providedIn: 'root' })
export class Bakes {
  private readonly learning = inject(Learning);
  private readonly onBench = inject(OnBench);
  private readonly readings = inject(Readings);
  private readonly foresight = inject(BakeForesight);

  /** The bake of the formula at hand. */
  readonly atHand = computed(() => {
    const record = this.onBench.record();
    return record && this.of(record);
  });

  of({ id, formulaId, formula, oven, batch }: Decided): OneBake {
    const recipe = formulaId ?? id;
    return oneBake({
      formula,
      audit: this.readings.of(formula),
      kitchen: this.learning.kitchen(),
      ...(recipe !== undefined && { recipe }),
      batch: sound(batch),
      oven,
    });
  }

  /** Foresees the portions of a bake, in their order; what is not known yet, or cannot be, is undefined. To be called where signals are made. */
  foreseen(bake: Signal<OneBake | undefined>): Signal<readonly (BakePrediction | undefined)[]> {
    const jobs = computed(() => bake()?.portions.map(({ job }) => job) ?? []);
    const foresights = toSignal(this.foresight.foreseeAll(toObservable(jobs)), { initialValue: [] });
    return computed(() =>
      jobs().map((job, i) => {
        const answer = foresights()[i];
        // the answer to an older question is none
        const current = answer?.state === 'ready' && JSON.stringify(answer.job) === JSON.stringify(job);
        return current && answer.result.kind === 'foreseen' ? answer.result.bake : undefined;
      }),
    );
  }
}
