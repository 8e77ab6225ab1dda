import { changeMinutes } from '../works/index.js';
import { MOST_RESTS } from './oven-rests.js';
import { CALM, type Found, type Search } from './search.js';

/** How plans are found before anything is proved: batch after batch put in, then a few bakes at a time put anew. */

const QUICK_ORDERS = [0, 1, 3, 2] as const;

/** Keeps the orders of a plan between the batches that stay. */
function keepOrders(search: Search, found: Pick<Found, 'latest' | 'ovens'>, stays: (batch: number) => boolean): void {
  const { state } = search;
  const { latest, ovens } = found;
  const start = (task: number) => latest[task] ?? 0;
  const bakes = state.model.bakes
    .filter(({ batch }) => stays(batch))
    .sort((a, b) => start(a.task) - start(b.task) || a.at - b.at);
  const end = (bake: (typeof bakes)[number]) => start(bake.task) + bake.minutes;
  bakes.forEach((bake, p) => {
    const next: typeof bakes = [];
    for (const other of bakes.slice(p + 1)) {
      const apart = ovens[bake.at] !== ovens[other.at] || end(bake) > start(other.task);
      if (apart || next.some((between) => end(between) <= start(other.task))) continue;
      next.push(other);
      state.addLag(other.task, bake.task, -bake.minutes - changeMinutes(bake.celsius, other.celsius));
    }
  });
  if (state.pairs !== 1) return;
  let last: number | undefined;
  for (const { at } of state.tasks
    .filter((task) => state.isHands[task.at] && !task.short && stays(task.batch))
    .sort((a, b) => start(a.at) - start(b.at) || a.at - b.at)) {
    if (last !== undefined) state.addLag(at, last, -(state.tasks[last]?.minutes ?? 0));
    last = at;
  }
}

/** Which oven each bake goes into, where there is no choice; −1 where there is. */
export const ovensAtFirst = (search: Search): readonly number[] =>
  search.state.model.bakes.map(({ ovens }) => (ovens.length === 1 ? (ovens[0] ?? -1) : -1));

interface Order {
  readonly batch: number;
  readonly tight: number;
  readonly tail: number;
  readonly heat: number;
  readonly chance: number;
}
/** In which order batches are put in: the hardest to place first, by one reading of hard or another. */
const ORDERS: readonly ((a: Order, b: Order) => number)[] = [
  (a, b) => a.tight - b.tight || b.tail - a.tail,
  (a, b) => b.tail - a.tail,
  (a, b) => b.heat - a.heat || a.tight - b.tight,
  (a, b) => a.tail - b.tail,
];

/** Batch after batch into the plan so far, each at the best place that a short search finds, in several orders. */
export function putInOneByOne(search: Search, until: number): void {
  const { state } = search;
  const many = state.model.bakes.length > 8;
  let got = search.best;
  const rounds = many ? 10 : 3;
  for (let round = many ? -4 : 0; round < rounds && !search.timeout && (state.effort < until || !got); round++) {
    if (round < 0 && got) {
      round = -1;
      continue;
    }
    const quick = round < 0;
    const order = quick ? (QUICK_ORDERS[round + 4] ?? 0) : round;
    const whole = oneRound(search, ordered(search, order), quick);
    state.isActive.fill(1);
    search.building = false;
    search.costs.building = false;
    search.manner = CALM;
    search.best = got;
    if (whole) {
      state.promoted.set(whole.promoted);
      const filled = search.filling.fill(whole.latest);
      if (filled.kind === 'filled')
        search.record({ ...whole, ...search.costs.of(whole.latest, filled, whole.ovens), starts: filled.starts });
      state.promoted.fill(0);
      got = search.best;
    }
    if (search.limits.anyPlan && got) break;
  }
  search.best = got;
}
function ordered(search: Search, order: number): readonly number[] {
  const { model, horizon, latest } = search.state;
  const rows = model.batches.map((work, batch): Order => {
    const bake = model.bakes.find((each) => each.batch === batch);
    return {
      batch,
      tight: work.freshMinutes ?? 3000,
      tail: bake ? horizon - (latest[bake.task] ?? 0) - bake.minutes : (model.finals[batch]?.lag ?? 0),
      heat: work.oven?.celsius ?? 0,
      chance: order < 4 ? 0 : search.random(),
    };
  });
  const compare = ORDERS[order % 4] ?? ((): number => 0);
  return rows
    .sort((a, b) => compare(a, b) + (order > 3 ? 200 * (a.chance - b.chance) : 0) || a.batch - b.batch)
    .map(({ batch }) => batch);
}
function oneRound(search: Search, order: readonly number[], quick: boolean): Found | undefined {
  const { state } = search;
  state.isActive.fill(0);
  search.building = true;
  search.costs.building = true;
  const placed = new Set<number>();
  let so: Found | undefined;
  for (const batch of order) {
    state.isActive[batch] = 1;
    search.best = undefined;
    const mark = state.mark;
    const soFar = so;
    const ovens = ovensAtFirst(search).map((oven, bake) =>
      soFar && placed.has(state.model.bakes[bake]?.batch ?? -1) ? (soFar.ovens[bake] ?? oven) : oven,
    );
    if (soFar) keepOrders(search, soFar, (each) => placed.has(each));
    for (const latestFirst of [false, true]) {
      if (search.found() || search.timeout) break;
      search.manner = {
        ...CALM,
        latestFirst,
        hurry: quick,
        budget: quick ? 150 : 1500,
        enoughAt: quick ? 1 : 40 + 6 * placed.size,
      };
      search.used = 0;
      const latest = Int32Array.from(state.latest);
      if (state.propagateAll(latest, state.earliest)) search.node(latest, state.earliest, ovens, 0, 0);
    }
    state.undoTo(mark);
    const found = search.found();
    if (!found) return undefined;
    so = found;
    placed.add(batch);
  }
  return so;
}

/** Large neighbourhoods: the plan's orders are kept but around a few bakes, and those are searched out. */
export function putAnew(search: Search, rootBound: number, until: number): void {
  const { state } = search;
  const { bakes } = state.model;
  const count = bakes.length;
  const mostIdle = count > 8 ? 400 : 12 + count * count;
  let idle = 0;
  let plan = search.found();
  let best = plan;
  for (let round = 0; plan && best && !search.timeout && state.effort < until && idle < mostIdle; round++) {
    // where nothing near is better, something near that is a little dearer may lead on
    const aside = count > 8 && idle > 0 && idle % ASIDE_EVERY === 0;
    if (idle > 0 && idle % BACK_EVERY === 0) plan = best;
    const free = freed(search, plan, round);
    const mark = state.mark;
    const stays = (batch: number) => !free.has(batch);
    const { latest: now, ovens: chosen } = plan;
    keepOrders(search, { latest: now, ovens: chosen }, stays);
    const ovens = ovensAtFirst(search).map((oven, bake) =>
      stays(bakes[bake]?.batch ?? -1) ? (chosen[bake] ?? oven) : oven,
    );
    withRests(search, plan, stays, round);
    const manner = aside ? { noise: 6, budget: 30 + 4 * count } : { budget: 250 + 30 * count };
    search.manner = { ...CALM, latestFirst: round % 4 > 1, ...manner };
    search.used = 0;
    search.best = aside ? undefined : plan;
    search.aside = plan !== best || aside;
    if (aside) search.ceiling = plan.cost + ASIDE_BY * search.random();
    const latest = Int32Array.from(state.latest);
    const low = search.aside ? state.earliest : search.low;
    if (state.propagateAll(latest, low)) search.node(latest, low, ovens, rootBound, 0);
    state.undoTo(mark);
    search.costs.begin(state.model.kitchen.ovens.map(() => 0));
    search.ceiling = Infinity;
    search.aside = false;
    plan = search.found() ?? plan;
    idle++;
    if (plan.cost < best.cost - 1e-6) {
      idle = 0;
      best = plan;
      search.best = undefined;
      search.record(best);
    }
    if (best.cost - rootBound <= search.limits.tolerance) break;
  }
  search.best = best;
}
/** Rounds without a gain after which a dearer plan is gone on from, and the best again; by how many cost minutes dearer. */
const ASIDE_EVERY = 20;
const BACK_EVERY = 60;
const ASIDE_BY = 3;
/** The rests of a plan's one oven are kept between what stays; sometimes one more is tried, or none. */
function withRests(search: Search, plan: Found, stays: (batch: number) => boolean, round: number): void {
  const { state, costs } = search;
  const { parts } = costs;
  const { bakes } = state.model;
  if (!costs.weighsOven || bakes.length < 3 || round % 3 === 2) return;
  const byTime = bakes.toSorted((a, b) => (plan.latest[a.task] ?? 0) - (plan.latest[b.task] ?? 0) || a.at - b.at);
  const cuts = new Set(costs.restsBefore(byTime, plan.latest));
  if (round % 3 === 1) cuts.add(1 + Math.floor(search.random() * (bakes.length - 1)));
  const rests = Math.min(cuts.size, MOST_RESTS);
  if (rests === 0) return;
  costs.begin([rests]);
  let part = 0;
  byTime.forEach((bake, i) => {
    if (cuts.has(i)) part = Math.min(rests, part + 1);
    if (!stays(bake.batch)) return;
    for (const [u, v, w] of parts.lagsOf(bake, part, plan.ovens)) state.addLag(u, v, w);
    parts.of[bake.at] = part;
  });
}
/** A few bakes next to one another in time, or any few. */
function freed(search: Search, { latest }: Found, round: number): ReadonlySet<number> {
  const { bakes } = search.state.model;
  const count = bakes.length;
  const size = Math.min(count - 1, 3 + (round % 3) + (count > 12 ? 1 : 0));
  const free = new Set<number>();
  const batchAt = (list: readonly (typeof bakes)[number][], i: number) => list[i % count]?.batch ?? 0;
  const first = Math.floor(search.random() * count);
  if (round % 4 === 2) {
    // of one heat: where they are grouped otherwise
    const { celsius } = bakes[first] ?? {};
    const alike = bakes.filter((bake) => bake.celsius === celsius);
    for (const bake of alike)
      if (free.size < size && (alike.length <= size || search.random() < 0.7)) free.add(bake.batch);
  }
  if (round % 2) {
    const byTime = bakes.toSorted((a, b) => (latest[a.task] ?? 0) - (latest[b.task] ?? 0));
    for (let k = 0; k < size; k++) free.add(batchAt(byTime, first + k));
  } else while (free.size < size) free.add(batchAt(bakes, Math.floor(search.random() * count)));
  return free;
}
