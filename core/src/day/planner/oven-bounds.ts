import { changeMinutes } from '../works/index.js';
import type { Bake } from './day-model.js';

/*
 * What the oven alone makes unavoidable: lower bounds, no search. Each says what it relaxes.
 * @source shared/science/planning-3.md
 */

const MOST_TEMPERATURES = 10;
const NEVER = 1e8;

/** The least minutes in which half-oven bakes pass over two racks, the second begun at least `offset` later. */
function onTwoRacks(minutes: readonly number[], offset: number): number {
  const sum = minutes.reduce((total, each) => total + each, 0);
  if (minutes.length < 2) return sum;
  const reachable = new Uint8Array(sum + 1);
  reachable[0] = 1;
  for (const each of minutes) for (let s = sum; s >= each; s--) if (reachable[s - each]) reachable[s] = 1;
  let least = sum;
  for (let s = 1; s < sum; s++) if (reachable[s]) least = Math.min(least, Math.max(s, sum - s + offset));
  return least;
}

/**
 * Oven minutes that a set of bakes needs, by temperature. Relaxes hands (but see the second rack), windows and lags. Inside one
 * temperature whole-oven bakes one after another and half-oven bakes on two racks (exact); between temperatures the cheapest order
 * (Held and Karp's recursion over subsets).
 */
export class OvenLoads {
  readonly temperatures: readonly number[];
  readonly group: readonly number[];
  readonly bit: number[] = [];
  private readonly members: readonly number[][];
  private readonly known: readonly Map<number, number>[];
  private cheapest: Int32Array | undefined;
  /** Bakes that no other of their temperature can join. */
  readonly alone: readonly boolean[];

  constructor(
    private readonly bakes: readonly Bake[],
    private readonly racks: number,
    private readonly pairs: number,
  ) {
    this.temperatures = [...new Set(bakes.map(({ celsius }) => celsius))].sort((a, b) => a - b);
    this.group = bakes.map(({ celsius }) => this.temperatures.indexOf(celsius));
    this.members = this.temperatures.map(() => []);
    this.known = this.temperatures.map(() => new Map<number, number>());
    bakes.forEach((_, i) => {
      const mates = this.members[this.group[i] ?? 0];
      this.bit[i] = 1 << (mates?.length ?? 0);
      mates?.push(i);
    });
    this.alone = bakes.map((bake, i) =>
      (this.members[this.group[i] ?? 0] ?? []).every((j) => j === i || (bakes[j]?.racks ?? 1) + bake.racks > racks),
    );
  }

  /** Minutes of the bakes of one temperature. */
  ofGroup(group: number, mask: number): number {
    const known = this.known[group]?.get(mask);
    if (known !== undefined) return known;
    const here = (this.members[group] ?? []).flatMap((i) => {
      const bake = this.bakes[i];
      return bake && ((this.bit[i] ?? 0) & mask) !== 0 ? [bake] : [];
    });
    const longest = Math.max(...here.map(({ minutes }) => minutes));
    const energy = here.reduce((sum, { minutes, racks }) => sum + (minutes * racks) / this.racks, 0);
    let needed = Math.max(longest, Math.ceil(energy - 1e-9));
    const whole = here.filter(({ racks }) => racks >= this.racks);
    const half = here.filter(({ racks }) => racks < this.racks);
    if (this.racks === 2 && half.every(({ racks }) => racks === 1)) {
      const offset = this.pairs === 1 && half.length > 0 ? Math.min(...half.map(({ loadMinutes }) => loadMinutes)) : 0;
      const all = whole.reduce((sum, { minutes }) => sum + minutes, 0);
      const two = onTwoRacks(
        half.map(({ minutes }) => minutes),
        offset,
      );
      needed = Math.max(needed, all + two);
    }
    this.known[group]?.set(mask, needed);
    return needed;
  }

  /** Minutes of changing between these temperatures in the cheapest order, all subsets at once and only when asked for. */
  changes(mask: number): number {
    const count = this.temperatures.length;
    if (count > MOST_TEMPERATURES) {
      const there = this.temperatures.filter((_, k) => mask & (1 << k));
      const [lowest = 0] = there;
      return there.length < 2 ? 0 : there.length - 1 + Math.ceil(((there.at(-1) ?? 0) - lowest) / 10);
    }
    this.cheapest ??= this.cheapestOrders();
    return this.cheapest[mask] ?? 0;
  }
  private cheapestOrders(): Int32Array {
    const count = this.temperatures.length;
    const subsets = 1 << count;
    const ending = new Int32Array(subsets * count).fill(NEVER);
    const least = new Int32Array(subsets);
    for (let k = 0; k < count; k++) ending[(1 << k) * count + k] = 0;
    for (let mask = 1; mask < subsets; mask++) {
      let best = NEVER;
      for (let last = 0; last < count; last++) {
        const cost = ending[mask * count + last] ?? NEVER;
        if (cost >= NEVER) continue;
        best = Math.min(best, cost);
        for (let next = 0; next < count; next++) {
          if (mask & (1 << next)) continue;
          const at = (mask | (1 << next)) * count + next;
          const with_ = cost + changeMinutes(this.temperatures[last] ?? 0, this.temperatures[next] ?? 0);
          if (with_ < (ending[at] ?? NEVER)) ending[at] = with_;
        }
      }
      least[mask] = best;
    }
    return least;
  }

  /** Minutes of changing that so many rests of the oven leave: the temperatures fall into that many pieces more, in the cheapest way. */
  changesWithRests(rests: number): number {
    const count = this.temperatures.length;
    if (count > MOST_TEMPERATURES || rests >= count) return 0;
    const all = (1 << count) - 1;
    let least = Array.from({ length: all + 1 }, (_, mask) => this.changes(mask));
    for (let rest = 0; rest < rests; rest++) {
      const before = least;
      least = before.map((whole, mask) => {
        let best = whole;
        for (let piece = (mask - 1) & mask; piece > 0; piece = (piece - 1) & mask)
          best = Math.min(best, (before[piece] ?? 0) + this.changes(mask ^ piece));
        return best;
      });
    }
    return least[all] ?? 0;
  }
  /** Minutes of all bakes, without what lies between heats. */
  get bakesOnly(): number {
    return this.load(this.bakes.map((_, i) => i)) - this.changes((1 << this.temperatures.length) - 1);
  }

  /** A running total over a growing set of bakes. */
  running(): RunningLoad {
    return new RunningLoad(this);
  }
  load(bakes: readonly number[]): number {
    const running = this.running();
    let sum = 0;
    for (const bake of bakes) sum = running.add(bake);
    return sum;
  }
}

class RunningLoad {
  private readonly masks: Int32Array;
  private there = 0;
  private sum = 0;
  constructor(private readonly loads: OvenLoads) {
    this.masks = new Int32Array(loads.temperatures.length);
  }
  /** @returns minutes of oven that everything added so far needs */
  add(bake: number): number {
    const { loads, masks } = this;
    const group = loads.group[bake] ?? 0;
    const before = masks[group] ?? 0;
    const was = before === 0 ? 0 : loads.ofGroup(group, before);
    const after = before | (loads.bit[bake] ?? 0);
    masks[group] = after;
    this.there |= 1 << group;
    this.sum += loads.ofGroup(group, after) - was;
    return this.sum + loads.changes(this.there);
  }
}

/** A bake that is finished when it is out, for the bound on freshness. */
export interface Ripening {
  readonly end: number;
  readonly minutes: number;
  /** Share of the oven, 0–1. */
  readonly share: number;
  readonly weight: number;
}

/** Work that a growing set of bakes is for several ovens together, each bake by its share of all their racks: whatever their order. */
export class RunningEnergy {
  private sum = 0;
  constructor(
    private readonly bakes: readonly Bake[],
    private readonly shares: readonly number[],
  ) {}
  /** @returns minutes of all ovens that everything added so far needs */
  add(bake: number): number {
    this.sum += (this.bakes[bake]?.minutes ?? 0) * (this.shares[bake] ?? 0);
    return Math.ceil(this.sum - 1e-9);
  }
}

/**
 * The sum of weight × (latest end − end) that the ovens make unavoidable: one machine that may be split in time, weighted shortest
 * first in reversed time, which is optimal for weighted mean busy times. A bake that nothing can join takes the whole oven.
 */
export function unavoidableAge(bakes: readonly Ripening[], horizon: number): number {
  if (bakes.length < 2) return 0;
  const jobs = bakes
    .map(({ end, minutes, share, weight }) => ({
      release: horizon - end,
      work: minutes * share,
      left: minutes * share,
      weight,
      minutes,
      moment: 0,
    }))
    .sort((a, b) => a.release - b.release);
  let now = jobs[0]?.release ?? 0;
  let next = 0;
  const open: typeof jobs = [];
  for (;;) {
    for (let job = jobs[next]; job && job.release <= now + 1e-9; job = jobs[++next]) open.push(job);
    let first = open[0];
    if (!first) {
      const waiting = jobs[next];
      if (!waiting) break;
      now = waiting.release;
      continue;
    }
    for (const job of open) if (job.weight * first.work > first.weight * job.work) first = job;
    const run = Math.min(first.left, (jobs[next]?.release ?? Infinity) - now);
    first.moment += run * (now + run / 2);
    now += run;
    first.left -= run;
    if (first.left < 1e-9) open.splice(open.indexOf(first), 1);
  }
  const age = jobs.reduce(
    (sum, { weight, moment, work, minutes, release }) => sum + weight * (moment / work - minutes / 2 - release),
    0,
  );
  return Math.max(0, age);
}
