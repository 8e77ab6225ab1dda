import { TestBed } from '@angular/core/testing';
import { EMPTY_SHEET } from '@orvin/core/day/sheets';
import { DayPlanning, type Planning } from './planning';
import { Work } from './work-client';

/* A day is planned on whatever machine there is: a slow one gets a plan with less effort, not none. */

interface Asked {
  readonly name: string;
  readonly wishes: readonly string[];
  readonly seconds: number;
}
const plan = { tasks: [], startsAt: 500, cost: 40, bound: 10, proven: false };
const PLANNED = { kind: 'planned', plan, of: { works: [] } };
const wish = (id: string) => ({
  id,
  formulaId: id,
  title: id,
  amount: '',
  due: '2026-11-28T14:30',
  served: 'fresh' as const,
});
const ORDER = {
  sheet: { ...EMPTY_SHEET, date: '2026-11-28', zone: 'UTC', wishes: [wish('loaf'), wish('scones')] },
  formulas: {},
  kitchen: { flourGramsPerCup: 120 },
} as unknown as Parameters<DayPlanning['plan']>[0];

/** What is asked of the worker, and what is told of the day, with a worker that answers so. */
async function planned(answerTo: (asked: Asked) => unknown, before?: object) {
  const asked: Asked[] = [];
  const run = (name: string, { sheet, seconds }: { sheet: typeof ORDER.sheet; seconds: number }): Promise<unknown> => {
    const job = { name, wishes: sheet.wishes.map(({ id }) => id), seconds };
    asked.push(job);
    return Promise.resolve().then(() => answerTo(job));
  };
  TestBed.configureTestingModule({ providers: [{ provide: Work, useValue: { run } }] });
  const told: Planning[] = [];
  await new Promise<void>((complete) => {
    TestBed.inject(DayPlanning)
      .plan(ORDER, before as never)
      .subscribe({ next: (each) => told.push(each), complete });
  });
  return { asked, told, last: told.at(-1) };
}
const stopped = (): never => {
  throw new Error('It took over ten seconds and was stopped.');
};

describe('a day being planned', () => {
  it('foresees each bake by itself before it plans, and says how far it is', async () => {
    const { asked, told } = await planned(() => PLANNED);
    expect(asked.slice(0, 2).map(({ name, wishes }) => [name, wishes])).toEqual([
      ['foresee-batch', ['loaf']],
      ['foresee-batch', ['scones']],
    ]);
    expect(asked.slice(2).every(({ name, wishes }) => name === 'plan-day' && wishes.length === 2)).toBeTrue();
    expect(told.flatMap(({ answer, foreseen }) => (answer ? [] : [foreseen ?? 0]))).toEqual([0, 1, 2]);
  });
  it('spends more effort round by round, and ends where a plan is proved the best', async () => {
    const { asked, last } = await planned(({ seconds }) => ({ ...PLANNED, plan: { ...plan, proven: seconds >= 1 } }));
    const efforts = asked.flatMap(({ name, seconds }) => (name === 'plan-day' ? [seconds] : []));
    expect(efforts.length).toBe(2);
    expect(efforts[1]).toBeGreaterThan(efforts[0] ?? Infinity);
    expect([last?.under, last?.rounds.length]).toEqual([false, 2]);
  });
  it('keeps the plan that it has where more effort takes too long', async () => {
    const { last } = await planned((job) => (job.name === 'plan-day' && job.seconds > 0.5 ? stopped() : PLANNED));
    expect(last?.answer?.kind).toBe('planned');
    expect([last?.under, last?.failed]).toEqual([false, undefined]);
  });
  it('keeps saying that it does not fit where more effort takes too long', async () => {
    const none = { kind: 'none', proven: false, of: { works: [] }, seconds: 0.2 };
    const { last } = await planned((job) => (job.name === 'plan-day' && job.seconds > 0.5 ? stopped() : none));
    expect(last?.answer?.kind).toBe('none');
    expect([last?.under, last?.failed]).toEqual([false, undefined]);
  });
  it('says so where not even the first plan was found in time', async () => {
    const { last } = await planned((job) => (job.name === 'plan-day' ? stopped() : null));
    expect(last?.failed).toContain('ten seconds');
    expect(last?.under).toBeFalse();
  });
  it('tells nothing more to whoever stopped listening', async () => {
    let abort: AbortSignal | undefined;
    const run = (_: string, __: unknown, signal: AbortSignal) => {
      abort = signal;
      return new Promise((_resolve, reject) => signal.addEventListener('abort', () => reject(new Error('overtaken'))));
    };
    TestBed.configureTestingModule({ providers: [{ provide: Work, useValue: { run } }] });
    const told: Planning[] = [];
    const listening = TestBed.inject(DayPlanning)
      .plan(ORDER)
      .subscribe((each) => told.push(each));
    listening.unsubscribe();
    await Promise.resolve();
    expect(abort?.aborted).toBeTrue();
    expect(told.length).toBe(1);
  });
});
