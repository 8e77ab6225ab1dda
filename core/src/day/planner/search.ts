import { chanceFrom } from '../../ground/numerics/index.js';
import { Clashes, type Clash, type WayOn } from './clashes.js';
import { DayCosts, type DayCost } from './day-cost.js';
import type { Bake } from './day-model.js';
import type { DayState } from './day-state.js';
import { HandFilling } from './hand-filling.js';

/*
 * Branch and bound over the orders that remove clashes. Resources are ignored until they clash in the latest schedule; a clash is
 * resolved by every order that removes it, each one more lag. Latest schedules are best for every cost that wants things later, so a
 * schedule without clash is optimal for its branch; the one cost that wants something early, the oven being off, is a cap that grows
 * tighter with the best plan known. Complete for any number of pairs: a short task that finds no gap becomes an ordinary one.
 */

/** A plan found. */
export interface Found extends DayCost {
  readonly starts: Int32Array;
  /** The latest starts of its branch, before short tasks went into their gaps. */
  readonly latest: Int32Array;
  readonly ovens: readonly number[];
  readonly promoted: Uint8Array;
}

const DEEPEST = 1500;
const CAP_ROUNDS = 6;
/** A dive closes against a little more than the tolerance of a proof. */
const DIVE_TOLERANCE = 0.2;

/** How one search is run: what is tried first, when it is given up. */
export interface Manner {
  /** The latest clash first, in the ovens or elsewhere. */
  latestFirst: boolean;
  /** So much chance in the order of what is tried, cost minutes. */
  noise: number;
  /** Nodes at most. */
  budget: number;
  /** Enough when a plan is known and so many nodes were looked at; 0 never. */
  enoughAt: number;
  /** Close with the tolerance of the proof. */
  exact: boolean;
  /** Bounds of children are not worked out: quick and blind. */
  hurry: boolean;
}
export const CALM: Manner = { latestFirst: false, noise: 0, budget: Infinity, enoughAt: 0, exact: false, hurry: false };

interface Child {
  readonly way: WayOn;
  readonly latest: Int32Array;
  readonly ovens: readonly number[];
  readonly bound: number;
  readonly key: number;
}

export interface SearchLimits {
  /** Lags looked at, at most. */
  readonly effort: number;
  /** Cost minutes that two plans may differ by and count as equal. */
  readonly tolerance: number;
  readonly anyPlan: boolean;
  readonly cancelled: () => boolean;
  readonly onBetter: (found: Found) => void;
}

export class Search {
  readonly clashes: Clashes;
  readonly filling: HandFilling;
  readonly costs: DayCosts;
  best: Found | undefined;
  /** Earliest starts that a better plan has. */
  readonly low: Int32Array;
  /** A cost that a bound test pretends to have. */
  ceiling = Infinity;
  /** Given up at this effort, for a part of the search. */
  pauseAt = Infinity;
  paused = false;
  timeout = false;
  incomplete = false;
  /** A search for the least of what the oven's rests could give has found that it is no proof. */
  mayBeCheaper = false;
  /** What is found now is gone on from, and need not be the best. */
  aside = false;
  /** While batches are put in one by one, plans of some are no plans. */
  building = false;
  nodes = 0;
  used = 0;
  manner: Manner = CALM;
  /** Effort when the first plan was found. */
  firstAt: number | undefined;
  private readonly floorCost: number;
  /** Chance, the same for the same seed. */
  readonly random: () => number;

  constructor(
    readonly state: DayState,
    readonly limits: SearchLimits,
    seed: number,
  ) {
    this.clashes = new Clashes(state);
    this.filling = new HandFilling(state);
    this.costs = new DayCosts(state);
    this.low = Int32Array.from(state.earliest);
    this.random = chanceFrom(seed);
    this.floorCost = this.costs.hotCost(this.costs.leastHot) + this.costs.unavoidable(state.latest);
  }

  /** The best plan so far, read anew: the search writes it meanwhile. */
  found(): Found | undefined {
    return this.best;
  }

  /** A plan that costs as much is no better. */
  get cut(): number {
    const { tolerance } = this.limits;
    const least = this.manner.exact ? tolerance : Math.min(tolerance, DIVE_TOLERANCE);
    return Math.min(this.ceiling, this.best ? this.best.cost - least : Infinity);
  }

  isOver(): boolean {
    if (this.paused || this.timeout || this.mayBeCheaper) return true;
    if (this.state.effort > this.pauseAt) this.paused = true;
    else if (this.state.effort > this.limits.effort || ((this.nodes & 63) === 0 && this.limits.cancelled()))
      this.timeout = true;
    return this.paused || this.timeout;
  }

  /** Earliest starts of any plan of less than this cost. */
  tighten(cost: number, earliest: Int32Array): void {
    const { tasks, fillers, isDone, pairs } = this.state;
    const first = this.costs.firstWorkBelow(cost, this.floorCost);
    for (const { at, passive } of tasks)
      if (!passive && !isDone[at] && (earliest[at] ?? 0) < first) earliest[at] = first;
    for (const { before, minutes } of fillers) {
      const least = first + Math.ceil(minutes / pairs);
      if ((earliest[before] ?? 0) < least && !isDone[before]) earliest[before] = least;
    }
    this.state.raise(earliest);
  }

  record(found: Found): void {
    if (!this.building) this.firstAt ??= this.state.effort;
    if (this.best && found.cost >= this.best.cost - 1e-6) return;
    this.best = found;
    if (this.building || this.aside) return;
    this.limits.onBetter(found);
    if (!this.limits.anyPlan) this.tighten(found.cost, this.low);
  }

  /** Bakes lowered until each part of the one oven's day is over early enough. @returns false where that cannot be */
  private capOven(latest: Int32Array, earliest: Int32Array, rest: number, most = Infinity): boolean {
    const { parts } = this.costs;
    const [rests = 0] = parts.rests;
    for (let part = 0; part <= rests; part++) {
      const bakes = this.state.model.bakes.filter(({ at, batch }) => this.state.isActive[batch] && parts.partOf(at, 0) === part);
      const span = this.costs.mostHot(this.cut, rest) - this.costs.leastBeside(part);
      if (!this.capPart(latest, earliest, bakes, span, most)) return false;
    }
    return true;
  } // prettier-ignore
  private capPart(
    latest: Int32Array,
    earliest: Int32Array,
    bakes: readonly Bake[],
    span: number,
    most: number,
  ): boolean {
    for (let round = 0; round < CAP_ROUNDS; round++) {
      const first = bakes.reduce((least, { task }) => Math.min(least, latest[task] ?? 0), Infinity);
      const off = Math.min(most, first + span);
      const seeds = bakes.filter(({ task, minutes }) => (latest[task] ?? 0) + minutes > off);
      if (seeds.length === 0) return true;
      for (const { task, minutes } of seeds) latest[task] = off - minutes;
      const lowered = seeds.map(({ task }) => task);
      if (!this.state.propagate(latest, earliest, lowered)) return false;
    }
    return true;
  }

  /** @returns the least bound left unexplored below this node; Infinity where all is closed */
  node(latest: Int32Array, earliest: Int32Array, ovens: readonly number[], bound: number, depth: number): number {
    const promoted: number[] = [];
    const left = this.explore(latest, earliest, ovens, bound, depth, promoted);
    for (const task of promoted) this.state.promoted[task] = 0;
    return left;
  }
  private promoteAll(promoted: number[]): boolean {
    const { shorts, tasks, isActive, isDone } = this.state;
    let more = false;
    for (const i of shorts) {
      if (!isActive[tasks[i]?.batch ?? 0] || this.state.promoted[i] || isDone[i]) continue;
      this.state.promoted[i] = 1;
      promoted.push(i);
      more = true;
    }
    return more;
  }

  private explore(
    latest: Int32Array,
    earliest: Int32Array,
    ovens: readonly number[],
    bound: number,
    depth: number,
    promoted: number[],
  ): number {
    if (depth > DEEPEST) {
      this.incomplete = true;
      return bound;
    }
    this.nodes++;
    this.used++;
    const { budget, enoughAt } = this.manner;
    if (this.isOver() || this.used > budget) return bound;
    if (enoughAt > 0 && this.building && this.best && this.used > enoughAt) return bound;
    if (this.limits.anyPlan && this.best && !this.building) return bound;
    let soft = Infinity;
    let least = bound;
    for (;;) {
      const settled = this.settle(latest, earliest, least);
      if (settled === undefined) return soft;
      least = settled;
      if (this.isLookedAt(latest, ovens)) return soft;
      const clash = this.clashIn(latest, ovens);
      if (clash) return this.branch(clash, latest, earliest, ovens, { least, depth, soft });
      const step = this.leaf(latest, earliest, ovens, { least, soft, promoted });
      if (step.kind === 'closed') return step.soft;
      soft = step.soft;
      if (step.kind === 'branch') return this.branch(step.clash, latest, earliest, ovens, { least, depth, soft });
    }
  }

  /** A better plan cannot keep the oven on longer than what the rest of its cost leaves. @returns the bound, or undefined where closed */
  private settle(latest: Int32Array, earliest: Int32Array, bound: number): number | undefined {
    if (this.cut === Infinity) return bound;
    if (this.costs.orMore) return this.closedFrom(Math.max(bound, this.costs.bound(latest, earliest)));
    if (!this.costs.weighsOven) return bound;
    const rest = this.costs.startCost(this.costs.leastStart(latest)) + this.costs.unavoidable(latest);
    if (!this.capOven(latest, earliest, rest)) return undefined;
    return this.closedFrom(Math.max(bound, this.costs.bound(latest, earliest)));
  }
  private closedFrom(least: number): number | undefined {
    return least >= this.cut ? undefined : least;
  }

  /** Some part of an oven's day is over as early as another branch has it. */
  private isLookedAt(latest: Int32Array, ovens: readonly number[]): boolean {
    const { parts } = this.costs;
    return parts.doneAfter.some(({ oven, part, minute }) =>
      this.state.model.bakes.every(
        ({ at, task, minutes }) =>
          ovens[at] !== oven || parts.partOf(at, oven) !== part || (latest[task] ?? 0) + minutes <= minute,
      ),
    );
  }
  private clashIn(latest: Int32Array, ovens: readonly number[]): Clash | undefined {
    const { parts } = this.costs;
    const open = parts.anyRest ? parts.undecided(latest, ovens) : undefined;
    if (open) return { ways: parts.waysFor(open, ovens), resource: 'oven rest', when: 0 };
    const oven = this.clashes.inOvens(latest, ovens);
    if (oven && (!this.manner.latestFirst || oven.keepsOrder)) return oven;
    const use = this.clashes.ofUses(latest);
    return oven && (!use || use.when <= oven.when) ? oven : use;
  }

  /** A schedule without clash: fill its hands, keep it, and say what could still be better in this branch. */
  private leaf(
    latest: Int32Array,
    earliest: Int32Array,
    ovens: readonly number[],
    { least, soft, promoted }: { readonly least: number; readonly soft: number; readonly promoted: number[] },
  ):
    | { readonly kind: 'closed' | 'again'; readonly soft: number }
    | { readonly kind: 'branch'; readonly soft: number; readonly clash: Clash } {
    const { state, costs } = this;
    const filled = this.filling.fill(latest);
    if (filled.kind === 'no-gap') {
      state.promoted[filled.task] = 1;
      promoted.push(filled.task);
      return { kind: 'again', soft };
    }
    if (filled.kind === 'no-time') {
      if (this.filling.leastFirstWork(latest) < state.firstMinute) return { kind: 'closed', soft };
      if (this.promoteAll(promoted)) return { kind: 'again', soft };
      this.incomplete = true;
      return { kind: 'closed', soft: least };
    }
    const cost = costs.of(latest, filled, ovens);
    if (costs.parts.anyRest && costs.parts.someEmpty(ovens)) return { kind: 'closed', soft };
    this.record({
      ...cost,
      starts: filled.starts,
      latest: Int32Array.from(latest),
      ovens: [...ovens],
      promoted: state.promoted.slice(),
    });
    if (this.limits.anyPlan && !this.building) return { kind: 'closed', soft: least };
    if (least >= this.cut) return { kind: 'closed', soft };
    let left = soft;
    const { costInSearch, hotInSearch } = cost;
    const better = costInSearch - costs.startCost(cost.firstWork) + costs.startCost(this.filling.leastFirstWork(latest)); // prettier-ignore
    if (better < costInSearch - 1e-6 && better < this.cut) {
      if (this.promoteAll(promoted)) return { kind: 'again', soft };
      left = Math.min(left, better);
    }
    if (costs.orMore) {
      // with the oven at its least something could still be cheaper: nothing is proved here, and no more is to be found
      this.mayBeCheaper ||= better < this.cut;
      return { kind: 'closed', soft: Math.min(left, better < this.cut ? better : Infinity) };
    }
    if (state.model.bakes.length === 0) return { kind: 'closed', soft: left };
    if (costs.oneOven && !costs.parts.anyRest) {
      const was = latest.slice();
      const rest = better - costs.hotCost(hotInSearch);
      if (!this.capOven(latest, earliest, rest, (cost.parts[0]?.off ?? Infinity) - 1))
        return { kind: 'closed', soft: left };
      return { kind: was.every((start, i) => start === latest[i]) ? 'closed' : 'again', soft: left };
    }
    return { kind: 'branch', soft: left, clash: this.donePartsEarlier(cost, better) };
  }
  /** What is better has some part of some oven's day done with earlier: at least by its share of what is missing. */
  private donePartsEarlier({ parts }: DayCost, better: number): Clash {
    const aMinute = Math.max(this.costs.hotCost(1), 0.01) * parts.length;
    const missing = Math.max(0, better - this.cut);
    const step = Math.max(1, Math.floor(this.limits.tolerance / aMinute), Math.ceil(missing / aMinute - 1e-9));
    const ways = parts.map(({ oven, part, off }) => ({ offBy: { oven, part, minute: off - step } }));
    return { ways, resource: 'oven off', when: 0 };
  }

  private branch(
    clash: Clash,
    latest: Int32Array,
    earliest: Int32Array,
    ovens: readonly number[],
    { least, depth, soft }: { readonly least: number; readonly depth: number; readonly soft: number },
  ): number {
    const children = clash.ways.flatMap((way) => {
      const child = this.childOf(way, latest, earliest, ovens, least);
      return child ? [child] : [];
    });
    if (!clash.keepsOrder) children.sort((a, b) => a.key - b.key);
    let left = soft;
    const { doneAfter } = this.costs.parts;
    const before = doneAfter.length;
    for (const { bound, way, latest: starts, ovens: chosen } of children) {
      if (bound < this.cut) {
        const mark = this.state.mark;
        for (const [u, v, w] of way.lags ?? []) this.state.addLag(u, v, w);
        const { part } = way;
        if (part) this.costs.parts.of[part.bake] = part.part;
        left = Math.min(left, this.node(starts, earliest, chosen, bound, depth + 1));
        this.state.undoTo(mark);
        if (part) this.costs.parts.of[part.bake] = -1;
        if (this.timeout && !this.best) break;
      }
      // what this part's earlier end could give has been looked at: the others are tried with it later
      if (way.offBy) doneAfter.push(way.offBy);
    }
    doneAfter.length = before;
    return this.timeout && !this.best ? least : left;
  }
  private childOf(
    way: WayOn,
    latest: Int32Array,
    earliest: Int32Array,
    ovens: readonly number[],
    least: number,
  ): Child | undefined {
    const { state } = this;
    const mark = state.mark;
    const starts = Int32Array.from(latest);
    const seeds: number[] = [];
    const lower = (task: number, start: number) => {
      if (start >= (starts[task] ?? 0)) return;
      starts[task] = start;
      seeds.push(task);
    };
    if (way.latest) lower(way.latest.task, way.latest.start);
    if (way.offBy)
      for (const { at, task, minutes } of state.model.bakes)
        if (ovens[at] === way.offBy.oven && this.costs.parts.partOf(at, way.offBy.oven) === way.offBy.part)
          lower(task, way.offBy.minute - minutes);
    for (const [u, v, w] of way.lags ?? []) {
      state.addLag(u, v, w);
      lower(v, (starts[u] ?? 0) + w);
      seeds.push(u);
    }
    const chosen = way.oven ? ovens.with(way.oven.bake, way.oven.oven) : ovens;
    const ok = state.propagate(starts, earliest, seeds);
    state.undoTo(mark);
    if (!ok) return undefined;
    if (way.part) this.costs.parts.of[way.part.bake] = way.part.part;
    const bound = this.manner.hurry ? least : Math.max(least, this.costs.bound(starts, earliest));
    if (way.part) this.costs.parts.of[way.part.bake] = -1;
    let moved = 0;
    for (let i = 0; i < starts.length; i++) moved += (latest[i] ?? 0) - (starts[i] ?? 0);
    const chance = this.manner.noise > 0 ? this.manner.noise * this.random() : 0;
    return { way, latest: starts, ovens: chosen, bound, key: bound + moved * 0.002 + chance };
  }
}
