import { groupedBy } from '../../ground/records/index.js';
import { preheatMinutes } from '../../oven/baking/index.js';
import type { Bake } from './day-model.js';
import type { DayState } from './day-state.js';
import type { FilledDay } from './hand-filling.js';
import { OvenLoads, unavoidableAge } from './oven-bounds.js';

/** What a filled day costs, in minutes of the morning. */
export interface DayCost {
  readonly cost: number;
  readonly firstWork: number;
  /** Minutes that the ovens are hot, heating up counted once, as a constant. */
  readonly hotMinutes: number;
  readonly age: number;
  /** When each oven is done with; undefined where it is not used. */
  readonly offAt: readonly (number | undefined)[];
}

interface Work {
  readonly task: number;
  readonly batch: number;
  readonly offset: number;
  readonly minutes: number;
}

/**
 * The cost of a day and what no day under these latest starts can cost less than: minutes from the first work to the last deadline,
 * a quarter of the oven's, and how old things are when they are due. @source shared/science/planning.md, section 2; planning-3.md
 */
export class DayCosts {
  private readonly bakes: readonly Bake[];
  private readonly loads: OvenLoads | undefined;
  private readonly allLoads: number;
  private readonly heatingUp: number;
  private readonly work: readonly Work[];
  private readonly order: number[];
  private readonly byEnd: Bake[];
  private readonly ends: Int32Array;
  /** Minutes of pairs away before each minute from the base. */
  private readonly awaySoFar: Int32Array;
  private readonly ripe: readonly { readonly bake: Bake; readonly share: number; readonly weight: number }[];
  private readonly weights;
  readonly oneOven: boolean;
  /** While batches are still being put in, the whole oven load is no bound. */
  building = false;

  constructor(private readonly state: DayState) {
    const { model, pairs, tasks, isHands, isDone } = state;
    const { ovens, weights } = model.kitchen;
    this.bakes = model.bakes;
    this.weights = weights;
    this.oneOven = ovens.length === 1;
    const racks = Math.max(...ovens.map((oven) => oven.racks));
    this.heatingUp =
      this.bakes.length === 0
        ? 0
        : Math.min(
            ...this.bakes.flatMap(({ celsius }) => ovens.map((oven) => preheatMinutes(celsius, oven.minutesTo180))),
          );
    this.loads = this.oneOven ? new OvenLoads(this.bakes, racks, pairs) : undefined;
    this.allLoads = this.loads ? this.loads.load(this.bakes.map(({ at }) => at)) : this.loadOfSeveral(racks);
    this.work = [
      ...tasks.flatMap(({ at, batch, minutes }) =>
        isHands[at] && !isDone[at] ? [{ task: at, batch, offset: minutes, minutes }] : [],
      ),
      ...state.fillers.map(({ before, batch, minutes }) => ({ task: before, batch, offset: 0, minutes })),
    ];
    this.order = this.work.map((_, i) => i);
    this.byEnd = [...this.bakes];
    this.ends = new Int32Array(this.work.length);
    this.awaySoFar = new Int32Array(state.away.length + 1);
    state.away.forEach((count, m) => (this.awaySoFar[m + 1] = (this.awaySoFar[m] ?? 0) + count));
    this.ripe = this.oneOven
      ? this.bakes.flatMap((bake) => {
          const final = model.finals[bake.batch];
          if (final?.task !== bake.unload || final.weight <= 0 || isDone[bake.task]) return [];
          const whole = (this.loads?.alone[bake.at] ?? false) || bake.racks >= racks;
          return [{ bake, share: whole ? 1 : bake.racks / racks, weight: final.weight }];
        })
      : [];
  }
  private loadOfSeveral(racks: number): number {
    const byHeat = groupedBy(this.bakes, ({ celsius }) => celsius);
    return Math.ceil(
      [...byHeat.values()].reduce(
        (sum, bakes) =>
          sum +
          Math.max(
            ...bakes.map(({ minutes }) => minutes),
            bakes.reduce((energy, bake) => energy + (bake.minutes * bake.racks) / racks, 0),
          ),
        0,
      ),
    );
  }
  /** Oven minutes that no plan of all batches can avoid. */
  get leastHot(): number {
    return this.bakes.length === 0 ? 0 : this.allLoads + this.heatingUp;
  }

  age(starts: Int32Array): number {
    const { model, isActive } = this.state;
    let sum = 0;
    for (const { task, lag, weight, batch } of model.finals)
      if (weight > 0 && isActive[batch])
        sum += weight * ((model.batches[batch]?.dueMinute ?? 0) - (starts[task] ?? 0) - lag);
    return sum;
  }
  ageOfOven(starts: Int32Array): number {
    return unavoidableAge(
      this.ripe.flatMap(({ bake, share, weight }) =>
        this.state.isActive[bake.batch]
          ? [{ end: (starts[bake.task] ?? 0) + bake.minutes, minutes: bake.minutes, share, weight }]
          : [],
      ),
      this.state.horizon,
    );
  }
  /** Minutes of pairs that are away between two moments. */
  private awayIn(from: number, to: number): number {
    return this.awayUntil(to) - this.awayUntil(from);
  }
  private awayUntil(minute: number): number {
    const at = Math.min(this.awaySoFar.length - 1, Math.max(0, minute - this.state.base));
    return this.awaySoFar[at] ?? 0;
  }

  /** The hands, and the one oven, have to have begun by then. */
  leastStart(starts: Int32Array): number {
    const { isActive, pairs, fillers, someAway } = this.state;
    const { order, work, ends } = this;
    for (let i = 0; i < work.length; i++) {
      const item = work[i];
      ends[i] = item ? (starts[item.task] ?? 0) + item.offset : 0;
    }
    for (let k = 1; k < order.length; k++) {
      const item = order[k] ?? 0;
      const end = ends[item] ?? 0;
      let m = k - 1;
      while (m >= 0 && (ends[order[m] ?? 0] ?? 0) > end) {
        order[m + 1] = order[m] ?? 0;
        m--;
      }
      order[m + 1] = item;
    }
    this.state.effort += order.length * (someAway ? 6 : 3);
    let first = Infinity;
    let minutes = 0;
    for (const i of order) {
      const item = work[i];
      if (!item || !isActive[item.batch]) continue;
      const end = ends[i] ?? 0;
      minutes += item.minutes;
      let start = end - Math.ceil(minutes / pairs);
      if (someAway)
        for (let round = 0; round < 4; round++) {
          const more = end - Math.ceil((minutes + this.awayIn(start, end)) / pairs);
          if (more >= start) break;
          start = more;
        }
      first = Math.min(first, start);
    }
    if (pairs > 1)
      for (const filler of fillers)
        if (isActive[filler.batch]) first = Math.min(first, (starts[filler.before] ?? 0) - filler.minutes);
    return Math.min(first, this.leastStartOfOven(starts));
  }
  /** What must be out by then has gone in, and its first pan had to be made. */
  private leastStartOfOven(starts: Int32Array): number {
    if (!this.loads) return Infinity;
    const { isDone, isActive, pairs } = this.state;
    const running = this.loads.running();
    let head = Infinity;
    let first = Infinity;
    // sorted in place by when they are out: nearly sorted already, most times
    const order = this.byEnd;
    for (let k = 1; k < order.length; k++) {
      const bake = order[k];
      if (!bake) break;
      const end = (starts[bake.task] ?? 0) + bake.minutes;
      let m = k - 1;
      for (; m >= 0; m--) {
        const other = order[m];
        if (!other || (starts[other.task] ?? 0) + other.minutes <= end) break;
        order[m + 1] = other;
      }
      order[m + 1] = bake;
    }
    for (const bake of order) {
      if (isDone[bake.task] || !isActive[bake.batch]) continue;
      head = Math.min(head, bake.headMinutes / pairs);
      first = Math.min(first, (starts[bake.task] ?? 0) + bake.minutes - running.add(bake.at) - Math.ceil(head));
    }
    return first;
  }

  /** No plan under these latest starts costs less. */
  bound(latest: Int32Array, earliest: Int32Array): number {
    const { isActive, horizon } = this.state;
    let hot = this.building ? 0 : this.allLoads;
    if (this.oneOven) {
      let first = Infinity;
      let last = -Infinity;
      for (const { task, batch, minutes } of this.bakes) {
        if (!isActive[batch]) continue;
        first = Math.min(first, latest[task] ?? 0);
        last = Math.max(last, (earliest[task] ?? 0) + minutes);
      }
      hot = Math.max(hot, last - first);
    }
    const heated = this.bakes.length === 0 ? 0 : hot + this.heatingUp;
    return (
      this.weights.start * (horizon - this.leastStart(latest)) + this.weights.oven * heated + this.unavoidable(latest)
    );
  }
  /** Age that these latest starts and the oven make unavoidable. */
  unavoidable(latest: Int32Array): number {
    return this.age(latest) + this.ageOfOven(latest);
  }
  /** What the oven may still be hot when the rest of a day costs so much and the whole is to cost less than `most`. */
  mostHot(most: number, rest: number): number {
    return Math.floor((most - rest) / this.weights.oven - this.heatingUp + 1e-9);
  }
  startCost(firstWork: number): number {
    return this.weights.start * (this.state.horizon - firstWork);
  }
  hotCost(minutes: number): number {
    return this.weights.oven * minutes;
  }
  get weighsOven(): boolean {
    return this.weights.oven > 0 && this.oneOven && this.bakes.length > 0;
  }
  /** The first work that a plan of less than this cost begins with. */
  firstWorkBelow(cost: number, rest: number): number {
    return Math.floor(this.state.horizon - (cost - rest) / this.weights.start);
  }

  of(latest: Int32Array, filled: FilledDay, ovens: readonly number[]): DayCost {
    const { model, isActive } = this.state;
    let hot = this.bakes.length === 0 ? 0 : this.heatingUp;
    const offAt = model.kitchen.ovens.map((_, oven): number | undefined => {
      let first = Infinity;
      let last = -Infinity;
      for (const { at, task, minutes, batch } of this.bakes) {
        if (ovens[at] !== oven || !isActive[batch]) continue;
        first = Math.min(first, latest[task] ?? 0);
        last = Math.max(last, (latest[task] ?? 0) + minutes);
      }
      if (last === -Infinity) return undefined;
      hot += last - first;
      return last;
    });
    const age = this.age(latest);
    return {
      cost: this.startCost(filled.firstWork) + this.weights.oven * hot + age,
      firstWork: filled.firstWork,
      hotMinutes: hot,
      age,
      offAt,
    };
  }
}
