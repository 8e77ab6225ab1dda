import { cutInto, cutOf } from '../../batch/plan/index.js';
import { methodSays, type MethodSays, usualMinutes, usualWorksOf } from '../../day/tasks/index.js';
import type { BatchWork } from '../../day/works/index.js';
import { isFree } from '../../kitchen/pans/index.js';
import { PACED_TASKS, type PacedTask } from '../../kitchen/learned/index.js';
import { methodSteps, type MethodSteps } from './method-steps.js';
import type { OneBake } from '../../batch/bakes/index.js';
import type { WalkOrder } from './walk-order.js';
import {
  COOK_ACTS,
  type CookStep,
  type DivideStep,
  type GriddleStep,
  type HeatStep,
  type ReadyStep,
  type RestStep,
  type WalkStep,
} from './walk-step.js';

const ROOM_CELSIUS = 21;
const USUAL_RACKS = 2;

/**
 * The steps of a bake, in the order of hands: what stands or soaks first, then the oven, then the method step by step with what each
 * takes on the scale before it, then pans, oven and cooling.
 */
export function walkOf(order: WalkOrder): readonly WalkStep[] {
  const [work] = usualWorks(order);
  const method = methodSteps(order);
  const says = methodSays(order.bake.order.formula);
  const ready = readySteps(work).filter(({ task }) => !(task === 'soak' && isShortSoak(says)));
  const restMinutes = work?.mixing?.restMinutes ?? 0;
  const soak: RestStep | undefined =
    isShortSoak(says) && says.soak ? { kind: 'rest', id: 'rest:soak', minutes: says.soak.least } : undefined;
  const rest: RestStep | undefined = restMinutes > 0 ? { kind: 'rest', id: 'rest', minutes: restMinutes } : undefined;
  const standing = (steps: readonly WalkStep[]) =>
    withStanding(withStanding(steps, says.soaksAt, soak), says.restsAt, rest);
  const first = standing(method.first);
  const stood = standing(method.before);
  const before = rest && !first.includes(rest) && !stood.includes(rest) ? [...stood, rest] : stood;
  const noOven = noOvenSteps(order.bake);
  if (order.bake.withoutAnOven?.by === 'griddle') return [...ready, ...first, ...before, ...noOven, ...method.after];
  const { divided, baked, cooled } = ovenSteps(order, filledShare(method));
  if (noOven.length > 0)
    return [...ready, ...first, ...before, ...divided, ...method.onTop, ...noOven, ...cooled, ...method.after];
  return [
    ...ready,
    ...first,
    ...heatStep(order),
    ...before,
    ...divided,
    ...method.onTop,
    ...baked,
    ...method.meanwhile,
    ...cooled,
    ...method.after,
  ];
}

/** Dates that stand in boiling water for as long as a tin is lined do so between two acts; tea that stands overnight comes before all. */
const SHORT_SOAK_MINUTES = 60;
const isShortSoak = ({ soak, soaksAt }: MethodSays): boolean =>
  soak !== undefined && soaksAt !== undefined && soak.least <= SHORT_SOAK_MINUTES;

/** Steps with a standing behind the act whose words ask for it; as they are where none of them does. */
function withStanding(
  steps: readonly WalkStep[],
  place: MethodSays['restsAt'],
  standing: RestStep | undefined,
): readonly WalkStep[] {
  if (!place || !standing) return steps;
  const at = steps.findLastIndex(
    (step) =>
      step.kind === 'mix' &&
      step.number === place.step + 1 &&
      (!step.clause || (place.from >= step.clause.from && place.from < step.clause.to)),
  );
  return at < 0 ? steps : [...steps.slice(0, at + 1), standing, ...steps.slice(at + 1)];
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

/** On, and turned, where the method bakes on a griddle; into steam or a slow cooker. */
function noOvenSteps({ withoutAnOven }: OneBake): readonly (GriddleStep | CookStep)[] {
  if (!withoutAnOven) return [];
  const { by } = withoutAnOven;
  if (by !== 'griddle')
    return COOK_ACTS.map((act) => ({ kind: 'cook', id: `cook:${act}`, act, by, minutes: withoutAnOven.minutes }));
  const minutes = withoutAnOven.minutes / 2;
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
    const onSheet = isFree(pans.pan) && { isFree: true };
    return { kind: 'divide', id: `divide:${portion}`, portion, grams: filled, pieces, gramsEach, ...onSheet };
  });
  const baked = bake.portions.map((_, portion): WalkStep => ({ kind: 'bake', id: `bake:${portion}`, portion }));
  const cooled = bake.portions.map(({ pans }, portion): WalkStep => {
    const { turnOutMinutes, coolMinutes } = foreseen[portion]?.timeline ?? {};
    return {
      kind: 'cool',
      id: `cool:${portion}`,
      portion,
      ...(isFree(pans.pan) && { isFree: true }),
      ...(turnOutMinutes !== undefined && { inPanMinutes: turnOutMinutes }),
      ...(coolMinutes?.slice !== undefined && { sliceMinutes: Math.round(coolMinutes.slice) }),
      ...(coolMinutes?.frost !== undefined && { frostMinutes: Math.round(coolMinutes.frost) }),
    };
  });
  return { divided, baked, cooled };
}
