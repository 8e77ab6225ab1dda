import { Injectable } from '@angular/core';
import { auditFormula, type Audit } from '@orvin/core/audit';
import type { Formula } from '@orvin/core/formula';

/** What a formula means, worked out once for each state of it. Records are never changed in place, so identity tells. */
@Injectable({ providedIn: 'root' })
export class Readings {
  private readonly known = new WeakMap<Formula, Audit>();

  of(formula: Formula): Audit {
    let audit = this.known.get(formula);
    if (!audit) this.known.set(formula, (audit = auditFormula(formula)));
    return audit;
  }
}
