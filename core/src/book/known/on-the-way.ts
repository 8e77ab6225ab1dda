import type { Baking } from '../../along/baking/index.js';
import type { PacedTask } from '../../kitchen/learned/index.js';
import type { WalkStep } from '../../along/walk/index.js';
import { ovenVerdict } from '../../along/oven-check/index.js';
import type { HeatedOnce, WorkDone } from '../routine/index.js';

/* What a bake made along tells besides its minutes in the oven: how long hands took, and how long the oven heated. */

const MINUTE = 60_000;
/** A step that lasts longer was left for something else, minutes; then its work tells nothing. */
const LEFT_FOR = 15;
/** Whoever took less of the usual minutes tapped through what was done already. */
const TAPPED_THROUGH = 0.2;
/** No oven heats longer: it was read when somebody came back to it, minutes. */
const LONGEST_HEATING = 60;
/** An air warmer than this was not heated from cold, °C. */
const COLD_UNTIL = 60;

const taskOf = (step: WalkStep | undefined): PacedTask | undefined => {
  if (step?.kind === 'ready') return step.task === 'prepare' || step.task === 'line' ? step.task : undefined;
  if (step?.kind === 'weigh' || step?.kind === 'mix') return step.kind;
  return step?.kind === 'divide' ? 'portion' : undefined;
};

/** Minutes of each kind of work, and the usual ones; nothing of what was interrupted or tapped through. */
export function workOfBaking({ walk, happenings, usual = {} }: Baking): readonly WorkDone[] {
  const steps = new Map(walk.map((step) => [step.id, step]));
  const moves = happenings.flatMap((happening) => (happening.kind === 'step' ? [happening] : []));
  const minutes = new Map<PacedTask, number>();
  const interrupted = new Set<PacedTask>();
  moves.forEach(({ to, at }, i) => {
    const task = taskOf(steps.get(to));
    const until = moves[i + 1]?.at;
    if (!task || until === undefined) return;
    const took = (until - at) / MINUTE;
    if (took > LEFT_FOR) interrupted.add(task);
    minutes.set(task, (minutes.get(task) ?? 0) + took);
  });
  return [...minutes].flatMap(([task, took]) => {
    const of = usual[task];
    return of === undefined || interrupted.has(task) || took < TAPPED_THROUGH * of ? [] : [{ task, minutes: took, usual: of }]; // prettier-ignore
  });
}

/** From switching on until it was ready, where that was seen: by a thermometer in it, or read cold first and ready later. */
export function heatingOfBaking({ walk, happenings, readings }: Baking): HeatedOnce | undefined {
  const heat = walk.find((step) => step.kind === 'heat');
  const arrived = heat ? happenings.findIndex((each) => each.kind === 'step' && each.to === heat.id) : -1;
  const on = arrived < 0 ? undefined : happenings.slice(arrived + 1).find(({ kind }) => kind === 'step')?.at;
  const inAt = happenings.find(({ kind }) => kind === 'in')?.at ?? Infinity;
  if (!heat || on === undefined) return undefined;
  const told = [
    ...readings.flatMap(({ at, air }) => (air === undefined ? [] : [{ at, celsius: air }])),
    ...happenings.flatMap((each) => (each.kind === 'oven-read' ? [{ at: each.at, celsius: each.celsius }] : [])),
  ].filter(({ at }) => at >= on && at <= inAt);
  told.sort((a, b) => a.at - b.at);
  const [first] = told;
  const ready = told.find(({ celsius }) => ovenVerdict(celsius, heat.celsius).kind !== 'cold');
  if (!first || !ready || first.celsius > COLD_UNTIL || ready.at <= on) return undefined;
  const minutes = (ready.at - on) / MINUTE;
  return minutes > LONGEST_HEATING ? undefined : { celsius: heat.celsius, minutes, by: 'thermometer' };
}
