import type { Span } from '../works/index.js';
import type { DayModel, Filler, Task } from './day-model.js';

/** What is settled before the search begins. */
export interface Settled {
  /** Starts that stay as the baker put them, by task. */
  readonly locks?: Readonly<Record<string, number>>;
  /** Starts of what is done already, by task. */
  readonly done?: Readonly<Record<string, number>>;
  /** Nothing begins before now. */
  readonly now?: number;
}

const FAR = 1e9;

/**
 * The day under search: the lags with those that orders add, who is away, what is active. The componentwise latest schedule under the
 * lags is found by propagation; it is the best for every cost that wants things later.
 */
export class DayState {
  readonly tasks: readonly Task[];
  readonly size: number;
  /** Lags out of each task, flat: to, minutes, to, minutes … */
  readonly out: number[][];
  /** The same as the model has them, turned round: what each task is bound by. */
  private readonly into: number[][];
  private readonly trail: number[] = [];
  /** Needs a free pair of hands. */
  readonly isHands: Uint8Array;
  readonly isDone: Uint8Array;
  readonly isActive: Uint8Array;
  /** A short task that found no gap counts as an ordinary one in this branch. */
  readonly promoted: Uint8Array;
  readonly shorts: readonly number[];
  readonly fillers: readonly Filler[];
  readonly latest: Int32Array;
  readonly earliest: Int32Array;
  readonly horizon: number;
  readonly base: number;
  readonly span: number;
  readonly pairs: number;
  readonly firstMinute: number;
  /** For what takes no hands to speak of: butter is taken out before anybody mixes. */
  private readonly firstPassive: number;
  /** How many pairs are away, by minute from `base`. */
  readonly away: Uint8Array;
  readonly someAway: boolean;
  /** When each pair is away, in order. */
  private readonly absences: readonly (readonly Span[])[];
  /** Work done, in lags looked at: the measure of effort. */
  effort = 0;

  private readonly queued: Uint8Array;
  private readonly queue: Int32Array;
  private readonly cause: Int32Array;
  private readonly causeLag: Int32Array;
  private readonly seen: Int32Array;
  private readonly lowered: Int32Array;
  private pass = 0;

  constructor(
    readonly model: DayModel,
    settled: Settled,
  ) {
    const { tasks, kitchen, finals, batches } = model;
    const { locks = {}, done = {}, now } = settled;
    this.tasks = tasks;
    this.size = tasks.length;
    this.pairs = kitchen.pairs.length;
    this.firstMinute = Math.max(kitchen.notBefore, now ?? -FAR);
    this.horizon = Math.max(...finals.map(({ batch }) => batches[batch]?.dueMinute ?? 0));
    const longestWait = Math.max(0, ...batches.flatMap(({ waiting }) => waiting.map(({ mostMinutes }) => mostMinutes)));
    this.base = Math.min(kitchen.notBefore, ...Object.values(done), FAR) - 5 - longestWait;
    this.firstPassive = now ?? this.base;
    this.span = this.horizon - this.base + 240;
    this.out = tasks.map(() => []);
    this.into = tasks.map(() => []);
    for (const [u, v, w] of model.lags) {
      this.out[u]?.push(v, w);
      this.into[v]?.push(u, w);
    }
    this.isHands = Uint8Array.from(tasks, ({ hands, minutes }) => (hands && minutes > 0 ? 1 : 0));
    this.isDone = Uint8Array.from(tasks, ({ id }) => (done[id] === undefined ? 0 : 1));
    this.isActive = new Uint8Array(batches.length).fill(1);
    this.promoted = new Uint8Array(this.size);
    this.shorts = tasks.filter(({ short }) => short).map(({ at }) => at);
    this.fillers = model.fillers.filter(({ id }) => done[id] === undefined);
    this.queued = new Uint8Array(this.size);
    this.queue = new Int32Array(8 * this.size + 64);
    this.cause = new Int32Array(this.size);
    this.causeLag = new Int32Array(this.size);
    this.seen = new Int32Array(this.size);
    this.lowered = new Int32Array(this.size);
    this.away = this.awayByMinute();
    this.someAway = this.away.some((count) => count > 0);
    this.absences = kitchen.pairs.map(({ away }) => away.toSorted((a, b) => a.from - b.from));
    this.latest = new Int32Array(this.size).fill(this.horizon);
    this.earliest = this.firstMoments(locks, done);
  }

  private awayByMinute(): Uint8Array {
    const away = new Uint8Array(this.span + 1500);
    for (const pair of this.model.kitchen.pairs)
      for (const { from, to } of pair.away)
        for (let m = Math.max(this.base, from); m < to && m - this.base < away.length; m++) {
          const at = m - this.base;
          away[at] = Math.min(this.pairs, (away[at] ?? 0) + 1);
        }
    return away;
  }
  /** The latest start, no later than this, from which one pair is there all the time: nobody hands over in mid task. */
  private latestThere(start: number, minutes: number): number {
    let latest = -FAR;
    for (const away of this.absences) {
      let own = start;
      for (let k = away.length - 1; k >= 0; k--) {
        const span = away[k];
        if (span && own < span.to && own + minutes > span.from) own = span.from - minutes;
      }
      latest = Math.max(latest, own);
    }
    return latest;
  }
  private earliestThere(start: number, minutes: number): number {
    let earliest = FAR;
    for (const away of this.absences) {
      let own = start;
      for (const { from, to } of away) if (own < to && own + minutes > from) own = to;
      earliest = Math.min(earliest, own);
    }
    return earliest;
  }
  /** Whether one pair is there all the time. */
  isSomebodyThere(start: number, minutes: number): boolean {
    return !this.someAway || this.latestThere(start, minutes) === start;
  }
  /** Latest and earliest starts by deadlines, freshness, locks, what is done and the lags. */
  private firstMoments(locks: Readonly<Record<string, number>>, done: Readonly<Record<string, number>>): Int32Array {
    const earliest = Int32Array.from(this.tasks, ({ passive }) => (passive ? this.firstPassive : this.firstMinute));
    for (const { task, due, lag } of this.model.finals) this.latest[task] = Math.min(this.latest[task] ?? 0, due - lag);
    for (const { at, id } of this.tasks) {
      const over = done[id];
      const lock = locks[id];
      if (over !== undefined) {
        this.latest[at] = over;
        earliest[at] = over;
      } else if (lock !== undefined) {
        this.latest[at] = Math.min(this.latest[at] ?? 0, lock);
        earliest[at] = Math.max(earliest[at] ?? 0, lock);
      }
    }
    for (const { task, due, lag, fresh } of this.model.finals)
      if (fresh !== undefined && !this.isDone[task]) earliest[task] = Math.max(earliest[task] ?? 0, due - fresh - lag);
    this.raise(earliest);
    for (const { at, minutes } of this.tasks) {
      if (!this.isHands[at] || this.isDone[at]) continue;
      if (this.someAway) earliest[at] = this.earliestThere(earliest[at] ?? 0, minutes);
    }
    return earliest;
  }
  /** Earliest starts raised until the model's own lags hold. */
  raise(earliest: Int32Array): void {
    let again = true;
    for (let round = 0; again && round < this.size + 5; round++) {
      again = false;
      this.into.forEach((lags, v) => {
        const start = earliest[v] ?? 0;
        for (let k = 0; k < lags.length; k += 2) {
          const u = lags[k] ?? 0;
          const least = start - (lags[k + 1] ?? 0);
          if (least > (earliest[u] ?? 0) && !this.isDone[u]) {
            earliest[u] = least;
            again = true;
          }
        }
      });
    }
  }

  /** Whether a task counts among the hands' work. */
  counts(task: Task): boolean {
    return this.isActive[task.batch] === 1 && (!task.short || this.promoted[task.at] === 1);
  }

  /** One more lag: start of v ≤ start of u + w. */
  addLag(u: number, v: number, w: number): void {
    this.out[u]?.push(v, w);
    this.trail.push(u);
  }
  get mark(): number {
    return this.trail.length;
  }
  undoTo(mark: number): void {
    while (this.trail.length > mark) {
      const lags = this.out[this.trail.pop() ?? 0];
      if (lags) lags.length -= 2;
    }
  }

  /**
   * Whether v, lowered over this lag, stands above itself in the tree of causes by a round trip that loses minutes: then it is never
   * feasible. Without this a contradiction slides down minute by minute to the day's start.
   */
  private losesMinutes(v: number, lag: number): boolean {
    let u = this.cause[v] ?? 0;
    let sum = lag;
    for (let k = 0; k < this.size; k++) {
      if (u === v) return sum < 0;
      if (this.seen[u] !== this.pass) return false;
      sum += this.causeLag[u] ?? 0;
      u = this.cause[u] ?? 0;
    }
    return false;
  }

  /** Lowers starts until every lag holds. @returns false when one falls below its earliest */
  propagate(latest: Int32Array, earliest: Int32Array, seeds: Iterable<number>): boolean {
    const { queue, queued } = this;
    const room = queue.length;
    let head = 0;
    let tail = 0;
    let waiting = 0;
    const push = (i: number) => {
      if (queued[i]) return;
      queued[i] = 1;
      queue[tail] = i;
      tail = (tail + 1) % room;
      waiting++;
    };
    for (const seed of seeds) push(seed);
    let ok = true;
    this.pass++;
    while (waiting > 0) {
      const u = queue[head] ?? 0;
      head = (head + 1) % room;
      waiting--;
      queued[u] = 0;
      if (!ok) continue;
      if (this.isHands[u] && this.someAway && !this.isDone[u])
        latest[u] = this.latestThere(latest[u] ?? 0, this.tasks[u]?.minutes ?? 0);
      const start = latest[u] ?? 0;
      if (start < (earliest[u] ?? 0)) {
        ok = false;
        continue;
      }
      const lags = this.out[u] ?? [];
      this.effort += 2 + lags.length;
      for (let k = 0; k < lags.length; k += 2) {
        const v = lags[k] ?? 0;
        const w = lags[k + 1] ?? 0;
        if (start + w >= (latest[v] ?? 0)) continue;
        latest[v] = start + w;
        if (this.seen[v] !== this.pass) {
          this.seen[v] = this.pass;
          this.lowered[v] = 0;
        }
        this.cause[v] = u;
        this.causeLag[v] = w;
        const times = (this.lowered[v] ?? 0) + 1;
        this.lowered[v] = times;
        if ((times & 3) === 3 && this.losesMinutes(v, w)) {
          ok = false;
          break;
        }
        push(v);
      }
    }
    return ok;
  }
  propagateAll(latest: Int32Array, earliest: Int32Array): boolean {
    return this.propagate(latest, earliest, this.tasks.keys());
  }
}
