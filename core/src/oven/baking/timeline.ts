import { isFree, type VesselSet } from '../../kitchen/pans/index.js';
import type { BakeFrame, Cooling, OvenCourse } from './bake-spec.js';
import { DONENESS } from './doneness.js';
import type { HeatStyleId } from './parameters.js';
import type { SetPoint } from './set-point.js';
import { footprintOf } from './window.js';

/** What happens when, in minutes from going in; `preheat` lies before it, cooling after coming out at the likely minute. */
export interface BakeTimeline {
  /** Minutes that the oven needs before the pan goes in; 0 for a cold oven. */
  readonly preheatMinutes: number;
  readonly rotateMinute?: number;
  /** Two racks change places. */
  readonly swapMinute?: number;
  /** When to look at the colour, and when foil goes on: only where the colour runs ahead of the middle. */
  readonly colourMinute?: number;
  readonly tentMinute?: number;
  /** When the lid comes off. */
  readonly uncoverMinute?: number;
  readonly stages: readonly { readonly minute: number; readonly celsius: number }[];
  /** What the middle still gains once it is out, °C. */
  readonly carryOverCelsius: number;
  /** Minutes in the pan after coming out; undefined to cool in it altogether or without a pan. */
  readonly turnOutMinutes?: number;
  /** Minutes after coming out until it can be sliced or eaten, and frosted; undefined when it takes longer than was followed. */
  readonly coolMinutes: { readonly slice?: number; readonly frost?: number };
  readonly racks: number;
}

/** Turn the pan when the crumb begins to set: two thirds of the way. @source heat.md, section 8: 65–70 % */
const ROTATE_AT = 2 / 3;
/** A bake shorter than this is better left alone. */
const ROTATE_FROM_MINUTES = 15;
const COLOUR_TO_LOOK_AT = 0.9;
const COLOUR_TO_TENT = 1.2;
/** What one rack of a domestic oven takes, air around it. */
const RACK_SQUARE_CM = 1150;
/** An oven whose habits nobody told heats to 180 °C in so many minutes. */
export const USUAL_HEATING_MINUTES = 15;
const ROOM_CELSIUS = 21;
const HEATED_CELSIUS = 180;
/** The air is hot before the walls are: what a pan should wait on top. */
const SOAKING_SHARE = 1.25;

export interface TimelineInput {
  readonly minutes: { readonly likely: number; readonly high: number };
  readonly frames: readonly BakeFrame[];
  readonly pans: VesselSet;
  readonly setting: SetPoint;
  readonly course: OvenCourse;
  readonly heatStyle: HeatStyleId;
  readonly cooling: Cooling | undefined;
  readonly heatsInMinutes: number | undefined;
}

/** Minutes to heat an oven that takes so long to 180 °C, to another temperature, its walls too. */
export const preheatMinutes = (celsius: number, heatsInMinutes = USUAL_HEATING_MINUTES): number =>
  Math.ceil((SOAKING_SHARE * heatsInMinutes * (celsius - ROOM_CELSIUS)) / (HEATED_CELSIUS - ROOM_CELSIUS));

/** The other way round: minutes to 180 °C by the lamp, of an oven that was ready, walls too, at a temperature after so many. */
export const heatingFrom = (readyMinutes: number, celsius: number): number =>
  (readyMinutes / SOAKING_SHARE) * ((HEATED_CELSIUS - ROOM_CELSIUS) / (celsius - ROOM_CELSIUS));

/** The bake along the clock. */
export function timelineOf(input: TimelineInput): BakeTimeline {
  const { minutes, frames, pans, setting, course, cooling } = input;
  const racks = Math.max(1, Math.ceil(footprintOf(pans) / RACK_SQUARE_CM));
  const turns = minutes.likely >= ROTATE_FROM_MINUTES;
  const lid = (course.covers ?? []).find(({ kind }) => kind !== 'foil');
  const covered = (minute: number) =>
    (course.covers ?? []).some(({ fromMinute, toMinute }) => minute >= fromMinute && minute < (toMinute ?? Infinity));
  const at = (index: number) => frames.find((frame) => frame.topColour >= index && !covered(frame.minute))?.minute;
  const tent = at(COLOUR_TO_TENT);
  const looks = at(COLOUR_TO_LOOK_AT);
  const tents = tent !== undefined && tent < minutes.likely;
  const { inPanMinutes } = DONENESS[input.heatStyle];
  const out = isFree(pans.pan) ? undefined : inPanMinutes;
  const rotate = Math.round(minutes.likely * ROTATE_AT);
  const { slice, frost } = cooling?.minutesTo ?? {};
  return {
    preheatMinutes: course.coldOvenMinutes === undefined ? preheatMinutes(setting.celsius, input.heatsInMinutes) : 0,
    ...(turns && (racks > 1 ? { swapMinute: rotate } : { rotateMinute: rotate })),
    ...(tents
      ? { tentMinute: Math.max(0, Math.floor(tent)) }
      : looks !== undefined && looks < minutes.likely && { colourMinute: Math.floor(looks) }),
    ...(lid?.toMinute !== undefined && { uncoverMinute: lid.toMinute }),
    stages: (course.stages ?? []).map(({ fromMinute, celsius }) => ({ minute: fromMinute, celsius })),
    carryOverCelsius: cooling?.carryOverCelsius ?? 0,
    ...(out !== undefined && { turnOutMinutes: out }),
    coolMinutes: { ...(slice !== undefined && { slice }), ...(frost !== undefined && { frost }) },
    racks,
  };
}
