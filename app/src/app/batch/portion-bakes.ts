import { Injectable, computed, inject, type Signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import type { Audit } from '@orvin/core/bench/audit';
import { bakeJob, type BakeJob, type BakePrediction } from '@orvin/core/oven/baking';
import type { Formula } from '@orvin/core/formula/formula';
import type { Portion } from '@orvin/core/batch/batch';
import { BakeForesight } from '../work/foresight';

const USUAL_CELSIUS = 175;

/** A formula with its pans filled. */
export interface Filled {
  readonly formula: Formula;
  readonly audit: Audit;
  readonly portions: readonly Portion[];
}

/** Set point where the formula says none: the style's. */
export const usualCelsius = ({ style }: Audit): number => style?.ovenCelsius.typical ?? USUAL_CELSIUS;

/** The bake of each portion. */
export const portionJobs = ({ formula, audit, portions }: Filled): readonly BakeJob[] =>
  portions.map(({ set, fill }) =>
    bakeJob(
      {
        parts: audit.weighed.batter,
        styleId: audit.style?.id,
        usualCelsius: usualCelsius(audit),
        known: formula.bake,
      },
      { pans: set, grams: fill.gramsPerPan * set.count },
    ),
  );

/** Foresees the bakes of portions, in their order; what is not known yet, or cannot be, is undefined. */
@Injectable()
export class PortionBakes {
  private readonly foresight = inject(BakeForesight);

  of(filled: Signal<Filled | undefined>): Signal<readonly (BakePrediction | undefined)[]> {
    const jobs = computed(() => {
      const now = filled();
      return now ? portionJobs(now) : [];
    });
    const foreseen = toSignal(this.foresight.foreseeAll(toObservable(jobs)), { initialValue: [] });
    return computed(() =>
      jobs().map((job, i) => {
        const found = foreseen()[i];
        // the answer to an older question is none
        const current = found?.state === 'ready' && JSON.stringify(found.job) === JSON.stringify(job);
        return current && found.result.kind === 'foreseen' ? found.result.bake : undefined;
      }),
    );
  }
}
