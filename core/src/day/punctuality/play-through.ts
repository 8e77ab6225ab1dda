import { normalFrom } from '../../ground/numerics/index.js';
import {
  bowlsOf,
  changeMinutes,
  IS_FINISHING,
  type BatchWork,
  type DayKitchen,
  type PlannedTask,
  type TaskKind,
} from '../works/index.js';

/*
 * A plan played many times. Nothing starts before its minute, hands keep their order, bakes take what they take: the window of each is
 * eight in ten, hands scatter by 15 %, cooling by 12 %. A day of likely minutes is late more often than not; this says how often.
 * @source shared/science/planning.md, section 2; the distributions are assumed
 */

const HANDS_SPREAD = 0.15;
const COOLING_SPREAD = 0.12;
/** From a tenth to nine tenths of a normal, in standard deviations. */
const EIGHT_IN_TEN_WIDE = 2.563;
const ON_TIME = 0.5;

export interface Played {
  /** Share of days on which each batch is ready when it is due. */
  readonly onTime: readonly number[];
  /** Share of days on which all are. */
  readonly allOnTime: number;
  /** Minutes late that one day in ten exceeds; negative for early. */
  readonly ninthLate: readonly number[];
}

interface Along {
  bakeEnd: number;
  mixed: number | undefined;
  loaded: number;
  out: number;
  turned: number | undefined;
  finished: number;
  wait: number;
}

/** @param chance numbers 0–1 */
export function playThrough(
  batches: readonly BatchWork[],
  kitchen: DayKitchen,
  tasks: readonly PlannedTask[],
  chance: () => number,
  days = 400,
): Played {
  const gauss = () => normalFrom(chance);
  const late = batches.map((): number[] => []);
  const work = tasks
    .filter(
      ({ batch, hands, kind }) =>
        batch >= 0 && (hands > 0 || kind === 'bake' || kind === 'from-store' || kind === 'thaw'),
    )
    .toSorted((a, b) => a.from - b.from || a.to - b.to);
  const bakeOf = new Map(work.filter(({ kind }) => kind === 'bake').map((task) => [task.batch, task]));
  let all = 0;
  for (let day = 0; day < days; day++) {
    const ready = oneDay(batches, kitchen, work, bakeOf, gauss);
    const by = batches.map(({ dueMinute }, i) => (ready[i] ?? 0) - dueMinute);
    by.forEach((minutes, i) => late[i]?.push(minutes));
    if (by.every((minutes) => minutes <= ON_TIME)) all++;
  }
  return {
    onTime: late.map((list) => list.filter((by) => by <= ON_TIME).length / days),
    allOnTime: all / days,
    ninthLate: late.map((list) => list.toSorted((a, b) => a - b)[Math.floor(0.9 * days)] ?? 0),
  };
}

function oneDay(
  batches: readonly BatchWork[],
  { pairs }: DayKitchen,
  work: readonly PlannedTask[],
  bakeOf: ReadonlyMap<number, PlannedTask>,
  gauss: () => number,
): readonly number[] {
  const bakes = batches.map(({ oven }) =>
    oven ? Math.exp((gauss() * Math.log(oven.high / oven.low)) / EIGHT_IN_TEN_WIDE) : 1,
  );
  const cooling = batches.map(() => Math.exp(gauss() * COOLING_SPREAD));
  const along = batches.map((): Along => ({ bakeEnd: 0, mixed: undefined, loaded: 0, out: 0, turned: undefined, finished: 0, wait: 0 })); // prettier-ignore
  // what is mixed and filled together waits for one another
  const bowls = bowlsOf(batches);
  const ends = new Map<number, number>();
  const hands = pairs.map(() => -Infinity);
  for (const task of work) {
    const batch = batches[task.batch];
    const state = along[task.batch];
    const bowl = along[bowls[task.batch] ?? task.batch];
    if (!batch || !state || !bowl) continue;
    state.mixed = bowl.mixed;
    state.loaded = task.kind === 'bake' || task.kind === 'wash' ? bowl.loaded : state.loaded;
    const planned = task.to - task.from;
    const minutes =
      task.kind === 'bake'
        ? planned * (bakes[task.batch] ?? 1)
        : task.mayBeCut
          ? planned
          : planned * Math.exp(gauss() * HANDS_SPREAD);
    let start = Math.max(task.from, earliest(task, batch, state, cooling[task.batch] ?? 1));
    if (task.kind === 'portion') start = Math.max(start, ovenFree(task, batches, bakeOf, ends));
    if (task.hands > 0) {
      const pair = task.pair ?? hands.indexOf(Math.min(...hands));
      start = Math.max(start, hands[pair] ?? 0);
      hands[pair] = start + minutes;
    }
    note(task, batch, state, start + minutes);
    bowl.loaded = Math.max(bowl.loaded, state.loaded);
    if (task.kind === 'bake') ends.set(task.batch, start + minutes);
  }
  return batches.map((batch, i) => {
    const { oven, griddle, finishing, thawMinutes = 0 } = batch;
    const state = along[i];
    if (!state) return 0;
    if (finishing.length > 0) return state.finished + (finishing.at(-1)?.waitMinutes ?? 0);
    return oven || griddle
      ? state.out + coolMinutesOf(batch) * (cooling[i] ?? 1)
      : Math.max(state.loaded, state.finished + thawMinutes);
  });
}
const coolMinutesOf = ({ oven, griddle }: Pick<BatchWork, 'oven' | 'griddle'>): number =>
  oven?.coolMinutes ?? griddle?.coolMinutes ?? 0;
/** What a task waits for, that really happened. */
const WAITS_FOR: Partial<Readonly<Record<TaskKind, (batch: BatchWork, state: Along, task: PlannedTask) => number>>> = {
  portion: ({ mixing }, { mixed }) => (mixed === undefined ? -Infinity : mixed + (mixing?.restMinutes ?? 0)),
  griddle: ({ mixing }, { mixed }) => (mixed === undefined ? -Infinity : mixed + (mixing?.restMinutes ?? 0)),
  bake: (_, { loaded }) => loaded,
  out: (_, { bakeEnd }) => bakeEnd,
  'turn-out': ({ oven }, { out }) => out + (oven?.inPanMinutes ?? 0),
  wash: (_, { turned, out, loaded }, { what }) => (what === 'pan' ? (turned ?? out) : loaded),
};
function earliest(task: PlannedTask, batch: BatchWork, state: Along, cooling: number): number {
  if (!IS_FINISHING.has(task.kind)) return WAITS_FOR[task.kind]?.(batch, state, task) ?? -Infinity;
  return state.finished > 0
    ? state.finished + state.wait
    : state.out + (batch.thawMinutes ?? coolMinutesOf(batch)) * cooling;
}
/** The oven is free, and at its heat, for what goes in after others. */
function ovenFree(
  task: PlannedTask,
  batches: readonly BatchWork[],
  bakeOf: ReadonlyMap<number, PlannedTask>,
  ends: ReadonlyMap<number, number>,
): number {
  const mine = bakeOf.get(task.batch);
  if (!mine) return -Infinity;
  let free = -Infinity;
  for (const [batch, end] of ends) {
    const other = bakeOf.get(batch);
    if (!other || other.oven !== mine.oven || other.to > mine.from) continue;
    const change = changeMinutes(other.celsius ?? 0, mine.celsius ?? 0);
    const load = batches[task.batch]?.oven?.loadMinutes ?? 0;
    free = Math.max(free, end + (change > 0 ? change - load : 0));
  }
  return free;
}
/** What of a task later ones wait for. */
const NOTED: Partial<Readonly<Record<TaskKind, keyof Along>>> = {
  mix: 'mixed',
  portion: 'loaded',
  bake: 'bakeEnd',
  out: 'out',
  griddle: 'out',
  'turn-out': 'turned',
  'from-store': 'finished',
  thaw: 'finished',
};
function note({ kind }: PlannedTask, batch: BatchWork, state: Along, end: number): void {
  const noted = NOTED[kind];
  if (noted) state[noted] = end;
  if (!IS_FINISHING.has(kind)) return;
  state.finished = end;
  state.wait = batch.finishing.find((step) => step.kind === kind)?.waitMinutes ?? 0;
}
