import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { MessageService } from 'primeng/api';
import { demoData } from '../store/demo-data';
import { RecordStore } from '../store/record-store';
import { storeVisits } from '../store/visits.spec-help';
import { jobs } from '../work/jobs';
import { learnJobs } from '../work/learn-jobs';
import { OnBench } from '../work/on-bench';
import { Work } from '../work/work-client';

/** Does on this thread what the workers do. */
const ON_THIS_THREAD = {
  run: (name: string, input: never): Promise<unknown> =>
    Promise.resolve(({ ...jobs, ...learnJobs } as unknown as Readonly<Record<string, (input: never) => unknown>>)[name]?.(input)), // prettier-ignore
};
const NOW = Date.UTC(2026, 10, 27, 12);

/** A kitchen with the demo's formulas on its shelf, and with its season, oven and larder where they are wanted. */
export function demoKitchen() {
  const visits = storeVisits();
  const ready = async (withSeason = true) => {
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
        ...(withSeason ? bakes.map((after) => ({ table: 'bakes' as const, id: after.id, after })) : []),
        ...(withSeason ? [{ table: 'kitchens' as const, id: 'kitchen', after: kitchen }] : []),
      ],
    });
    TestBed.tick();
  };
  /** The same with one formula at hand. @returns its id */
  const withAtHand = async (name: string) => {
    await ready(false);
    const id = `demo-${name}`;
    TestBed.inject(OnBench).bring(id);
    TestBed.tick();
    return id;
  };
  return { ready, withAtHand };
}
