import { Injectable, computed, inject } from '@angular/core';
import type { Audit } from '@orvin/core/bench/audit';
import { styleBook, type Style } from '@orvin/core/batter/balance';
import {
  factsOfFormula,
  factsOfRecord,
  kitchenOdds,
  nextTime,
  signalsOf,
  triedChanges,
  USUAL_STYLE_ID,
  type BakeFacts,
  type NextTime,
  type Signals,
} from '@orvin/core/book/diagnosing';
import type { BakeRecord } from '@orvin/core/book/records';
import type { Formula } from '@orvin/core/formula/formula';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { Learning } from './learning';
import { Readings } from './readings';

/** A bake, or a formula not yet baked, with everything that is known of it as evidence. */
export interface KnownOf {
  readonly record: BakeRecord | undefined;
  readonly formulaId: string | undefined;
  readonly formula: Formula | undefined;
  readonly audit: Audit | undefined;
  readonly style: Style;
  readonly facts: BakeFacts;
  readonly signals: Signals;
}
const newId = () => crypto.randomUUID();

/** What is known of bakes before anybody is asked why: for the Book, for the Bench, and for the oven's step. */
@Injectable({ providedIn: 'root' })
export class Whys {
  private readonly book = inject(BookStore);
  private readonly formulas = inject(FormulaStore);
  private readonly learning = inject(Learning);
  private readonly readings = inject(Readings);

  /** With what was learned. */
  readonly kitchen = this.learning.kitchen;

  /** Changes that have their next bake, and what they say of this kitchen. */
  readonly tried = computed(() => triedChanges(this.book.bakes()));
  readonly odds = computed(() => kitchenOdds(this.tried()));

  /** The formula that a bake was made by: the version where it is known, else as it stands. */
  private formulaOf({ formulaId, versionNumber }: BakeRecord): Formula | undefined {
    if (formulaId === undefined) return undefined;
    const version = this.formulas.versionsOf(formulaId).find(({ number }) => number === versionNumber);
    return version?.formula ?? this.formulas.formula(formulaId)?.formula;
  }
  ofBake(record: BakeRecord, styleId?: string): KnownOf | undefined {
    return this.known(record, record.formulaId, this.formulaOf(record), styleId);
  }
  /** @param more what is known of the bake under way */
  ofFormula(id: string, more: BakeFacts = {}): KnownOf | undefined {
    const formula = this.formulas.formula(id)?.formula;
    return formula && this.known(undefined, id, formula, USUAL_STYLE_ID, more);
  }
  private known(
    record: BakeRecord | undefined,
    formulaId: string | undefined,
    formula: Formula | undefined,
    styleId = USUAL_STYLE_ID,
    more: BakeFacts = {},
  ): KnownOf | undefined {
    const kitchen = this.learning.kitchen();
    const audit = formula && this.readings.of(formula);
    const style = audit?.style ?? styleBook(kitchen.styles).byId(styleId);
    if (!style) return undefined;
    const facts = {
      ...(audit && factsOfFormula(audit, kitchen)),
      ...(record && factsOfRecord(record, kitchen, formula)),
      ...more,
    };
    return { record, formulaId, formula, audit, style, facts, signals: signalsOf(facts, style) };
  }
  /** The change for a cause, in the formula as it stands now. */
  change(cause: string, { record, facts, formulaId }: KnownOf): NextTime | undefined {
    const formula = formulaId === undefined ? undefined : this.formulas.formula(formulaId)?.formula;
    const bake = { facts, ...(record && { celsius: record.celsius, outMinutes: record.outMinutes }) };
    return nextTime(cause, formula ?? NO_FORMULA, this.readings.around(), newId, bake);
  }
}
/** What a change is worked out in where there is no formula: then it has figures and words only. */
const NO_FORMULA: Formula = { title: '', region: 'UK', components: [], steps: [], bake: { fan: false } };
