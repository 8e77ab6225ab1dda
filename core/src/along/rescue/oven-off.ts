import { ovenSag, simulateBake, type AirCourse, type BakeSpec } from '../../oven/baking/index.js';

/** An oven without power falls towards the room, and heats up again, to 1/e in so many seconds. @source along.md, section 3 */
const COASTS_SECONDS = 1500;
const HEATS_SECONDS = 300;
const ROOM_CELSIUS = 21;
const EVERY_SECONDS = 15;
/** A middle this warm has begun to hold its gas and does not yet hold itself: it may sink. A flag, no forecast. */
const MAY_SINK = [55, 88] as const;
const SET_CELSIUS = 80;

/** The oven's air when it is off for a while and comes back. */
export function interruptedAir(
  spec: BakeSpec,
  atMinute: number,
  offMinutes: number,
  longestMinutes: number,
): AirCourse {
  const goal = spec.ovenCelsius + (spec.ovenOffsetCelsius ?? 0);
  let air = goal - ovenSag(spec);
  const celsius: number[] = [];
  for (let seconds = 0; seconds <= longestMinutes * 60; seconds += EVERY_SECONDS) {
    celsius.push(air);
    const minute = seconds / 60;
    const isOff = minute >= atMinute && minute < atMinute + offMinutes;
    const [to, tau] = isOff ? [ROOM_CELSIUS, COASTS_SECONDS] : [goal, HEATS_SECONDS];
    air += (to - air) * (1 - Math.exp(-EVERY_SECONDS / tau));
  }
  return { everySeconds: EVERY_SECONDS, celsius };
}

export interface OvenOff {
  /** Minutes later than without it; undefined where it does not get done. */
  readonly delayMinutes: number | undefined;
  readonly doneMinute: number | undefined;
  readonly coreCelsius: { readonly before: number; readonly after: number };
  readonly lowestOvenCelsius: number;
  /** Of the section that has set when it goes off, 0–1. */
  readonly setShare: number;
  readonly maySink: boolean;
}

const LONGEST_MINUTES = 240;
/** The same bake with the oven off from a minute on, for so long. Two simulations. */
export function ovenOff(spec: BakeSpec, atMinute: number, offMinutes: number): OvenOff {
  const options = { frameEveryMinutes: 0.5, longestMinutes: LONGEST_MINUTES };
  const air = interruptedAir(spec, atMinute, offMinutes, LONGEST_MINUTES);
  const whole = interruptedAir(spec, 0, 0, LONGEST_MINUTES);
  const plain = simulateBake({ ...spec, air: whole }, options);
  const cut = simulateBake({ ...spec, air }, options);
  const frameAt = (minute: number) =>
    cut.frames.reduce((best, frame) =>
      Math.abs(frame.minute - minute) < Math.abs(best.minute - minute) ? frame : best,
    );
  const before = frameAt(atMinute);
  const section = before.sectionCelsius;
  const during = air.celsius.slice(
    Math.floor((atMinute * 60) / EVERY_SECONDS),
    Math.ceil(((atMinute + offMinutes) * 60) / EVERY_SECONDS) + 1,
  );
  return {
    delayMinutes:
      cut.doneMinute === undefined || plain.doneMinute === undefined ? undefined : cut.doneMinute - plain.doneMinute,
    doneMinute: cut.doneMinute,
    coreCelsius: { before: before.coreCelsius, after: frameAt(atMinute + offMinutes).coreCelsius },
    lowestOvenCelsius: Math.min(...during),
    setShare: section.length > 0 ? section.filter((celsius) => celsius >= SET_CELSIUS).length / section.length : 0,
    maySink: before.coreCelsius > MAY_SINK[0] && before.coreCelsius < MAY_SINK[1],
  };
}
