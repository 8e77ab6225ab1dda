import { Injectable, computed, inject, signal } from '@angular/core';
import { isSame } from '@orvin/core/ground/records';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';

/** The formula that travels along the stations. What it means is `BenchReading`'s: the rail and the Shelf need no reader. */
@Injectable({ providedIn: 'root' })
export class OnBench {
  private readonly store = inject(FormulaStore);
  private readonly settings = inject(SettingsStore);

  private readonly chosen = signal<string | undefined>(undefined);
  /** The one at hand; on the Shelf, the one last at hand. */
  readonly id = computed(() => {
    const wanted = this.chosen() ?? this.settings.onBench();
    return wanted !== undefined && this.store.formula(wanted) ? wanted : this.store.formulas()[0]?.id;
  });
  readonly record = computed(() => {
    const id = this.id();
    return id === undefined ? undefined : this.store.formula(id);
  });
  readonly versions = computed(() => {
    const id = this.id();
    return id === undefined ? [] : this.store.versionsOf(id);
  });
  readonly lastVersion = computed(() => this.versions()[0]);
  /** The version it grew from: the last, or the one that was gone back to. */
  readonly base = computed(() => {
    const id = this.id();
    return id === undefined ? undefined : this.store.baseOf(id);
  });
  /** Whether something changed since the version it grew from. */
  readonly unkept = computed(() => {
    const record = this.record();
    const last = this.base();
    if (!record) return false;
    return last === undefined || !isSame([last.formula, last.oven], [record.formula, record.oven]);
  });

  /** Brings a formula to the bench. */
  bring(id: string): void {
    this.chosen.set(id);
    if (this.settings.onBench() !== id) this.settings.set({ onBench: id });
  }
}
