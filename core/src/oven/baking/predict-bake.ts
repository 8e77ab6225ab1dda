import type { Lesson } from '../../kitchen/learned/index.js';
import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import { fillPans, panSetOf, type Fill, type VesselSet } from '../../kitchen/pans/index.js';
import type { Range } from '../../ground/verdict/index.js';
import { adviceFor, type BakeAdvice } from './advice.js';
import type { BakeFrame, BakeResult, CoverKind, OvenCourse } from './bake-spec.js';
import { bodyOf } from './body.js';
import { DONENESS, donenessOf, type DonenessHere } from './doneness.js';
import { batterOfKnown, kinship, specOf, type Anchor, type BakedBatter, type Kinship } from './known-bake.js';
import { HEAT_STYLES } from './parameters.js';
import { isApart, plainLawMinutes, rulesOfThumb, type RuleOfThumb } from './rules-of-thumb.js';
import type { SetPoint, SetPointReason } from './set-point.js';
import { simulateBake } from './simulate.js';
import { timelineOf, type BakeTimeline } from './timeline.js';
import { airAt } from '../../ground/steam/index.js';
import { surenessOf, withLesson, thinEvidence, type WindowReason } from './window.js';

/** A bake foreseen. All minutes count from going in. */
export interface BakePrediction {
  readonly celsius: number;
  readonly fan: boolean;
  readonly setPointReasons: readonly SetPointReason[];
  /** Eight bakes in ten are done between `low` and `high`; `first` is when to look, a whole minute at or before `low`. */
  readonly minutes: Range & { readonly first: number };
  /** Standard deviation of ln(minutes). */
  readonly spread: number;
  /** What the window stands on, what makes it wide or narrow, and what would narrow it. */
  readonly windowReasons: readonly WindowReason[];
  readonly anchor: 'known-bake' | 'refused' | 'none';
  /** The known bake's minutes, when there is one. */
  readonly knownMinutes?: number;
  /** Undefined for what stands free on a sheet. */
  readonly fill?: Fill;
  /** Height of the raw batter and of the baked, level, cm; and from the middle, or the tube, to the wall. */
  readonly heights: { readonly rawCm: number; readonly bakedCm: number; readonly halfWidthCm: number };
  readonly gramsPerPan: number;
  readonly gramsPerPiece: number;
  readonly panDepthCm: number;
  /** Moments of the bake up to `high`. An ordering with rough times, not a measured forecast. */
  readonly frames: readonly BakeFrame[];
  /** Outer edges of the columns of a frame's section, as shares of the half width. */
  readonly columnEdges: readonly number[];
  readonly advice: readonly BakeAdvice[];
  readonly timeline: BakeTimeline;
  /** Share of the batter's mass lost when cooled, in percent: a coarse range. */
  readonly weightLossPercent: { readonly low: number; readonly high: number };
  /** Colour index of the top at the likely minute. */
  readonly topColour: number;
  readonly doneness: DonenessHere;
  readonly rules: readonly RuleOfThumb[];
  /** Minutes by one plain law for all bakes: no physics, no style. */
  readonly plainLawMinutes: number;
  readonly derivation: BakeDerivation;
}

/** Where the likely time comes from, step by step. */
export interface BakeDerivation {
  /** The likely minutes before anything was learned from bakes: what the next lesson is held against. */
  readonly unlearnedMinutes: number;
  /** As simulated with the heat factor taken, before what is left of the known bake is carried over. */
  readonly simulatedMinutes: number;
  /** Factor on the heat that the known bake asks for in full, and the one taken. */
  readonly fullFactor?: number;
  readonly heatFactor?: number;
  /** What the simulation says of the known bake with the factor taken. */
  readonly knownSimulatedMinutes?: number;
  /** Share of what then is left of the known bake that still holds here, 0–1. */
  readonly kinship?: number;
  /** Composition simulated, mass fractions, and whether it is the formula's own. */
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  readonly ownComposition: boolean;
  /** Temperature at which the middle sets within two minutes, on the model's own scale, °C. */
  readonly settingCelsius: number;
}

export type PredictionResult =
  | { readonly kind: 'foreseen'; readonly bake: BakePrediction }
  /** It would not be done within the longest time simulated. */
  | { readonly kind: 'never-done'; readonly celsius: number; readonly longestMinutes: number }
  /** A cover comes off, or the oven is turned, only after the bake has ended. */
  | {
      readonly kind: 'past-the-end';
      readonly what: CoverKind | 'stage';
      readonly atMinute: number;
      readonly doneMinutes: number;
    };

/** What the baker's own oven is known to do. */
export interface OvenKnown {
  /** Standard deviation of its offset, °C; the offset itself is in the course. */
  readonly spreadCelsius?: number;
  /** Minutes from cold to 180 °C. */
  readonly heatsInMinutes?: number;
}

export interface BakeRequest {
  readonly batter: BakedBatter;
  readonly pans: VesselSet;
  readonly setting: SetPoint;
  readonly course?: OvenCourse;
  readonly oven?: OvenKnown;
  readonly anchor?: Anchor;
  readonly lesson?: Lesson;
}

const LONGEST_MINUTES = 400;
const FRAME_EVERY_MINUTES = 0.5;
const FRAMES_WANTED = 60;
/** How long past done the simulation goes on, so that the end of the widest window can be drawn. */
const RUN_ON = 0.35;
/** Enough where a known bake narrows the window and nothing widens it. */
const RUN_ON_ANCHORED = 0.2;
const ROOM_CELSIUS = 21;
/** The model's loss when cooled, and so many points either way. @source heat.md, section 8 */
const LOSS_POINTS = 2;

/**
 * Foresees a bake: time window, fill, rise, colour and what to do when.
 * @throws DomainError for a request outside the range of the simulation
 * @source heat.md, sections 6 to 8
 */
export function predictBake({
  batter,
  pans,
  setting,
  course = {},
  oven = {},
  anchor,
  lesson,
}: BakeRequest): PredictionResult {
  const anchored = anchor?.kind === 'anchored' ? anchor : undefined;
  const result = simulated({ batter, pans, setting, course }, anchored);
  if (result.doneMinute === undefined) {
    return { kind: 'never-done', celsius: setting.celsius, longestMinutes: LONGEST_MINUTES };
  }
  const done = { ...result, doneMinute: result.doneMinute };
  const late = pastTheEnd(course, done.doneMinute * (1 + RUN_ON));
  if (late) return { kind: 'past-the-end', ...late, doneMinutes: done.doneMinute };
  return {
    kind: 'foreseen',
    bake: foreseen({ batter, pans, setting, course, oven, ...(anchor && { anchor }), ...(lesson && { lesson }) }, done),
  };
}

type Anchored = Extract<Anchor, { kind: 'anchored' }>;

/** The bake itself, a third past done so that the end of the window can be drawn, and then cooled. */
function simulated({ batter, pans, setting, course = {} }: BakeRequest, anchored: Anchored | undefined): BakeResult {
  const spec = specOf(batter, pans, setting.celsius, setting.fan, anchored?.heatFactor ?? 1, course);
  return simulateBake(spec, {
    longestMinutes: LONGEST_MINUTES,
    runOnShare: anchored && thinEvidence(pans, course, false).length === 0 ? RUN_ON_ANCHORED : RUN_ON,
    frameEveryMinutes: FRAME_EVERY_MINUTES,
    cool: {
      inPanMinutes: DONENESS[batter.heatStyle].inPanMinutes ?? Infinity,
      roomCelsius: ROOM_CELSIUS,
      sliceCelsius: DONENESS[batter.heatStyle].sliceCelsius,
    },
  });
}

/** The window around the simulated time: moved by what of the known bake still holds here, as wide as the evidence is thin. */
function windowOf(
  { batter, pans, setting, course = {}, oven = {}, anchor, lesson }: BakeRequest,
  doneMinute: number,
  kin: Kinship | undefined,
) {
  const anchored = anchor?.kind === 'anchored' ? anchor : undefined;
  const leftover = anchored && kin ? kin.share * Math.log(anchored.knownMinutes / anchored.modelMinutes) : 0;
  const stretch = Math.exp(leftover) * (lesson?.factor ?? 1);
  const likely = doneMinute * stretch;
  const unlearned = surenessOf({
    heatStyle: batter.heatStyle,
    pans,
    course,
    anchor,
    anchoredSpread: kin?.spread,
    ovenSpreadCelsius: oven.spreadCelsius,
    ownComposition: batter.water !== undefined,
    plainLawApart: isApart(doneMinute, { batter, pans, celsius: setting.celsius, fan: setting.fan }),
  });
  const { spread, reasons } = lesson ? withLesson(unlearned, lesson) : unlearned;
  const low = likely * Math.exp(-EIGHT_IN_TEN * spread);
  const high = likely * Math.exp(EIGHT_IN_TEN * spread);
  return { stretch, spread, reasons, minutes: { first: Math.floor(low), low, likely, high } };
}

/** Everything that is said of a bake that gets done. */
function foreseen(request: BakeRequest, result: BakeResult & { readonly doneMinute: number }): BakePrediction {
  const { batter, pans, setting, course = {}, oven = {}, anchor } = request;
  const anchored = anchor?.kind === 'anchored' ? anchor : undefined;
  const kin = anchored && kinship(anchored, pans, result.doneMinute, setting.fan);
  const { stretch, spread, reasons, minutes } = windowOf(request, result.doneMinute, kin);
  const here = { batter, pans, celsius: setting.celsius, fan: setting.fan };
  const frames = thinned(result.frames, stretch, minutes.high);
  const style = HEAT_STYLES[batter.heatStyle];
  const inPans = panSetOf(pans);
  const fill = inPans && fillPans(inPans, batter.grams, style.rawDensity / 1000, style.bakedDensity / 1000);
  const rawCm = result.frames[0]?.heightCm ?? 0;
  const bakedCm = result.frames.at(-1)?.heightCm ?? rawCm;
  const lost = 100 * (result.cooling?.massLost ?? 0);
  const timeline = timelineOf({
    minutes,
    frames,
    pans,
    setting,
    course,
    heatStyle: batter.heatStyle,
    cooling: result.cooling,
    heatsInMinutes: oven.heatsInMinutes,
  });
  return {
    celsius: setting.celsius,
    fan: setting.fan,
    setPointReasons: setting.reasons,
    minutes,
    spread,
    windowReasons: reasons,
    anchor: anchor === undefined ? 'none' : anchor.kind === 'refused' ? 'refused' : 'known-bake',
    ...(anchor && { knownMinutes: anchor.knownMinutes }),
    ...(fill && { fill }),
    heights: { rawCm, bakedCm, halfWidthCm: halfWidthCm(pans) },
    gramsPerPan: batter.grams / pans.count,
    gramsPerPiece: batter.grams / pans.count / pans.pan.cavities,
    panDepthCm: inPans?.pan.depthCm ?? 0,
    frames,
    columnEdges: result.columnEdges,
    advice: adviceFor({ pans, fill, minutes, timeline, course, setting, anchor }),
    timeline,
    weightLossPercent: { low: Math.max(0, lost - LOSS_POINTS), high: lost + LOSS_POINTS },
    topColour: colourAt(frames, minutes.likely),
    doneness: donenessOf(batter.heatStyle, airAt(course.altitudeMetres ?? 0).boilingCelsius),
    rules: anchored ? rulesFrom(anchored, batter, here) : [],
    plainLawMinutes: plainLawMinutes(here),
    derivation: {
      unlearnedMinutes: minutes.likely / (request.lesson?.factor ?? 1),
      simulatedMinutes: result.doneMinute,
      ...(anchored && {
        fullFactor: anchored.fullFactor,
        heatFactor: anchored.heatFactor,
        knownSimulatedMinutes: anchored.modelMinutes,
      }),
      ...(kin && { kinship: kin.share }),
      water: batter.water ?? style.water,
      fat: batter.fat ?? style.fat,
      sugar: batter.sugar ?? style.sugar,
      ownComposition: batter.water !== undefined,
      settingCelsius: result.settingCelsius,
    },
  };
}

/** What the rules of thumb make of the known bake here. */
const rulesFrom = (
  { known, knownMinutes }: Anchored,
  batter: BakedBatter,
  here: Parameters<typeof rulesOfThumb>[2],
): readonly RuleOfThumb[] =>
  rulesOfThumb(
    { batter: batterOfKnown(batter, known), pans: known.pans, celsius: known.ovenCelsius, fan: known.fan },
    knownMinutes,
    here,
  );

function halfWidthCm({ pan }: VesselSet): number {
  const body = bodyOf(pan);
  return 100 * (body.halfWidth(body.depth / 2) - body.innerRadius);
}

/** What happens only when the bake is long over: a slip of the pen, or a bake that is not this one. */
function pastTheEnd(
  { covers = [], stages = [] }: OvenCourse,
  endMinutes: number,
): { readonly what: CoverKind | 'stage'; readonly atMinute: number } | undefined {
  const cover = covers.find(({ fromMinute }) => fromMinute > endMinutes);
  if (cover) return { what: cover.kind, atMinute: cover.fromMinute };
  const lid = covers.find(({ kind, toMinute }) => kind !== 'foil' && toMinute !== undefined && toMinute > endMinutes);
  if (lid) return { what: lid.kind, atMinute: lid.toMinute ?? 0 };
  const stage = stages.find(({ fromMinute }) => fromMinute > endMinutes);
  return stage && { what: 'stage', atMinute: stage.fromMinute };
}

/** Colour of the top at a minute. */
function colourAt(frames: readonly BakeFrame[], minute: number): number {
  return frames.findLast((frame) => frame.minute <= minute)?.topColour ?? 0;
}

/** About `FRAMES_WANTED` of the frames up to the window's end, the first and the last among them; their clock stretched to the known bake. */
function thinned(frames: readonly BakeFrame[], stretch: number, untilMinute: number): readonly BakeFrame[] {
  const upTo = frames.filter((frame) => frame.minute * stretch <= untilMinute + FRAME_EVERY_MINUTES);
  const step = Math.max(1, Math.floor(upTo.length / FRAMES_WANTED));
  return upTo
    .filter((_, i) => i % step === 0 || i === upTo.length - 1)
    .map((frame) => ({ ...frame, minute: frame.minute * stretch }));
}
