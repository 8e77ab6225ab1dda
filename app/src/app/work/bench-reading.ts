import { Injectable, computed, inject } from '@angular/core';
import { OnBench } from './on-bench';
import { Readings } from './readings';

/** What the formula on the bench means. */
@Injectable({ providedIn: 'root' })
export class BenchReading {
  private readonly onBench = inject(OnBench);
  private readonly readings = inject(Readings);

  readonly audit = computed(() => {
    const record = this.onBench.record();
    return record && this.readings.of(record.formula);
  });
}
