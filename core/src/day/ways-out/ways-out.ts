import { checkDay } from '../checking/index.js';
import { without } from '../../ground/records/index.js';
import { planDay, type DayPlan, type Settled } from '../planner/index.js';
import { bowlsOf, frozenLitres, type BatchWork, type DayKitchen, type OvenTime } from '../works/index.js';
import { BORROWED } from './conflict.js';
import { eveningParts } from './evening.js';

export type WayOutCode = 'let-go' | 'earlier' | 'evening' | 'share-heat' | 'second-pair' | 'borrowed-oven' | 'later';

/** One change that makes the day fit: solved, and read by the independent reader, before it is offered. */
export interface WayOut {
  readonly code: WayOutCode;
  /** Batches that it is about, by index. */
  readonly batches: readonly number[];
  /** Minutes earlier, or later; hands' minutes the evening before. */
  readonly minutes: number;
  /** Of bakes that share the oven. */
  readonly celsius?: number;
  readonly plan: DayPlan;
  /** The day's works and kitchen with the change. */
  readonly works: readonly BatchWork[];
  readonly kitchen: DayKitchen;
  /** What is done the evening before. */
  readonly evening?: { readonly works: readonly BatchWork[]; readonly plan: DayPlan };
}

/** Kinds of ways, in the order they are tried. */
export const WAYS_OUT_PARTS = ['others', 'evening', 'later', 'shared'] as const;
export type WaysOutPart = (typeof WAYS_OUT_PARTS)[number];

export interface WaysOutOptions {
  /** Only these kinds; all when absent. */
  readonly parts?: readonly WaysOutPart[];
  readonly seconds?: number;
  /** The evening before, on the day's clock: from and until, negative. */
  readonly evening?: { readonly from: number; readonly to: number };
  readonly cancelled?: () => boolean;
  /** What is held, done, and past. */
  readonly settled?: Settled;
  /** Each as it is found. */
  readonly onFound?: (way: WayOut) => void;
}

const EARLIER = 360;
const LATER = [30, 60, 90] as const;
/** Bakes this far apart may meet in the middle, at so much of their time for each degree. @source planning.md: about 0.75 % */
const SHARE_WITHIN = 15;
const TIME_PER_DEGREE = 0.0075;
/** Minutes that a search with little effort may leave on the table. */
const NEARLY = 10;
const ENOUGH_WAYS = 3;
const MOST_EVENINGS = 3;
const BEAM = 3;
export const USUAL_EVENING = { from: 18 * 60 - 1440, to: 21 * 60 + 30 - 1440 } as const;

function atHeat(oven: OvenTime, celsius: number): OvenTime {
  const factor = Math.exp(-TIME_PER_DEGREE * (celsius - oven.celsius));
  return {
    ...oven,
    celsius,
    low: oven.low * factor * 0.97,
    likely: Math.round(oven.likely * factor),
    high: oven.high * factor * 1.03,
  };
}

class Seeker {
  readonly found: WayOut[] = [];
  private spent = 0;
  private readonly seconds: number;
  private readonly cancelled: () => boolean;
  private readonly evening: { readonly from: number; readonly to: number };

  constructor(
    private readonly works: readonly BatchWork[],
    private readonly kitchen: DayKitchen,
    private readonly options: WaysOutOptions,
  ) {
    this.seconds = options.seconds ?? 3;
    this.cancelled = options.cancelled ?? (() => false);
    this.evening = options.evening ?? USUAL_EVENING;
    for (const part of options.parts ?? WAYS_OUT_PARTS) {
      if (part === 'others') this.others();
      else if (part === 'evening') this.evenings();
      else if (part === 'later') this.later();
      else this.shared();
    }
  }

  private solve(
    works: readonly BatchWork[],
    kitchen: DayKitchen,
    seconds: number,
    settled = this.options.settled ?? {},
  ): DayPlan | undefined {
    if (this.spent > this.seconds || this.cancelled()) return undefined;
    const planned = planDay(works, kitchen, { ...settled, seconds, cancelled: this.cancelled });
    this.spent += planned.seconds;
    if (planned.kind === 'none' || checkDay(works, kitchen, planned.tasks, settled).length > 0) return undefined;
    return planned;
  }
  private offer(way: WayOut): void {
    this.found.push(way);
    this.options.onFound?.(way);
  }

  private others(): void {
    const { works, kitchen } = this;
    const { settled = {} } = this.options;
    const held = Object.keys(settled.locks ?? {}).length;
    const free = held > 0 ? this.solve(works, kitchen, 0.3, without(settled, 'locks')) : undefined;
    if (free) this.offer({ code: 'let-go', batches: [], minutes: held, plan: free, works, kitchen });
    const early = { ...kitchen, notBefore: kitchen.notBefore - EARLIER };
    const wide = this.solve(works, early, 0.5);
    if (wide) {
      const minutes = Math.max(5, 5 * Math.ceil((kitchen.notBefore - wide.startsAt) / 5));
      this.offer({ code: 'earlier', batches: [], minutes, plan: wide, works, kitchen: { ...kitchen, notBefore: kitchen.notBefore - minutes } }); // prettier-ignore
    }
    const pairs = [...kitchen.pairs, { id: `pair-${kitchen.pairs.length + 1}`, name: `${ORDINAL[kitchen.pairs.length] ?? 'another'} pair`, away: [] }]; // prettier-ignore
    const helped = this.solve(works, { ...kitchen, pairs }, 0.3);
    if (helped)
      this.offer({ code: 'second-pair', batches: [], minutes: 0, plan: helped, works, kitchen: { ...kitchen, pairs } });
    const ovens = [...kitchen.ovens, BORROWED];
    const lent = this.solve(works, { ...kitchen, ovens }, 0.3);
    if (lent)
      this.offer({ code: 'borrowed-oven', batches: [], minutes: 0, plan: lent, works, kitchen: { ...kitchen, ovens } });
  }

  /** Sets of batches moved to the evening before, the smallest that fit first: a beam over sets, each solved. */
  private evenings(): void {
    // what comes out of one bowl is not made on two days
    const bowls = bowlsOf(this.works);
    const together = bowls.map((bowl) => bowls.flatMap((other, i) => (other === bowl ? [i] : [])));
    const isAble = (i: number) => this.works.slice(i, i + 1).some((work) => eveningParts(work, this.evening.to));
    const able = bowls.flatMap((bowl, i) => (bowl === i && (together[i] ?? []).every(isAble) ? [i] : []));
    const tried = new Set<string>();
    let level: readonly (readonly number[])[] = [[]];
    for (let size = 1; size <= MOST_EVENINGS; size++) {
      const next: { readonly set: readonly number[]; readonly start: number }[] = [];
      let fits = false;
      for (const set of level)
        for (const i of able) {
          if (set.includes(i)) continue;
          const moved = [...set, ...(together[i] ?? [])].sort((a, b) => a - b);
          if (tried.has(moved.join())) continue;
          tried.add(moved.join());
          const way = this.withEvening(moved);
          if (way.kind === 'fits') fits = true;
          if (way.kind === 'starts') next.push({ set: moved, start: way.start });
        }
      if ((fits && this.found.length >= ENOUGH_WAYS) || (fits && size > 1) || this.spent > this.seconds) return;
      level = next
        .sort((a, b) => b.start - a.start)
        .slice(0, BEAM)
        .map(({ set }) => set);
    }
  }
  private withEvening(
    moved: readonly number[],
  ): { readonly kind: 'none' } | { readonly kind: 'fits' } | { readonly kind: 'starts'; readonly start: number } {
    const { works, kitchen } = this;
    const parts = moved.flatMap((i) => {
      const work = works[i];
      const split = work && eveningParts(work, this.evening.to);
      return split ? [{ i, split }] : [];
    });
    const frozen = parts.flatMap(({ split }) => (split.how === 'freeze-raw' ? [split.evening] : []));
    const there = frozenLitres(works.filter(({ mixing }) => !mixing));
    if (there + frozenLitres(frozen) > kitchen.freezerLitres) return { kind: 'none' };
    const day = works.map((work, i) => parts.find((part) => part.i === i)?.split.day ?? work);
    const wide = this.solve(day, { ...kitchen, notBefore: kitchen.notBefore - EARLIER }, 0.06);
    if (!wide) return { kind: 'none' };
    // a latest start is not the only plan: where little is missing, the real morning is tried
    const near = wide.startsAt < kitchen.notBefore && wide.startsAt >= kitchen.notBefore - NEARLY;
    const plan = wide.startsAt >= kitchen.notBefore ? wide : near ? this.solve(day, kitchen, 0.1) : undefined;
    if (!plan) return { kind: 'starts', start: wide.startsAt };
    const before = parts.map(({ split }) => split.evening);
    const kitchenThen = {
      ...kitchen,
      notBefore: this.evening.from,
      pairs: kitchen.pairs.map((pair) => ({ ...pair, away: [] })),
    };
    const eveningPlan = this.solve(before, kitchenThen, 0.08, {});
    if (!eveningPlan) return { kind: 'none' };
    const minutes = eveningPlan.tasks.reduce((sum, { hands, from, to }) => sum + hands * (to - from), 0);
    this.offer({ code: 'evening', batches: moved, minutes, plan, works: day, kitchen, evening: { works: before, plan: eveningPlan } }); // prettier-ignore
    return { kind: 'fits' };
  }

  private later(): void {
    this.works.forEach((work, i) => {
      for (const minutes of LATER) {
        const works = this.works.with(i, { ...work, dueMinute: work.dueMinute + minutes });
        const plan = this.solve(works, this.kitchen, 0.12);
        if (!plan) continue;
        this.offer({ code: 'later', batches: [i], minutes, plan, works, kitchen: this.kitchen });
        return;
      }
    });
  }
  /** Two bakes at a heat between theirs. */
  private shared(): void {
    this.works.forEach((a, i) =>
      this.works.slice(i + 1).forEach((b, k) => {
        const j = i + 1 + k;
        const apart = Math.abs((a.oven?.celsius ?? 0) - (b.oven?.celsius ?? 0));
        if (!a.oven || !b.oven || apart === 0 || apart > SHARE_WITHIN) return;
        const celsius = 5 * Math.round((a.oven.celsius + b.oven.celsius) / 10);
        const works = this.works
          .with(i, { ...a, oven: atHeat(a.oven, celsius) })
          .with(j, { ...b, oven: atHeat(b.oven, celsius) });
        const plan = this.solve(works, this.kitchen, 0.12);
        if (plan)
          this.offer({ code: 'share-heat', batches: [i, j], minutes: 0, celsius, plan, works, kitchen: this.kitchen });
      }),
    );
  }
}
const ORDINAL = ['first', 'second', 'third'];

/** Ways to make a day fit, the cheapest plan first. Nothing is offered that was not solved. */
export function waysOut(
  works: readonly BatchWork[],
  kitchen: DayKitchen,
  options: WaysOutOptions = {},
): readonly WayOut[] {
  return new Seeker(works, kitchen, options).found.toSorted((a, b) => a.plan.cost - b.plan.cost);
}
