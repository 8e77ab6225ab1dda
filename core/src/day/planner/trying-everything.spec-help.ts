import type { BatchWork } from '../works/index.js';
import type { GeneratedDay } from '../works/generated-days.spec-help.js';

/* The cheapest plan of a tiny day by trying every minute: code of its own, that knows nothing of the search. */

const change = (a: number, b: number) =>
  a === b ? 0 : b > a ? 1 + Math.ceil((b - a) / 10) : 2 + Math.ceil((a - b) / 3.5);
const heat = (celsius: number) => Math.ceil((1.25 * 15 * (celsius - 21)) / 159);
const LATEST_OUT = 26;

/** Minutes that the oven is hot: switched off in a gap for half an hour at least, where it can be hot again in time. */
function hotMinutes(placed: readonly Placed[]): number {
  const byTime = placed.toSorted((a, b) => a.from - b.from);
  let hot = 0;
  let until = byTime[0]?.from ?? 0;
  let celsius = 0;
  for (const { from, out, work } of byTime) {
    const next = work.oven?.celsius ?? 0;
    const gap = Math.max(0, from - until);
    let off = 0;
    for (let minutes = 30; minutes <= gap; minutes++) {
      const left = 21 + (celsius - 21) * Math.exp(-minutes / 40);
      if (minutes + Math.max(3, Math.ceil((1.25 * 15 * (next - left)) / 159)) <= gap) off = minutes;
    }
    hot += gap - off + Math.max(0, out - Math.max(until, from));
    until = Math.max(until, out);
    celsius = next;
  }
  return hot;
}

interface Placed {
  readonly work: BatchWork;
  readonly from: number;
  readonly out: number;
  readonly mix: number;
}

/** Whether all weighing fits behind a first minute: one unit of each a minute, every choice tried. */
function weighingFits(
  first: number,
  work: readonly (readonly [until: number, minutes: number])[],
  { busy, pairs, horizon }: { readonly busy: Int8Array; readonly pairs: number; readonly horizon: number },
): boolean {
  const seen = new Set<string>();
  const go = (minute: number, left: readonly number[]): boolean => {
    if (left.every((each) => each === 0)) return true;
    if (minute < first) return false;
    const key = `${minute}:${left.join()}`;
    if (seen.has(key)) return false;
    seen.add(key);
    const free = pairs - (busy[minute] ?? 0);
    const able = left.flatMap((each, i) => (each > 0 && (work[i]?.[0] ?? 0) > minute ? [i] : []));
    const after = (done: readonly number[]) => left.map((each, i) => (done.includes(i) ? each - 1 : each));
    if (free <= 0 || able.length === 0) return go(minute - 1, left);
    if (able.length <= free) return go(minute - 1, after(able));
    if (free === 1) return able.some((i) => go(minute - 1, after([i])));
    return able.some((a, p) => able.slice(p + 1).some((b) => go(minute - 1, after([a, b]))));
  };
  return go(horizon - 1, work.map(([, minutes]) => minutes)); // prettier-ignore
}

function fitInOven({ from, out, work }: Omit<Placed, 'mix'>, placed: readonly Placed[]): boolean {
  const here = { from, out, work };
  for (const other of placed) {
    const [first, second] = from <= other.from ? [here, other] : [other, here];
    const [a, b] = [first.work.oven?.celsius ?? 0, second.work.oven?.celsius ?? 0];
    if (a !== b && first.out + change(a, b) > second.from) return false;
  }
  return [here, ...placed].every(
    ({ from: moment }) =>
      [here, ...placed]
        .filter((each) => each.from <= moment && each.out > moment)
        .reduce((sum, each) => sum + (each.work.oven?.racks ?? 1), 0) <= 2,
  );
}

export function cheapestByTrying({ batches, kitchen }: GeneratedDay, latestOut = LATEST_OUT): number {
  const horizon = Math.max(...batches.map(({ dueMinute }) => dueMinute));
  const pairs = kitchen.pairs.length;
  const cold = heat(Math.min(...batches.map(({ oven }) => oven?.celsius ?? 0)));
  const busy = new Int8Array(horizon + 60);
  for (const { away } of kitchen.pairs)
    for (const { from, to } of away) for (let m = from; m < to; m++) busy[m] = (busy[m] ?? 0) + 1;
  const hold = (from: number, minutes: number, by: number) => {
    for (let m = from; m < from + minutes; m++) busy[m] = (busy[m] ?? 0) + by;
  };
  const isFree = (from: number, minutes: number) => {
    for (let m = from; m < from + minutes; m++) if ((busy[m] ?? 0) >= pairs) return false;
    return true;
  };
  let best = Infinity;
  const placed: Placed[] = [];
  const whole = () => {
    const firstMix = Math.min(...placed.map(({ mix }) => mix));
    const on = hotMinutes(placed) + cold;
    const age = placed.reduce(
      (sum, { work, out }) => sum + work.freshnessWeight * (work.dueMinute - out - 1 - (work.oven?.coolMinutes ?? 0)),
      0,
    );
    const rest = 0.25 * on + age;
    const weighing = placed.flatMap(({ work, mix }) =>
      work.handwork.flatMap(({ minutes }) => (minutes > 0 ? [[mix, minutes] as const] : [])),
    );
    let first = firstMix;
    while (horizon - first + rest < best && first >= kitchen.notBefore) {
      if (weighingFits(first, weighing, { busy, pairs, horizon })) {
        best = horizon - first + rest;
        return;
      }
      first--;
    }
  };
  const place = (at: number): void => {
    const work = batches[at];
    if (!work?.oven || !work.mixing) {
      whole();
      return;
    }
    const { oven, mixing } = work;
    const last = work.dueMinute - oven.coolMinutes - 1;
    for (let out = last; out > last - latestOut; out--) {
      const from = out - oven.likely;
      const load = from - oven.loadMinutes;
      if (horizon - (load - mixing.minutes) >= best && horizon - load + mixing.minutes >= best) break;
      if ((busy[out] ?? 0) >= pairs || !fitInOven({ from, out, work }, placed)) continue;
      hold(out, 1, 1);
      if (isFree(load, oven.loadMinutes)) {
        hold(load, oven.loadMinutes, 1);
        for (let wait = mixing.restMinutes; wait <= mixing.holdMinutes; wait++) {
          const mix = load - wait - mixing.minutes;
          if (!isFree(mix, mixing.minutes)) continue;
          hold(mix, mixing.minutes, 1);
          const turns =
            oven.inPanMinutes > 0 ? [0, 1, 2].map((slack) => out + 1 + oven.inPanMinutes + slack) : [undefined];
          for (const turn of turns) {
            if (turn !== undefined && !isFree(turn, 2)) continue;
            if (turn !== undefined) hold(turn, 2, 1);
            placed.push({ work, from, out, mix });
            place(at + 1);
            placed.pop();
            if (turn !== undefined) hold(turn, 2, -1);
          }
          hold(mix, mixing.minutes, -1);
        }
        hold(load, oven.loadMinutes, -1);
      }
      hold(out, 1, -1);
    }
  };
  place(0);
  return best;
}
