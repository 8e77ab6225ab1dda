import type { BowlLine } from '../weighing/index.js';
import type { Ingredient, Preparation } from '../../kitchen/ingredients/index.js';
import type { WalkStep, WeighStep } from '../walk/index.js';
import type { DoneAtOven, Happening, Look, ToldBy } from './happenings.js';

/** A timer that runs or rang. */
export interface Timer {
  readonly id: string;
  readonly name: string;
  /** Milliseconds since 1970. */
  readonly until: number;
}
export interface Weighed {
  readonly grams: number;
  readonly by: ToldBy;
}
/** What happened at the oven with a set of pans. */
export interface AtOven {
  readonly inAt?: number;
  readonly outAt?: number;
  readonly looks: readonly { readonly at: number; readonly seen: Look }[];
  readonly did: readonly { readonly at: number; readonly what: DoneAtOven }[];
}
export interface BakingState {
  readonly at: number;
  readonly step: WalkStep | undefined;
  /** What a line is to be, g, where it is no longer what was planned. */
  readonly targets: ReadonlyMap<string, number>;
  readonly weighed: ReadonlyMap<string, Weighed>;
  readonly divided: ReadonlyMap<string, ReadonlyMap<number, number>>;
  readonly mixedSeconds: ReadonlyMap<string, number>;
  readonly ovens: ReadonlyMap<number, AtOven>;
  readonly ovenRead?: { readonly at: number; readonly celsius: number; readonly by: ToldBy };
  readonly timers: readonly Timer[];
  readonly beganAt?: number;
  readonly endedAt?: number;
  /** A stand-in spoke somewhere in it. */
  readonly simulated: boolean;
}

/** What stands, from what happened. */
export function bakingState(walk: readonly WalkStep[], happenings: readonly Happening[]): BakingState {
  let stepId = walk[0]?.id;
  const targets = new Map<string, number>();
  const weighed = new Map<string, Weighed>();
  const divided = new Map<string, Map<number, number>>();
  const mixedSeconds = new Map<string, number>();
  const ovens = new Map<number, AtOven>();
  const timers = new Map<string, Timer>();
  let ovenRead: BakingState['ovenRead'];
  let endedAt: number | undefined;
  const oven = (portion: number, change: Partial<AtOven>) =>
    ovens.set(portion, { looks: [], did: [], ...ovens.get(portion), ...change });
  for (const happening of happenings) {
    const { at } = happening;
    switch (happening.kind) {
      case 'step':
        if (walk.some(({ id }) => id === happening.to)) stepId = happening.to;
        break;
      case 'weighed':
        weighed.set(happening.step, { grams: happening.grams, by: happening.by });
        break;
      case 'retargeted':
        for (const [id, grams] of Object.entries(happening.targets)) targets.set(id, grams);
        break;
      case 'divided': {
        const pieces = divided.get(happening.step) ?? new Map<number, number>();
        divided.set(happening.step, pieces.set(happening.piece, happening.grams));
        break;
      }
      case 'mixed':
        mixedSeconds.set(happening.step, happening.seconds);
        break;
      case 'oven-read':
        ovenRead = { at, celsius: happening.celsius, by: happening.by };
        break;
      case 'in':
        oven(happening.portion, { inAt: at });
        break;
      case 'look':
        oven(happening.portion, { looks: [...(ovens.get(happening.portion)?.looks ?? []), { at, seen: happening.seen }] });
        break;
      case 'did':
        oven(happening.portion, { did: [...(ovens.get(happening.portion)?.did ?? []), { at, what: happening.what }] });
        break;
      case 'out':
        oven(happening.portion, { outAt: at });
        break;
      case 'timer':
        timers.set(happening.id, { id: happening.id, name: happening.name, until: happening.until });
        break;
      case 'timer-off':
        timers.delete(happening.id);
        break;
      case 'ended':
        endedAt = at;
        break;
      case 'resumed':
        endedAt = undefined;
        break;
    }
  } // prettier-ignore
  const index = Math.max(0, walk.findIndex(({ id }) => id === stepId)); // prettier-ignore
  const began = happenings[0]?.at;
  return {
    at: index,
    step: walk[index],
    targets,
    weighed,
    divided,
    mixedSeconds,
    ovens,
    timers: [...timers.values()].sort((a, b) => a.until - b.until),
    simulated: happenings.some((happening) => 'by' in happening && happening.by === 'simulated'),
    ...(ovenRead && { ovenRead }),
    ...(began !== undefined && { beganAt: began }),
    ...(endedAt !== undefined && { endedAt }),
  };
}

/** Whether the step at hand goes on by itself: in the oven, cooling, resting. Hands are free for another bake. */
export function isByItself({ step, ovens }: Pick<BakingState, 'step' | 'ovens'>): boolean {
  if (step?.kind === 'rest' || step?.kind === 'cool') return true;
  const oven = step?.kind === 'bake' ? ovens.get(step.portion) : undefined;
  return oven?.inAt !== undefined && oven.outAt === undefined;
}

/** What a line of the walk is to be, g. */
export const targetOf = (step: WeighStep, { targets }: BakingState): number => targets.get(step.id) ?? step.grams;

/** The batter as it stands in the bowl, line by line: what over-pours and rescues are worked out from. */
export function bowlOf(
  walk: readonly WalkStep[],
  state: BakingState,
  ingredientOf: (id: string) => Ingredient | undefined,
  preparationOf: (lineId: string) => Preparation = () => 'none',
): readonly BowlLine[] {
  return walk.flatMap((step): readonly BowlLine[] => {
    if (step.kind !== 'weigh' || step.part !== '' || step.by === 'as-written') return [];
    const ingredient = ingredientOf(step.ingredientId);
    if (!ingredient) return [];
    return [
      {
        id: step.id,
        part: { ingredient, preparation: preparationOf(step.lineId) },
        targetGrams: targetOf(step, state),
        inBowlGrams: state.weighed.get(step.id)?.grams ?? 0,
      },
    ];
  });
}

/** How much more batter there is than was planned: as weighed, and as it is to be where nothing is weighed yet. 1 for what was planned. */
export function batterFactor(walk: readonly WalkStep[], state: BakingState): number {
  let planned = 0;
  let now = 0;
  for (const step of walk)
    if (step.kind === 'weigh' && step.part === '') {
      planned += step.grams;
      now += state.weighed.get(step.id)?.grams ?? targetOf(step, state);
    }
  return planned > 0 ? now / planned : 1;
}
/** More batter in the same pans takes longer, as this power of it. @source shared/science/along.md, section 3 */
const TIME_BY_BATTER = 0.65;
export const timeFactor = (batter: number): number => batter ** TIME_BY_BATTER;

/** What is in the bowl that a step weighs into, before it, g: as weighed, and as planned where nothing was told. */
export function gramsBefore(walk: readonly WalkStep[], state: BakingState, step: WeighStep): number {
  let grams = 0;
  for (const each of walk) {
    if (each.id === step.id) break;
    if (each.kind !== 'weigh' || each.part !== step.part) continue;
    if (each.bowl.step !== step.bowl.step || each.bowl.kind !== step.bowl.kind) continue;
    grams += state.weighed.get(each.id)?.grams ?? 0;
  }
  return grams;
}

/** Timers that rang by now, and those that run, the next first. */
export function timersAt(
  { timers }: Pick<BakingState, 'timers'>,
  now: number,
): { readonly rang: readonly Timer[]; readonly running: readonly Timer[] } {
  return { rang: timers.filter(({ until }) => until <= now), running: timers.filter(({ until }) => until > now) };
}

/** Whether a bake is over. */
export const isOver = (happenings: readonly Happening[]): boolean =>
  happenings.findLast(({ kind }) => kind === 'ended' || kind === 'resumed')?.kind === 'ended';

/** How evenly a batter is divided: the largest difference from the middle, share of a piece. */
export function unevenness(pieces: readonly number[]): number {
  if (pieces.length < 2) return 0;
  const mean = pieces.reduce((sum, grams) => sum + grams, 0) / pieces.length;
  return mean > 0 ? Math.max(...pieces.map((grams) => Math.abs(grams / mean - 1))) : 0;
}
