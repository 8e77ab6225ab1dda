import { cholesky, dot, solveWith } from './linear.js';
import type { OvenWatch } from './oven-watch.js';
import type { ProbeReading } from './probe-watch.js';
import { atNode, courseOf, doneMinuteOf, SIGMA, STATES, type LiveModel } from './surrogate.js';

/*
 * One place of the probe, fitted: a few steps of Gauss–Newton over the kitchen (five states), three shapes for each place the probe stood
 * at, its lag and bias, the thermometer's bias, and ten hats for what the model itself may be off by.
 */

const HATS = 10;
const SHAPES = 3;
/** @source along.md, section 1: table of states */
const PRIOR = {
  lagSeconds: 12,
  lagSpread: 8,
  bias: 0.5,
  thermometerBias: 4,
  noise: 0.5,
  inflation: 4,
  airNoise: 3.5,
  airInflation: 16,
  within: 0.4,
  hat: 0.35,
  hatShare: 0.25,
} as const;
const MOST_READINGS = 90;
const SCALED_TO = 1.2;
const SLOPE_STEP = 0.05;
const LONGEST_STEP = 1.5;
const FARTHEST = 3;

export interface PriorStates {
  readonly mean: readonly number[];
  readonly spread: readonly number[];
}
/** What all places are fitted to. */
export interface FitInput {
  readonly model: LiveModel;
  readonly readings: readonly ProbeReading[];
  readonly oven: OvenWatch;
  readonly segments: number;
  readonly prior: PriorStates;
  /** °C that the air sags by when the pans go in. */
  readonly sag: number;
  /** What the probe shows above the coldest point in each segment, at the nodes. */
  readonly above: readonly (readonly number[])[];
}
export interface PlaceFit {
  readonly p: readonly number[];
  readonly cost: number;
  /** ln of the minute at which it is done on the bake's own clock, and its spread. */
  readonly lnDone: number;
  readonly spread: number;
  readonly ahead: { readonly mean: number; readonly spread: number };
  readonly oven: { readonly mean: number; readonly spread: number };
  readonly course: { readonly tau: number; readonly core: readonly number[] };
}

/** Where each unknown stands in the list. */
const layoutOf = (segments: number) => {
  const lag = STATES + SHAPES * segments;
  return { lag, bias: lag + 1, thermometer: lag + 2, hat: lag + 3, size: lag + 3 + HATS };
};

/** What the model may be off by at a scaled time, °C. */
export const slackAt = (model: LiveModel, s: number): number =>
  Math.hypot(PRIOR.hat, PRIOR.hatShare * atNode(model.amplitude, s));

function hatAt(s: number): { readonly at: number; readonly share: number } {
  const x = Math.min(HATS - 1.0001, Math.max(0, (s / SCALED_TO) * (HATS - 1)));
  const at = Math.floor(x);
  return { at, share: x - at };
}

/** What the probe is to show. */
export function expectedAt(
  { model, oven, segments, above }: FitInput,
  p: readonly number[],
  minute: number,
  segment: number,
  course: PlaceFit['course'],
): number {
  const layout = layoutOf(segments);
  const s = scaledTime(p, layout.lag, minute, oven, course.tau);
  const shapes = STATES + SHAPES * segment;
  let value = atNode(course.core, s) + atNode(above[segment] ?? model.meanPlace, s);
  for (let q = 0; q < SHAPES; q++) value += PRIOR.within * (p[shapes + q] ?? 0) * atNode(model.basis[q] ?? [], s);
  value += PRIOR.bias * (p[layout.bias] ?? 0);
  const { at, share } = hatAt(s);
  return value + slackAt(model, s) * ((p[layout.hat + at] ?? 0) * (1 - share) + (p[layout.hat + at + 1] ?? 0) * share);
}
function scaledTime(p: readonly number[], lag: number, minute: number, oven: OvenWatch, tau: number): number {
  const seconds = PRIOR.lagSeconds + PRIOR.lagSpread * (p[lag] ?? 0);
  return (minute - seconds / 60 - oven.lostBy(minute, tau)) / tau;
}

const thinned = <T>(list: readonly T[]): { readonly list: readonly T[]; readonly every: number } => {
  const every = Math.max(1, Math.ceil(list.length / MOST_READINGS));
  return { list: every === 1 ? list : list.filter((_, i) => i % every === (list.length - 1) % every), every };
};

/** The normal equations at a point. */
interface Normal {
  readonly matrix: number[][];
  readonly right: number[];
  cost: number;
}
function add(
  normal: Normal,
  row: readonly (readonly [index: number, slope: number])[],
  weight: number,
  rest: number,
): void {
  for (const [i, slope] of row) {
    normal.right[i] = (normal.right[i] ?? 0) + weight * slope * rest;
    const line = normal.matrix[i];
    if (line) for (const [j, other] of row) line[j] = (line[j] ?? 0) + weight * slope * other;
  }
}
/** Heavy tails: what is far off counts less. */
const tailWeight = (squared: number): number => 5 / (4 + squared);

function withPrior(p: readonly number[], { prior }: FitInput): Normal {
  const size = p.length;
  const normal: Normal = {
    matrix: Array.from({ length: size }, () => new Array<number>(size).fill(0)),
    right: new Array<number>(size).fill(0),
    cost: 0,
  };
  for (const [i, value] of p.entries()) {
    const variance = i < STATES ? (prior.spread[i] ?? 1) ** 2 : 1;
    const off = value - (i < STATES ? (prior.mean[i] ?? 0) : 0);
    const row = normal.matrix[i];
    if (row) row[i] = 1 / variance;
    normal.right[i] = -off / variance;
    normal.cost += off ** 2 / variance;
  }
  return normal;
}

function addProbe(normal: Normal, input: FitInput, p: readonly number[], course: PlaceFit['course']): void {
  const { model, oven, segments } = input;
  const layout = layoutOf(segments);
  const { list, every } = thinned(input.readings.filter(({ use }) => use));
  const variance = (PRIOR.noise ** 2 * PRIOR.inflation) / every;
  const scale = PRIOR.noise ** 2 + 0.3;
  const nudged = Array.from({ length: STATES }, (_, i) =>
    courseOf(model, p.slice(0, STATES).map((value, k) => (k === i ? value + SLOPE_STEP : value))),
  ); // prettier-ignore
  for (const { minute, celsius, segment } of list) {
    const expect = expectedAt(input, p, minute, segment, course);
    const rest = celsius - expect;
    const weight = tailWeight(rest ** 2 / scale) / variance;
    normal.cost += (5 * Math.log(1 + rest ** 2 / scale / 4) * scale) / variance;
    const row: (readonly [number, number])[] = nudged.map((other, i) => [
      i,
      (expectedAt(input, p, minute, segment, other) - expect) / SLOPE_STEP,
    ]);
    const s = scaledTime(p, layout.lag, minute, oven, course.tau);
    const shapes = STATES + SHAPES * segment;
    for (let k = 0; k < SHAPES; k++) row.push([shapes + k, PRIOR.within * atNode(model.basis[k] ?? [], s)]);
    const rising = (atNode(course.core, s + 0.005) - atNode(course.core, s - 0.005)) / 0.01;
    row.push([layout.bias, PRIOR.bias], [layout.lag, (-rising * PRIOR.lagSpread) / 60 / course.tau]);
    const { at, share } = hatAt(s);
    const slack = slackAt(model, s);
    row.push([layout.hat + at, slack * (1 - share)], [layout.hat + at + 1, slack * share]);
    add(normal, row, weight, rest);
  }
}
function addAir(normal: Normal, { oven, segments, sag }: FitInput, p: readonly number[]): void {
  const { thermometer } = layoutOf(segments);
  const { list, every } = thinned(oven.readings.filter(({ use }) => use));
  const variance = (PRIOR.airNoise ** 2 * PRIOR.airInflation) / every;
  for (const { minute, celsius, setPoint } of list) {
    const sagging = sag * Math.exp(-Math.max(0, minute - 1) / 5);
    const rest =
      celsius - setPoint + sagging - SIGMA.offset * (p[0] ?? 0) - PRIOR.thermometerBias * (p[thermometer] ?? 0);
    const weight = tailWeight((rest / PRIOR.airNoise) ** 2) / (variance + (0.4 * sagging) ** 2 * PRIOR.airInflation);
    add(normal, [[0, SIGMA.offset], [thermometer, PRIOR.thermometerBias]], weight, rest); // prettier-ignore
  }
}

const COLD_STEPS = 9;
const WARM_STEPS = 3;
const LEAST_MODEL_SPREAD = 0.008;

/** @param start where the last fit of this place ended */
export function fitPlace(
  input: FitInput,
  start: readonly number[] | undefined,
  states: readonly number[] | undefined,
): PlaceFit {
  const { model, segments, prior } = input;
  const { size } = layoutOf(segments);
  let p: readonly number[] =
    start?.length === size
      ? start
      : Array.from({ length: size }, (_, i) => (i < STATES ? (states?.[i] ?? prior.mean[i] ?? 0) : 0));
  let normal = withPrior(p, input);
  for (let step = 0; step < (start ? WARM_STEPS : COLD_STEPS); step++) {
    const course = courseOf(model, p.slice(0, STATES));
    normal = withPrior(p, input);
    addProbe(normal, input, p, course);
    addAir(normal, input, p);
    const moves = solveWith(cholesky(normal.matrix), normal.right).map((move) =>
      Math.max(-LONGEST_STEP, Math.min(LONGEST_STEP, move)),
    );
    p = p.map((value, i) => {
      const next = value + (moves[i] ?? 0);
      return i < STATES ? Math.max(-FARTHEST, Math.min(FARTHEST, next)) : next;
    });
    if (Math.max(...moves.map(Math.abs)) < 0.01) break;
  }
  return saidOf(input, p, normal);
}

/** What a fit says of the end, the place and the oven, each with how sure. */
function saidOf({ model, segments, above }: FitInput, p: readonly number[], normal: Normal): PlaceFit {
  const states = p.slice(0, STATES);
  const done = doneMinuteOf(model, states);
  const gradient = p.map((_, i) => {
    if (i >= STATES) return 0;
    const at = (by: number) => doneMinuteOf(model, states.map((value, k) => (k === i ? value + by : value))); // prettier-ignore
    return Math.log(at(0.1) / at(-0.1)) / 0.2;
  });
  const shapes = STATES + SHAPES * (segments - 1);
  const ahead = new Array<number>(p.length).fill(0);
  let mean = 0;
  for (let nth = 0; nth <= 10; nth++) {
    const s = 0.3 + 0.05 * nth;
    mean += atNode(above[segments - 1] ?? model.meanPlace, s) / 11;
    for (let k = 0; k < SHAPES; k++)
      ahead[shapes + k] = (ahead[shapes + k] ?? 0) + (PRIOR.within * atNode(model.basis[k] ?? [], s)) / 11;
  }
  mean += dot(ahead, p);
  const lower = cholesky(normal.matrix);
  const spreadOf = (direction: readonly number[]) => Math.sqrt(dot(direction, solveWith(lower, direction)));
  const ovenOnly = p.map((_, i) => (i === 0 ? 1 : 0));
  return {
    p,
    cost: normal.cost,
    lnDone: Math.log(done),
    spread: Math.hypot(spreadOf(gradient), LEAST_MODEL_SPREAD),
    ahead: { mean, spread: spreadOf(ahead) },
    oven: { mean: SIGMA.offset * (p[0] ?? 0), spread: SIGMA.offset * spreadOf(ovenOnly) },
    course: courseOf(model, states),
  };
}
