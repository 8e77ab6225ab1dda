import { Injectable } from '@angular/core';
import type { JobName, Jobs } from './jobs';
import { JOB_SCHEMAS, replySchema, type WorkRequest } from './messages';

type Output<K extends JobName> = ReturnType<Jobs[K]>;

interface Waiting {
  readonly name: JobName;
  resolve(value: unknown): void;
  reject(error: Error): void;
}
export type WorkerLike = Pick<Worker, 'postMessage' | 'onmessage' | 'onerror'>;

/** Asks a worker for jobs by name; an aborted job's late reply is dropped. */
export class WorkClient {
  private nextId = 0;
  private readonly waiting = new Map<number, Waiting>();

  constructor(private readonly worker: WorkerLike) {
    worker.onmessage = ({ data }: MessageEvent<unknown>) => this.receive(data);
    worker.onerror = (event) => {
      for (const job of this.waiting.values()) job.reject(new Error(event.message || 'The work stopped.'));
      this.waiting.clear();
    };
  }

  /** Rejects with the job's own message, or with the reason of the signal once aborted. */
  run<K extends JobName>(name: K, input: Parameters<Jobs[K]>[0], signal?: AbortSignal): Promise<Output<K>> {
    return new Promise((resolve, reject) => {
      signal?.throwIfAborted();
      const request: WorkRequest = { id: this.nextId++, name, input };
      this.worker.postMessage(request);
      this.waiting.set(request.id, { name, resolve: (value) => resolve(value as Output<K>), reject });
      signal?.addEventListener(
        'abort',
        () => {
          if (this.waiting.delete(request.id)) reject(signal.reason as Error);
        },
        { once: true },
      );
    });
  }

  private receive(data: unknown): void {
    const checkedReply = replySchema.validate(data);
    if (checkedReply.error) return;
    const reply = checkedReply.value;
    const job = this.waiting.get(reply.id);
    if (!job) return;
    this.waiting.delete(reply.id);
    if (!reply.ok) {
      job.reject(new Error(reply.message));
      return;
    }
    const checked = JOB_SCHEMAS[job.name].output.validate(reply.value);
    if (checked.error) job.reject(new Error(`The answer was unreadable: ${checked.error.message}.`));
    else job.resolve(reply.value);
  }
}

const PRINTS: ReadonlySet<JobName> = new Set(['sheet-pdf', 'lining-pdf']);

/** The application's workers, each started on first use: one that bakes, reads and writes, one that prints. */
@Injectable({ providedIn: 'root' })
export class Work {
  private client: WorkClient | undefined;
  private printer: WorkClient | undefined;

  run<K extends JobName>(name: K, input: Parameters<Jobs[K]>[0], signal?: AbortSignal): Promise<Output<K>> {
    if (PRINTS.has(name)) {
      this.printer ??= new WorkClient(new Worker(new URL('./print.worker', import.meta.url), { type: 'module' }));
      return this.printer.run(name, input, signal);
    }
    this.client ??= new WorkClient(new Worker(new URL('./orvin.worker', import.meta.url), { type: 'module' }));
    return this.client.run(name, input, signal);
  }
}
