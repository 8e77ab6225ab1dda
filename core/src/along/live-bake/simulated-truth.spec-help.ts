import { HEAT_STYLES, simulateBake, type BakeSpec } from '../../oven/baking/index.js';
import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';
import { Section } from './index.js';
import { interpolated } from './linear.js';
import { displaced } from './probe-places.js';
import { deviatedSpec } from './surrogate.js';

/*
 * A bake whose truth differs from the model, and what instruments in it would show: the measuring rod of the estimator. Same simulator on
 * both sides, so it says that the filter is right about a world like the model, not that a kitchen is.
 */

export type Fault = 'none' | 'moved' | 'fallen' | 'frozen' | 'power';
export interface TruthSample {
  readonly minute: number;
  readonly probe: number;
  readonly air: number;
  readonly setPoint: number;
}
export interface Truth {
  readonly done: number;
  readonly samples: readonly TruthSample[];
  readonly offset: number;
  readonly faultAt: number;
  /** By how much a moved probe shows something else, °C. */
  readonly stepMoved: number;
}

const STEP = 5;
const SAMPLE_EVERY = 15;

/** Oven off by ±15 °C and swinging, heat ±10 %, size ±3 %, water ±2 points, probe up to 15 mm off, doors opened. @source along.md, Measured */
export function simulatedTruth(spec: BakeSpec, seed: number, nominalDone: number, fault: Fault = 'none'): Truth {
  const random = chanceFrom(seed * 7919 + 104_729);
  for (let i = 0; i < 10; i++) random();
  const between = (low: number, high: number) => low + (high - low) * random();
  const offset = between(-15, 15);
  const by = { offset: 0, lnHeat: Math.log(between(0.9, 1.1)), lnWidth: Math.log(between(0.97, 1.03)), lnMass: Math.log(between(0.97, 1.03)), start: Math.max(-4, Math.min(4, 1.5 * normalFrom(random))) }; // prettier-ignore
  const water = HEAT_STYLES[spec.heatStyle].water + between(-0.02, 0.02);
  const place = { millimetres: between(0, 15), angle: between(0, 2 * Math.PI) };
  const swing = { celsius: between(0, 5), period: between(5, 10), phase: between(0, 1) };
  const heats = 300 * between(0.8, 1.25);
  const sag = (11 + (8 * spec.gramsPerPan * spec.panCount) / 1000) * between(0.7, 1.3);
  const doors: { readonly from: number; readonly to: number }[] = [];
  for (let at = between(0.35, 0.6) * nominalDone; at < nominalDone * 1.6; at += between(6, 14))
    doors.push({ from: at, to: at + between(20, 40) / 60 });
  const cut = fault === 'power' ? { at: between(0.4, 0.6) * nominalDone, minutes: between(5, 12) } : { at: Infinity, minutes: 0 }; // prettier-ignore
  const n = Math.ceil((Math.max(120, nominalDone * 3) * 60) / STEP);
  const air: number[] = [];
  const felt: number[] = [];
  let base = spec.ovenCelsius + offset - sag;
  let door = 0;
  for (let i = 0; i < n; i++) {
    const minute = (i * STEP) / 60;
    const isOff = minute >= cut.at && minute < cut.at + cut.minutes;
    const goal = isOff ? 40 : spec.ovenCelsius + offset;
    base += (goal - base) * (1 - Math.exp(-STEP / (isOff ? 1500 : goal < base - 1 ? 720 : heats)));
    const phase = (minute / swing.period + swing.phase) % 1;
    const saw = phase < 0.4 ? -1 + (2 * phase) / 0.4 : 1 - (2 * (phase - 0.4)) / 0.6;
    const open = doors.some(({ from, to }) => minute >= from && minute < to);
    door += ((open ? 60 - base : 0) - door) * (1 - Math.exp(-STEP / (open ? 60 : 90)));
    const swung = base + (isOff ? 0 : swing.celsius * saw);
    air.push(swung + door);
    // walls go on radiating with the door open
    felt.push(swung + 0.6 * door);
  }
  const at = (list: readonly number[], seconds: number) => list[Math.min(n - 1, Math.max(0, Math.floor(seconds / STEP)))] ?? 0; // prettier-ignore
  const own = { ...deviatedSpec(spec, by), water, air: { everySeconds: STEP, celsius: felt } };
  const result = simulateBake(own, { frameEveryMinutes: spec.pan.cavities > 1 ? 0.2 : 0.4, runOnShare: 0.1, longestMinutes: 300 }); // prettier-ignore
  const done = result.doneMinute ?? NaN;
  const section = new Section(result, own.pan);
  const late = result.frames.reduce((best, frame) => Math.abs(frame.minute - 0.7 * done) < Math.abs(best.minute - 0.7 * done) ? frame : best); // prettier-ignore
  const coldest = section.coldest(late);
  const minutes = result.frames.map(({ minute }) => minute);
  const shownAt = (millimetres: number, angle: number) => {
    const { across, up } = displaced(millimetres, angle);
    const values = result.frames.map((frame) => section.at(frame, coldest.across + across, coldest.up + up));
    return (minute: number) => interpolated(minutes, values, minute);
  };
  const here = shownAt(place.millimetres, place.angle);
  const elsewhere = shownAt(between(0, 15), between(0, 2 * Math.PI));
  const lag = between(5, 20);
  const bias = Math.max(-1, Math.min(1, 0.5 * normalFrom(random)));
  const airBias = Math.max(-6, Math.min(6, 3 * normalFrom(random)));
  const faultAt = fault === 'power' ? cut.at : between(0.2, 0.75) * done;
  const outFor = between(3, 6);
  const samples: TruthSample[] = [];
  let tip: number | undefined;
  let thermometer = at(air, 0);
  let frozenAt: number | undefined;
  for (let seconds = 0; seconds <= done * 60 * 1.02; seconds += STEP) {
    const minute = seconds / 60;
    const broken = minute >= faultAt;
    const out = fault === 'fallen' && broken && minute < faultAt + outFor;
    const truth = out ? at(air, seconds) : fault === 'moved' && broken ? elsewhere(minute) : here(minute);
    tip = tip === undefined ? truth : tip + (truth - tip) * (1 - Math.exp(-STEP / (out ? 25 : lag)));
    thermometer += (at(air, seconds) - thermometer) * (1 - Math.exp(-STEP / 60));
    if (seconds % SAMPLE_EVERY !== 0) continue;
    let probe = Math.round((tip + bias + 0.5 * normalFrom(random)) * 10) / 10;
    if (fault === 'frozen' && broken && minute < faultAt + 8) probe = frozenAt ??= probe;
    samples.push({ minute, probe, air: Math.round(thermometer + airBias + 0.5 * normalFrom(random)), setPoint: spec.ovenCelsius }); // prettier-ignore
  }
  return { done, samples, offset, faultAt, stepMoved: fault === 'moved' ? elsewhere(faultAt) - here(faultAt) : 0 };
}

/** The shapes that are measured. */
export const SHAPES = {
  loaf: { pan: { name: 'loaf', shape: 'loaf', material: 'light', topLengthCm: 23, topWidthCm: 13, bottomLengthCm: 21, bottomWidthCm: 11, depthCm: 7, cavities: 1 }, panCount: 1, gramsPerPan: 1000, heatStyle: 'quick', ovenCelsius: 175, fan: false },
  round: { pan: { name: 'round', shape: 'round', material: 'light', topLengthCm: 23, topWidthCm: 23, bottomLengthCm: 23, bottomWidthCm: 23, depthCm: 5, cavities: 1 }, panCount: 1, gramsPerPan: 800, heatStyle: 'layer', ovenCelsius: 175, fan: false },
  muffins: { pan: { name: 'muffins', shape: 'muffin', material: 'dark', topLengthCm: 7, topWidthCm: 7, bottomLengthCm: 5, bottomWidthCm: 5, depthCm: 3.3, cavities: 12 }, panCount: 1, gramsPerPan: 860, heatStyle: 'muffin', ovenCelsius: 190, fan: false },
  sheet: { pan: { name: 'sheet', shape: 'rectangle', material: 'light', topLengthCm: 33, topWidthCm: 23, bottomLengthCm: 33, bottomWidthCm: 23, depthCm: 5, cavities: 1 }, panCount: 1, gramsPerPan: 1700, heatStyle: 'oilcake', ovenCelsius: 175, fan: false },
  dome: { pan: { name: 'dome', shape: 'dome', material: 'light', cavities: 1 }, panCount: 1, gramsPerPan: 780, heatStyle: 'soda', ovenCelsius: 205, fan: false },
} as const satisfies Readonly<Record<string, BakeSpec>>; // prettier-ignore
