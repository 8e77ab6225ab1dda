import type { DayKitchen, PlannedTask } from '../works/index.js';

/*
 * Who does what. The search knows only how many pairs of hands are free in each minute; here each task is given to one of them, so that
 * nobody does two things at once or works while away, and, where it can be, whoever began a batch goes on with it.
 */

const MOST_STEPS = 20_000;

/** Work in pieces changes hands where somebody comes or goes. */
function cutAt(task: PlannedTask, moments: ReadonlySet<number>): readonly PlannedTask[] {
  const cuts = [...moments].filter((minute) => minute > task.from && minute < task.to).sort((a, b) => a - b);
  const ends = [...cuts, task.to];
  return ends.map((to, i) => ({ ...task, from: i === 0 ? task.from : (ends[i - 1] ?? task.from), to }));
}

/** Tasks with their pair of hands; without one where no assignment was found, which the screen says. */
export function assignPairs(tasks: readonly PlannedTask[], kitchen: DayKitchen): readonly PlannedTask[] {
  const { pairs, givenTo = {} } = kitchen;
  const moments = new Set(pairs.flatMap(({ away }) => away.flatMap(({ from, to }) => [from, to])));
  const pieces = tasks.flatMap((task) => (task.mayBeCut ? cutAt(task, moments) : [task]));
  const work = pieces
    .filter(({ hands, from, to }) => hands > 0 && to > from)
    .sort((a, b) => a.from - b.from || b.to - a.to);
  const isAway = (pair: number, { from, to }: PlannedTask) =>
    (pairs[pair]?.away ?? []).some((span) => span.from < to && span.to > from);
  const given: number[] = [];
  const freeAt = pairs.map(() => -Infinity);
  const load = pairs.map(() => 0);
  const ofBatch = new Map<number, number>();
  let steps = 0;
  const give = (i: number): boolean => {
    const task = work[i];
    if (!task) return true;
    if (++steps > MOST_STEPS) return false;
    const usual = ofBatch.get(task.batch);
    const order = pairs
      .map((_, pair) => pair)
      .filter((pair) => (givenTo[task.id] ?? pair) === pair && (freeAt[pair] ?? 0) <= task.from && !isAway(pair, task))
      .sort((a, b) => Number(b === usual) - Number(a === usual) || (load[a] ?? 0) - (load[b] ?? 0) || a - b);
    for (const pair of order) {
      const was = freeAt[pair] ?? 0;
      freeAt[pair] = task.to;
      load[pair] = (load[pair] ?? 0) + task.to - task.from;
      if (usual === undefined) ofBatch.set(task.batch, pair);
      given[i] = pair;
      if (give(i + 1)) return true;
      freeAt[pair] = was;
      load[pair] = (load[pair] ?? 0) - (task.to - task.from);
      if (usual === undefined) ofBatch.delete(task.batch);
    }
    return false;
  };
  const all = give(0);
  // given so that it cannot be: rather somebody than nobody
  if (!all && Object.keys(givenTo).length > 0) return assignPairs(tasks, { ...kitchen, givenTo: {} });
  const pairOf = new Map(work.map((task, i) => [task, all ? given[i] : undefined]));
  return pieces.map((task) => {
    const pair = pairOf.get(task);
    return pair === undefined ? task : { ...task, pair };
  });
}
