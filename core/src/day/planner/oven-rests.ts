import { sumOf } from '../../ground/numerics/index.js';
import { restedOven } from '../works/index.js';
import type { WayOn } from './clashes.js';
import type { Bake } from './day-model.js';
import type { DayState } from './day-state.js';

/*
 * An oven that is switched off and on again. A schedule that is as late as it can be is best for every cost but this one, so a rest is
 * decided, not found: with r rests an oven's day falls into r + 1 parts, each bake belongs to one of them, and the parts lie apart by the
 * shortest gap in which a rest pays. Those are lags like any other, and the latest schedule under them is found as always. The search
 * without a rest, with one, and so on, are searches of their own; the cheapest of all is the plan. What they cannot cost less than:
 * every gap that is a rest is paid for with heating up again.
 */

/** Nobody switches an oven off more often on one day. */
export const MOST_RESTS = 5;

/** Minutes that an oven is spared in a gap between two bakes, by their heats; 0 where it stays on. */
class Spared {
  private readonly known = new Map<number, number>();
  constructor(private readonly minutesTo180: readonly number[]) {}

  of(oven: number, gap: number, fromCelsius: number, toCelsius: number): number {
    if (gap < SHORTEST_GAP) return 0;
    const key = ((oven * 16_384 + gap) * 512 + fromCelsius) * 512 + toCelsius;
    const known = this.known.get(key);
    if (known !== undefined) return known;
    const rest = restedOven({ from: 0, to: gap }, fromCelsius, toCelsius, this.minutesTo180[oven] ?? 15);
    const minutes = rest ? rest.on - rest.off : 0;
    this.known.set(key, minutes);
    return minutes;
  }
}
const SHORTEST_GAP = 30;
const LONGEST_GAP = 240;

/** How often each oven rests in each search: not at all first, then once in one of them, and so on. */
export function restsToTry(ovens: number, bakes: number): readonly (readonly number[])[] {
  const most = Math.max(0, Math.min(ovens === 1 ? MOST_RESTS : MOST_RESTS - 1, bakes - 1));
  let all: readonly (readonly number[])[] = [[]];
  for (let oven = 0; oven < ovens; oven++)
    all = all.flatMap((some) => Array.from({ length: most + 1 }, (_, rests) => [...some, rests]));
  return all.filter((rests) => sumOf(rests) <= most).sort((a, b) => sumOf(a) - sumOf(b));
}

/** In which part of its oven's day each bake is. */
export class OvenParts {
  /** Rests of each oven in this search. */
  rests: readonly number[];
  /** By bake; −1 where not decided. */
  readonly of: Int8Array;
  /** By oven: the shortest gap that can be a rest, and the least that heating up again costs. */
  readonly leastGap: readonly number[];
  readonly leastAgain: readonly number[];
  readonly spared: Spared;
  /** Parts that are done with later than this: earlier was looked at in another branch. */
  readonly doneAfter: { readonly oven: number; readonly part: number; readonly minute: number }[] = [];

  constructor(private readonly state: DayState) {
    const { bakes, kitchen } = state.model;
    this.rests = kitchen.ovens.map(() => 0);
    this.of = new Int8Array(bakes.length);
    this.spared = new Spared(kitchen.ovens.map(({ minutesTo180 }) => minutesTo180));
    const heats = [...new Set(bakes.map(({ celsius }) => celsius))];
    const shortest = kitchen.ovens.map((_, oven) => {
      let [gapLeast, again] = [Infinity, Infinity];
      for (const a of heats)
        for (const b of heats)
          for (let gap = SHORTEST_GAP; gap <= LONGEST_GAP; gap++) {
            const minutes = this.spared.of(oven, gap, a, b);
            if (minutes === 0) continue;
            gapLeast = Math.min(gapLeast, gap);
            again = Math.min(again, gap - minutes);
            break;
          }
      return { gapLeast, again };
    });
    this.leastGap = shortest.map(({ gapLeast }) => gapLeast);
    this.leastAgain = shortest.map(({ again }) => again);
  }

  /** A search with so many rests of each oven begins. */
  begin(rests: readonly number[]): void {
    this.rests = rests;
    this.of.fill(this.anyRest ? -1 : 0);
  }
  get anyRest(): boolean {
    return this.rests.some((count) => count > 0);
  }
  /** −1 where not decided; 0 where its oven never rests. */
  partOf(bake: number, oven: number): number {
    return (this.rests[oven] ?? 0) === 0 ? 0 : (this.of[bake] ?? -1);
  }
  /** What heating up again costs at least in this search, all rests together. */
  get again(): number {
    return this.rests.reduce((sum, count, oven) => sum + (count > 0 ? count * (this.leastAgain[oven] ?? 0) : 0), 0);
  }

  /** The latest bake whose part is open. */
  undecided(latest: Int32Array, ovens: readonly number[]): Bake | undefined {
    let found: Bake | undefined;
    let when = -Infinity;
    for (const bake of this.state.model.bakes) {
      const oven = ovens[bake.at] ?? -1;
      if (oven < 0 || (this.rests[oven] ?? 0) === 0 || (this.of[bake.at] ?? 0) >= 0) continue;
      if (!this.state.isActive[bake.batch]) continue;
      const end = (latest[bake.task] ?? 0) + bake.minutes;
      if (end > when) [found, when] = [bake, end];
    }
    return found;
  }
  /** Each part that a bake can be in. */
  waysFor(bake: Bake, ovens: readonly number[]): readonly WayOn[] {
    const oven = ovens[bake.at] ?? 0;
    return Array.from({ length: (this.rests[oven] ?? 0) + 1 }, (_, i): WayOn => {
      const part = (this.rests[oven] ?? 0) - i;
      return { part: { bake: bake.at, part }, lags: this.lagsOf(bake, part, ovens) };
    });
  }
  lagsOf(bake: Bake, part: number, ovens: readonly number[]): readonly (readonly [number, number, number])[] {
    const oven = ovens[bake.at] ?? 0;
    const gap = this.leastGap[oven] ?? 0;
    return this.state.model.bakes.flatMap((other): readonly (readonly [number, number, number])[] => {
      const its = this.of[other.at] ?? -1;
      if (other === bake || its < 0 || its === part || (ovens[other.at] ?? -1) !== oven) return [];
      const [first, second] = its < part ? [other, bake] : [bake, other];
      return [[second.task, first.task, -first.minutes - gap * Math.abs(its - part)]];
    });
  }
  /** Whether some part of an oven's day has no bake: the day has fewer rests than this search is about. */
  someEmpty(ovens: readonly number[]): boolean {
    return this.rests.some((count, oven) => {
      if (count === 0) return false;
      const seen = new Set<number>();
      for (const { at } of this.state.model.bakes) if (ovens[at] === oven) seen.add(this.of[at] ?? 0);
      return seen.size <= count;
    });
  }
}
