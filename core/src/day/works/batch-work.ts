/*
 * A day's work in minutes. A batch is what has to be done for it and what it waits for; a kitchen is what there is of hands, oven, pans
 * and cold. Times are whole minutes from midnight of the day that is planned; before it they are negative.
 * @source shared/science/planning.md, sections 1 and 2
 */

import type { OtherHeat } from '../../formula/parsing/index.js';

export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Work of hands that may be cut into pieces, any time before the batch is mixed. */
export interface Handwork {
  readonly kind: 'weigh' | 'line' | 'prepare';
  /** What is done, in a word or two: "zest", "toast the hazelnuts"; empty for weighing and lining. */
  readonly what: string;
  readonly minutes: number;
}

/** What has to stand warm, cold or soaking for so long before the batch is mixed, or its frosting made. */
export interface Waiting {
  readonly forFrosting?: boolean;
  readonly kind: 'take-out' | 'chill' | 'soak';
  readonly what: string;
  readonly leastMinutes: number;
  readonly mostMinutes: number;
}

export interface Mixing {
  readonly minutes: number;
  /** Between mixing and loading: at least, and at most before gas or batter suffers. */
  readonly restMinutes: number;
  readonly holdMinutes: number;
  readonly bowls: number;
  readonly mixer: boolean;
}

/** A minute at the oven while something bakes, at this share of the bake. */
export interface DuringBake {
  readonly kind: 'turn' | 'tent' | 'uncover' | 'turn-down';
  readonly share: number;
  /** So much earlier or later does no harm, share of the bake. */
  readonly slack: number;
}

export interface OvenTime {
  readonly celsius: number;
  /** Minutes: eight bakes in ten are done between low and high. */
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** Racks that it fills. */
  readonly racks: number;
  /** Indices of the ovens that it may go into; all when absent. */
  readonly ovens?: readonly number[];
  readonly loadMinutes: number;
  readonly unloadMinutes: number;
  readonly during: readonly DuringBake[];
  /** The door stays shut for this share of the bake. */
  readonly quietShare: number;
  /** From out of the oven to out of the pan; 0 leaves it in. */
  readonly inPanMinutes: number;
  readonly inPanSlackMinutes: number;
  /** From out of the oven until the next step may begin, or until it may be eaten. */
  readonly coolMinutes: number;
  /** The pan on the shelf that it takes, and how many of it. */
  readonly pan?: string;
  readonly pans: number;
}

export type FinishKind = 'crumb-coat' | 'fill' | 'frost' | 'slice' | 'pack' | 'own';
/** A step after cooling, in its order, and the wait behind it. */
export interface Finishing {
  readonly kind: FinishKind;
  readonly minutes: number;
  readonly waitMinutes: number;
  /** Room in the fridge while it waits. */
  readonly fridgeLitres: number;
}

/** What of a batch may be done the evening before: cut and frozen raw, its layers baked and wrapped, or all of it baked and wrapped. */
export type Ahead = 'freeze-raw' | 'bake-layers' | 'bake-whole';

export interface BatchWork {
  readonly id: string;
  readonly title: string;
  readonly ahead?: Ahead;
  readonly handwork: readonly Handwork[];
  readonly waiting: readonly Waiting[];
  readonly mixing?: Mixing;
  /** The batch out of whose bowl it comes; it is mixed by itself where that one is not there. */
  readonly mixedWith?: string;
  /** Absent for what was baked on another day, and for what is only made ready and frozen. */
  readonly oven?: OvenTime;
  /**
   * Without an oven: on a griddle, go after go, by somebody who stands there, or put into steam, which is left alone. Minutes of hands,
   * and from then until it may be eaten.
   */
  readonly griddle?: { readonly by: OtherHeat; readonly minutes: number; readonly coolMinutes: number };
  /** Room in the freezer, from the evening before or longer ago until it is wanted. */
  readonly freezerLitres?: number;
  /** Minutes before it may be worked on, for what comes from the store or the freezer. */
  readonly thawMinutes?: number;
  readonly finishing: readonly Finishing[];
  /** Frosting or filling, any time before it goes on. */
  readonly makeFrostingMinutes: number;
  readonly dueMinute: number;
  /** It is to be ready so much before it is due, so that it is on time nine days in ten. */
  readonly marginMinutes: number;
  /** At most so long ready before it is due. */
  readonly freshMinutes?: number;
  /** What a minute of age costs against a minute of sleep. */
  readonly freshnessWeight: number;
}

/** A pair of hands, named as the baker likes. */
export interface DayPair {
  readonly id: string;
  readonly name: string;
  readonly away: readonly Span[];
}

export interface DayOven {
  readonly id: string;
  readonly name: string;
  readonly racks: number;
  /** Minutes from cold to 180 °C by its light. */
  readonly minutesTo180: number;
}

export interface DayKitchen {
  readonly pairs: readonly DayPair[];
  readonly ovens: readonly DayOven[];
  readonly mixers: number;
  readonly bowls: number;
  /** Tasks that one pair of hands does, by index: everybody else leaves them. */
  readonly givenTo?: Readonly<Record<string, number>>;
  /** How many of each pan; what is not named is there once. */
  readonly pans: Readonly<Record<string, number>>;
  readonly fridgeLitres: number;
  readonly freezerLitres: number;
  /** Hands at the sink where a pan, or a bowl, is wanted again; 0 leaves washing to the drying time. */
  readonly washPanMinutes: number;
  readonly washBowlMinutes: number;
  /** From washed to used again. */
  readonly dryPanMinutes: number;
  readonly dryBowlMinutes: number;
  /** No hands before this minute. */
  readonly notBefore: number;
  readonly roomCelsius: number;
  /** Cost in minutes of the morning: of a minute earlier out of bed, of a minute of oven. */
  readonly weights: { readonly start: number; readonly oven: number };
}

/** A washing is done at the latest so long after. */
export const NOT_WASHED_UP = 90;

export const PLAIN_DAY: DayKitchen = {
  pairs: [{ id: 'you', name: 'you', away: [] }],
  ovens: [{ id: 'oven', name: 'oven', racks: 2, minutesTo180: 15 }],
  mixers: 1,
  bowls: 3,
  pans: {},
  fridgeLitres: 40,
  freezerLitres: 20,
  washPanMinutes: 3,
  washBowlMinutes: 3,
  dryPanMinutes: 2,
  dryBowlMinutes: 1,
  notBefore: 7 * 60,
  roomCelsius: 21,
  weights: { start: 1, oven: 0.25 },
};

export type TaskKind =
  | 'take-out'
  | 'chill'
  | 'soak'
  | 'prepare'
  | 'line'
  | 'preheat'
  | 'weigh'
  | 'mix'
  | 'rest'
  | 'portion'
  | 'bake'
  | 'griddle'
  | 'turn'
  | 'tent'
  | 'uncover'
  | 'turn-down'
  | 'set-oven'
  | 'out'
  | 'turn-out'
  | 'from-store'
  | 'thaw'
  | 'cool'
  | 'make-frosting'
  | FinishKind
  | 'wash'
  | 'feed';

/** One task of a plan, as the screen shows it and the checker reads it. */
export interface PlannedTask {
  /** `batch:kind`, with a further word where there are several; the same task in a changed plan keeps it. */
  readonly id: string;
  readonly kind: TaskKind;
  /** Index of its batch; −1 for the oven's own. */
  readonly batch: number;
  readonly from: number;
  readonly to: number;
  /** Pairs of hands it holds. */
  readonly hands: number;
  readonly oven?: number;
  readonly celsius?: number;
  /** It may be cut into pieces; each piece is a task of the same id. */
  readonly mayBeCut?: boolean;
  readonly done?: boolean;
  readonly what?: string;
  /** Index of the pair of hands that does it. */
  readonly pair?: number;
}

/** From one set point to another: a minute for 10 °C up, for three and a half down with the door ajar. @source planning.md, judged */
export function changeMinutes(from: number, to: number): number {
  if (from === to) return 0;
  return to > from ? 1 + Math.ceil((to - from) / 10) : 2 + Math.ceil((from - to) / 3.5);
}

/** An oven that is off loses its heat over so many minutes, to 1/e. Judged: a closed domestic oven. */
const COOLS_OVER = 40;
/** Switched off for less than this, nobody bothers. */
const LEAST_REST = 30;
/**
 * An oven that waits empty between two bakes: when it is switched off and on again, where that pays.
 * @returns undefined where it stays on
 */
export function restedOven(
  gap: Span,
  fromCelsius: number,
  toCelsius: number,
  minutesTo180: number,
): { readonly off: number; readonly on: number } | undefined {
  const whole = gap.to - gap.from;
  for (let off = whole; off >= LEAST_REST; off--) {
    const left = 21 + (fromCelsius - 21) * Math.exp(-off / COOLS_OVER);
    const again = Math.max(3, Math.ceil((1.25 * minutesTo180 * (toCelsius - left)) / 159));
    if (off + again <= whole) return { off: gap.from, on: gap.from + off };
  }
  return undefined;
}

/** Steps after cooling. */
export const IS_FINISHING: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'crumb-coat',
  'fill',
  'frost',
  'slice',
  'pack',
  'own',
]);
/** What goes on and between: before it frosting is made. */
const DRESSING: ReadonlySet<TaskKind> = new Set<TaskKind>(['crumb-coat', 'fill', 'frost']);
export const isDressing = (kind: TaskKind): boolean => DRESSING.has(kind);
/** What needs somebody at its minute: worth an alarm. */
export const AT_THE_MINUTE: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'take-out', 'thaw', 'chill', 'soak', 'preheat', 'portion', 'out', 'turn', 'tent', 'uncover', 'turn-out', 'turn-down',
]); // prettier-ignore
/** What stands by itself: nobody is told of it. */
export const BY_ITSELF: ReadonlySet<TaskKind> = new Set<TaskKind>(['cool', 'rest', 'bake', 'set-oven', 'from-store']);

/** Room in the freezer that these take together. */
export const frozenLitres = (works: readonly BatchWork[]): number =>
  works.reduce((sum, { freezerLitres = 0 }) => sum + freezerLitres, 0);
