import { EIGHT_IN_TEN } from '../numerics/index.js';
import { fillPans, type Fill, type PanMaterial, type PanSet } from '../pans/index.js';
import type { Range } from '../verdict.js';
import { kinship, specOf, spreadUnanchored, type Anchor, type BakedBatter } from './known-bake.js';
import { HEAT_STYLES } from './parameters.js';
import { simulateBake, type BakeFrame } from './simulate.js';

/** Why the oven is set as it is. Codes; the sentences are in core/wording. */
export type SetPointReason =
  | { readonly code: 'as-known'; readonly celsius: number }
  | { readonly code: 'usual-for-style'; readonly celsius: number }
  | { readonly code: 'chosen'; readonly celsius: number }
  | { readonly code: 'fan' | 'no-fan' | 'dark' | 'glass' | 'lighter'; readonly celsius: number };

export interface SetPoint {
  readonly celsius: number;
  readonly fan: boolean;
  readonly reasons: readonly SetPointReason[];
}

/** What to add to the set point for the pan's material and for a fan, °C. @source heat.md, section 8 */
const SET_POINT_FOR_MATERIAL: Readonly<Record<PanMaterial, number>> = {
  light: 0,
  dark: -12,
  glass: -10,
  ceramic: 0,
  silicone: 0,
  'cast-iron': 0,
};
const SET_POINT_FOR_FAN = -20;
const DIALS_STEP_CELSIUS = 5;

/** A set point that is known to work, with the pan and oven it works for. */
export interface KnownSetting {
  readonly celsius: number;
  readonly fan: boolean;
  readonly material: PanMaterial;
  readonly from: 'known-bake' | 'style';
}

/**
 * The set point for another pan or oven: what is known, moved by the usual corrections for fan, dark metal and glass, and put on a
 * step of the dial only when something moved it.
 */
export function settingFor(known: KnownSetting, fan: boolean, material: PanMaterial): SetPoint {
  const reasons: SetPointReason[] = [
    { code: known.from === 'style' ? 'usual-for-style' : 'as-known', celsius: known.celsius },
  ];
  const forFan = (fan ? SET_POINT_FOR_FAN : 0) - (known.fan ? SET_POINT_FOR_FAN : 0);
  const forMaterial = SET_POINT_FOR_MATERIAL[material] - SET_POINT_FOR_MATERIAL[known.material];
  if (forFan !== 0) reasons.push({ code: fan ? 'fan' : 'no-fan', celsius: forFan });
  if (forMaterial !== 0) {
    const code = material === 'dark' ? 'dark' : material === 'glass' ? 'glass' : 'lighter';
    reasons.push({ code, celsius: forMaterial });
  }
  const moved = known.celsius + forFan + forMaterial;
  const celsius = moved === known.celsius ? moved : Math.round(moved / DIALS_STEP_CELSIUS) * DIALS_STEP_CELSIUS;
  return { celsius, fan, reasons };
}

/** What to do during the bake. */
export type BakeAdviceCode =
  | 'first-look'
  | 'rotate'
  | 'look-at-colour'
  | 'tent'
  | 'sheet-beneath'
  | 'runs-over'
  | 'low-in-the-pan'
  | 'known-bake-refused'
  | 'no-known-bake'
  | 'cool-glass-slowly'
  | 'test-decides';
export interface BakeAdvice {
  readonly code: BakeAdviceCode;
  /** Minutes from going in; undefined for what holds throughout. */
  readonly minute?: number;
  readonly facts: Readonly<Record<string, number>>;
}

/** A bake foreseen. All minutes count from going in. */
export interface BakePrediction {
  readonly celsius: number;
  readonly fan: boolean;
  readonly setPointReasons: readonly SetPointReason[];
  /** Eight bakes in ten are done between `low` and `high`; `first` is when to look, a whole minute at or before `low`. */
  readonly minutes: Range & { readonly first: number };
  /** Standard deviation of ln(minutes). */
  readonly spread: number;
  readonly anchor: 'known-bake' | 'refused' | 'none';
  /** The known bake's minutes, when there is one. */
  readonly knownMinutes?: number;
  readonly fill: Fill;
  readonly panDepthCm: number;
  /** Moments of the bake up to `high`. An ordering with rough times, not a measured forecast. */
  readonly frames: readonly BakeFrame[];
  /** Outer edges of the columns of a frame's section, as shares of the half width. */
  readonly columnEdges: readonly number[];
  readonly advice: readonly BakeAdvice[];
}

export type PredictionResult =
  | { readonly kind: 'foreseen'; readonly bake: BakePrediction }
  /** It would not be done within the longest time simulated. */
  | { readonly kind: 'never-done'; readonly celsius: number; readonly longestMinutes: number };

export interface BakeRequest {
  readonly batter: BakedBatter;
  readonly pans: PanSet;
  readonly setting: SetPoint;
  readonly anchor?: Anchor;
}

const LONGEST_MINUTES = 400;
const FRAME_EVERY_MINUTES = 0.5;
const FRAMES_WANTED = 60;
/** How long past done the simulation goes on, so that the end of the widest window can be drawn. */
const RUN_ON = 0.35;
/** Turn the pan when the crumb begins to set: two thirds of the way. @source heat.md, section 8: 65–70 % */
const ROTATE_AT = 2 / 3;
/** A bake shorter than this is better left alone. */
const ROTATE_FROM_MINUTES = 15;
const COLOUR_TO_LOOK_AT = 0.9;
const COLOUR_TO_TENT = 1.2;

/**
 * Foresees a bake: time window, fill, rise, colour and what to do when.
 * @throws DomainError for a request outside the range of the simulation
 * @source heat.md, sections 6 to 8
 */
export function predictBake({ batter, pans, setting, anchor }: BakeRequest): PredictionResult {
  const anchored = anchor?.kind === 'anchored' ? anchor : undefined;
  const spec = specOf(batter, pans, setting.celsius, setting.fan, anchored?.heatFactor ?? 1);
  const result = simulateBake(spec, {
    longestMinutes: LONGEST_MINUTES,
    runOnShare: RUN_ON,
    frameEveryMinutes: FRAME_EVERY_MINUTES,
  });
  if (result.doneMinute === undefined) {
    return { kind: 'never-done', celsius: setting.celsius, longestMinutes: LONGEST_MINUTES };
  }
  const kin = anchored && kinship(anchored, pans, result.doneMinute, setting.fan);
  const leftover = anchored && kin ? kin.share * Math.log(anchored.knownMinutes / anchored.modelMinutes) : 0;
  const stretch = Math.exp(leftover);
  const likely = result.doneMinute * stretch;
  const spread = kin?.spread ?? spreadUnanchored(batter.heatStyle, pans.pan.shape);
  const low = likely * Math.exp(-EIGHT_IN_TEN * spread);
  const high = likely * Math.exp(EIGHT_IN_TEN * spread);
  const minutes = { first: Math.floor(low), low, likely, high };
  const frames = thinned(result.frames, stretch, high);
  const style = HEAT_STYLES[batter.heatStyle];
  const fill = fillPans(pans, batter.grams, style.rawDensity / 1000, style.bakedDensity / 1000);
  return {
    kind: 'foreseen',
    bake: {
      celsius: setting.celsius,
      fan: setting.fan,
      setPointReasons: setting.reasons,
      minutes,
      spread,
      anchor: anchor === undefined ? 'none' : anchor.kind === 'refused' ? 'refused' : 'known-bake',
      ...(anchor && { knownMinutes: anchor.knownMinutes }),
      fill,
      panDepthCm: pans.pan.depthCm,
      frames,
      columnEdges: result.columnEdges,
      advice: adviceFor(pans, fill, minutes, frames, anchor),
    },
  };
}

/** About `FRAMES_WANTED` of the frames up to the window's end, the first and the last among them; their clock stretched to the known bake. */
function thinned(frames: readonly BakeFrame[], stretch: number, untilMinute: number): readonly BakeFrame[] {
  const upTo = frames.filter((frame) => frame.minute * stretch <= untilMinute + FRAME_EVERY_MINUTES);
  const step = Math.max(1, Math.floor(upTo.length / FRAMES_WANTED));
  return upTo
    .filter((_, i) => i % step === 0 || i === upTo.length - 1)
    .map((frame) => ({ ...frame, minute: frame.minute * stretch }));
}

function adviceFor(
  pans: PanSet,
  fill: Fill,
  minutes: BakePrediction['minutes'],
  frames: readonly BakeFrame[],
  anchor: Anchor | undefined,
): readonly BakeAdvice[] {
  const advice: BakeAdvice[] = [];
  const say = (code: BakeAdviceCode, minute?: number, facts: BakeAdvice['facts'] = {}) =>
    advice.push({ code, ...(minute !== undefined && { minute: Math.round(minute) }), facts });
  const percent = Math.round(fill.overflowChance * 100);
  if (fill.verdict === 'overflows')
    say('runs-over', undefined, { percent, fillPercent: Math.round(fill.fraction * 100) });
  if (fill.verdict === 'sheet-beneath') say('sheet-beneath', undefined, { percent });
  if (fill.verdict === 'low') say('low-in-the-pan', undefined, { fillPercent: Math.round(fill.fraction * 100) });
  if (anchor?.kind === 'refused') {
    say('known-bake-refused', undefined, {
      known: Math.round(anchor.knownMinutes),
      ...(anchor.modelMinutes !== undefined && { model: Math.round(anchor.modelMinutes) }),
    });
  }
  if (anchor === undefined) say('no-known-bake');
  if (minutes.likely >= ROTATE_FROM_MINUTES) say('rotate', minutes.likely * ROTATE_AT);
  const at = (index: number) => frames.find((frame) => frame.topColour >= index)?.minute;
  const looks = at(COLOUR_TO_LOOK_AT);
  const tent = at(COLOUR_TO_TENT);
  if (tent !== undefined && tent < minutes.likely) say('tent', tent);
  else if (looks !== undefined && looks < minutes.likely) say('look-at-colour', looks);
  say('first-look', minutes.first);
  if (pans.pan.material === 'glass') say('cool-glass-slowly');
  say('test-decides');
  return advice;
}
