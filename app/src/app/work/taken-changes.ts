import { LOCALE } from '@orvin/core/ground/language';
import { Injectable, inject } from '@angular/core';
import type { NextTime } from '@orvin/core/book/diagnosing';
import type { Formula } from '@orvin/core/formula/formula';
import { isSame } from '@orvin/core/ground/records';
import { faultName, nextTimeInWords, reasonForChange } from '@orvin/core/words/why-words';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import type { StoredVersion } from '../store/records';
import type { KnownOf } from './whys';

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long' });

/** A formula with a change made: its lines where the change is one of lines, else a note of what to do. */
function changedFormula({ formula, cause, ...figures }: NextTime, before: Formula): Formula {
  if (formula) return formula;
  const { figure, words } = nextTimeInWords({ cause, ...figures, moved: [] }, before.region);
  const note = $localize`Next time: ${[figure, words].filter((part) => part !== '').join('. ')}`;
  return { ...before, notes: [...(before.notes ?? []).filter((each) => each !== note), note] };
}

/** Keeps a change as a version, and notes on the bake that it was made because of it: one act, one undo. */
@Injectable({ providedIn: 'root' })
export class TakenChanges {
  private readonly formulas = inject(FormulaStore);
  private readonly book = inject(BookStore);

  /** Whether what stands was changed since the version that it grew from: it is kept first, so that nothing is lost. */
  private isUnkept(id: string): boolean {
    const [base, stored] = [this.formulas.baseOf(id), this.formulas.formula(id)];
    return !base || !stored || !isSame([base.formula, base.oven], [stored.formula, stored.oven]);
  }
  /** The number that a change kept now would have. */
  nextNumber(id: string): number {
    return (this.formulas.versionsOf(id)[0]?.number ?? 0) + (this.isUnkept(id) ? 2 : 1);
  }
  asVersion(change: NextTime, of: KnownOf, faults: readonly string[], bakeId?: string): StoredVersion | undefined {
    const id = of.formulaId;
    const stored = id === undefined ? undefined : this.formulas.formula(id);
    if (id === undefined || !stored) return undefined;
    const { figure, words } = nextTimeInWords(change, stored.formula.region);
    const names = faults.map(faultName);
    const why = figure === '' ? words.replace(/\.$/, '') : figure;
    const reason = reasonForChange(why, names, of.record && DAY.format(of.record.at));
    let version: StoredVersion | undefined;
    this.formulas.together(reason, () => {
      if (this.isUnkept(id)) this.formulas.keep(id, $localize`before: ${reason}`);
      this.formulas.change(id, reason, ({ formula }) => ({ formula: changedFormula(change, formula) }));
      version = this.formulas.keep(id, reason);
      if (bakeId !== undefined && version) {
        const { number } = version;
        this.book.change(bakeId, reason, (record) => ({ ...record, tried: { cause: change.cause.id, versionNumber: number } })); // prettier-ignore
      }
    });
    return version;
  }
}
