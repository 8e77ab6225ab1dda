import type { DayState } from './day-state.js';

/** A stretch of work on a filler. */
export interface Stretch {
  readonly filler: number;
  readonly from: number;
  readonly to: number;
}
/** The hands' day on a schedule: short tasks in their gaps, fillers in what is left. */
export interface FilledDay {
  readonly kind: 'filled';
  readonly starts: Int32Array;
  readonly firstWork: number;
  readonly stretches: readonly Stretch[];
}
export type Filling =
  | FilledDay
  /** A short task finds no gap. */
  | { readonly kind: 'no-gap'; readonly task: number }
  /** What can be done any time before does not fit behind the first minute. */
  | { readonly kind: 'no-time' };

interface Waiting {
  readonly filler: number;
  readonly until: number;
  left: number;
  /** When it was last worked on. */
  at: number;
}

/** Fills the hands' day backwards. */
export class HandFilling {
  private readonly busy: Uint8Array;
  /** Whether any short task or filler has to be placed at all. */
  constructor(private readonly state: DayState) {
    this.busy = new Uint8Array(state.span + 8);
  }

  private begin(): void {
    const { away, span } = this.state;
    this.busy.set(away.subarray(0, span + 8));
    this.state.effort += span >> 3;
  }
  private hold(from: number, to: number): void {
    const { base } = this.state;
    for (let m = from - base; m < to - base; m++) this.busy[m] = (this.busy[m] ?? 0) + 1;
  }
  private isFree(from: number, minutes: number): boolean {
    const { base, pairs } = this.state;
    for (let m = from - base; m < from - base + minutes; m++) if ((this.busy[m] ?? 0) >= pairs) return false;
    return true;
  }

  /**
   * @param wanted the stretches are to be told
   * @param whole what was begun is gone on with, so that nobody changes bowls every minute; it may not fit, where the other rule does
   */
  fill(latest: Int32Array, wanted = false, whole = false): Filling {
    const { state } = this;
    const starts = Int32Array.from(latest);
    this.begin();
    for (const task of state.tasks)
      if (state.isHands[task.at] && state.counts(task)) {
        const start = latest[task.at] ?? 0;
        this.hold(start, start + task.minutes);
      }
    const stuck = this.placeShorts(latest, starts);
    if (stuck !== undefined) return { kind: 'no-gap', task: stuck };
    let firstWork = Infinity;
    for (const { at, batch } of state.tasks)
      if (state.isHands[at] && !state.isDone[at] && state.isActive[batch])
        firstWork = Math.min(firstWork, starts[at] ?? 0);
    return this.placeFillers(starts, firstWork, wanted, whole);
  }

  /** Each short task into the first gap it finds. @returns the one that finds none */
  private placeShorts(latest: Int32Array, starts: Int32Array): number | undefined {
    const { state } = this;
    const open = state.shorts
      .filter((i) => {
        const task = state.tasks[i];
        return task !== undefined && state.isActive[task.batch] && !state.promoted[i];
      })
      .sort((a, b) => (latest[a] ?? 0) - (latest[b] ?? 0));
    for (const i of open) {
      const minutes = state.tasks[i]?.minutes ?? 0;
      const last = latest[i] ?? 0;
      let start = last;
      if (!state.isDone[i]) {
        start = state.earliest[i] ?? 0;
        const lags = state.out[i] ?? [];
        for (let k = 0; k < lags.length; k += 2)
          start = Math.max(start, (starts[lags[k] ?? 0] ?? 0) - (lags[k + 1] ?? 0));
        while (start <= last && !(this.isFree(start, minutes) && state.isSomebodyThere(start, minutes))) start++;
        if (start > last) return i;
      }
      starts[i] = start;
      this.hold(start, start + minutes);
    }
    return undefined;
  }

  private placeFillers(starts: Int32Array, firstWork: number, wanted: boolean, whole: boolean): Filling {
    const { state } = this;
    const { base, pairs, firstMinute } = state;
    const ahead = state.fillers
      .map((filler, k): Waiting => ({
        filler: k,
        until: starts[filler.before] ?? 0,
        left: state.isActive[filler.batch] ? filler.minutes : 0,
        at: Infinity,
      }))
      .filter(({ left }) => left > 0)
      .sort((a, b) => b.until - a.until || a.filler - b.filler);
    let todo = ahead.reduce((sum, { left }) => sum + left, 0);
    let minute = ahead[0]?.until ?? 0;
    let next = 0;
    let first = firstWork;
    const open: Waiting[] = [];
    const stretches: { filler: number; from: number; to: number }[] = [];
    while (todo > 0) {
      minute--;
      if (minute < firstMinute) return { kind: 'no-time' };
      for (let waiting = ahead[next]; waiting && waiting.until > minute; waiting = ahead[++next]) open.push(waiting);
      let free = pairs - (this.busy[minute - base] ?? 0);
      if (free <= 0 || open.length === 0) continue;
      if (pairs > 1)
        open.sort(
          (a, b) =>
            (whole ? Number(a.at === minute + 1) - Number(b.at === minute + 1) : 0) ||
            a.left - b.left ||
            b.filler - a.filler,
        );
      for (let p = open.length - 1; p >= 0 && free > 0; p--) {
        const waiting = open[p];
        if (!waiting) break;
        waiting.left--;
        waiting.at = minute;
        todo--;
        free--;
        if (wanted) {
          const at = minute;
          const joined = stretches.find(({ filler, from }) => filler === waiting.filler && from === at + 1);
          if (joined) joined.from = at;
          else stretches.push({ filler: waiting.filler, from: at, to: at + 1 });
        }
        if (waiting.left === 0) open.splice(p, 1);
        first = Math.min(first, minute);
      }
    }
    return { kind: 'filled', starts, firstWork: first, stretches };
  }

  /**
   * The first minute of work that no filling of this schedule can beat: short tasks and fillers cut into minutes that any free pair may
   * take, two pairs even the same one. Holds for any number of pairs; the filling itself is only as good as its rule.
   */
  leastFirstWork(latest: Int32Array): number {
    const { state } = this;
    const { base, pairs } = state;
    let first = Infinity;
    const jobs: { until: number; minutes: number }[] = [];
    this.begin();
    for (const task of state.tasks) {
      if (!state.isHands[task.at] || !state.isActive[task.batch] || state.isDone[task.at]) continue;
      const start = latest[task.at] ?? 0;
      if (state.counts(task)) {
        this.hold(start, start + task.minutes);
        first = Math.min(first, start);
      } else jobs.push({ until: start + task.minutes, minutes: task.minutes });
    }
    for (const { batch, before, minutes } of state.fillers) {
      if (!state.isActive[batch]) continue;
      const until = latest[before] ?? 0;
      jobs.push({ until, minutes });
      if (pairs > 1) first = Math.min(first, until - minutes);
    }
    jobs.sort((a, b) => b.until - a.until);
    let next = 0;
    let work = 0;
    let minute = jobs[0]?.until ?? 0;
    while (next < jobs.length || work > 0) {
      minute--;
      for (let job = jobs[next]; job && job.until > minute; job = jobs[++next]) work += job.minutes;
      if (minute < base) break;
      const free = Math.max(0, pairs - (this.busy[minute - base] ?? 0));
      if (work === 0 || free === 0) continue;
      work = Math.max(0, work - free);
      first = Math.min(first, minute);
    }
    return first;
  }
}
