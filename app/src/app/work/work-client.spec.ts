import { WARM_UP_JOB, type BakeJob } from '@orvin/core/oven/baking';
import { serveJob } from './serve-job';
import { WorkClient, type WorkerLike } from './work-client';

/** A worker on this very thread, which answers when told to. */
class SlowWorker implements WorkerLike {
  onmessage: Worker['onmessage'] = null;
  onerror: Worker['onerror'] = null;
  readonly asked: unknown[] = [];
  ended = false;
  terminate(): void {
    this.ended = true;
  }
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
    const running = new WorkClient(() => worker).run('bake', small);
    worker.answersAll();
    const result = await running;
    expect(result.kind === 'foreseen' && result.bake.minutes.likely).toBeGreaterThan(5);
  });
  it('drops the late answer of an aborted job, and runs the next', async () => {
    const worker = new SlowWorker();
    const client = new WorkClient(() => worker);
    const abort = new AbortController();
    const first = client.run('bake', small, abort.signal);
    abort.abort(new Error('overtaken'));
    await expectAsync(first).toBeRejectedWithError('overtaken');
    const second = client.run('bake', { ...small, setting: { ...small.setting, celsius: 220 } });
    worker.answersAll();
    worker.answersAll();
    expect((await second).kind).toBe('foreseen');
  });
  it('never begins a job that was aborted while it waited', async () => {
    const worker = new SlowWorker();
    const client = new WorkClient(() => worker);
    const first = client.run('bake', small);
    const abort = new AbortController();
    const second = client.run('bake', small, abort.signal);
    abort.abort(new Error('overtaken'));
    await expectAsync(second).toBeRejectedWithError('overtaken');
    worker.answersAll();
    await first;
    expect(worker.asked).toEqual([]);
  });
  it('passes on why a bake cannot be simulated', async () => {
    const worker = new SlowWorker();
    const running = new WorkClient(() => worker).run('bake', { ...small, setting: { ...small.setting, celsius: 900 } });
    worker.answersAll();
    await expectAsync(running).toBeRejectedWithError(/The oven is 900; it can be 100–300 °C/);
  });
  /** A client whose workers are kept, in the order started. */
  const withWorkers = () => {
    const workers: SlowWorker[] = [];
    const client = new WorkClient(() => {
      const worker = new SlowWorker();
      workers.push(worker);
      return worker;
    });
    return { client, workers };
  };
  it('says that the worker broke, starts another, and goes on with what waited', async () => {
    const { client, workers } = withWorkers();
    const lost = client.run('bake', small);
    const next = client.run('bake', small);
    const [broken] = workers;
    broken?.onerror?.call(broken as unknown as Worker, new ErrorEvent('error', { message: 'out of memory' }));
    await expectAsync(lost).toBeRejectedWithError(/has been started again/);
    expect(broken?.ended).toBeTrue();
    workers[1]?.answersAll();
    expect((await next).kind).toBe('foreseen');
  });
  it('stops a job that takes over ten seconds, in words, and goes on with what waited', async () => {
    jasmine.clock().install();
    try {
      const { client, workers } = withWorkers();
      const endless = client.run('bake', small);
      const next = client.run('bake', small);
      jasmine.clock().tick(10_001);
      await expectAsync(endless).toBeRejectedWithError(/over ten seconds/);
      expect(workers[0]?.ended).toBeTrue();
      workers[1]?.answersAll();
      expect((await next).kind).toBe('foreseen');
    } finally {
      jasmine.clock().uninstall();
    }
  });
  it('says that nothing can be worked out where no worker starts', async () => {
    const client = new WorkClient(() => {
      throw new Error('blocked');
    });
    await expectAsync(client.run('bake', small)).toBeRejectedWithError(/Reload the page/);
  });
  it('takes no answer that is none', async () => {
    const worker = new SlowWorker();
    const running = new WorkClient(() => worker).run('bake', small);
    worker.says('gibberish');
    worker.says({ id: 77, ok: true, value: 'of another' });
    worker.answersAll();
    expect((await running).kind).toBe('foreseen');
  });
});

describe('answer', () => {
  it('says which of some rows are damaged', () => {
    const reply = serveJob({ id: 4, name: 'check-rows', input: { table: 'settings', rows: [{ id: 'settings' }] } });
    expect(reply).toEqual(jasmine.objectContaining({ id: 4, ok: true }));
    expect(reply?.ok === true && reply.value).toEqual([jasmine.objectContaining({ at: 0, onlyBatch: false })]);
  });
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
