import { cutInto, cutOf } from '../../batch/plan/index.js';
import { methodSays, usualMinutes, usualWorksOf } from '../../day/tasks/index.js';
import type { BatchWork } from '../../day/works/index.js';
import { PACED_TASKS, type PacedTask } from '../../kitchen/learned/index.js';
import { methodSteps, type MethodSteps } from './method-steps.js';
import type { WalkOrder } from './walk-order.js';
import type { DivideStep, GriddleStep, HeatStep, ReadyStep, WalkStep } from './walk-step.js';

const ROOM_CELSIUS = 21;
const USUAL_RACKS = 2;

/**
 * The steps of a bake, in the order of hands: what stands or soaks first, then the oven, then the method step by step with what each
 * takes on the scale before it, then pans, oven and cooling.
 */
export function walkOf(order: WalkOrder): readonly WalkStep[] {
  const [work] = usualWorks(order);
  const ready = readySteps(work);
  const method = methodSteps(order);
  const rest: readonly WalkStep[] =
    work?.mixing && work.mixing.restMinutes > 0 ? [{ kind: 'rest', id: 'rest', minutes: work.mixing.restMinutes }] : [];
  const onGriddle = griddleSteps(order);
  if (onGriddle.length > 0)
    return [...ready, ...method.first, ...method.before, ...rest, ...onGriddle, ...method.after];
  const { divided, baked, cooled } = ovenSteps(order, filledShare(method));
  return [
    ...ready,
    ...method.first,
    ...heatStep(order),
    ...method.before,
    ...rest,
    ...divided,
    ...method.onTop,
    ...baked,
    ...method.meanwhile,
    ...cooled,
    ...method.after,
  ];
}

/** Minutes of each kind of work of hands in it, as usual: what the baker's own are held against afterwards. */
export function usualHands(order: WalkOrder): Readonly<Partial<Record<PacedTask, number>>> {
  const all = usualWorks(order).map(usualMinutes);
  const sums = PACED_TASKS.map((task) => [task, all.reduce((sum, of) => sum + (of[task] ?? 0), 0)] as const);
  return Object.fromEntries(sums.filter(([, minutes]) => minutes > 0));
}

/** The same rules that a Day plans by. */
function usualWorks({ bake, batch, foreseen, roomCelsius = ROOM_CELSIUS }: WalkOrder): readonly BatchWork[] {
  const read = usualWorksOf({
    id: 'walk',
    title: '',
    bake,
    batch,
    foreseen,
    dueMinute: 0,
    served: 'fresh',
    roomCelsius,
    racks: USUAL_RACKS,
  });
  return read.kind === 'works' ? read.works : [];
}

function readySteps(work: BatchWork | undefined): readonly ReadyStep[] {
  const waits = (work?.waiting ?? []).map(
    ({ kind, what, leastMinutes }): ReadyStep => ({ kind: 'ready', id: `ready:${kind}:${what}`, task: kind, what, waitMinutes: leastMinutes }),
  ); // prettier-ignore
  const hands = (work?.handwork ?? []).flatMap(({ kind, what }): readonly ReadyStep[] =>
    kind === 'weigh' ? [] : [{ kind: 'ready', id: `ready:${kind}:${what}`, task: kind, what, waitMinutes: 0 }],
  );
  const prepared = hands.filter(({ task }) => task === 'prepare');
  return [...waits, ...prepared, ...hands.filter(({ task }) => task === 'line')];
}

function heatStep({ bake, foreseen }: WalkOrder): readonly HeatStep[] {
  const [portion] = bake.portions;
  if (!portion || portion.job.course?.coldOvenMinutes !== undefined) return [];
  const { celsius, fan } = portion.job.setting;
  const minutes = foreseen[0]?.timeline.preheatMinutes ?? 0;
  return [{ kind: 'heat', id: 'heat', celsius, fan, minutes }];
}

/** Of the batter, what is in the bowl when the tin is filled: plums that are pushed in afterwards are not. */
function filledShare({ first, before, onTop }: MethodSteps): number {
  const grams = (steps: readonly WalkStep[]) =>
    steps.reduce((sum, step) => sum + (step.kind === 'weigh' && step.part === '' ? step.grams : 0), 0);
  const filled = grams(first) + grams(before);
  const all = filled + grams(onTop);
  return all > 0 ? filled / all : 1;
}

/** On, and turned, where the method bakes on a griddle. */
function griddleSteps({ bake }: WalkOrder): readonly GriddleStep[] {
  const { griddleMinutes } = methodSays(bake.order.formula);
  if (griddleMinutes === undefined) return [];
  const minutes = griddleMinutes / 2;
  return [
    { kind: 'griddle', id: 'griddle:on', act: 'on', minutes },
    { kind: 'griddle', id: 'griddle:turn', act: 'turn', minutes },
  ];
}

/** Each set of pans by itself: into the pans, into the oven, out of it. */
function ovenSteps(
  { bake, foreseen }: WalkOrder,
  share: number,
): Readonly<Record<'divided' | 'baked' | 'cooled', readonly WalkStep[]>> {
  if (bake.portions.length === 0)
    return { divided: [], baked: [{ kind: 'bake', id: 'bake:0', portion: 0 }], cooled: [] };
  const divided = bake.portions.map(({ pans, grams }, portion): DivideStep => {
    const pieces = pans.pan.cavities * pans.count;
    const filled = grams * share;
    const cut = cutInto(pans.pan);
    const gramsEach = cut ? cutOf(filled, cut).gramsEach : filled / pieces;
    return { kind: 'divide', id: `divide:${portion}`, portion, grams: filled, pieces, gramsEach };
  });
  const baked = bake.portions.map((_, portion): WalkStep => ({ kind: 'bake', id: `bake:${portion}`, portion }));
  const cooled = bake.portions.map((_, portion): WalkStep => {
    const { turnOutMinutes, coolMinutes } = foreseen[portion]?.timeline ?? {};
    return {
      kind: 'cool',
      id: `cool:${portion}`,
      portion,
      ...(turnOutMinutes !== undefined && { inPanMinutes: turnOutMinutes }),
      ...(coolMinutes?.slice !== undefined && { sliceMinutes: Math.round(coolMinutes.slice) }),
      ...(coolMinutes?.frost !== undefined && { frostMinutes: Math.round(coolMinutes.frost) }),
    };
  });
  return { divided, baked, cooled };
}
