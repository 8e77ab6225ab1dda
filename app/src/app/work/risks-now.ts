import { Injectable, inject } from '@angular/core';
import { risksOf, type Asked, type BakeFacts } from '@orvin/core/book/diagnosing';
import { causeName, faultName } from '@orvin/core/words/why-words';
import { capitalised } from '@orvin/core/words/figures';
import { Whys } from './whys';

export interface RiskWords {
  readonly fault: string;
  readonly name: string;
  readonly by: string;
}
/** So much likelier than in any bake is worth a line. */
const WORTH_A_LINE = 0.05;
const MOST = 3;

/** What is likelier than in any bake, and by what, as it is said. */
export const riskWords = (asked: Omit<Asked, 'faults'>, most = MOST): readonly RiskWords[] =>
  risksOf(asked)
    .filter(({ chance, usual, by }) => chance - usual > WORTH_A_LINE && by.length > 0)
    .slice(0, most)
    .map(({ fault, by }) => ({ fault, name: capitalised(faultName(fault)), by: by.slice(0, 2).map(causeName).join('; ') })); // prettier-ignore

/** What a formula that is not baked yet could go wrong by. */
@Injectable({ providedIn: 'root' })
export class RisksNow {
  private readonly whys = inject(Whys);

  of(formulaId: string, more: BakeFacts = {}, most = MOST): readonly RiskWords[] {
    const of = this.whys.ofFormula(formulaId, more);
    if (!of?.audit || of.audit.totals.flour === 0) return [];
    return riskWords({ signals: of.signals, kitchen: this.whys.odds() }, most);
  }
}
