import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import type { Formula } from '@orvin/core/formula/formula';
import type { Kitchen } from '@orvin/core/kitchen/kitchen';
import { FormulaStore } from '../store/formula-store';
import { takenFrom } from '../store/taken-from';
import type { StoredFormula } from '../store/records';
import type { ShelfFacts } from '../work/shelf-jobs';
import { Work } from '../work/work-client';

interface Known {
  readonly kitchen: Kitchen;
  /** The shelf it was read beside, where its lines take from other formulas. */
  readonly beside: unknown;
  /** Undefined while it is being read. */
  readonly facts: ShelfFacts | undefined;
}
/** So many are read at once: the first rows are told while the others are read. */
const READ_AT_ONCE = 6;
const NOT_READ: ShelfFacts = {
  style: '',
  fingerprint: [],
  standing: { severity: 'warning', text: $localize`could not be read just now` },
};

/** What the rows of the Shelf say of their formulas, read beside the page, once for each state of a formula and of the kitchen. */
@Injectable({ providedIn: 'root' })
export class FactsOfTheShelf {
  private readonly store = inject(FormulaStore);
  private readonly work = inject(Work);
  private readonly known = new WeakMap<Formula, Known>();
  private readonly arrived = signal(0);

  /** What is known of a formula as it stands; undefined until it is read. */
  of({ formula }: StoredFormula): ShelfFacts | undefined {
    this.arrived();
    return this.knownNow(formula)?.facts;
  }

  /** Reads what is not known yet of these records, whenever they change. In an injection context. */
  readsAlong(records: () => readonly StoredFormula[]): void {
    const wanted = computed(() => records().map(({ formula }) => formula));
    effect(() => {
      this.store.kitchen();
      const formulas = wanted();
      untracked(() => this.read(formulas.filter((formula) => this.knownNow(formula) === undefined)));
    });
  }

  private knownNow(formula: Formula): Known | undefined {
    const known = this.known.get(formula);
    return known?.kitchen === this.store.kitchen() && known.beside === this.beside(formula) ? known : undefined;
  }

  private beside(formula: Formula): unknown {
    return takenFrom(formula).length > 0 ? this.store.formulas() : undefined;
  }

  private read(formulas: readonly Formula[]): void {
    for (let from = 0; from < formulas.length; from += READ_AT_ONCE)
      void this.readSome(formulas.slice(from, from + READ_AT_ONCE));
  }

  private async readSome(formulas: readonly Formula[]): Promise<void> {
    const kitchen = this.store.kitchen();
    const asked = formulas.map((formula): Known => ({ kitchen, beside: this.beside(formula), facts: undefined }));
    formulas.forEach((formula, i) => asked[i] && this.known.set(formula, asked[i]));
    const beside = [...new Set(formulas.flatMap(takenFrom))].flatMap((id) => {
      const formula = this.store.formula(id)?.formula;
      return formula ? [{ id, formula }] : [];
    });
    const answers = await this.work.run('shelf-facts', { formulas, kitchen, beside }).catch(() => []);
    formulas.forEach((formula, i) => {
      const known = asked[i];
      // asked again in the meantime, of another kitchen: that answer is on its way
      if (known && this.known.get(formula) === known)
        this.known.set(formula, { ...known, facts: answers[i] ?? NOT_READ });
    });
    this.arrived.update((times) => times + 1);
  }
}
