import type { BatchWork, DayKitchen, OvenTime, PlannedTask, Span } from '../works/index.js';

/*
 * An independent reader of plans: it takes the batches, the kitchen and the tasks, works out anew what has to hold, and says what does
 * not. It shares no code with the planner (its tables of heating and changing are its own), so that a fault in one is seen by the other.
 */

export const DAY_FAULTS = [
  'task-missing', 'wrong-length', 'not-loaded-in-time', 'not-out-in-time', 'rests-too-short', 'waits-too-long', 'beforehand-missing',
  'beforehand-too-late', 'taken-out-wrong', 'turned-out-wrong', 'watched-wrong', 'finished-too-early', 'frosting-late', 'late', 'stale',
  'too-many-hands', 'pair-twice', 'pair-away', 'before-the-day', 'lock-moved', 'past-moved', 'not-enough', 'wash-missing', 'oven-temperature',
  'oven-full', 'oven-wrong', 'oven-cold', 'door-opened', 'not-together', 'nobody-at-griddle',
] as const; // prettier-ignore
export type DayFaultCode = (typeof DAY_FAULTS)[number];
/** One thing that does not hold, where, and by how many minutes or pieces. */
export interface DayFault {
  readonly code: DayFaultCode;
  readonly where: string;
  readonly by?: number;
}
export interface CheckedAgainst {
  readonly locks?: Readonly<Record<string, number>>;
  readonly done?: Readonly<Record<string, number>>;
  readonly now?: number;
}

const toHeat = (celsius: number, minutesTo180: number, from = 21) => (1.25 * minutesTo180 * (celsius - from)) / 159;
const toChange = (from: number, to: number) =>
  from === to ? 0 : to > from ? 1 + Math.ceil((to - from) / 10) : 2 + Math.ceil((from - to) / 3.5);

interface InOven {
  readonly work: BatchWork;
  readonly oven: OvenTime;
  readonly at: number;
  readonly from: number;
  readonly to: number;
  readonly load: number;
  readonly out: number;
}

class Reader {
  readonly faults: DayFault[] = [];
  private readonly taken = new Map<string, { readonly span: Span; readonly count: number }[]>();
  private readonly inOvens: InOven[] = [];

  constructor(
    private readonly batches: readonly BatchWork[],
    private readonly kitchen: DayKitchen,
    private readonly tasks: readonly PlannedTask[],
    private readonly against: CheckedAgainst,
  ) {
    for (const work of batches) this.batch(work);
    this.hands();
    this.resources();
    kitchen.ovens.forEach((_, at) => this.oven(at));
  }
  private say(code: DayFaultCode, where: string, by?: number): void {
    this.faults.push({ code, where, ...(by !== undefined && { by }) });
  }
  private take(what: string, from: number, to: number, count = 1): void {
    const list = this.taken.get(what) ?? [];
    list.push({ span: { from, to }, count });
    this.taken.set(what, list);
  }
  private named(work: BatchWork, name: string): readonly PlannedTask[] {
    return this.tasks.filter(({ id }) => id === `${work.id}:${name}`);
  }
  private needed(work: BatchWork, name: string, minutes: number): PlannedTask | undefined {
    const [task, more] = this.named(work, name);
    if (!task || more) {
      this.say('task-missing', `${work.id}:${name}`);
      return undefined;
    }
    if (task.to - task.from !== minutes) this.say('wrong-length', task.id, task.to - task.from - minutes);
    return task;
  }

  private batch(work: BatchWork): void {
    const cooled = work.oven ? this.baked(work, work.oven) : this.unbaked(work);
    if (cooled === undefined) return;
    const dressed = work.finishing.find(({ kind }) => kind !== 'slice' && kind !== 'pack');
    const first = dressed && this.named(work, dressed.kind)[0];
    if (work.makeFrostingMinutes > 0 && first) this.before(work, 'make-frosting', work.makeFrostingMinutes, first.from);
    if (first) this.stood(work, first.from, true);
    let ready = cooled;
    for (const { kind, minutes, waitMinutes, fridgeLitres } of work.finishing) {
      const task = this.needed(work, kind, minutes);
      if (!task) return;
      if (task.from < ready) this.say('finished-too-early', task.id, ready - task.from);
      if (fridgeLitres > 0 && waitMinutes > 0) this.take('fridge', task.to, task.to + waitMinutes, fridgeLitres);
      ready = task.to + waitMinutes;
    }
    const due = work.dueMinute - Math.round(work.marginMinutes);
    if (ready > due) this.say('late', work.id, ready - due);
    if (work.freshMinutes !== undefined && ready < due - work.freshMinutes)
      this.say('stale', work.id, due - work.freshMinutes - ready);
  }
  private before(work: BatchWork, name: string, minutes: number, until: number): void {
    const id = `${work.id}:${name}`;
    if (this.against.done?.[id] !== undefined) return;
    const pieces = this.named(work, name);
    const sum = pieces.reduce((total, { from, to }) => total + to - from, 0);
    const late = Math.max(0, ...pieces.map(({ to }) => to - until));
    if (sum !== minutes) this.say('beforehand-missing', id, minutes - sum);
    if (late > 0) this.say(name === 'make-frosting' ? 'frosting-late' : 'beforehand-too-late', id, late);
  }
  private beforehand(work: BatchWork, until: number): void {
    work.handwork.forEach(({ kind, minutes }, i) => {
      if (minutes > 0) this.before(work, kind === 'prepare' ? `${kind}-${i}` : kind, minutes, until);
    });
    this.stood(work, until, false);
  }
  private stood(work: BatchWork, until: number, frosting: boolean): void {
    for (const { kind, what, leastMinutes, mostMinutes, forFrosting } of work.waiting) {
      if ((forFrosting === true) !== frosting) continue;
      const task = this.needed(work, `${kind} ${what}`, 0);
      if (!task) continue;
      const stood = until - task.from - (frosting ? work.makeFrostingMinutes : 0);
      if (stood < leastMinutes || stood > Math.max(leastMinutes, mostMinutes))
        this.say('taken-out-wrong', task.id, stood - leastMinutes);
    }
  }
  private unbaked(work: BatchWork): number | undefined {
    if (!work.mixing) {
      const task = this.needed(work, work.thawMinutes === undefined ? 'from-store' : 'thaw', 0);
      return task && task.from + (work.thawMinutes ?? 0);
    }
    const mix = this.needed(work, 'mix', work.mixing.minutes);
    const shaped = work.griddle ? this.needed(work, 'griddle', work.griddle.minutes) : this.needed(work, 'portion', 5);
    if (!mix || !shaped) return undefined;
    this.beforehand(work, mix.from);
    this.waited(work, shaped.from - mix.to);
    if (!work.griddle) return shaped.to;
    if (shaped.hands === 0) this.say('nobody-at-griddle', shaped.id);
    this.take('griddle', shaped.from, shaped.to);
    return shaped.to + work.griddle.coolMinutes;
  }
  private waited(work: BatchWork, minutes: number): void {
    const { restMinutes = 0, holdMinutes = 0 } = work.mixing ?? {};
    if (minutes < restMinutes) this.say('rests-too-short', work.id, restMinutes - minutes);
    const most = Math.max(restMinutes, holdMinutes);
    if (minutes > most) this.say('waits-too-long', work.id, minutes - most);
  }

  private baked(work: BatchWork, oven: OvenTime): number | undefined {
    const minutes = Math.round(oven.likely);
    const mixer = this.mixerOf(work);
    const mix = mixer.mixing && this.needed(mixer, 'mix', mixer.mixing.minutes);
    const load = this.needed(work, 'load', oven.loadMinutes);
    const bake = this.needed(work, 'bake', minutes);
    const out = this.needed(work, 'out', oven.unloadMinutes);
    if (!load || !bake || !out || (mixer.mixing && !mix)) return undefined;
    const others = this.fromOneBowl(work);
    const behind = others.slice(others.indexOf(work) + 1).reduce((sum, each) => sum + (each.oven?.loadMinutes ?? 0), 0);
    if (bake.from !== load.to + behind) this.say('not-loaded-in-time', bake.id, bake.from - load.to - behind);
    for (const other of others) {
      const its = this.named(other, 'bake')[0];
      if (its && its.from !== bake.from) this.say('not-together', bake.id, its.from - bake.from);
    }
    if (out.from !== bake.to) this.say('not-out-in-time', out.id, out.from - bake.to);
    if (mix) this.waited(mixer, load.from - mix.to);
    const head = mixer === work ? (mix ?? load) : load;
    this.beforehand(work, head.from);
    oven.during.forEach(({ kind, share, slack }, i) => {
      const again = oven.during.findIndex((other) => other.kind === kind) !== i;
      const task = this.needed(work, again ? `${kind}-${i}` : kind, 1);
      if (!task) return;
      const at = task.from - bake.from;
      if (at < Math.round(minutes * (share - slack)) || at > Math.round(minutes * (share + slack)))
        this.say('watched-wrong', task.id, at - Math.round(minutes * share));
    });
    let freed = out.from;
    if (oven.inPanMinutes > 0) {
      const turned = this.needed(work, 'turn-out', 2);
      if (!turned) return undefined;
      const stood = turned.from - out.to;
      if (stood < oven.inPanMinutes || stood > oven.inPanMinutes + oven.inPanSlackMinutes)
        this.say('turned-out-wrong', turned.id, stood - oven.inPanMinutes);
      freed = turned.from;
    }
    if (work.mixing && mix && mixer === work) {
      if (work.mixing.mixer) this.take('mixer', mix.from, mix.to + 3);
      this.vessel(work, 'bowl', work.mixing.bowls, mix.from, bake.from);
    }
    if (oven.pan !== undefined) this.vessel(work, `pan ${oven.pan}`, oven.pans, head.from, freed + 2);
    const at = bake.oven ?? -1;
    this.inOvens.push({ work, oven, at, from: bake.from, to: bake.to, load: load.from, out: out.from });
    return out.to + oven.coolMinutes;
  }
  /** The batch that mixes what this one bakes. */
  private mixerOf(work: BatchWork): BatchWork {
    return (work.mixing && this.batches.find(({ id, mixing }) => id === work.mixedWith && mixing)) ?? work;
  }
  private fromOneBowl(work: BatchWork): readonly BatchWork[] {
    const mixer = this.mixerOf(work);
    return this.batches.filter((other) => this.mixerOf(other) === mixer);
  }
  /** What is wanted more often than it is there is washed, by hands, before it is used again. */
  private vessel(work: BatchWork, what: string, count: number, from: number, freed: number): void {
    const { washPanMinutes, washBowlMinutes, dryPanMinutes, dryBowlMinutes } = this.kitchen;
    const bowl = what === 'bowl';
    const minutes = bowl ? washBowlMinutes : washPanMinutes;
    const dry = bowl ? dryBowlMinutes : dryPanMinutes;
    const wanted = this.batches.reduce((sum, other) => {
      const { mixing, oven } = other;
      return (
        sum +
        (bowl
          ? mixing && oven && this.mixerOf(other) === other
            ? mixing.bowls
            : 0
          : oven?.pan !== undefined && `pan ${oven.pan}` === what
            ? oven.pans
            : 0)
      );
    }, 0);
    if (wanted <= this.there(what) || minutes === 0) {
      this.take(what, from, freed + dry, count);
      return;
    }
    const wash = this.needed(work, bowl ? 'wash-bowl' : 'wash-pan', minutes);
    if (!wash) return;
    if (wash.from < freed) this.say('wash-missing', wash.id, freed - wash.from);
    this.take(what, from, wash.to + dry, count);
  }
  private there(what: string): number {
    const { pairs, mixers, bowls, fridgeLitres, pans } = this.kitchen;
    switch (what) {
      case 'hands':
        return pairs.length;
      case 'mixer':
        return mixers;
      case 'bowl':
        return bowls;
      case 'fridge':
        return fridgeLitres;
      default:
        return pans[what.slice(4)] ?? 1;
    }
  }

  private hands(): void {
    const { locks = {}, done = {}, now } = this.against;
    const first = Math.max(this.kitchen.notBefore, now ?? -Infinity);
    for (const task of this.tasks) {
      const lock = locks[task.id];
      const past = done[task.id];
      if (lock !== undefined && past === undefined && task.from !== lock)
        this.say('lock-moved', task.id, task.from - lock);
      if (past !== undefined && task.mayBeCut !== true && task.from !== past)
        this.say('past-moved', task.id, task.from - past);
      if (task.hands === 0 || task.to === task.from) continue;
      this.take('hands', task.from, task.to);
      if (past === undefined && task.from < first) this.say('before-the-day', task.id, first - task.from);
      if (task.pair === undefined) continue;
      this.take(`pair ${task.pair}`, task.from, task.to);
      for (const away of this.kitchen.pairs[task.pair]?.away ?? [])
        if (away.from < task.to && away.to > task.from) this.say('pair-away', task.id);
    }
    for (const { away } of this.kitchen.pairs) for (const { from, to } of away) this.take('hands', from, to);
  }
  private resources(): void {
    for (const [what, list] of this.taken) {
      const there = what.startsWith('pair ') ? 1 : this.there(what);
      const moments = list.flatMap(({ span, count }) => [
        { minute: span.from, change: count },
        { minute: span.to, change: -count },
      ]);
      moments.sort((a, b) => a.minute - b.minute || a.change - b.change);
      let held = 0;
      for (const { minute, change } of moments) {
        held += change;
        if (held <= there || change < 0) continue;
        this.say(what === 'hands' ? 'too-many-hands' : what.startsWith('pair ') ? 'pair-twice' : 'not-enough', `${what} at ${minute}`, held - there); // prettier-ignore
        break;
      }
    }
  }

  private oven(at: number): void {
    const bakes = this.inOvens.filter((bake) => bake.at === at).sort((a, b) => a.from - b.from);
    const { racks = 0, minutesTo180 = 15 } = this.kitchen.ovens[at] ?? {};
    for (const bake of this.inOvens)
      if (
        at === 0 &&
        (bake.at < 0 || bake.at >= this.kitchen.ovens.length || !(bake.oven.ovens?.includes(bake.at) ?? true))
      )
        // prettier-ignore
        this.say('oven-wrong', bake.work.id);
    bakes.forEach((bake, i) => {
      const together = bakes.filter(({ from, to }) => from <= bake.from && to > bake.from);
      const held = together.reduce((sum, { oven }) => sum + oven.racks, 0);
      if (held > racks) this.say('oven-full', bake.work.id, held - racks);
      for (const other of bakes.slice(i + 1)) {
        const change = toChange(bake.oven.celsius, other.oven.celsius);
        if (bake.oven.celsius !== other.oven.celsius && bake.to + change > other.from)
          this.say('oven-temperature', `${bake.work.id}, ${other.work.id}`, bake.to + change - other.from);
      }
      for (const other of bakes) {
        const shut = bake.from + Math.round(bake.oven.quietShare * (bake.to - bake.from));
        if (other !== bake)
          for (const opened of [other.from, other.out])
            if (opened > bake.from && opened < shut) this.say('door-opened', `${bake.work.id} by ${other.work.id}`);
      }
    });
    this.heated(at, bakes, minutesTo180);
  }
  /** Hot for the first bake, and hot again after every rest. */
  private heated(at: number, bakes: readonly InOven[], minutesTo180: number): void {
    const heats = this.tasks.filter(({ kind, oven }) => kind === 'preheat' && oven === at);
    const [first] = bakes;
    if (!first) return;
    const enough = heats.some(
      ({ from, to }) => to <= first.from && to - from >= Math.ceil(toHeat(first.oven.celsius, minutesTo180)),
    );
    if (!enough) this.say('oven-cold', first.work.id);
    for (const { from, to, celsius = 0 } of heats) {
      const before = bakes
        .filter((bake) => bake.to <= from)
        .toSorted((a, b) => a.to - b.to)
        .at(-1);
      const next = bakes.find((bake) => bake.from >= to);
      if (bakes.some((bake) => bake.from < from && bake.to > from)) this.say('oven-cold', `oven ${at} at ${from}`);
      if (!before || !next) continue;
      const left = 21 + (before.oven.celsius - 21) * Math.exp(-(from - before.to) / 40);
      if (to - from < toHeat(next.oven.celsius, minutesTo180, left) || celsius !== next.oven.celsius)
        this.say('oven-cold', next.work.id);
    }
  }
}

/** What does not hold in a plan; nothing, for a good one. */
export function checkDay(
  batches: readonly BatchWork[],
  kitchen: DayKitchen,
  tasks: readonly PlannedTask[],
  against: CheckedAgainst = {},
): readonly DayFault[] {
  return new Reader(batches, kitchen, tasks, against).faults;
}
