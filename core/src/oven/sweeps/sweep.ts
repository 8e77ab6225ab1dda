import { footprintOf, kinship, simulateBake, specOf, type Anchor, type BakeJob } from '../baking/index.js';

/*
 * The other way round: not what a setting gives, but which setting gives it. Everything leans on a sweep: the same bake at many set
 * points, each a quick simulation without frames.
 */

/** The bake at one set point. `minutes` is undefined where it would never be done. */
export interface SweepPoint {
  readonly celsius: number;
  readonly minutes: number | undefined;
  /** Colour index of the top when done. */
  readonly topColour: number;
  /** Share of the mass lost in the oven. */
  readonly massLost: number;
}

export const SWEEP_CELSIUS: readonly number[] = Array.from({ length: 21 }, (_, i) => 130 + 5 * i);

/** Food at the other end of the oven: what it weighs and covers. */
export const besideOf = ({ batter, pans }: Pick<BakeJob, 'batter' | 'pans'>) => ({
  grams: batter.grams,
  squareCm: footprintOf(pans),
});

const LONGEST_MINUTES = 400;
const FRAME_MINUTES = 1;

/** The bake at one set point; stages move with it. */
export function bakeAt(job: BakeJob, celsius: number, anchor?: Anchor): SweepPoint {
  const moved = celsius - job.setting.celsius;
  const course = {
    ...job.course,
    ...(job.course?.stages && {
      stages: job.course.stages.map((stage) => ({
        ...stage,
        celsius: Math.min(300, Math.max(100, stage.celsius + moved)),
      })),
    }),
  };
  const anchored = anchor?.kind === 'anchored' ? anchor : undefined;
  const result = simulateBake(
    specOf(job.batter, job.pans, celsius, job.setting.fan, anchored?.heatFactor ?? 1, course),
    { longestMinutes: LONGEST_MINUTES, frameEveryMinutes: FRAME_MINUTES },
  );
  const last = result.frames.at(-1);
  const kin =
    anchored && result.doneMinute !== undefined && kinship(anchored, job.pans, result.doneMinute, job.setting.fan);
  const stretch = anchored && kin ? Math.exp(kin.share * Math.log(anchored.knownMinutes / anchored.modelMinutes)) : 1;
  return {
    celsius,
    minutes: result.doneMinute === undefined ? undefined : result.doneMinute * stretch,
    topColour: last?.topColour ?? 0,
    massLost: last?.massLost ?? 0,
  };
}

/** Between two points of a sweep, by a straight line in what was asked for. */
export function between(a: SweepPoint, b: SweepPoint, share: number): SweepPoint {
  const mix = (x: number, y: number) => x + (y - x) * share;
  return {
    celsius: mix(a.celsius, b.celsius),
    minutes: a.minutes === undefined || b.minutes === undefined ? undefined : mix(a.minutes, b.minutes),
    topColour: mix(a.topColour, b.topColour),
    massLost: mix(a.massLost, b.massLost),
  };
}

/** The sweep at any set point within it. */
export function sweptAt(sweep: readonly SweepPoint[], celsius: number): SweepPoint | undefined {
  const upper = sweep.findIndex((point) => point.celsius >= celsius);
  const [a, b] = [sweep[upper - 1], sweep[upper]];
  if (b?.celsius === celsius) return b;
  return a && b ? between(a, b, (celsius - a.celsius) / (b.celsius - a.celsius)) : undefined;
}
