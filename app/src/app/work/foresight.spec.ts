import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Subject } from 'rxjs';
import { WARM_UP_JOB, type BakeJob, type PredictionResult } from '@orvin/core/oven/baking';
import { BakeForesight, type Foresight } from './foresight';
import { Learning } from './learning';
import { Work } from './work-client';

const at = (celsius: number): BakeJob => ({ ...WARM_UP_JOB, setting: { celsius, fan: false, reasons: [] } });

describe('BakeForesight', () => {
  const open: {
    job: BakeJob;
    resolve: (result: PredictionResult) => void;
    reject: (error: Error) => void;
    signal: AbortSignal | undefined;
  }[] = [];
  let seen: Foresight[];
  let jobs: Subject<BakeJob | undefined>;
  const isSettled = signal(true);
  beforeEach(() => {
    isSettled.set(true);
    jasmine.clock().install().mockDate(new Date(0));
    open.length = 0;
    seen = [];
    jobs = new Subject();
    TestBed.configureTestingModule({
      providers: [
        { provide: Learning, useValue: { isSettled } },
        {
          provide: Work,
          useValue: {
            run: (_name: 'bake', job: BakeJob, signal?: AbortSignal) =>
              new Promise<PredictionResult>((resolve, reject) => {
                open.push({ job, resolve, reject, signal });
              }),
          },
        },
      ],
    });
    TestBed.inject(BakeForesight)
      .foresee(jobs)
      .subscribe((foresight) => seen.push(foresight));
    TestBed.tick();
  });
  afterEach(() => jasmine.clock().uninstall());
  const never = (celsius: number): PredictionResult => ({ kind: 'never-done', celsius, longestMinutes: 400 });

  it('asks once for what is typed quickly, and only for the last of it', () => {
    for (const celsius of [150, 160, 170]) jobs.next(at(celsius));
    jasmine.clock().tick(200);
    expect(open.map(({ job }) => job.setting.celsius)).toEqual([170]);
    expect(seen.map(({ state }) => state)).toEqual(['working']);
  });
  it('waits for what the Book teaches, and then bakes once', () => {
    isSettled.set(false);
    TestBed.tick();
    jobs.next(at(150));
    jasmine.clock().tick(200);
    expect(seen.map(({ state }) => state)).toEqual(['working']);
    expect(open.length).toBe(0);
    isSettled.set(true);
    jobs.next(at(152));
    TestBed.tick();
    jasmine.clock().tick(200);
    expect(open.map(({ job }) => job.setting.celsius)).toEqual([152]);
  });
  it('lets the latest win: an answer that comes late changes nothing', async () => {
    jobs.next(at(150));
    jasmine.clock().tick(200);
    jobs.next(at(180));
    jasmine.clock().tick(200);
    expect(open[0]?.signal?.aborted).toBeTrue();
    open[1]?.resolve(never(180));
    open[0]?.resolve(never(150));
    await Promise.resolve();
    await Promise.resolve();
    const results = seen
      .filter((one) => one.state === 'ready')
      .map(({ result }) => result.kind === 'never-done' && result.celsius);
    expect(results).toEqual([180]);
  });
  it('says why a simulation failed, and goes on with the next', async () => {
    jobs.next(at(150));
    jasmine.clock().tick(200);
    open[0]?.reject(new Error('too hot'));
    await Promise.resolve();
    await Promise.resolve();
    expect(seen.at(-1)).toEqual(jasmine.objectContaining({ state: 'failed', message: 'too hot' }));
    jobs.next(at(160));
    jasmine.clock().tick(200);
    expect(seen.at(-1)?.state).toBe('working');
  });
  it('says when there is nothing to bake', () => {
    jobs.next(undefined);
    jasmine.clock().tick(200);
    expect(seen).toEqual([{ state: 'nothing-to-bake' }]);
  });
});
