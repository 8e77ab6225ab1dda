import type { Lesson } from '../../kitchen/learned/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { VesselSet } from '../../kitchen/pans/index.js';
import type { OvenCourse } from './bake-spec.js';
import { anchorOn, type Anchor, type BakedBatter, type KnownTime } from './known-bake.js';
import { HEAT_STYLE_OF, HEAT_STYLES, type HeatStyleId } from './parameters.js';
import { predictBake, type OvenKnown, type PredictionResult } from './predict-bake.js';
import type { SetPoint } from './set-point.js';

/** All that the simulation needs: plain data, ready to be sent to a worker. Put together in one place only, the topic `bakes`. */
export interface BakeJob {
  readonly batter: BakedBatter;
  readonly pans: VesselSet;
  readonly setting: SetPoint;
  readonly course?: OvenCourse;
  readonly oven?: OvenKnown;
  readonly known?: KnownTime;
  /** What bakes in this kitchen have taught of this one. */
  readonly lesson?: Lesson;
}

const UNKNOWN_STYLE: HeatStyleId = 'quick';

/** The batter of a formula as the oven sees it: its style and what it is made of, pieces and all. */
export function batterOf(parts: readonly WeighedPart[], styleId: string | undefined, grams?: number): BakedBatter {
  const heatStyle = HEAT_STYLE_OF[styleId ?? ''] ?? UNKNOWN_STYLE;
  const sum = (share: (part: WeighedPart) => number) =>
    parts.reduce((total, part) => total + part.grams * share(part), 0);
  const ofBatter = sum(() => 1);
  if (!(ofBatter > 0)) return { grams: grams ?? 0, heatStyle };
  return {
    grams: grams ?? ofBatter,
    heatStyle,
    water: sum(({ ingredient }) => ingredient.composition.water) / ofBatter,
    fat: sum(({ ingredient }) => ingredient.composition.fat) / ofBatter,
    sugar: sum(({ ingredient }) => ingredient.composition.sugars) / ofBatter,
  };
}

/**
 * Runs a bake: leans on the known one where there is one, then foresees this one. Up to seven simulations; for a worker.
 * @throws DomainError for what the simulation cannot bake
 */
export function runBakeJob(
  { batter, pans, setting, course, oven, known, lesson }: BakeJob,
  anchorFor: (batter: BakedBatter, known: KnownTime) => Anchor = anchorOn,
): PredictionResult {
  return predictBake({
    batter,
    pans,
    setting,
    ...(course && { course }),
    ...(oven && { oven }),
    ...(known && { anchor: anchorFor(batter, known) }),
    ...(lesson && { lesson }),
  });
}

/** A small bake that runs through all of the simulation's code, to warm a worker up. */
export const WARM_UP_JOB = {
  batter: { grams: 700, heatStyle: 'quick' },
  pans: {
    pan: {
      name: 'loaf',
      shape: 'loaf',
      topLengthCm: 21,
      topWidthCm: 11,
      bottomLengthCm: 19.5,
      bottomWidthCm: 9.5,
      depthCm: 6,
      cavities: 1,
      material: 'light',
    },
    count: 1,
  },
  setting: { celsius: 190, fan: false, reasons: [] },
} as const satisfies BakeJob;

/** Grams per millilitre of a style's batter, raw and baked. */
export function batterGrowth(styleId: string | undefined): { readonly raw: number; readonly baked: number } {
  const { rawDensity, bakedDensity } = HEAT_STYLES[HEAT_STYLE_OF[styleId ?? ''] ?? UNKNOWN_STYLE];
  return { raw: rawDensity / 1000, baked: bakedDensity / 1000 };
}
