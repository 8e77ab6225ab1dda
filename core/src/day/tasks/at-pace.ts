import { paceOf, type LearnedPace, type PacedTask } from '../../kitchen/learned/index.js';
import type { BatchWork } from '../works/index.js';
import { usualWorksOf } from './batch-tasks.js';
import type { BatchToPlan, WorksRead } from './order.js';

/* The work of a batch in the minutes of these hands: the usual ones, by what bakes made along have taught of them. */

const minutesAt = (pace: LearnedPace, minutes: number, task?: PacedTask): number =>
  minutes <= 0 ? minutes : Math.max(1, Math.round(minutes * paceOf(pace, task)));

function workAt(work: BatchWork, pace: LearnedPace): BatchWork {
  const { mixing, oven } = work;
  return {
    ...work,
    handwork: work.handwork.map((each) => ({ ...each, minutes: minutesAt(pace, each.minutes, each.kind) })),
    ...(mixing && { mixing: { ...mixing, minutes: minutesAt(pace, mixing.minutes, 'mix') } }),
    ...(oven && { oven: { ...oven, loadMinutes: minutesAt(pace, oven.loadMinutes, 'portion') } }),
    finishing: work.finishing.map((each) => ({ ...each, minutes: minutesAt(pace, each.minutes) })),
    makeFrostingMinutes: minutesAt(pace, work.makeFrostingMinutes),
  };
}

/** What a batch asks of the day, in the minutes of these hands. */
export function worksOf(batch: BatchToPlan): WorksRead {
  const read = usualWorksOf(batch);
  const pace = batch.bake.order.kitchen.routine?.pace;
  return pace && read.kind === 'works' ? { ...read, works: read.works.map((work) => workAt(work, pace)) } : read;
}

/** The usual minutes of each kind of work of hands in a batch: what these hands are held against. */
export function usualMinutes({ handwork, mixing, oven }: BatchWork): Readonly<Partial<Record<PacedTask, number>>> {
  const of = (kind: 'prepare' | 'line' | 'weigh') =>
    handwork.reduce((sum, each) => sum + (each.kind === kind ? each.minutes : 0), 0);
  const minutes = { prepare: of('prepare'), line: of('line'), weigh: of('weigh'), mix: mixing?.minutes ?? 0, portion: oven?.loadMinutes ?? 0 }; // prettier-ignore
  return Object.fromEntries(Object.entries(minutes).filter(([, of]) => of > 0));
}
