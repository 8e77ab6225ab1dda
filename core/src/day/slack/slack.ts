import {
  bowlsOf,
  changeMinutes,
  IS_FINISHING,
  isDressing,
  standingOf,
  type BatchWork,
  type PlannedTask,
  type TaskKind,
} from '../works/index.js';

/*
 * What may slip. The orders of a plan are kept (who does what after what, what is in the oven after what), and everything is moved as
 * late as the deadlines let it: how far a task moves is its slack. What moves least is the chain: a minute late there is a minute late
 * at the table.
 */

export interface DaySlack {
  /** Minutes that each task may slip, in the order of the tasks. */
  readonly ofTasks: readonly number[];
  /** The same of each batch: the least of its tasks. */
  readonly ofBatches: readonly number[];
  /** Minutes in hand: the least of all. */
  readonly inHand: number;
  /** Indices of the tasks that have no more than that. */
  readonly chain: readonly number[];
}

const FREE = 1440;
const BEFORE_MIXING: ReadonlySet<TaskKind> = new Set<TaskKind>(['weigh', 'line', 'prepare']);

interface Link {
  readonly to: number;
  /** Start of `to` − start of this, at least. */
  readonly minutes: number;
}

function links(works: readonly BatchWork[], tasks: readonly PlannedTask[]): readonly (readonly Link[])[] {
  const out = tasks.map((): Link[] => []);
  const index = new Map<string, number>();
  tasks.forEach(({ batch, kind }, i) => {
    const key = `${batch}:${kind}`;
    if (!index.has(key)) index.set(key, i);
  });
  const link = (from: number | undefined, to: number | undefined, minutes: number) => {
    if (from !== undefined && to !== undefined && from !== to) out[from]?.push({ to, minutes });
  };
  const bowls = bowlsOf(works);
  const standing = standingOf(works);
  works.forEach((work, batch) => {
    const at = (kind: TaskKind, of = batch) => index.get(`${of}:${kind}`);
    const { oven } = work;
    const bowl = bowls[batch] ?? batch;
    const mixing = works[bowl]?.mixing;
    const shaped = work.griddle ? at('griddle') : at('portion');
    const head = mixing && bowl === batch ? at('mix') : shaped;
    if (mixing) link(at('mix', bowl), shaped, mixing.minutes + mixing.restMinutes);
    if (oven) {
      // those out of one bowl go in together
      const filled = oven.loadMinutes + (standing[batch] ?? 0);
      works.forEach((_, other) => {
        if (bowls[other] === bowl) link(at('portion'), at('bake', other), filled);
      });
      link(at('bake'), at('out'), Math.round(oven.likely));
      link(at('out'), at('turn-out'), oven.unloadMinutes + oven.inPanMinutes);
      for (const kind of ['turn', 'tent', 'uncover', 'turn-down'] as const) {
        const share = oven.during.find((each) => each.kind === kind)?.share;
        // it may have been put a little before its usual share of the bake
        const planned = (tasks[at(kind) ?? -1]?.from ?? 0) - (tasks[at('bake') ?? -1]?.from ?? 0);
        if (share !== undefined) link(at('bake'), at(kind), Math.min(Math.round(share * oven.likely), planned));
      }
    }
    let last = oven ? at('out') : work.griddle ? at('griddle') : (at('thaw') ?? at('from-store'));
    let lag = bakedUntil(work);
    for (const step of work.finishing) {
      link(last, at(step.kind), lag);
      last = at(step.kind);
      lag = step.minutes + step.waitMinutes;
    }
    const dressed = work.finishing.find(({ kind }) => isDressing(kind));
    tasks.forEach((task, i) => {
      if (task.batch !== batch) return;
      if (BEFORE_MIXING.has(task.kind)) link(i, head, task.to - task.from);
      if (task.kind === 'make-frosting' && dressed) link(i, at(dressed.kind), task.to - task.from);
    });
  });
  for (const [a, b] of inTurn(tasks, (task) => (task.hands > 0 && task.to > task.from ? task.pair : undefined)))
    link(a, b, (tasks[a]?.to ?? 0) - (tasks[a]?.from ?? 0));
  ovenLinks(tasks, link);
  return out;
}
/** From the start of taking it out, or of the griddle, or from the store, until the next step may begin. */
function bakedUntil({ oven, griddle, thawMinutes = 0 }: BatchWork): number {
  if (oven) return oven.unloadMinutes + oven.coolMinutes;
  return griddle ? griddle.minutes + griddle.coolMinutes : thawMinutes;
}
/** Each task with the next of the same pair of hands. */
function inTurn(
  tasks: readonly PlannedTask[],
  keyOf: (task: PlannedTask) => number | undefined,
): readonly (readonly [number, number])[] {
  const last = new Map<number, number>();
  const pairs: [number, number][] = [];
  tasks.forEach((task, i) => {
    const key = keyOf(task);
    if (key === undefined) return;
    const before = last.get(key);
    if (before !== undefined) pairs.push([before, i]);
    last.set(key, i);
  });
  return pairs;
}
function ovenLinks(tasks: readonly PlannedTask[], link: (a: number, b: number, minutes: number) => void): void {
  const bakes = tasks.flatMap((task, i) => (task.kind === 'bake' ? [{ task, i }] : []));
  for (const first of bakes)
    for (const second of bakes) {
      const change = changeMinutes(first.task.celsius ?? 0, second.task.celsius ?? 0);
      if (first.task.oven === second.task.oven && first.task.to <= second.task.from)
        link(first.i, second.i, first.task.to - first.task.from + change);
    }
}

/** @param tasks in the order of their starts */
export function slackOf(works: readonly BatchWork[], tasks: readonly PlannedTask[]): DaySlack {
  const out = links(works, tasks);
  const latest = tasks.map(({ batch, kind, from }): number => {
    const work = works[batch];
    if (!work) return from + FREE;
    const finish = work.finishing.at(-1);
    if (finish ? kind === finish.kind : kind === 'out' || kind === 'griddle')
      return work.dueMinute - (finish ? finish.minutes + finish.waitMinutes : bakedUntil(work));
    return Infinity;
  });
  for (let i = tasks.length - 1; i >= 0; i--)
    for (const { to, minutes } of out[i] ?? [])
      latest[i] = Math.min(latest[i] ?? 0, (latest[to] ?? Infinity) - minutes);
  const ofTasks = tasks.map(({ from }, i) => {
    const slack = (latest[i] ?? 0) - from;
    return Number.isFinite(slack) ? slack : FREE;
  });
  const ofBatches = works.map(
    (_, batch) =>
    tasks.reduce((least, task, i) => (task.batch === batch && out[i] && (IS_FINISHING.has(task.kind) || task.hands > 0) ? Math.min(least, ofTasks[i] ?? FREE) : least), FREE), // prettier-ignore
  );
  const inHand = Math.min(...ofBatches);
  return {
    ofTasks,
    ofBatches,
    inHand,
    chain: ofTasks.flatMap((slack, i) => (slack <= inHand && (tasks[i]?.batch ?? -1) >= 0 ? [i] : [])),
  };
}
