import { TestBed } from '@angular/core/testing';
import { runBakeJob } from '@orvin/core/oven/baking';
import { BakingStore } from '../store/baking-store';
import { RecordStore } from '../store/record-store';
import { counter, pearLoaf, until } from './at-the-counter.spec-help';
import { RealBake } from './real-bake';

describe('the bake of what is really in the pans', () => {
  const { ready } = counter();
  const here = () => TestBed.runInInjectionContext(() => new RealBake());
  const flour = pearLoaf().walk.find((step) => step.kind === 'weigh');
  const weighed = (grams: number) =>
    flour ? ([{ kind: 'weighed', step: flour.id, grams, by: 'hand', at: Date.now() }] as const) : [];

  it('is what was set down, where the batter is as it was to be', async () => {
    await ready();
    const real = here();
    expect(real.foreseen()).toBe(pearLoaf().snapshot.portions[0]?.foreseen);
  });
  it('is baked again by the simulation with more batter; until that is here, stretched by the rule, the same way', async () => {
    const planned = pearLoaf().snapshot.portions[0];
    await ready(weighed(450));
    const real = here();
    const grams = real.job()?.batter.grams ?? NaN;
    expect(grams / (planned?.job.batter.grams ?? NaN)).toBeGreaterThan(1.15);
    const byRule = real.foreseen()?.minutes.likely ?? NaN;
    expect(byRule).toBeGreaterThan(planned?.foreseen?.minutes.likely ?? NaN);
    await until(() => real.prediction() !== undefined);
    const job = real.job();
    const again = job && runBakeJob(job);
    if (again?.kind !== 'foreseen') throw new Error('never done');
    expect(real.foreseen()?.minutes).toEqual(again.bake.minutes);
    expect(Math.abs(byRule / again.bake.minutes.likely - 1)).toBeLessThan(0.05);
  });
  it('keeps what was worked out of it when the record is read back from the disk', async () => {
    const { baking } = await ready(weighed(450));
    const real = here();
    await until(() => real.prediction() !== undefined);
    const before = real.prediction();
    const store = TestBed.inject(BakingStore);
    const record = store.baking(baking.id());
    if (!record) throw new Error('not kept');
    TestBed.inject(RecordStore).put({ label: '', changes: [{ table: 'bakings', id: record.id, after: structuredClone(record) }] }); // prettier-ignore
    TestBed.tick();
    expect(store.baking(baking.id())).not.toBe(record);
    expect(real.prediction()).toBe(before);
  });
});
