import { Injectable, computed, inject } from '@angular/core';
import { outlookOf } from '@orvin/core/bench/outlook';
import { USUAL_PLACE } from '@orvin/core/kitchen/kitchen';
import { FormulaStore } from '../store/formula-store';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';

/** What follows from the formula at hand beyond its bands, worked out when a reading asks. */
@Injectable()
export class BatterOutlook {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);

  readonly audit = this.reading.audit;
  readonly judged = computed(() => {
    const record = this.onBench.record();
    const audit = this.reading.audit();
    return record && audit && outlookOf(record.formula, audit, this.store.kitchen());
  });
  readonly place = computed(() => this.store.kitchen().place ?? USUAL_PLACE);
}
