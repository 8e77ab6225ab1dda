import { Injectable, computed, inject, signal } from '@angular/core';
import { OnBench } from '../work/on-bench';
import type { NextActOffer } from './next-act';

/** Keeping the formula at hand as a version: the same act from every station. */
@Injectable({ providedIn: 'root' })
export class Keeping {
  private readonly onBench = inject(OnBench);
  /** Whether the question for name and reason is open. */
  readonly open = signal(false);
  /** The act itself, while there is something to keep. */
  readonly offer = computed<NextActOffer | undefined>(() =>
    this.onBench.unkept()
      ? {
          label: $localize`Keep version ${(this.onBench.lastVersion()?.number ?? 0) + 1}`,
          run: () => this.open.set(true),
        }
      : undefined,
  );
}
