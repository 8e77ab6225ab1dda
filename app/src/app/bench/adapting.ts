import { Injectable, inject } from '@angular/core';
import type { Formula } from '@orvin/core/formula/formula';
import { FormulaStore } from '../store/formula-store';
import { Toasts } from '../parts/toasts';
import { OnBench } from '../work/on-bench';

const newId = () => crypto.randomUUID();

/** Takes a proposal into the formula at hand: as an edit that can be undone, or straight into a new version. */
@Injectable()
export class Adapting {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly toasts = inject(Toasts);
  readonly newId = newId;

  /** One edit; the version is the baker's to keep. */
  take(label: string, next: (formula: Formula) => Formula, words: string): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.change(id, label, ({ formula }) => ({ formula: next(formula) }));
    this.toasts.show(words, $localize`Keep it as a version when it is right.`, {
      label: $localize`Undo`,
      run: () => this.store.undo(),
    });
  }

  /** What changed meanwhile is kept first, so that nothing is lost; then the change is kept as a version with its reason. */
  takeAsVersion(reason: string, next: (formula: Formula) => Formula): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.together(reason, () => {
      if (this.onBench.unkept()) this.store.keep(id, $localize`before: ${reason}`);
      this.store.change(id, reason, ({ formula }) => ({ formula: next(formula) }));
      this.store.keep(id, reason);
    });
    const version = this.store.versionsOf(id)[0];
    this.toasts.show(
      version ? $localize`Version ${version.number} is kept: ${reason}.` : reason,
      $localize`The one before stays as it was, under Versions.`,
      { label: $localize`Undo`, run: () => this.store.undo() },
    );
  }
}
