import type { KnownBake, WeighedPart } from '../../formula/formula/index.js';
import { parseVessel, type VesselSet } from '../../kitchen/pans/index.js';
import type { OvenCourse, OvenStage } from './bake-spec.js';
import { anchorOn, type Anchor, type BakedBatter, type KnownTime } from './known-bake.js';
import { HEAT_STYLE_OF, HEAT_STYLES, type HeatStyleId } from './parameters.js';
import { predictBake, settingFor, type OvenKnown, type PredictionResult, type SetPoint } from './predict-bake.js';

/** A formula as far as the oven needs it. */
export interface FormulaToBake {
  readonly parts: readonly WeighedPart[];
  /** Balance style; undefined when nothing tells. */
  readonly styleId: string | undefined;
  /** Set point that the style is usually baked at, °C. */
  readonly usualCelsius: number;
  readonly known: KnownBake;
}

/** What the baker decides for this bake. */
export interface BakeChoice {
  readonly pans: VesselSet;
  readonly celsius?: number;
  readonly fan?: boolean;
  /** All the batter, g; the formula's own when absent. */
  readonly grams?: number;
  /** A known bake of the baker's own; the formula's when absent. */
  readonly knownPans?: VesselSet;
  readonly knownMinutes?: number;
  /** Later set points; the formula's own, moved with the first, where nothing is said and no set point chosen. */
  readonly stages?: readonly OvenStage[];
  /** What else the oven and the batter do: lid, foil, cold batter, altitude, this oven's error. */
  readonly course?: Omit<OvenCourse, 'stages'>;
  readonly oven?: OvenKnown;
}

/** All that the simulation needs: plain data, ready to be sent to a worker. */
export interface BakeJob {
  readonly batter: BakedBatter;
  readonly pans: VesselSet;
  readonly setting: SetPoint;
  readonly course?: OvenCourse;
  readonly oven?: OvenKnown;
  readonly known?: KnownTime;
}

const UNKNOWN_STYLE: HeatStyleId = 'quick';

/** The batter of a formula as the oven sees it: its style and what it is made of, pieces and all. */
export function batterOf(parts: readonly WeighedPart[], styleId: string | undefined, grams?: number): BakedBatter {
  const heatStyle = HEAT_STYLE_OF[styleId ?? ''] ?? UNKNOWN_STYLE;
  const sum = (share: (part: WeighedPart) => number) =>
    parts.reduce((total, part) => total + part.grams * share(part), 0);
  const own = sum(() => 1);
  if (!(own > 0)) return { grams: grams ?? 0, heatStyle };
  return {
    grams: grams ?? own,
    heatStyle,
    water: sum(({ ingredient }) => ingredient.composition.water) / own,
    fat: sum(({ ingredient }) => ingredient.composition.fat) / own,
    sugar: sum(({ ingredient }) => ingredient.composition.sugars) / own,
  };
}

/** The pans that a formula names, when it names them with a size. */
export function knownPansOf(known: KnownBake): { readonly pans: VesselSet; readonly sizeAssumed: boolean } | undefined {
  const parsed = known.pan === undefined ? undefined : parseVessel(known.pan);
  return parsed?.kind === 'vessel' ? { pans: parsed.set, sizeAssumed: parsed.assumed.includes('size') } : undefined;
}

/** The set points of a written bake after the first. */
const laterStages = ({ stages = [] }: KnownBake): readonly OvenStage[] => {
  let minute = 0;
  return stages.flatMap(({ celsius, lowMinutes, highMinutes }, i) => {
    const fromMinute = minute;
    minute += Math.round(Math.sqrt(lowMinutes * highMinutes));
    return i === 0 ? [] : [{ fromMinute, celsius }];
  });
};

/** The formula's stages, moved by as much as its first set point was. */
function movedStages(known: KnownBake, celsius: number): readonly OvenStage[] | undefined {
  if (!known.stages || known.celsius === undefined) return undefined;
  const moved = celsius - known.celsius;
  return laterStages(known).map((stage) => ({ ...stage, celsius: stage.celsius + moved }));
}

const ownGrams = (parts: readonly WeighedPart[]) => parts.reduce((total, { grams }) => total + grams, 0);

/** Puts formula and choice together: batter, pans, set point, and the known bake to lean on. Quick; nothing is simulated here. */
export function bakeJob(formula: FormulaToBake, choice: BakeChoice): BakeJob {
  const { known } = formula;
  const own = knownPansOf(known);
  const knownPans = choice.knownPans ?? own?.pans;
  const lowMinutes = choice.knownMinutes ?? known.lowMinutes;
  const highMinutes = choice.knownMinutes ?? known.highMinutes ?? lowMinutes;
  const knownCelsius = known.celsius ?? (lowMinutes === undefined ? undefined : choice.celsius);
  const setting = settingFor(
    {
      celsius: knownCelsius ?? formula.usualCelsius,
      fan: known.fan,
      material: knownPans?.pan.material ?? 'light',
      from: knownCelsius === undefined ? 'style' : 'known-bake',
    },
    choice.fan ?? known.fan,
    choice.pans.pan.material,
  );
  const chosen: SetPoint =
    choice.celsius === undefined
      ? setting
      : { celsius: choice.celsius, fan: setting.fan, reasons: [{ code: 'chosen', celsius: choice.celsius }] };
  const timed = knownPans !== undefined && lowMinutes !== undefined && highMinutes !== undefined;
  const sizeAssumed = choice.knownPans === undefined && own?.sizeAssumed === true;
  const stages = choice.stages ?? (choice.celsius === undefined ? movedStages(known, chosen.celsius) : undefined);
  const course: OvenCourse = { ...choice.course, ...(stages && stages.length > 0 && { stages }) };
  const grams = ownGrams(formula.parts);
  return {
    batter: batterOf(formula.parts, formula.styleId, choice.grams),
    pans: choice.pans,
    setting: chosen,
    ...(Object.keys(course).length > 0 && { course }),
    ...(choice.oven && { oven: choice.oven }),
    ...(timed && {
      known: {
        pans: knownPans,
        ovenCelsius: knownCelsius ?? formula.usualCelsius,
        fan: known.fan,
        ...(known.stages && { course: { stages: laterStages(known) } }),
        ...(choice.knownPans === undefined && grams > 0 && { grams }),
        lowMinutes,
        highMinutes,
        from:
          knownCelsius === undefined || sizeAssumed
            ? ('remembered' as const)
            : highMinutes > lowMinutes
              ? ('printed-range' as const)
              : ('printed-time' as const),
      },
    }),
  };
}

/**
 * Runs a bake: leans on the known one where there is one, then foresees this one. Up to seven simulations; for a worker.
 * @throws DomainError for what the simulation cannot bake
 */
export function runBakeJob(
  { batter, pans, setting, course, oven, known }: BakeJob,
  anchorFor: (batter: BakedBatter, known: KnownTime) => Anchor = anchorOn,
): PredictionResult {
  return predictBake({
    batter,
    pans,
    setting,
    ...(course && { course }),
    ...(oven && { oven }),
    ...(known && { anchor: anchorFor(batter, known) }),
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
