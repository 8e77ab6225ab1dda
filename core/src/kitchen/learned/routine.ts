/*
 * What bakes have taught besides baking times: how fast these hands are, how long this oven heats, which side of it is hotter. Plain data,
 * worked out from the Book and never stored; how it is learned is the topic `book/routine`, here it is only used.
 */

/** Work of hands whose minutes a bake made along tells. */
export const PACED_TASKS = ['prepare', 'line', 'weigh', 'mix', 'portion'] as const;
export type PacedTask = (typeof PACED_TASKS)[number];

/** How much longer than usual work takes here, ln(minutes): these hands altogether, and each kind of work besides. */
export interface LearnedPace {
  readonly hands: number;
  readonly tasks: Readonly<Partial<Record<PacedTask, number>>>;
  /** Standard deviation of the hands' part. */
  readonly spread: number;
  readonly bakes: number;
}
export interface LearnedHeating {
  /** Minutes from cold to 180 °C, by the lamp: the air is hot, the walls not yet. */
  readonly minutesTo180: number;
  /** Standard deviation of ln(minutes). */
  readonly spread: number;
  /** How often it was timed; the baker's own word for it counts as once. */
  readonly timed: number;
}
export interface HotterBy {
  readonly celsius: number;
  /** Standard deviation, °C. */
  readonly spread: number;
}
export interface LearnedHotSide {
  readonly backOverFront: HotterBy;
  readonly rightOverLeft: HotterBy;
  readonly bakes: number;
}
export interface LearnedRoutine {
  readonly pace?: LearnedPace;
  readonly heating?: LearnedHeating;
  readonly hotSide?: LearnedHotSide;
}

/** How many times the usual minutes a kind of work takes here; without a kind, any other work of hands. */
export const paceOf = (pace: LearnedPace | undefined, task?: PacedTask): number =>
  pace ? Math.exp(pace.hands + (task === undefined ? 0 : (pace.tasks[task] ?? 0))) : 1;

export const SIDES = ['back', 'front', 'left', 'right'] as const;
export type Side = (typeof SIDES)[number];
/** A side counts as hotter from here on, °C, and as surely so when it is this many of its standard deviations. */
const HOTTER_FROM = 4;
const SURELY = 1.3;

/** The sides of the oven that are known to be hotter than those across, the hottest first. */
export function hotSides(hotSide: LearnedHotSide | undefined): readonly (HotterBy & { readonly side: Side })[] {
  if (!hotSide) return [];
  const axis = ({ celsius, spread }: HotterBy, over: Side, under: Side) =>
    Math.abs(celsius) >= HOTTER_FROM && Math.abs(celsius) >= SURELY * spread
      ? [{ side: celsius > 0 ? over : under, celsius: Math.abs(celsius), spread }]
      : [];
  return [...axis(hotSide.backOverFront, 'back', 'front'), ...axis(hotSide.rightOverLeft, 'right', 'left')].sort(
    (a, b) => b.celsius - a.celsius,
  );
}
