import { TestBed } from '@angular/core/testing';
import { lastValueFrom, take, toArray } from 'rxjs';
import { WARM_UP_JOB, type BakeJob } from '@orvin/core/oven/baking';
import { SWEEP_CELSIUS } from '@orvin/core/oven/sweeps';
import { jobs } from './jobs';
import { Sweeps } from './sweeps';
import { Work } from './work-client';

const job: BakeJob = { ...WARM_UP_JOB, batter: { grams: 300, heatStyle: 'muffin' } };

/** The worker's jobs on this thread, counted. */
class Here {
  asked = 0;
  run(name: string, input: never): Promise<unknown> {
    this.asked++;
    return new Promise((done) => done(jobs[name as 'bake-at'](input)));
  }
}

describe('Sweeps', () => {
  let work: Here;
  let sweeps: Sweeps;
  beforeEach(() => {
    work = new Here();
    TestBed.configureTestingModule({ providers: [{ provide: Work, useValue: work }] });
    sweeps = TestBed.inject(Sweeps);
  });

  it('tells how far it is, step by step, to the end', async () => {
    const all = await lastValueFrom(sweeps.sweep(job).pipe(toArray()));
    expect(all.map(({ points }) => points.length)).toEqual(
      Array.from({ length: SWEEP_CELSIUS.length + 1 }, (_, i) => i),
    );
    expect(all.at(-1)?.done).toBeTrue();
    expect(all.slice(0, -1).some(({ done }) => done)).toBeFalse();
  });
  it('asks for nothing more once nobody wants it', async () => {
    await lastValueFrom(sweeps.sweep(job).pipe(take(4)));
    expect(work.asked).toBeLessThanOrEqual(4);
  });
  it('says what went wrong instead of going on', async () => {
    const last = await lastValueFrom(sweeps.sweep({ ...job, batter: { grams: 2, heatStyle: 'muffin' } }));
    expect(last.failed).toContain('gramsPerPan');
    expect(last.done).toBeFalse();
  });
});
