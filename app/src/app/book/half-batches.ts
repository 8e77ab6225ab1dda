import { Injectable, computed, inject } from '@angular/core';
import { readTrials } from '@orvin/core/book/comparing';
import { HALF_WISHES } from '@orvin/core/book/known';
import type { BakeRecord, Half, HalfBaked } from '@orvin/core/book/records';
import { dateShifted } from '@orvin/core/day/dates';
import { halfChoiceInWords } from '@orvin/core/words/book-words';
import { dateOf } from '../parts/wall-clock';
import { BookStore } from '../store/book-store';
import { PlanStore } from '../store/plan-store';
import type { StoredFormula, StoredPlan } from '../store/records';

const AFTERNOON = 'T15:00';

/** One thing changed in one half of a bowl: planned as two batches of one day, and read when both halves are recorded. */
@Injectable({ providedIn: 'root' })
export class HalfBatches {
  private readonly book = inject(BookStore);
  private readonly plans = inject(PlanStore);

  /** What half batches have told so far. */
  readonly trials = computed(() => readTrials(this.book.bakes().map(({ record }) => record)));

  /** Two halves in the Day, tomorrow afternoon: one as it is, one with the change. */
  plan({ id: formulaId, formula }: StoredFormula, change: string): StoredPlan {
    const date = dateShifted(dateOf(Date.now()), 1);
    const half = (of: Half) => ({
      id: HALF_WISHES[of],
      formulaId,
      title: `${formula.title}, ${halfChoiceInWords(of)}`,
      amount: '0.5 times',
      due: `${date}${AFTERNOON}`,
      served: 'fresh' as const,
      batch: { targets: [{ kind: 'times' as const, times: 0.5 }] },
    });
    return this.plans.add(date, Intl.DateTimeFormat().resolvedOptions().timeZone, {
      name: $localize`One change: ${change}`,
      trial: { change },
      wishes: [half('as-it-is'), half('changed')],
    });
  }

  /** The day of two half batches that a bake may be one of: the latest of its formula that lacks one; its own, where it says. */
  trialOf({ formulaId, half }: BakeRecord): { readonly id: string; readonly change: string } | undefined {
    if (half) return { id: half.trial, change: half.change ?? '' };
    const lacks = (id: string) => new Set(this.book.bakes().flatMap(({ record }) => record.half?.trial === id ? [record.half.of] : [])).size < 2; // prettier-ignore
    const plan = this.plans
      .plans()
      .filter(({ id, sheet }) => sheet.trial && sheet.wishes.some((wish) => wish.formulaId === formulaId) && lacks(id))
      .sort((a, b) => b.sheet.date.localeCompare(a.sheet.date))[0];
    return plan?.sheet.trial && { id: plan.id, change: plan.sheet.trial.change };
  }
  /** A half as it is recorded. */
  halfOf(record: BakeRecord, of: Half): HalfBaked | undefined {
    const trial = this.trialOf(record);
    return trial && { trial: trial.id, of, ...(trial.change !== '' && { change: trial.change }) };
  }
}
