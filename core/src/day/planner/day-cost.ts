import { sumOf } from '../../ground/numerics/index.js';
import { groupedBy } from '../../ground/records/index.js';
import { preheatMinutes } from '../../oven/baking/index.js';
import type { Bake } from './day-model.js';
import type { DayState } from './day-state.js';
import type { FilledDay } from './hand-filling.js';
import { OvenLoads, RunningEnergy, unavoidableAge } from './oven-bounds.js';
import { MOST_RESTS, OvenParts } from './oven-rests.js';

/** What a filled day costs, in minutes of the morning. */
export interface DayCost {
  readonly cost: number;
  readonly firstWork: number;
  /** Minutes that the ovens are hot, their rests left out, heating up counted once, as a constant. */
  readonly hotMinutes: number;
  readonly age: number;
  /** The same where an oven rests only as this search says: what is compared inside of it. */
  readonly costInSearch: number;
  readonly hotInSearch: number;
  /** When each part of each oven's day is done with. */
  readonly parts: readonly { readonly oven: number; readonly part: number; readonly off: number }[];
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
  /** Oven minutes that no plan with so many rests, and no plan at all, can do without. */
  private leastLoad: number;
  private readonly leastLoads = new Map<number, number>();
  /** Share of all ovens that each bake takes. */
  private readonly shares: readonly number[];
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
  /** In which part of its oven's day each bake is, in the search that is under way. */
  readonly parts: OvenParts;
  /** The oven costs what no plan with so many rests or more can do without: a search for the least, not for plans. */
  orMore = false;
  /** At least so many rests in the search that is under way. */
  private rests = 0;
  private readonly bakesOnly: number;
  private readonly someBaked: boolean;
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
    this.parts = new OvenParts(state);
    this.bakesOnly = this.loads?.bakesOnly ?? 0;
    this.someBaked = this.bakes.some(({ task }) => isDone[task] === 1);
    this.leastLoad = this.loadWith(0);
    const allRacks = ovens.reduce((sum, oven) => sum + oven.racks, 0);
    // what no other of its heat can join has an oven to itself
    const alone = (bake: Bake) => this.bakes.every((other) => other === bake || other.celsius !== bake.celsius || other.racks + bake.racks > racks); // prettier-ignore
    const leastRacks = Math.min(...ovens.map((oven) => oven.racks));
    this.shares = this.bakes.map(
      (bake) => (alone(bake) ? Math.max(leastRacks, Math.min(bake.racks, racks)) : bake.racks) / allRacks,
    );
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
    this.ripe = this.bakes.flatMap((bake) => {
      const final = model.finals[bake.batch];
      if (final?.task !== bake.unload || final.weight <= 0 || isDone[bake.task]) return [];
      return [{ bake, share: this.shares[bake.at] ?? 1, weight: final.weight }];
    });
  }

  /** A search with so many rests of each oven begins. */
  begin(rests: readonly number[]): void {
    this.orMore = false;
    this.rests = sumOf(rests);
    this.parts.begin(rests);
    this.leastLoad = this.loadWith(this.rests) + this.parts.again;
  }
  /** A search with so many rests or more begins: the ovens cost what no such plan can do without, wherever its bakes lie. */
  beginOrMore(rests: number): void {
    this.orMore = true;
    this.rests = rests;
    this.parts.begin(this.parts.rests.map(() => 0));
    this.leastLoad = this.loadOrMore(rests);
  }
  private loadOrMore(rests: number): number {
    const again = Math.min(...this.parts.leastAgain);
    const heats = this.loads?.temperatures.length ?? 0;
    const most = Math.max(rests, Math.min(heats, rests + MOST_RESTS));
    const loads = [(this.loads ? this.bakesOnly : this.loadWith(0)) + (most + 1) * again];
    for (let more = rests; more <= most; more++) loads.push(this.loadWith(more) + more * again);
    return Math.min(...loads);
  }
  /** Oven minutes with so many rests, heating up again not counted. */
  private loadWith(rests: number): number {
    const known = this.leastLoads.get(rests);
    if (known !== undefined) return known;
    const { loads } = this;
    const racks = Math.max(...this.state.model.kitchen.ovens.map((oven) => oven.racks));
    const load = loads ? this.bakesOnly + loads.changesWithRests(rests) : this.loadOfSeveral(racks);
    this.leastLoads.set(rests, load);
    return load;
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
  /** Oven minutes that no plan of all batches can avoid, however often an oven rests. */
  get leastHot(): number {
    if (this.bakes.length === 0) return 0;
    return Math.min(this.loadWith(0), this.loadOrMore(1)) + this.heatingUp;
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
    const { isDone, isActive, pairs } = this.state;
    const running = this.loads ? this.loads.running() : new RunningEnergy(this.bakes, this.shares);
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
    return Math.min(first, this.leastStartOfRests(starts, head));
  }
  /** Between its first bake and its last an oven that rests waits for so many gaps. */
  private leastStartOfRests(starts: Int32Array, head: number): number {
    const { loads, rests } = this;
    // what has been baked already asks for nobody's morning
    if (!loads || rests === 0 || this.building || this.someBaked) return Infinity;
    const [gap = 0] = this.parts.leastGap;
    const ends = this.bakes.map(({ task, minutes }) => (starts[task] ?? 0) + minutes);
    const last = Math.max(...ends);
    let first = last - this.bakesOnly - rests * gap;
    if (!this.orMore) {
      // part before part, each over before the next one begins
      let until = Infinity;
      for (let part = rests; part >= 0; part--) {
        const running = loads.running();
        let load = 0;
        let end = -Infinity;
        for (const { at } of this.bakes) {
          if (this.parts.of[at] !== part) continue;
          load = running.add(at);
          end = Math.max(end, ends[at] ?? 0);
        }
        if (load > 0) until = Math.min(end, until) - load;
        until -= gap;
      }
      first = Math.min(first, until + gap);
    }
    return first - Math.ceil(head);
  }

  /** No plan under these latest starts costs less. */
  bound(latest: Int32Array, earliest: Int32Array): number {
    const { isActive, horizon } = this.state;
    let hot = this.building ? 0 : this.leastLoad;
    if (this.oneOven && !this.orMore) {
      const rests = this.parts.rests[0] ?? 0;
      let spans = this.parts.again;
      for (let part = 0; part <= rests; part++) {
        let first = Infinity;
        let last = -Infinity;
        const running = rests > 0 && !this.building ? this.loads?.running() : undefined;
        let load = 0;
        for (const { at, task, batch, minutes } of this.bakes) {
          if (!isActive[batch] || this.parts.partOf(at, 0) !== part) continue;
          first = Math.min(first, latest[task] ?? 0);
          last = Math.max(last, (earliest[task] ?? 0) + minutes);
          if (running) load = running.add(at);
        }
        spans += Math.max(0, last - first, load);
      }
      hot = Math.max(hot, spans);
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
    return this.weights.oven > 0 && this.oneOven && this.bakes.length > 0 && !this.orMore;
  }
  /** The first work that a plan of less than this cost begins with. */
  firstWorkBelow(cost: number, rest: number): number {
    return Math.floor(this.state.horizon - (cost - rest) / this.weights.start);
  }

  /** Of bakes of the one oven in their order: the places of those that an oven is switched on for again. */
  restsBefore(byTime: readonly Bake[], starts: Int32Array): readonly number[] {
    let free = Infinity;
    let celsius = 0;
    return byTime.flatMap((bake, i) => {
      const from = starts[bake.task] ?? 0;
      const rests = this.parts.spared.of(0, Math.max(0, from - free), celsius, bake.celsius) > 0;
      celsius = bake.celsius;
      free = Math.max(i === 0 ? -Infinity : free, from + bake.minutes);
      return rests ? [i] : [];
    });
  }
  /** The least that the other parts of the one oven's day need, beside this one. */
  leastBeside(part: number): number {
    const { loads, bakes, parts } = this;
    const [rests = 0] = parts.rests;
    if (!loads || rests === 0) return 0;
    let sum = parts.again;
    for (let other = 0; other <= rests; other++) {
      if (other === part) continue;
      sum += loads.load(bakes.flatMap(({ at, batch }) => (this.state.isActive[batch] && parts.of[at] === other ? [at] : []))); // prettier-ignore
    }
    return sum;
  }

  of(latest: Int32Array, filled: FilledDay, ovens: readonly number[]): DayCost {
    const { kitchen } = this.state.model;
    let hot = this.bakes.length === 0 ? 0 : this.heatingUp;
    let hotInSearch = hot;
    const parts: { oven: number; part: number; off: number }[] = [];
    kitchen.ovens.forEach((_, oven) => {
      const here = this.bakes
        .filter(({ at, batch }) => ovens[at] === oven && this.state.isActive[batch])
        .sort((a, b) => (latest[a.task] ?? 0) - (latest[b.task] ?? 0));
      let free: number | undefined;
      let celsius = 0;
      let part = -1;
      for (const bake of here) {
        const from = latest[bake.task] ?? 0;
        const its = this.parts.partOf(bake.at, oven);
        const gap = free === undefined ? 0 : Math.max(0, from - free);
        const spared = this.parts.spared.of(oven, gap, celsius, bake.celsius);
        hot += gap - spared;
        hotInSearch += its === part || part < 0 ? gap : gap - spared;
        const more = free === undefined ? bake.minutes : Math.max(0, from + bake.minutes - Math.max(free, from));
        hot += more;
        hotInSearch += more;
        if (free === undefined || from + bake.minutes >= free) celsius = bake.celsius;
        free = Math.max(free ?? 0, from + bake.minutes);
        const last = parts.at(-1);
        if (last && its === part) last.off = free;
        else parts.push({ oven, part: its, off: free });
        part = its;
      }
    });
    const age = this.age(latest);
    const rest = this.startCost(filled.firstWork) + age;
    if (this.orMore) hotInSearch = this.leastLoad + this.heatingUp;
    return {
      cost: rest + this.hotCost(hot),
      costInSearch: rest + this.hotCost(hotInSearch),
      firstWork: filled.firstWork,
      hotMinutes: hot,
      hotInSearch,
      age,
      parts,
    };
  }
}
