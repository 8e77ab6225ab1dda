import { Session, type Profiler } from 'node:inspector';

/*
 * Guided by coverage: V8 counts which blocks of the core ran, and a text that reached one that no text before it had reached is worth to be
 * mutated further. What has run since the last question is asked after each text; that takes a tenth of the time of reading it.
 */
export class Guide {
  readonly #session = new Session();
  readonly #reached = new Set<string>();

  constructor() {
    this.#session.connect();
    this.#session.post('Profiler.enable');
    this.#session.post('Profiler.startPreciseCoverage', { callCount: true, detailed: true });
  }

  /** The blocks of the core that have been reached, each by its place. */
  get reached(): readonly string[] {
    return [...this.#reached];
  }

  /** Whether what ran since the last question reached a block for the first time. */
  reachesMore(): boolean {
    const before = this.#reached.size;
    let ran: readonly Profiler.ScriptCoverage[] = [];
    // a session within the process answers before `post` returns
    this.#session.post('Profiler.takePreciseCoverage', (failed, answer) => {
      if (failed) throw failed;
      ran = answer.result;
    });
    for (const { url, functions } of ran) {
      if (!url.includes('/core/src/') || url.includes('.spec-help.')) continue;
      for (const { ranges } of functions)
        for (const { startOffset, endOffset, count } of ranges)
          if (count > 0) this.#reached.add(`${url}:${startOffset}-${endOffset}`);
    }
    return this.#reached.size > before;
  }
}

/** Samples that grow by what reaches more; files of data stay whole as JSON, since they are damaged in their structure. */
export function keepIfGuided(guide: Guide, samples: string[], text: string): void {
  if (!guide.reachesMore()) return;
  if (/^\s*[[{]/.test(text) && !isJson(text)) return;
  samples.push(text);
}

function isJson(text: string): boolean {
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
}
