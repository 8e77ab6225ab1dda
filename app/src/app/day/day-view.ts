import { taskKindName } from '@orvin/core/words/day-words';
import { IS_FINISHING, type BatchWork, type PlannedTask, type TaskKind } from '@orvin/core/day/works';

/*
 * The day as a picture, worked out: the oven's day is the spine, its temperature a level over time, each bake rising and browning in it;
 * what cools hangs below, what stands cold lies above, hands beneath. Plain functions, drawn by the components.
 */

const EVENING_ENDS = 0;
const COOLS_OVER = 40;
const ROOM = 21;
/** Blocks of one batch that touch are one block: weighing, lining, zesting. */
const JOINED: ReadonlySet<TaskKind> = new Set<TaskKind>(['weigh', 'line', 'prepare', 'make-frosting']);

/** "Parsnip and hazelnut cake": a title without what follows it. */
export const shortTitle = (title: string): string =>
  (title.split(/,| with | by | \(/)[0] ?? title).replace(/ and | & /g, ', ');
/** Ways to say a title, the longest first: whole, its last two words, its last. */
export function titlesFor(title: string): readonly string[] {
  const short = shortTitle(title);
  const words = short.replaceAll(',', '').split(' ');
  return [short, words.slice(-2).join(' '), words.at(-1) ?? short];
}
/** The longest of some words that is not wider than so many letters. */
export const fitting = (ways: readonly string[], letters: number): string =>
  ways.find((way) => way.length <= letters) ?? '';

export interface Span {
  readonly from: number;
  readonly to: number;
}
/** The hours that the picture spans. */
export function hoursOf(tasks: readonly PlannedTask[], due: number): Span {
  const day = tasks.filter(
    ({ from, kind }) => from >= EVENING_ENDS && kind !== 'soak' && kind !== 'take-out' && kind !== 'thaw',
  );
  const first = Math.min(due - 60, ...day.map(({ from }) => from));
  const last = Math.max(due, ...day.filter(({ hands }) => hands > 0).map(({ to }) => to));
  return { from: 30 * Math.floor((first - 10) / 30), to: 30 * Math.ceil((last + 10) / 30) };
}

export interface OvenBlock {
  readonly id: string;
  readonly batch: number;
  readonly from: number;
  readonly to: number;
  readonly celsius: number;
  /** Which half of the oven's height it has, of how many. */
  readonly row: number;
  readonly rows: number;
}
/** Bakes of one oven, those at once above one another. */
export function ovenBlocks(tasks: readonly PlannedTask[], oven: number): readonly OvenBlock[] {
  const bakes = tasks.filter((task) => task.kind === 'bake' && task.oven === oven).sort((a, b) => a.from - b.from);
  const rowEnds: number[] = [];
  const placed = bakes.map((task) => {
    const free = rowEnds.findIndex((end) => end <= task.from);
    const row = free < 0 ? rowEnds.length : free;
    rowEnds[row] = task.to;
    return { task, row };
  });
  return placed.map(({ task, row }) => {
    const beside = placed.filter((other) => other.task.from < task.to && other.task.to > task.from);
    return {
      id: task.id,
      batch: task.batch,
      from: task.from,
      to: task.to,
      celsius: task.celsius ?? 0,
      row,
      rows: Math.max(...beside.map((other) => other.row)) + 1,
    };
  });
}

export interface HeatPoint {
  readonly minute: number;
  readonly celsius: number;
}
export interface OvenMark {
  readonly minute: number;
  readonly words: string;
  /** Whether it says what the oven is set to: that needs no clock beside it. */
  readonly isSet: boolean;
}
/** The oven's temperature through the day, minute by minute, and where it is set. */
export function ovenHeat(
  tasks: readonly PlannedTask[],
  oven: number,
  hours: Span,
  heat = (celsius: number): string => `${celsius} °C`,
): { readonly curve: readonly HeatPoint[]; readonly marks: readonly OvenMark[] } {
  const own = tasks.filter((task) => task.oven === oven && (task.kind === 'preheat' || task.kind === 'set-oven' || task.kind === 'bake')).sort((a, b) => a.from - b.from || a.to - b.to); // prettier-ignore
  const curve: HeatPoint[] = [];
  const marks: OvenMark[] = [];
  const kindAt = (kind: 'bake' | 'other', minute: number) =>
    own.find((task) => (task.kind === 'bake') === (kind === 'bake') && task.from <= minute && task.to > minute);
  let celsius = ROOM;
  let set: number | undefined;
  let ahead = 0;
  let begun = false;
  for (let minute = hours.from; minute <= hours.to; minute++) {
    while ((own[ahead]?.from ?? Infinity) <= minute) ahead++;
    begun ||= own.some(({ to }) => to === minute);
    const baking = kindAt('bake', minute);
    const changing = baking ? undefined : kindAt('other', minute);
    const next = own[ahead];
    if (baking) celsius = baking.celsius ?? celsius;
    else if (changing) {
      const goal = changing.celsius ?? celsius;
      celsius += (goal - celsius) / Math.max(1, (changing.to - minute) * 0.6);
    }
    // it stays on until the next task where that one does not begin with heating up
    else if (!(begun && next && next.kind !== 'preheat')) celsius = ROOM + (celsius - ROOM) * Math.exp(-1 / COOLS_OVER);
    curve.push({ minute, celsius });
    if (baking && baking.celsius !== set) {
      set = baking.celsius;
      marks.push({ minute: baking.from, words: heat(set ?? 0), isSet: true });
    }
  }
  const last = own.filter(({ kind }) => kind === 'bake').at(-1);
  for (const heat of own.filter(({ kind }) => kind === 'preheat').slice(1)) {
    const before = own.filter(({ kind, to }) => kind === 'bake' && to <= heat.from).map(({ to }) => to);
    marks.push(
      { minute: Math.max(...before), words: OFF, isSet: false },
      { minute: heat.from, words: $localize`:the oven|:on`, isSet: false },
    );
    set = undefined;
  }
  const end = Math.max(...own.filter(({ kind }) => kind === 'bake').map(({ to }) => to));
  if (last) marks.push({ minute: end, words: OFF, isSet: false });
  return { curve, marks };
}
/** What goes in or out of the fridge, or stands in it. */
const THING_WORDS = {
  in: $localize`:of the fridge|:in`,
  out: $localize`:of the fridge|:out`,
  stands: $localize`:of the fridge|:stands`,
} as const;
const OFF = $localize`:the oven|:off`;

export interface HandBlock {
  /** The same in a changed plan, so that the focus stays on it. */
  readonly key: string;
  /** Of the tasks in it, in their order. */
  readonly ids: readonly string[];
  readonly kinds: readonly TaskKind[];
  readonly batch: number;
  readonly from: number;
  readonly to: number;
  readonly pair: number;
  readonly chain: boolean;
  readonly done: boolean;
  readonly locked: boolean;
}
export const READY = $localize`:a task, short|:ready`;
const SHORT_VERBS: Partial<Readonly<Record<TaskKind, string>>> = {
  portion: $localize`:a task, short|:in`, 'make-frosting': $localize`:a task, short|:frosting`, wash: $localize`:a task, short|:wash`, 'turn-out': $localize`turn out`, 'crumb-coat': $localize`:a task, short|:coat`, weigh: READY, line: READY, prepare: READY,
}; // prettier-ignore
/** A word for a narrow block. */
export const shortVerb = (kind: TaskKind): string => SHORT_VERBS[kind] ?? taskKindName(kind);

/** What each pair of hands does, what touches and is of one batch as one block. */
export function handBlocks(
  tasks: readonly PlannedTask[],
  chain: ReadonlySet<string>,
  locks: Readonly<Record<string, number>>,
  done: Readonly<Record<string, number>>,
): readonly HandBlock[] {
  const blocks: (HandBlock & { ids: string[]; kinds: TaskKind[]; to: number })[] = [];
  const begun = new Map<string, number>();
  for (const task of tasks
    .filter(({ hands, from, to }) => hands > 0 && to > from)
    .toSorted((a, b) => a.from - b.from)) {
    const pair = task.pair ?? 0;
    const facts = {
      chain: chain.has(task.id),
      locked: locks[task.id] !== undefined,
      done: done[task.id] !== undefined,
    };
    const before = blocks.findLast((block) => block.pair === pair);
    const joins =
      before?.batch === task.batch &&
      before.to === task.from &&
      JOINED.has(task.kind) &&
      before.kinds.every((kind) => JOINED.has(kind)) &&
      before.done === facts.done;
    if (joins) {
      before.ids.push(task.id);
      before.kinds.push(task.kind);
      before.to = task.to;
    } else {
      const piece = (begun.get(task.id) ?? 0) + 1;
      begun.set(task.id, piece);
      blocks.push({
        key: `${task.id} ${piece}`,
        ids: [task.id],
        kinds: [task.kind],
        batch: task.batch,
        from: task.from,
        to: task.to,
        pair,
        ...facts,
      });
    }
  }
  return blocks;
}

export interface Cooling {
  readonly batch: number;
  readonly from: number;
  readonly to: number;
  /** Minutes until the next step really begins. */
  readonly until: number;
}
/** What cools on the counter, from out of the oven until its next step may begin. */
export const coolings = (tasks: readonly PlannedTask[]): readonly Cooling[] =>
  tasks
    .filter(({ kind }) => kind === 'cool')
    .map(({ batch, from, to }) => {
      const next = tasks.find((task) => task.batch === batch && IS_FINISHING.has(task.kind) && task.from >= to);
      return { batch, from, to, until: next?.from ?? to };
    });

export interface Wait {
  readonly batch: number;
  readonly from: number;
  /** Until the batter suffers. */
  readonly to: number;
  /** When it goes in. */
  readonly loaded: number;
  readonly pair: number;
}
/** How long each batter may wait, and when it goes in. */
export function waits(tasks: readonly PlannedTask[], works: readonly BatchWork[]): readonly Wait[] {
  return works.flatMap(({ mixing }, batch): readonly Wait[] => {
    const mix = tasks.find((task) => task.batch === batch && task.kind === 'mix');
    const load = tasks.find((task) => task.batch === batch && task.kind === 'portion');
    if (!mixing || !mix || !load) return [];
    return [
      {
        batch,
        from: mix.to,
        to: mix.to + Math.max(mixing.holdMinutes, mixing.restMinutes),
        loaded: load.from,
        pair: mix.pair ?? 0,
      },
    ];
  });
}

/** What goes into the cold or comes out of it: nobody's minutes, and to be done all the same. */
export const MOVES_COLD: ReadonlySet<TaskKind> = new Set<TaskKind>(['take-out', 'thaw', 'chill']);

export interface ColdThing {
  readonly batch: number;
  readonly from: number;
  readonly to: number;
  readonly what: string;
  readonly kind: 'out' | 'in' | 'stands';
}
/** What is taken out of the fridge, put into the cold, and stands there. */
export function coldThings(tasks: readonly PlannedTask[], works: readonly BatchWork[]): readonly ColdThing[] {
  const moves = tasks.flatMap((task): readonly ColdThing[] => {
    if (!MOVES_COLD.has(task.kind)) return [];
    const mix = tasks.find((other) => other.batch === task.batch && other.kind === 'mix');
    return [
      {
        batch: task.batch,
        from: task.from,
        to: mix?.from ?? task.from,
        what: task.kind === 'thaw' ? $localize`frozen` : (task.what ?? ''),
        kind: task.kind === 'chill' ? 'in' : 'out',
      },
    ];
  });
  const stands = works.flatMap((work, batch) =>
    work.finishing.flatMap((step): readonly ColdThing[] => {
      const task = tasks.find((other) => other.batch === batch && other.kind === step.kind);
      return task && step.fridgeLitres > 0 && step.waitMinutes > 0
        ? [{ batch, from: task.to, to: task.to + step.waitMinutes, what: '', kind: 'stands' }]
        : [];
    }),
  );
  return [...moves, ...stands].sort((a, b) => a.from - b.from);
}

export interface ColdLabel extends ColdThing {
  /** '' where what comes next says it too. */
  readonly words: string;
}
/** What is moved within so many minutes is named together. */
const MOVED_TOGETHER = 6;
/**
 * What stands beside each arrow, in as many words as there is room for before the next one: things that are moved within a few minutes of
 * each other are named together, beside the last.
 * @param minutesOf minutes that some words take up in the drawing
 */
export function coldLabels(
  things: readonly ColdThing[],
  minutesOf: (words: string) => number,
  clock: (minute: number) => string,
): readonly ColdLabel[] {
  let names: string[] = [];
  return things.map((thing, i): ColdLabel => {
    if (thing.kind === 'stands') return { ...thing, words: '' };
    const next = things[i + 1];
    const room = (next?.from ?? Infinity) - thing.from;
    names.push(thing.what.split(',')[0] ?? '');
    if (next?.kind === thing.kind && room < MOVED_TOGETHER) return { ...thing, words: '' };
    const all = [...new Set(names)].join(', ');
    const time = clock(thing.from);
    names = [];
    return {
      ...thing,
      words:
        [`${all} ${THING_WORDS[thing.kind]} ${time}`, `${all} ${time}`, all, ''].find(
          (words) => minutesOf(words) <= room,
        ) ?? '',
    };
  });
}

/** The task that is to be done next, and what comes after it, by pair of hands. */
export function nextActs(
  tasks: readonly PlannedTask[],
  done: Readonly<Record<string, number>>,
): readonly PlannedTask[] {
  return tasks
    .filter(({ id, hands, kind }) => done[id] === undefined && (hands > 0 || REMINDERS.has(kind)))
    .toSorted((a, b) => a.from - b.from);
}
const REMINDERS: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'take-out',
  'thaw',
  'chill',
  'soak',
  'preheat',
  'set-oven',
]);
