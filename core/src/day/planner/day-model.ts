import { sumOf } from '../../ground/numerics/index.js';
import {
  bowlsOf,
  isDressing,
  NOT_WASHED_UP,
  standingOf,
  type BatchWork,
  type DayKitchen,
  type OvenTime,
  type TaskKind,
} from '../works/index.js';

/*
 * A day as the search sees it: starts in whole minutes, and between them least and most lags, which are difference constraints. What
 * may be done any time before (weighing, lining, frosting) has no start of its own: it is filled in backwards where hands are free.
 */

/** A task with a start that the search decides. */
export interface Task {
  readonly at: number;
  readonly id: string;
  readonly kind: TaskKind;
  readonly batch: number;
  readonly minutes: number;
  /** It takes a pair of hands. */
  readonly hands: boolean;
  /** It finds a gap by itself, and is an ordinary task only where none is left. */
  readonly short: boolean;
  /** It asks for nobody's morning: taking butter out the evening before costs no sleep. */
  readonly passive: boolean;
  readonly what?: string;
}

/** Work cut into pieces, before a task. */
export interface Filler {
  readonly id: string;
  readonly kind: TaskKind;
  readonly minutes: number;
  readonly before: number;
  readonly batch: number;
  readonly what?: string;
}

/** A resource held from a moment of one task to a moment of another. */
export interface Use {
  readonly resource: string;
  readonly fromTask: number;
  readonly fromOffset: number;
  readonly toTask: number;
  readonly toOffset: number;
  readonly demand: number;
}

export interface Bake {
  readonly at: number;
  /** Index of its task, of loading and of taking out. */
  readonly task: number;
  readonly load: number;
  readonly unload: number;
  readonly minutes: number;
  readonly loadMinutes: number;
  readonly celsius: number;
  readonly racks: number;
  readonly ovens: readonly number[];
  readonly quietMinutes: number;
  readonly batch: number;
  /** Hands' work before it is in. */
  readonly headMinutes: number;
}

export interface Final {
  readonly task: number;
  readonly lag: number;
  readonly due: number;
  readonly fresh: number | undefined;
  readonly weight: number;
  readonly batch: number;
}

export interface DayModel {
  readonly batches: readonly BatchWork[];
  readonly kitchen: DayKitchen;
  readonly tasks: readonly Task[];
  /** [u, v, w]: start of v ≤ start of u + w. */
  readonly lags: readonly (readonly [u: number, v: number, w: number])[];
  readonly uses: readonly Use[];
  readonly bakes: readonly Bake[];
  readonly fillers: readonly Filler[];
  readonly finals: readonly Final[];
  readonly capacity: Readonly<Record<string, number>>;
}

/** Cut or dropped, ready for the freezer. */
const SHAPING_MINUTES = 5;

/** Bakes are planned with their likely minutes; margins carry the rest. */
const bakeMinutes = (oven: OvenTime): number => Math.round(oven.likely);

/** What is wanted more often than it is there, and so has to be washed in between. */
function wantedAgain(batches: readonly BatchWork[], kitchen: DayKitchen): ReadonlySet<string> {
  const wanted = new Map<string, number>();
  const bowls = bowlsOf(batches);
  for (const [i, { mixing, oven }] of batches.entries()) {
    if (mixing && oven && bowls[i] === i) wanted.set('bowl', (wanted.get('bowl') ?? 0) + mixing.bowls);
    if (oven?.pan !== undefined) wanted.set(`pan ${oven.pan}`, (wanted.get(`pan ${oven.pan}`) ?? 0) + oven.pans);
  }
  const there = (what: string) => (what === 'bowl' ? kitchen.bowls : (kitchen.pans[what.slice(4)] ?? 1));
  return new Set([...wanted].filter(([what, count]) => count > there(what)).map(([what]) => what));
}

class Builder {
  readonly tasks: Task[] = [];
  readonly lags: [number, number, number][] = [];
  readonly uses: Use[] = [];
  readonly bakes: Bake[] = [];
  readonly fillers: Filler[] = [];
  readonly finals: Final[] = [];
  private readonly again: ReadonlySet<string>;
  /** By batch: whose bowl it comes out of, how long its filled pans stand, its mixing and its bake. */
  private readonly bowls: readonly number[];
  private readonly standing: readonly number[];
  private readonly mixes: number[] = [];
  private readonly inOven: number[] = [];

  constructor(
    private readonly batches: readonly BatchWork[],
    private readonly kitchen: DayKitchen,
  ) {
    this.again = wantedAgain(batches, kitchen);
    this.bowls = bowlsOf(batches);
    this.standing = standingOf(batches);
    batches.forEach((work, batch) => this.batch(work, batch));
    for (const { at, id, hands, minutes } of this.tasks) {
      if (!hands || minutes === 0) continue;
      const use = { fromTask: at, fromOffset: 0, toTask: at, toOffset: minutes, demand: 1 };
      this.uses.push({ ...use, resource: 'hands' });
      // what is given to one pair waits for that pair
      const pair = kitchen.givenTo?.[id];
      if (pair !== undefined) this.uses.push({ ...use, resource: `pair ${pair}` });
    }
  }

  private add(
    batch: number,
    name: string,
    kind: TaskKind,
    minutes: number,
    more: Partial<Pick<Task, 'hands' | 'short' | 'passive' | 'what'>> = {},
  ): number {
    const at = this.tasks.length;
    const id = `${this.batches[batch]?.id ?? ''}:${name}`;
    this.tasks.push({ at, id, kind, batch, minutes, hands: true, short: false, passive: false, ...more });
    return at;
  }
  private least(i: number, j: number, minutes: number): void {
    this.lags.push([j, i, -minutes]);
  }
  private most(i: number, j: number, minutes: number): void {
    this.lags.push([i, j, minutes]);
  }
  private exactly(i: number, j: number, minutes: number): void {
    this.least(i, j, minutes);
    this.most(i, j, minutes);
  }

  private batch(work: BatchWork, batch: number): void {
    const cooled = work.oven ? this.baked(work, work.oven, batch) : this.unbaked(work, batch);
    let { task: last, lag } = cooled;
    let firstDressed: number | undefined;
    for (const step of work.finishing) {
      const task = this.add(batch, step.kind, step.kind, step.minutes);
      this.least(last, task, lag);
      if (isDressing(step.kind)) firstDressed ??= task;
      if (step.fridgeLitres > 0 && step.waitMinutes > 0)
        this.uses.push({
          resource: 'fridge',
          fromTask: task,
          fromOffset: step.minutes,
          toTask: task,
          toOffset: step.minutes + step.waitMinutes,
          demand: step.fridgeLitres,
        });
      last = task;
      lag = step.minutes + step.waitMinutes;
    }
    if (firstDressed !== undefined) this.stood(work, batch, firstDressed, true);
    if (work.makeFrostingMinutes > 0 && firstDressed !== undefined)
      this.fillers.push({
        id: `${work.id}:make-frosting`,
        kind: 'make-frosting',
        minutes: work.makeFrostingMinutes,
        before: firstDressed,
        batch,
      });
    this.finals.push({
      task: last,
      lag,
      due: work.dueMinute - Math.round(work.marginMinutes),
      fresh: work.freshMinutes,
      weight: work.freshnessWeight,
      batch,
    });
  }

  /** From the store, on the griddle, or made ready for the freezer without baking. */
  private unbaked(work: BatchWork, batch: number): { readonly task: number; readonly lag: number } {
    if (!work.mixing) {
      const kind = work.thawMinutes === undefined ? 'from-store' : 'thaw';
      const task = this.add(batch, kind, kind, 0, { hands: false, passive: true });
      return { task, lag: work.thawMinutes ?? 0 };
    }
    const mix = this.add(batch, 'mix', 'mix', work.mixing.minutes);
    this.beforehand(work, batch, mix);
    const { griddle } = work;
    const kind = griddle ? 'griddle' : 'portion';
    const minutes = griddle?.minutes ?? SHAPING_MINUTES;
    const shape = this.add(batch, kind, kind, minutes, griddle && griddle.by !== 'griddle' ? { what: griddle.by } : {});
    this.least(mix, shape, work.mixing.minutes + work.mixing.restMinutes);
    this.most(mix, shape, work.mixing.minutes + Math.max(work.mixing.holdMinutes, work.mixing.restMinutes));
    if (griddle)
      this.uses.push({
        resource: 'griddle',
        fromTask: shape,
        fromOffset: 0,
        toTask: shape,
        toOffset: minutes,
        demand: 1,
      });
    return { task: shape, lag: minutes + (griddle?.coolMinutes ?? 0) };
  }

  private beforehand(work: BatchWork, batch: number, head: number): void {
    work.handwork.forEach(({ kind, what, minutes }, i) => {
      if (minutes > 0)
        this.fillers.push({
          id: `${work.id}:${kind}${kind === 'prepare' ? `-${i}` : ''}`,
          kind,
          minutes,
          before: head,
          batch,
          what,
        });
    });
    this.stood(work, batch, head, false);
  }
  /** What stands warm, cold or soaking before the batter is mixed, or before the frosting is made that goes on. */
  private stood(work: BatchWork, batch: number, until: number, forFrosting: boolean): void {
    const making = forFrosting ? work.makeFrostingMinutes : 0;
    for (const { kind, what, leastMinutes, mostMinutes, forFrosting: its = false } of work.waiting) {
      if (its !== forFrosting) continue;
      const task = this.add(batch, `${kind} ${what}`, kind, 0, { hands: false, passive: true, what });
      this.least(task, until, leastMinutes + making);
      this.most(task, until, Math.max(leastMinutes, mostMinutes) + making);
    }
  }

  private baked(work: BatchWork, oven: OvenTime, batch: number): { readonly task: number; readonly lag: number } {
    const bowl = this.bowls[batch] ?? batch;
    const alone = bowl === batch;
    const mixing = alone ? work.mixing : this.batches[bowl]?.mixing;
    const stands = this.standing[batch] ?? 0;
    const minutes = bakeMinutes(oven);
    const mix = mixing && alone ? this.add(batch, 'mix', 'mix', mixing.minutes) : this.mixes[bowl];
    if (mix !== undefined) this.mixes[batch] = mix;
    const load = this.add(batch, 'load', 'portion', oven.loadMinutes);
    const bake = this.add(batch, 'bake', 'bake', minutes, { hands: false });
    const unload = this.add(batch, 'out', 'out', oven.unloadMinutes);
    if (mix !== undefined && mixing) {
      this.least(mix, load, mixing.minutes + mixing.restMinutes);
      this.most(mix, load, mixing.minutes + Math.max(mixing.holdMinutes, mixing.restMinutes));
    }
    this.exactly(load, bake, oven.loadMinutes + stands);
    const first = this.inOven[bowl];
    if (!alone && first !== undefined) this.exactly(first, bake, 0);
    this.inOven[batch] = bake;
    this.exactly(bake, unload, minutes);
    const head = alone ? (mix ?? load) : load;
    this.beforehand(work, batch, head);
    const freed = this.whileItBakes(oven, batch, { bake, unload }, minutes);
    if (mix !== undefined && mixing && alone) this.vessels(mixing, oven.loadMinutes + stands, batch, mix, load);
    if (oven.pan !== undefined) this.held(batch, `pan ${oven.pan}`, head, freed, 2, oven.pans);
    this.bakes.push({
      at: this.bakes.length,
      task: bake,
      load,
      unload,
      minutes,
      loadMinutes: oven.loadMinutes,
      celsius: oven.celsius,
      racks: oven.racks,
      ovens: oven.ovens ?? this.kitchen.ovens.map((_, i) => i),
      quietMinutes: Math.round(oven.quietShare * minutes),
      batch,
      headMinutes:
        oven.loadMinutes + (alone ? (mixing?.minutes ?? 0) : 0) + sumOf(work.handwork.map((each) => each.minutes)),
    });
    return { task: unload, lag: oven.unloadMinutes + oven.coolMinutes };
  }

  /** What is done at the oven meanwhile, and out of the pan. @returns the task after which the pan is free */
  private whileItBakes(
    oven: OvenTime,
    batch: number,
    { bake, unload }: { readonly bake: number; readonly unload: number },
    minutes: number,
  ): number {
    oven.during.forEach(({ kind, share, slack }, i) => {
      const name = oven.during.findIndex((other) => other.kind === kind) === i ? kind : `${kind}-${i}`;
      const task = this.add(batch, name, kind, 1, { short: true });
      this.least(bake, task, Math.round(minutes * (share - slack)));
      this.most(bake, task, Math.round(minutes * (share + slack)));
    });
    if (oven.inPanMinutes <= 0) return unload;
    const turnOut = this.add(batch, 'turn-out', 'turn-out', 2, { short: true });
    this.least(unload, turnOut, oven.unloadMinutes + oven.inPanMinutes);
    this.most(unload, turnOut, oven.unloadMinutes + oven.inPanMinutes + oven.inPanSlackMinutes);
    return turnOut;
  }

  private vessels(
    { mixer, minutes, bowls }: NonNullable<BatchWork['mixing']>,
    filledMinutes: number,
    batch: number,
    mix: number,
    load: number,
  ): void {
    // prettier-ignore
    if (mixer)
      this.uses.push({ resource: 'mixer', fromTask: mix, fromOffset: 0, toTask: mix, toOffset: minutes + 3, demand: 1 });
    this.held(batch, 'bowl', mix, load, filledMinutes, bowls);
  }

  /** A pan or bowl, held until it is free, washed where it is wanted again, and dry. */
  private held(batch: number, what: string, from: number, freedBy: number, after: number, demand: number): void {
    const pan = what !== 'bowl';
    const { washPanMinutes, washBowlMinutes, dryPanMinutes, dryBowlMinutes } = this.kitchen;
    const minutes = pan ? washPanMinutes : washBowlMinutes;
    const dry = pan ? dryPanMinutes : dryBowlMinutes;
    const base = { resource: what, fromTask: from, fromOffset: 0, demand };
    if (!this.again.has(what) || minutes === 0) {
      this.uses.push({ ...base, toTask: freedBy, toOffset: after + dry });
      return;
    }
    const wash = this.add(batch, pan ? 'wash-pan' : 'wash-bowl', 'wash', minutes, {
      short: true,
      what: pan ? 'pan' : 'bowl',
    });
    this.least(freedBy, wash, after);
    this.most(freedBy, wash, after + NOT_WASHED_UP);
    this.uses.push({ ...base, toTask: wash, toOffset: minutes + dry });
  }
}

/** Batches and a kitchen as tasks, lags and uses. Quick; nothing is searched. */
export function dayModel(batches: readonly BatchWork[], kitchen: DayKitchen): DayModel {
  const { tasks, lags, uses, bakes, fillers, finals } = new Builder(batches, kitchen);
  const pans = Object.entries(kitchen.pans).map(([name, count]) => [`pan ${name}`, count] as const);
  return {
    batches,
    kitchen,
    tasks,
    lags,
    uses,
    bakes,
    fillers,
    finals,
    capacity: {
      hands: kitchen.pairs.length,
      mixer: kitchen.mixers,
      bowl: kitchen.bowls,
      fridge: kitchen.fridgeLitres,
      ...Object.fromEntries(pans),
    },
  };
}
