import { sumOf } from '../../ground/numerics/index.js';
import { groupedBy } from '../../ground/records/index.js';
import { preheatMinutes } from '../../oven/baking/index.js';
import { restedOven, type BatchWork, type DayKitchen, type PlannedTask } from '../works/index.js';
import { dayModel, type DayModel } from './day-model.js';
import { DayState, type Settled } from './day-state.js';
import { ovensAtFirst, putAnew, putInOneByOne } from './improving.js';
import { restsToTry } from './oven-rests.js';
import { CALM, Search, type Found } from './search.js';
import { assignPairs } from './pairs.js';

/** How hard a day is planned, and with what settled. */
export interface PlanOptions extends Settled {
  /** About so many seconds of one core; the same effort gives the same plan, on every machine. */
  readonly seconds?: number;
  /** Plans that differ by no more cost minutes count as equal. */
  readonly tolerance?: number;
  /** Enough with any plan that keeps the rules. */
  readonly anyPlan?: boolean;
  readonly seed?: number;
  readonly cancelled?: () => boolean;
  readonly onBetter?: (progress: PlanProgress) => void;
}
export interface PlanProgress {
  readonly cost: number;
  readonly startsAt: number;
}

export interface DayPlan {
  readonly kind: 'planned';
  /** No plan costs less by more than the tolerance. */
  readonly proven: boolean;
  readonly cost: number;
  /** No plan costs less than this. */
  readonly bound: number;
  /** Of hands. */
  readonly startsAt: number;
  /** Minutes that ovens are on, heating up and changes counted, rests left out. */
  readonly ovenMinutes: number;
  readonly tasks: readonly PlannedTask[];
  /** Effort until the first plan was there, and in all, in seconds of a usual machine. */
  readonly firstSeconds: number;
  readonly seconds: number;
}
export type DayPlanned =
  | DayPlan
  /** `proven`: no plan keeps the rules. Else none was found in time, which says nothing. */
  | { readonly kind: 'none'; readonly proven: boolean; readonly seconds: number };

/** Lags that one core looks at in a second, about. */
const EFFORT_A_SECOND = 32_000_000;
const USUAL_SECONDS = 2;

/** The latest safe plan of a day, and how sure it is that there is none better. */
export function planDay(batches: readonly BatchWork[], kitchen: DayKitchen, options: PlanOptions = {}): DayPlanned {
  const model = dayModel(batches, kitchen);
  const state = new DayState(model, options);
  const effort = (options.seconds ?? USUAL_SECONDS) * EFFORT_A_SECOND;
  const secondsOf = (spent: number) => spent / EFFORT_A_SECOND;
  if (!state.propagateAll(Int32Array.from(state.latest), state.earliest))
    return { kind: 'none', proven: true, seconds: secondsOf(state.effort) };
  state.propagateAll(state.latest, state.earliest);
  const search = new Search(
    state,
    {
      effort,
      tolerance: options.tolerance ?? 1,
      anyPlan: options.anyPlan ?? false,
      cancelled: options.cancelled ?? (() => false),
      onBetter: ({ cost, firstWork }) => options.onBetter?.({ cost, startsAt: firstWork }),
    },
    options.seed ?? 1,
  );
  const { bound, proven } = run(search, effort);
  const { best } = search;
  if (!best)
    return { kind: 'none', proven: proven && !search.timeout && !search.incomplete, seconds: secondsOf(state.effort) };
  const tasks = assignPairs(plannedTasks(search, model, best, options), kitchen);
  return {
    kind: 'planned',
    proven,
    cost: best.cost,
    bound: Math.min(best.cost, proven ? Math.max(bound, best.cost - search.limits.tolerance) : bound),
    startsAt: Math.min(best.firstWork, ...tasks.filter(({ hands }) => hands > 0).map(({ from }) => from)),
    ovenMinutes: ovenMinutesOf(tasks),
    tasks,
    firstSeconds: secondsOf(search.firstAt ?? state.effort),
    seconds: secondsOf(state.effort),
  };
}

interface Proof {
  readonly bound: number;
  readonly proven: boolean;
}
function run(search: Search, effort: number): Proof {
  const { state, limits, costs } = search;
  const bakes = state.model.bakes.length;
  const ovens = ovensAtFirst(search);
  const searches = searchesOf(search);
  const rootBound = Math.min(...searches.map(({ bound }) => bound));
  /** Without a rest of the oven; then with one, with two, each after a look whether so many or more could be cheaper. */
  const root = (earliest: Int32Array, these = searches): number => {
    let left = Infinity;
    for (const { begin, bound, orMore } of these) {
      if (bound >= search.cut) continue;
      begin();
      const latest = Int32Array.from(state.latest);
      if (!state.propagateAll(latest, earliest)) continue;
      const open = search.node(latest, earliest, ovens, bound, 0);
      const isClosed = orMore && open === Infinity && !search.mayBeCheaper;
      search.mayBeCheaper = false;
      // nothing is cheaper with so many rests; or there is no plan at all, with rests or without
      if (isClosed || (open === Infinity && !search.found() && !search.isOver())) break;
      // what a look leaves open is settled by the searches behind it, but for the last
      if (!orMore || these.at(-1)?.begin === begin) left = Math.min(left, open);
    }
    costs.begin(state.model.kitchen.ovens.map(() => 0));
    return left;
  };
  const whole = searches.length === 1;
  const closed = dives(search, (earliest) => root(earliest, searches.slice(0, 1)), rootBound) && whole;
  const enough = () => limits.anyPlan && search.found() !== undefined;
  if (!closed && !enough() && (bakes > 6 || !search.found())) putInOneByOne(search, effort * 0.35);
  if (search.found() && !closed && bakes > 4 && !limits.anyPlan)
    putAnew(search, rootBound, effort * (bakes > 14 ? 0.85 : bakes > 8 ? 0.68 : bakes > 6 ? 0.2 : 0.3));
  let left = closed ? Infinity : rootBound;
  if (!search.timeout && !closed && !enough()) left = prove(search, root, rootBound, effort);
  const best = search.found();
  if (!best) return { bound: rootBound, proven: left === Infinity };
  if (left >= best.cost - limits.tolerance - 1e-9) left = Infinity;
  const least = search.incomplete ? rootBound : left === Infinity ? best.cost - limits.tolerance : left;
  return {
    bound: Math.min(best.cost, Math.max(rootBound, least)),
    proven: !limits.anyPlan && ((!search.incomplete && left === Infinity) || best.cost - rootBound <= limits.tolerance),
  };
}

/** One part of the whole search, and what none of its plans can cost less than. */
interface PartOfSearch {
  readonly begin: () => void;
  readonly bound: number;
  readonly orMore: boolean;
}
function searchesOf({ state, costs }: Search): readonly PartOfSearch[] {
  const { ovens } = state.model.kitchen;
  const list: PartOfSearch[] = [];
  const add = (orMore: boolean, begin: () => void) => {
    begin();
    list.push({ orMore, begin, bound: costs.bound(state.latest, state.earliest) });
  };
  let looked = 0;
  const tries = restsToTry(ovens.length, state.model.bakes.length);
  for (const rests of tries) {
    const count = sumOf(rests);
    if (count > looked) {
      looked = count;
      add(true, () => costs.beginOrMore(count));
    }
    add(false, () => costs.begin(rests));
  }
  if (looked < state.model.bakes.length - 1) add(true, () => costs.beginOrMore(looked + 1));
  costs.begin(ovens.map(() => 0));
  return list;
}

/** A few dives from the top, the oven always on: one straight, others with chance, in small budgets. @returns whether one closed everything */
function dives(search: Search, root: (earliest: Int32Array) => number, rootBound: number): boolean {
  const { state, limits } = search;
  const bakes = state.model.bakes.length;
  const nodes = 60 + 40 * state.size;
  const count = bakes <= 3 ? 1 : bakes <= 8 ? 4 : 0;
  for (let d = 0; d < count && !search.timeout; d++) {
    search.manner = {
      ...CALM,
      latestFirst: d % 2 === (bakes > 9 ? 0 : 1),
      noise: d < 2 ? 0 : ([4, 10, 25, 1.5][d % 4] ?? 0),
      budget: d < 2 ? 10 * nodes : nodes * (1 + (d % 3)),
    };
    search.used = 0;
    const left = root(search.low);
    if (left === Infinity && search.used <= search.manner.budget && !search.isOver()) return true;
    const { best } = search;
    if (best && (limits.anyPlan || best.cost - rootBound <= limits.tolerance || d >= 2)) break;
  }
  search.manner = CALM;
  return false;
}

/** Searches everything out, or where that is too much, raises the bound. @returns the least bound left open */
function prove(search: Search, root: (earliest: Int32Array) => number, rootBound: number, effort: number): number {
  const { state } = search;
  const rest = effort - state.effort;
  search.manner = { ...CALM, exact: true };
  let left = rootBound;
  if (!search.best) left = root(search.low);
  else if (state.model.bakes.length <= 10) {
    search.pauseAt = state.effort + rest * 0.8;
    left = root(search.low);
    const paused = search.paused;
    search.pauseAt = Infinity;
    search.paused = false;
    if (paused) left = Math.max(left, testBounds(search, root, rootBound, effort));
  } else left = testBounds(search, root, rootBound, effort);
  search.manner = CALM;
  return search.timeout && left !== Infinity ? Math.min(left, search.best?.cost ?? left) : left;
}
/** Pretends that a plan cheaper than so much is known: a search that finds none has proved that there is none. Small steps first. */
function testBounds(search: Search, root: (earliest: Int32Array) => number, rootBound: number, effort: number): number {
  const { state, limits } = search;
  const end = effort * 0.97;
  const all = end - state.effort;
  let step = 0.2;
  let bound = rootBound;
  let slow = 0;
  for (;;) {
    const { best } = search;
    if (search.isOver() || !best || state.effort >= end || best.cost - limits.tolerance - bound <= 0.5) break;
    const goal = best.cost - limits.tolerance;
    const pretended = Math.min(goal, bound + Math.max(0.5, step * (goal - bound)));
    search.ceiling = pretended;
    const low = Int32Array.from(search.low);
    search.tighten(pretended, low);
    search.used = 0;
    search.pauseAt = state.effort + Math.min((end - state.effort) * 0.5, all * 0.4);
    const left = root(low);
    const out = search.paused;
    search.pauseAt = Infinity;
    search.paused = false;
    search.ceiling = Infinity;
    if (best !== search.found()) continue;
    if (!out && !search.isOver() && (left === Infinity || left >= pretended - 1e-6)) {
      bound = pretended;
      step = Math.min(1, step * 1.6);
      slow = 0;
    } else {
      step *= 0.4;
      if (++slow > 4) break;
    }
  }
  return bound;
}

/** The plan as tasks, the oven's own among them. */
function plannedTasks(search: Search, model: DayModel, found: Found, { done = {} }: Settled): readonly PlannedTask[] {
  const { state, filling } = search;
  state.isActive.fill(1);
  state.promoted.set(found.promoted);
  // in one go where that fits behind the same first minute, else in pieces
  const inOneGo = filling.fill(found.latest, true, true);
  const filled =
    inOneGo.kind === 'filled' && inOneGo.firstWork >= found.firstWork ? inOneGo : filling.fill(found.latest, true);
  const starts = filled.kind === 'filled' ? filled.starts : found.starts;
  const tasks: PlannedTask[] = model.tasks.map(({ at, id, kind, batch, minutes, what }) => {
    const bake = kind === 'bake' ? model.bakes.find(({ task }) => task === at) : undefined;
    const from = starts[at] ?? 0;
    return {
      id,
      kind,
      batch,
      from,
      to: from + minutes,
      hands: state.isHands[at] ?? 0,
      ...(bake && { oven: found.ovens[bake.at] ?? 0, celsius: bake.celsius }),
      ...(done[id] !== undefined && { done: true }),
      ...(what !== undefined && what !== '' && { what }),
    };
  });
  if (filled.kind === 'filled')
    for (const { filler, from, to } of filled.stretches) {
      const of = state.fillers[filler];
      if (of)
        tasks.push({
          id: of.id,
          kind: of.kind,
          batch: of.batch,
          from,
          to,
          hands: 1,
          mayBeCut: true,
          ...(of.what !== undefined && of.what !== '' && { what: of.what }),
        });
    }
  return [...tasks, ...waits(model, tasks), ...ovensOwn(tasks, model.kitchen)].sort(
    (a, b) => a.from - b.from || a.to - b.to || (a.id < b.id ? -1 : 1),
  );
}
/** What stands by itself: a batter that rests, a bake that cools. Nobody's hands. */
function waits({ batches }: DayModel, tasks: readonly PlannedTask[]): readonly PlannedTask[] {
  return batches.flatMap((work, batch): readonly PlannedTask[] => {
    const of = (name: string) => tasks.find(({ id }) => id === `${work.id}:${name}`);
    const [mix, load, out] = [of('mix'), of('load'), of('out')];
    const wait = (name: 'rest' | 'cool', from: number, to: number): readonly PlannedTask[] =>
      to > from ? [{ id: `${work.id}:${name}`, kind: name, batch, from, to, hands: 0 }] : [];
    return [
      ...(mix && load && (work.mixing?.restMinutes ?? 0) > 0 ? wait('rest', mix.to, load.from) : []),
      ...(out && work.oven ? wait('cool', out.to, out.to + work.oven.coolMinutes) : []),
    ];
  });
}
/** Heating up, another set point, off and on again. */
function ovensOwn(tasks: readonly PlannedTask[], { ovens }: DayKitchen): readonly PlannedTask[] {
  return ovens.flatMap((oven, k): readonly PlannedTask[] => {
    const bakes = tasks.filter((task) => task.kind === 'bake' && task.oven === k).sort((a, b) => a.from - b.from);
    const [first] = bakes;
    if (!first) return [];
    const own = { batch: -1, hands: 0, oven: k };
    const list: PlannedTask[] = [];
    const heat = (celsius: number, from: number, to: number, n: number) =>
      list.push({ ...own, id: `${oven.id}:preheat${n > 0 ? `-${n}` : ''}`, kind: 'preheat', from, to, celsius });
    heat(first.celsius ?? 0, first.from - preheatMinutes(first.celsius ?? 0, oven.minutesTo180), first.from, 0);
    let free = first.to;
    let celsius = first.celsius ?? 0;
    bakes.slice(1).forEach((bake, i) => {
      const next = bake.celsius ?? 0;
      const rest =
        bake.from > free ? restedOven({ from: free, to: bake.from }, celsius, next, oven.minutesTo180) : undefined;
      if (rest) heat(next, rest.on, bake.from, i + 1);
      else if (next !== celsius)
        list.push({
          ...own,
          id: `${oven.id}:set-${i + 1}`,
          kind: 'set-oven',
          from: free,
          to: bake.from,
          celsius: next,
        });
      free = Math.max(free, bake.to);
      celsius = next;
    });
    return list;
  });
}
/** From each heating up until it is switched off. */
function ovenMinutesOf(tasks: readonly PlannedTask[]): number {
  const byOven = groupedBy(
    tasks.filter(({ kind }) => kind === 'bake' || kind === 'preheat' || kind === 'set-oven'),
    ({ oven }) => oven ?? 0,
  );
  let minutes = 0;
  for (const list of byOven.values()) {
    const [first, ...others] = list.toSorted((a, b) => a.from - b.from);
    if (!first) continue;
    let from = first.from;
    let to = first.to;
    for (const task of others) {
      // on again after a rest begins with heating up; else it stayed on
      if (task.kind === 'preheat' && task.from > to) {
        minutes += to - from;
        from = task.from;
      }
      to = Math.max(to, task.to);
    }
    minutes += to - from;
  }
  return minutes;
}
