import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { MessageService } from 'primeng/api';
import { demoData } from '../store/demo-data';
import { RecordStore } from '../store/record-store';
import { storeVisits, until } from '../store/visits.spec-help';
import { jobs } from '../work/jobs';
import { learnJobs } from '../work/learn-jobs';
import { Learning } from '../work/learning';
import { Work } from '../work/work-client';

/** Does on this thread what the workers do. */
const ON_THIS_THREAD = {
  run: (name: string, input: never): Promise<unknown> =>
    Promise.resolve(({ ...jobs, ...learnJobs } as unknown as Readonly<Record<string, (input: never) => unknown>>)[name]?.(input)), // prettier-ignore
};
export const NOW = Date.UTC(2026, 10, 27, 12);

/** A kitchen with the demo's season in its Book, or with none. */
export function aSeason() {
  const visits = storeVisits();
  const ready = async (withBakes = true) => {
    await visits.visit([
      { provide: Work, useValue: ON_THIS_THREAD },
      provideRouter([{ path: '**', children: [] }]),
      MessageService,
    ]);
    const { formulas, versions, kitchen, bakes } = demoData(NOW);
    TestBed.inject(RecordStore).put({
      label: '',
      changes: [
        ...formulas.map((after) => ({ table: 'formulas' as const, id: after.id, after })),
        ...versions.map((after) => ({ table: 'versions' as const, id: after.id, after })),
        ...(withBakes ? bakes.map((after) => ({ table: 'bakes' as const, id: after.id, after })) : []),
        ...(withBakes ? [{ table: 'kitchens' as const, id: 'kitchen', after: kitchen }] : []),
      ],
    });
    TestBed.tick();
    const learning = TestBed.inject(Learning);
    if (withBakes) await until(() => (TestBed.tick(), learning.learned() !== undefined));
    return { learning };
  };
  return { ready };
}
