import { listed } from '@orvin/core/words/figures';
import { readTargets, type TargetsRead } from '@orvin/core/batch/targets';
import { limitInWords } from '@orvin/core/words/wording';
import { EMPTY_BATCH, type BatchSettings, type BatchTarget } from '@orvin/core/batch/plan';
import { Injectable, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import { ovenWithPortion } from '@orvin/core/batch/bakes';
import { targetInWords } from '@orvin/core/words/batch-words';
import { DomainError } from '@orvin/core/ground/errors';
import { batchOf, type Batch } from '@orvin/core/batch/batch';
import { withoutUndefined } from '@orvin/core/ground/records';
import { FormulaStore } from '../store/formula-store';
import { Bakes } from '../work/bakes';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';

type Change = { readonly [K in keyof BatchSettings]?: BatchSettings[K] | undefined };

/** What is decided for the batch: read from the record, written as edits; and all that follows from it. */
@Injectable()
export class ThisBatch {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);
  private readonly router = inject(Router);

  readonly bake = inject(Bakes).atHand;
  readonly sheet = computed<BatchSettings>(() => this.bake()?.order.batch ?? EMPTY_BATCH);
  private readonly context = computed(() => {
    const record = this.onBench.record();
    const audit = this.reading.audit();
    return record && audit ? { formula: record.formula, audit, kitchen: this.store.kitchen() } : undefined;
  });
  private readonly worked = computed<{ readonly batch?: Batch; readonly refused?: string }>(() => {
    const bake = this.bake();
    if (!bake || !(bake.audit.totals.grams > 0)) return {};
    try {
      return { batch: batchOf(bake) };
    } catch (error) {
      if (error instanceof DomainError) return { refused: limitInWords(error) };
      throw error;
    }
  });
  readonly batch = computed(() => this.worked().batch);
  readonly refused = computed(() => this.worked().refused);
  /** The targets as a sentence that reads back as itself. */
  readonly said = computed(() => listed(this.sheet().targets.map(targetInWords)));

  read(text: string): TargetsRead {
    const context = this.context();
    return context ? readTargets(text, context) : { targets: [], faults: [] };
  }

  /** Brings a portion to the Oven, in its pans. */
  toOven(at: number): void {
    const [id, bake] = [this.onBench.id(), this.bake()];
    if (id === undefined || !bake) return;
    this.store.change(id, $localize`the pan`, () => ({ oven: ovenWithPortion(bake, at) }));
    void this.router.navigate(['/oven', id]);
  }

  /** A name for a field of this formula's batch, for what is typed into it and not yet confirmed. */
  field(name: string): string {
    return `batch ${this.onBench.id() ?? ''} ${name}`;
  }

  set(label: string, change: Change, mergeAs?: string): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.change(
      id,
      label,
      () => ({
        batch: withoutUndefined<BatchSettings>({ ...this.sheet(), ...change }),
      }),
      mergeAs,
    );
  }

  setTargets(label: string, targets: readonly BatchTarget[]): void {
    // amounts traded by hand were traded for another size
    this.set(label, { targets, held: undefined, largeIsMeant: undefined });
  }

  changeTarget(at: number, target: BatchTarget, mergeAs?: string): void {
    const targets = this.sheet().targets.map((batchTarget, i) => (i === at ? target : batchTarget));
    this.set($localize`the batch`, { targets, held: undefined }, mergeAs);
  }
}
