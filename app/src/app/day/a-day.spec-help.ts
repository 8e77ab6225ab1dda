import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { MessageService } from 'primeng/api';
import { of } from 'rxjs';
import { planSheet, type SheetOrder } from '@orvin/core/day/planned-sheets';
import type { DaySheet } from '@orvin/core/day/sheets';
import { runBakeJob, type BakeJob, type PredictionResult } from '@orvin/core/oven/baking';
import { demoData } from '../store/demo-data';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { RecordStore } from '../store/record-store';
import { storeVisits, until } from '../store/visits.spec-help';
import { DayPlanning } from '../work/planning';
import { ThisDay } from './this-day';

const known = new Map<string, PredictionResult>();
const run = (job: BakeJob): PredictionResult => {
  const key = JSON.stringify(job);
  const result = known.get(key) ?? runBakeJob(job);
  known.set(key, result);
  return result;
};
/** Plans at once, on this thread. */
const PLANNING = {
  plan: (order: Omit<SheetOrder, 'seconds'>) =>
    of({ answer: planSheet({ ...order, seconds: 0.1 }, { run }), rounds: [], under: false }),
  loosen: () => of({ ways: [], under: false }),
};
/** Of no day on which this is run: on its own day the strip counts minutes, and afterwards the day is past. */
export const DATE = '2033-11-26';

/** A day of two of the demo's formulas, planned: its faces are rendered on it. */
export function aDay() {
  const visits = storeVisits();
  const ready = async (change: Partial<DaySheet> = {}) => {
    const store = await visits.visit([
      { provide: DayPlanning, useValue: PLANNING },
      provideRouter([]),
      MessageService,
      ThisDay,
    ]);
    const { formulas, kitchen } = demoData(1_700_000_000_000);
    TestBed.inject(RecordStore).put({
      label: '',
      changes: [
        ...formulas.map((after) => ({ table: 'formulas' as const, id: after.id, after })),
        { table: 'kitchens', id: 'kitchen', after: kitchen },
      ],
    });
    const wishOf = (title: RegExp, time: string) => {
      const record = store.formulas().find(({ formula }) => title.test(formula.title));
      if (!record) throw new Error(String(title));
      return { id: record.id.slice(-6), formulaId: record.id, title: record.formula.title, amount: '', due: `${DATE}T${time}`, served: 'fresh' as const }; // prettier-ignore
    };
    const plans = TestBed.inject(PlanStore);
    const { id } = plans.add(DATE, 'UTC', {
      wishes: [wishOf(/Marmalade/, '15:00'), wishOf(/Rhubarb/, '14:30')],
      ...change,
    });
    const day = TestBed.inject(ThisDay);
    day.id.set(id);
    TestBed.tick();
    await until(() => {
      TestBed.tick();
      return day.answer() !== undefined;
    });
    const titleOf = (batch: number): string => day.works()[batch]?.title ?? '';
    return { day, store: TestBed.inject(FormulaStore), titleOf };
  };
  return { ready };
}
/** What changed is planned again. */
export async function plannedAgain(day: ThisDay, holds: () => boolean): Promise<void> {
  await until(() => {
    TestBed.tick();
    return day.answer() !== undefined && holds();
  });
}
