import type { LearnedPace, PacedTask } from '../../kitchen/learned/index.js';
import { PACED_TASKS } from '../../kitchen/learned/index.js';

/*
 * How fast these hands are. ln(minutes / usual minutes) of a piece of work is what these hands are slower by altogether, what this kind of
 * work is besides, and chance; odd ones (somebody rang) weigh little. @source book.md, section 2, Durations
 */

/** Standard deviations, ln(minutes). */
const HANDS = 0.25;
const TASK = 0.25;
const CHANCE = 0.25;
/** Student's t with so many degrees of freedom, in so many rounds of weighing again. */
const DEGREES = 4;
const ROUNDS = 4;
/** Fewer bakes than this are no pace. */
const FEWEST = 2;

/** A piece of work as it went. */
export interface WorkDone {
  readonly task: PacedTask;
  readonly minutes: number;
  readonly usual: number;
}

/** @param bakes the work of each bake; undefined where too few of them tell anything */
export function learnPace(bakes: readonly (readonly WorkDone[])[]): LearnedPace | undefined {
  const telling = bakes.filter((work) => work.length > 0);
  if (telling.length < FEWEST) return undefined;
  const seen = telling.flat().map(({ task, minutes, usual }) => ({ task, ln: Math.log(minutes / usual), weight: 1 }));
  const tasks = new Map<PacedTask, number>();
  let hands = 0;
  let precision = 1 / HANDS ** 2;
  for (let round = 0; round < ROUNDS; round++) {
    let sum = 0;
    precision = 1 / HANDS ** 2;
    const of = PACED_TASKS.map((task) => {
      const own = seen.filter((each) => each.task === task);
      const weight = own.reduce((total, each) => total + each.weight, 0);
      return { task, weight, sum: own.reduce((total, { ln, weight: w }) => total + w * ln, 0) };
    }).filter(({ weight }) => weight > 0);
    for (const { weight, sum: lns } of of) {
      const variance = TASK ** 2 + CHANCE ** 2 / weight;
      sum += lns / weight / variance;
      precision += 1 / variance;
    }
    hands = sum / precision;
    for (const { task, weight, sum: lns } of of)
      tasks.set(task, (TASK ** 2 * (lns - weight * hands)) / (TASK ** 2 * weight + CHANCE ** 2));
    for (const each of seen) {
      const off = (each.ln - hands - (tasks.get(each.task) ?? 0)) / CHANCE;
      each.weight = (DEGREES + 1) / (DEGREES + off * off);
    }
  }
  return { hands, tasks: Object.fromEntries(tasks), spread: 1 / Math.sqrt(precision), bakes: telling.length };
}
