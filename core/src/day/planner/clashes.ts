import { groupedBy } from '../../ground/records/index.js';
import { changeMinutes } from '../works/index.js';
import type { Bake, Use } from './day-model.js';
import type { DayState } from './day-state.js';

/** One way to remove a clash: more lags, a latest start, or an oven. */
export interface WayOn {
  readonly lags?: readonly (readonly [u: number, v: number, w: number])[];
  readonly latest?: { readonly task: number; readonly start: number };
  readonly oven?: { readonly bake: number; readonly oven: number };
  /** Which part of its oven's day a bake belongs to. */
  readonly part?: { readonly bake: number; readonly part: number };
  /** Bakes in this part of this oven's day are out by then. */
  readonly offBy?: { readonly oven: number; readonly part: number; readonly minute: number };
}
/** What cannot stand in a schedule, and every way out of it. */
export interface Clash {
  readonly ways: readonly WayOn[];
  readonly resource: string;
  readonly when: number;
  /** The ways are tried in this order. */
  readonly keepsOrder?: boolean;
}

/** One use after another, with a gap. */
const after = (first: Use, second: Use, gap = 0): readonly [number, number, number] => [
  second.fromTask,
  first.toTask,
  second.fromOffset - first.toOffset - gap,
];
const bakeAfter = (first: Bake, second: Bake, gap: number): readonly [number, number, number] => [
  second.task,
  first.task,
  -first.minutes - gap,
];

const endOf = ({ task, minutes }: Bake, starts: Int32Array): number => (starts[task] ?? 0) + minutes;

/** Finds the latest clash of a schedule: in the ovens, or over any other resource. */
export class Clashes {
  private readonly byResource: ReadonlyMap<string, readonly Use[]>;
  private readonly profile: Int16Array;
  private usedFrom = 0;
  private usedTo = 0;

  constructor(private readonly state: DayState) {
    const uses = groupedBy(state.model.uses, ({ resource }) => resource);
    for (const [resource, list] of uses) {
      const most = list.reduce((sum, { demand }) => sum + demand, 0);
      if (most <= this.capacity(resource) && !(resource === 'hands' && state.someAway)) uses.delete(resource);
    }
    this.byResource = uses;
    this.profile = new Int16Array(state.span + 1500);
  }
  private capacity(resource: string): number {
    return this.state.model.capacity[resource] ?? 1;
  }
  private bothDone(a: number, b: number): boolean {
    return this.state.isDone[a] === 1 && this.state.isDone[b] === 1;
  }

  /** In the ovens: which oven, its temperature, its door, its room. */
  inOvens(starts: Int32Array, ovens: readonly number[]): Clash | undefined {
    const { model, isActive } = this.state;
    const end = (bake: Bake) => (starts[bake.task] ?? 0) + bake.minutes;
    const bakes = model.bakes.filter(({ batch }) => isActive[batch]).toSorted((a, b) => end(b) - end(a) || a.at - b.at);
    let found: Clash | undefined;
    for (let p = 0; p < bakes.length; p++) {
      const bake = bakes[p];
      if (!bake) break;
      if ((ovens[bake.at] ?? -1) < 0) {
        if (found && found.when > endOf(bake, starts)) return found;
        return {
          ways: this.ovensFor(bake, bakes, starts, ovens),
          resource: 'oven',
          when: endOf(bake, starts),
          keepsOrder: true,
        };
      }
      for (let q = 0; q < bakes.length; q++) {
        const other = bakes[q];
        if (!other || q === p || ovens[other.at] !== ovens[bake.at] || this.bothDone(bake.task, other.task)) continue;
        if (q > p && bake.celsius !== other.celsius) found = later(found, this.temperature(bake, other, starts));
        if (bake.quietMinutes > 0) found = later(found, this.door(bake, other, starts));
      }
    }
    return later(found, this.room(bakes, starts, ovens));
  }
  private ovensFor(bake: Bake, bakes: readonly Bake[], starts: Int32Array, ovens: readonly number[]): readonly WayOn[] {
    const from = starts[bake.task] ?? 0;
    const crowd = (oven: number) =>
      bakes.reduce((sum, other) => {
        if (ovens[other.at] !== oven) return sum;
        const start = starts[other.task] ?? 0;
        const overlap = Math.min(from + bake.minutes, start + other.minutes) - Math.max(from, start);
        if (overlap <= 0) return sum;
        const room = this.state.model.kitchen.ovens[oven]?.racks ?? 1;
        return sum + (bake.celsius !== other.celsius || bake.racks + other.racks > room ? overlap : 0.1);
      }, 0);
    return bake.ovens
      .map((oven) => ({ oven, cost: crowd(oven) }))
      .sort((a, b) => a.cost - b.cost || a.oven - b.oven)
      .map(({ oven }) => ({ oven: { bake: bake.at, oven } }));
  }
  private temperature(a: Bake, b: Bake, starts: Int32Array): Clash | undefined {
    const startA = starts[a.task] ?? 0;
    const startB = starts[b.task] ?? 0;
    const [first, second, gapFrom, gapTo] = startA <= startB ? [a, b, startA, startB] : [b, a, startB, startA];
    if (gapFrom + first.minutes + changeMinutes(first.celsius, second.celsius) <= gapTo) return undefined;
    return {
      ways: [
        { lags: [bakeAfter(a, b, changeMinutes(a.celsius, b.celsius))] },
        { lags: [bakeAfter(b, a, changeMinutes(b.celsius, a.celsius))] },
      ],
      resource: 'oven temperature',
      when: Math.min(startA + a.minutes, startB + b.minutes),
    };
  }
  /** The door stays shut on `bake` at first, and `other` goes in or comes out. */
  private door(bake: Bake, other: Bake, starts: Int32Array): Clash | undefined {
    const from = starts[bake.task] ?? 0;
    let found: Clash | undefined;
    for (const task of [other.task, other.unload]) {
      const when = starts[task] ?? 0;
      if (when <= from || when >= from + bake.quietMinutes) continue;
      found = later(found, {
        ways: [{ lags: [[bake.task, task, 0]] }, { lags: [[task, bake.task, -bake.quietMinutes]] }],
        resource: 'oven door',
        when,
      });
    }
    return found;
  }
  private room(bakes: readonly Bake[], starts: Int32Array, ovens: readonly number[]): Clash | undefined {
    let found: Clash | undefined;
    for (const bake of bakes) {
      const oven = ovens[bake.at] ?? 0;
      const room = this.state.model.kitchen.ovens[oven]?.racks ?? 1;
      const last = (starts[bake.task] ?? 0) + bake.minutes - 1;
      if (found && last <= found.when) continue;
      const together = bakes.filter((other) => {
        const start = starts[other.task] ?? 0;
        return ovens[other.at] === oven && start <= last && start + other.minutes > last;
      });
      if (together.reduce((sum, { racks }) => sum + racks, 0) <= room) continue;
      const least = [bake];
      let racks = bake.racks;
      for (const other of together.filter((each) => each !== bake).sort((a, b) => b.racks - a.racks || a.at - b.at)) {
        if (racks > room) break;
        least.push(other);
        racks += other.racks;
      }
      const ways = least.flatMap((first) =>
        least.flatMap((second): readonly WayOn[] =>
          first === second || this.bothDone(first.task, second.task) ? [] : [{ lags: [bakeAfter(first, second, 0)] }],
        ),
      );
      found = { ways, resource: 'oven room', when: last };
    }
    return found;
  }

  /** The latest overfull minute of any resource but the ovens: some pair of a least overfull set gets an order. */
  ofUses(starts: Int32Array): Clash | undefined {
    const { base } = this.state;
    let found: Clash | undefined;
    for (const [resource, uses] of this.byResource) {
      const capacity = this.capacity(resource);
      const absent = resource === 'hands' && this.state.someAway;
      const { first, last } = this.fillProfile(uses, starts, resource === 'hands');
      for (let m = last - 1; m >= first && m + base > (found?.when ?? -Infinity); m--) {
        const taken = this.profile[m] ?? 0;
        if (taken <= capacity && !absent) continue;
        const there = absent ? capacity - (this.state.away[m] ?? 0) : capacity;
        if (taken === 0 || taken <= there) continue;
        const clash = this.atMinute(uses, starts, { minute: m + base, there, capacity, resource });
        if (!clash) continue;
        found = clash;
        break;
      }
    }
    return found;
  }
  private isTaken(use: Use, hands: boolean): boolean {
    const task = this.state.tasks[use.fromTask];
    if (!task) return false;
    return hands ? this.state.counts(task) : this.state.isActive[task.batch] === 1;
  }
  private fillProfile(
    uses: readonly Use[],
    starts: Int32Array,
    hands: boolean,
  ): { readonly first: number; readonly last: number } {
    const { base } = this.state;
    let first = Infinity;
    let last = 0;
    this.profile.fill(0, this.usedFrom, this.usedTo);
    for (const use of uses) {
      if (!this.isTaken(use, hands)) continue;
      const from = (starts[use.fromTask] ?? 0) + use.fromOffset - base;
      const to = (starts[use.toTask] ?? 0) + use.toOffset - base;
      first = Math.min(first, from);
      last = Math.max(last, to);
      for (let m = from; m < to; m++) this.profile[m] = (this.profile[m] ?? 0) + use.demand;
    }
    this.usedFrom = Math.min(first, last);
    this.usedTo = last;
    this.state.effort += last > first ? last - first : 0;
    return { first, last };
  }
  private atMinute(
    uses: readonly Use[],
    starts: Int32Array,
    { minute, there, capacity, resource }: { readonly minute: number; readonly there: number; readonly capacity: number; readonly resource: string }, // prettier-ignore
  ): Clash | undefined {
    const { base, away } = this.state;
    const hands = resource === 'hands';
    const here: Use[] = [];
    for (const use of uses)
      if (
        this.isTaken(use, hands) &&
        (starts[use.fromTask] ?? 0) + use.fromOffset <= minute &&
        (starts[use.toTask] ?? 0) + use.toOffset > minute
      )
        here.push(use);
    const start = here.find((use) => (starts[use.toTask] ?? 0) + use.toOffset - 1 === minute) ?? here[0];
    if (!start) return undefined;
    const least = [start];
    let taken = start.demand;
    for (const use of here) {
      if (taken > there) break;
      if (use === start) continue;
      least.push(use);
      taken += use.demand;
    }
    const ways: WayOn[] = [];
    for (const first of least)
      for (const second of least)
        if (first !== second && !this.bothDone(first.toTask, second.fromTask))
          ways.push({ lags: [after(first, second)] });
    if (there < capacity) {
      let from = minute;
      while (from > base && capacity - (away[from - 1 - base] ?? 0) < taken) from--;
      for (const use of least) ways.push({ latest: { task: use.toTask, start: from - use.toOffset } });
    }
    return ways.length === 0 ? undefined : { ways, resource, when: minute };
  }
}

const later = (a: Clash | undefined, b: Clash | undefined): Clash | undefined =>
  a && b ? (b.when > a.when ? b : a) : (a ?? b);
