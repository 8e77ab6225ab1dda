import { WARM_UP_JOB, type BakeJob } from '@orvin/core/oven/baking';
import { serveJob } from './serve-job';
import { WorkClient, type WorkerLike } from './work-client';

/** A worker on this very thread, which answers when told to. */
class SlowWorker implements WorkerLike {
  onmessage: Worker['onmessage'] = null;
  onerror: Worker['onerror'] = null;
  readonly asked: unknown[] = [];
  postMessage(message: unknown): void {
    this.asked.push(structuredClone(message));
  }
  says(data: unknown): void {
    this.onmessage?.call(this as unknown as Worker, new MessageEvent('message', { data }));
  }
  answersAll(): void {
    for (const message of this.asked.splice(0)) this.says(structuredClone(serveJob(message)));
  }
}
const small: BakeJob = {
  ...WARM_UP_JOB,
  batter: { grams: 300, heatStyle: 'muffin' },
  pans: {
    ...WARM_UP_JOB.pans,
    pan: {
      ...WARM_UP_JOB.pans.pan,
      shape: 'round',
      topWidthCm: 12,
      topLengthCm: 12,
      bottomWidthCm: 12,
      bottomLengthCm: 12,
    },
  },
};

describe('WorkClient', () => {
  it('gets the answer of the core', async () => {
    const worker = new SlowWorker();
    const running = new WorkClient(worker).run('bake', small);
    worker.answersAll();
    const result = await running;
    expect(result.kind === 'foreseen' && result.bake.minutes.likely).toBeGreaterThan(5);
  });
  it('drops the late answer of an aborted job, and runs the next', async () => {
    const worker = new SlowWorker();
    const client = new WorkClient(worker);
    const abort = new AbortController();
    const first = client.run('bake', small, abort.signal);
    abort.abort(new Error('overtaken'));
    await expectAsync(first).toBeRejectedWithError('overtaken');
    const second = client.run('bake', { ...small, setting: { ...small.setting, celsius: 220 } });
    worker.answersAll();
    expect((await second).kind).toBe('foreseen');
  });
  it('passes on why a bake cannot be simulated', async () => {
    const worker = new SlowWorker();
    const running = new WorkClient(worker).run('bake', { ...small, setting: { ...small.setting, celsius: 900 } });
    worker.answersAll();
    await expectAsync(running).toBeRejectedWithError(/The oven is 900; it can be 100–300 °C/);
  });
  it('rejects what waits when the worker breaks', async () => {
    const worker = new SlowWorker();
    const running = new WorkClient(worker).run('bake', small);
    worker.onerror?.call(worker as unknown as Worker, new ErrorEvent('error', { message: 'out of memory' }));
    await expectAsync(running).toBeRejectedWithError('out of memory');
  });
  it('takes no answer that is none', async () => {
    const worker = new SlowWorker();
    const running = new WorkClient(worker).run('bake', small);
    worker.says({ id: 0, ok: true, value: { kind: 'foreseen', bake: 'soon' } });
    await expectAsync(running).toBeRejectedWithError(/unreadable/);
    worker.says('gibberish');
    expect(worker.asked.length).toBe(1);
  });
});

describe('answer', () => {
  it('answers nothing that it was not asked in its own words', () => {
    expect(serveJob('hello')).toBeUndefined();
    expect(serveJob({ id: 1, name: 'eval', input: '1' })).toBeUndefined();
  });
  it('refuses a job whose input is not one', () => {
    expect(serveJob({ id: 1, name: 'bake', input: { batter: 'much' } })).toEqual(
      jasmine.objectContaining({ id: 1, ok: false }),
    );
  });
});
