import { Injectable } from '@angular/core';
import type { Lessons } from '@orvin/core/book/learning';
import type { JobName, Jobs } from './jobs';
import { isReply, type WorkRequest } from './work-messages';

/*
 * One worker, one job at a time. What waits behind it waits here and not in the worker, so a job that nobody wants any more is never
 * begun, and one that is under way and overtaken, hangs, or takes its worker down goes with the worker: a new one is started for the next.
 */

type Output<K extends JobName> = ReturnType<Jobs[K]>;

interface Job extends WorkRequest {
  resolve(value: unknown): void;
  reject(error: Error): void;
}
export type WorkerLike = Pick<Worker, 'postMessage' | 'onmessage' | 'onerror' | 'terminate'>;

/** Longer than this nobody waits for an answer, and a job that is sound is long done. */
const LONGEST_MILLISECONDS = 10_000;
/** A job that is overtaken may finish within this; a new worker takes longer to start. */
const WORTH_STOPPING_MILLISECONDS = 400;

/** Asks a worker for jobs by name, in the order asked. */
export class WorkClient {
  private nextId = 0;
  private worker: WorkerLike | undefined;
  private running: { readonly job: Job; readonly since: number } | undefined;
  private readonly waiting: Job[] = [];
  private limit: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly startWorker: () => WorkerLike) {}

  /** Rejects with the job's own message, or with the reason of the signal once aborted. */
  run<K extends JobName>(name: K, input: Parameters<Jobs[K]>[0], signal?: AbortSignal): Promise<Output<K>> {
    return new Promise((resolve, reject) => {
      signal?.throwIfAborted();
      const job: Job = { id: this.nextId++, name, input, resolve: (value) => resolve(value as Output<K>), reject };
      signal?.addEventListener('abort', () => this.drop(job, signal.reason as Error), { once: true });
      this.waiting.push(job);
      this.next();
    });
  }

  private next(): void {
    if (this.running) return;
    const job = this.waiting.shift();
    if (!job) return;
    this.running = { job, since: performance.now() };
    this.limit = setTimeout(
      () => this.replace($localize`It took over ten seconds and was stopped. Try a smaller one, or try again.`),
      LONGEST_MILLISECONDS,
    );
    try {
      this.worker ??= this.started();
      const { id, name, input } = job;
      this.worker.postMessage({ id, name, input } satisfies WorkRequest);
    } catch {
      this.replace($localize`This could not be handed over to be worked out. Reload the page, then try again.`);
    }
  }

  private started(): WorkerLike {
    const worker = this.startWorker();
    worker.onmessage = ({ data }: MessageEvent<unknown>) => this.receive(data);
    worker.onerror = () =>
      this.replace(
        $localize`What works this out stopped, and has been started again. Try again; if it stops again, reload.`,
      );
    return worker;
  }

  private receive(data: unknown): void {
    if (!isReply(data) || data.id !== this.running?.job.id) return;
    const { job } = this.running;
    this.done();
    if (data.ok) job.resolve(data.value);
    else job.reject(new Error(data.message));
    this.next();
  }

  private done(): void {
    clearTimeout(this.limit);
    this.running = undefined;
  }

  /** A worker that died, hangs or works for nobody goes; what waited behind its job goes on with another. */
  private replace(message?: string): void {
    const job = this.running?.job;
    this.worker?.terminate();
    this.worker = undefined;
    this.done();
    if (message !== undefined) job?.reject(new Error(message));
    this.next();
  }

  private drop(job: Job, reason: Error): void {
    const at = this.waiting.indexOf(job);
    if (at >= 0) this.waiting.splice(at, 1);
    job.reject(reason);
    const since = this.running?.job === job ? this.running.since : undefined;
    if (since !== undefined && performance.now() - since > WORTH_STOPPING_MILLISECONDS) this.replace();
  }
}

const PLANS: ReadonlySet<JobName> = new Set(['foresee-batch', 'plan-day', 'loosen-day']);
const ALONG: ReadonlySet<JobName> = new Set(['live-estimate', 'oven-off']);
const LEARNS: ReadonlySet<JobName> = new Set(['learn-book', 'oven-course']);
const PRINTS: ReadonlySet<JobName> = new Set(['sheet-pdf', 'lining-pdf', 'label-pdf']);

/** So few bakes are learned from in a blink, by the worker that stands already. */
const SMALL_BOOK = 60;
const isSmallBook = (name: JobName, input: unknown): boolean =>
  name === 'learn-book' && (input as Lessons).bakes.length <= SMALL_BOOK;

/** The application's workers, each started on first use: one that bakes, reads, writes and looks over, one that prints, one that plans days, one that follows a bake, one that learns. */
@Injectable({ providedIn: 'root' })
export class Work {
  private readonly client = new WorkClient(
    () => new Worker(new URL('./orvin.worker', import.meta.url), { type: 'module' }),
  );
  private readonly printer = new WorkClient(
    () => new Worker(new URL('./print.worker', import.meta.url), { type: 'module' }),
  );

  private readonly planner = new WorkClient(
    () => new Worker(new URL('./plan.worker', import.meta.url), { type: 'module' }),
  );

  private readonly along = new WorkClient(
    () => new Worker(new URL('./along.worker', import.meta.url), { type: 'module' }),
  );

  private readonly learner = new WorkClient(
    () => new Worker(new URL('./learn.worker', import.meta.url), { type: 'module' }),
  );

  run<K extends JobName>(name: K, input: Parameters<Jobs[K]>[0], signal?: AbortSignal): Promise<Output<K>> {
    if (LEARNS.has(name) && !isSmallBook(name, input)) return this.learner.run(name, input, signal);
    if (ALONG.has(name)) return this.along.run(name, input, signal);
    if (PLANS.has(name)) return this.planner.run(name, input, signal);
    return (PRINTS.has(name) ? this.printer : this.client).run(name, input, signal);
  }
}
