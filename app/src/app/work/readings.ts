import { Injectable, computed, inject } from '@angular/core';
import { auditSafely, type Audit } from '@orvin/core/bench/audit';
import type { Formula } from '@orvin/core/formula/formula';
import type { Kitchen } from '@orvin/core/kitchen/kitchen';
import type { Surroundings } from '@orvin/core/formula/parsing';
import { FormulaStore } from '../store/formula-store';
import { takenFrom } from '../store/taken-from';

interface Known {
  readonly kitchen: Kitchen;
  /** The shelf it was read beside, where its lines take from other formulas. */
  readonly beside: unknown;
  readonly audit: Audit;
}

/** What a formula means, worked out once for each state of it and of the kitchen. Records are never changed in place, so identity tells. */
@Injectable({ providedIn: 'root' })
export class Readings {
  private readonly store = inject(FormulaStore);
  private readonly known = new WeakMap<Formula, Known>();

  /** Whose words and measures formulas are read with, and the others that their lines may take from. */
  readonly around = computed<Surroundings>(() => ({
    kitchen: this.store.kitchen(),
    formula: (id) => this.store.formula(id)?.formula,
  }));

  of(formula: Formula): Audit {
    const around = this.around();
    const beside = takenFrom(formula).length > 0 ? this.store.formulas() : undefined;
    const known = this.known.get(formula);
    if (known?.kitchen === around.kitchen && known.beside === beside) return known.audit;
    const audit = auditSafely(formula, around);
    this.known.set(formula, { kitchen: around.kitchen, beside, audit });
    return audit;
  }
}
