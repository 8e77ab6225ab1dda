import { dot, Symmetric } from './linear.js';
import type { OvenWatch } from './oven-watch.js';
import type { ProbeReading } from './probe-watch.js';
import { atNode, between, courseOf, doneMinuteOf, NODES, nodesPassed, SIGMA, STATES, type CoreCourse, type LiveModel } from './surrogate.js'; // prettier-ignore

/*
 * One place of the probe, fitted: a few steps of Gauss–Newton over the kitchen (five states), three shapes for each place the probe stood
 * at, its lag and bias, the thermometer's bias, and ten hats for what the model itself may be off by. It is asked for two dozen places at
 * every update, so what all readings share is worked out once a step, and nothing is made for a reading.
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
  hatShare: 0.15,
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
  /** What the probe and the thermometer showed, as many as are looked at. */
  readonly probe: Thinned<ProbeReading>;
  readonly air: Thinned<OvenWatch['readings'][number]>;
  readonly oven: OvenWatch;
  readonly segments: number;
  readonly prior: PriorStates;
  /** °C that the air sags by when the pans go in. */
  readonly sag: number;
}
/** What the probe shows above the coldest point in each segment, at the nodes. */
export type Above = readonly (readonly number[])[];
export interface PlaceFit {
  readonly p: Float64Array;
  readonly cost: number;
  /** ln of the minute at which it is done on the bake's own clock, and its spread. */
  readonly lnDone: number;
  readonly spread: number;
  readonly ahead: { readonly mean: number; readonly spread: number };
  readonly oven: { readonly mean: number; readonly spread: number };
  readonly course: CoreCourse;
}

interface Thinned<T> {
  readonly list: readonly T[];
  readonly every: number;
}
/** The last of them, and every so many before. */
export function thinned<T extends { readonly use: boolean }>(readings: readonly T[]): Thinned<T> {
  const list = readings.filter(({ use }) => use);
  const every = Math.max(1, Math.ceil(list.length / MOST_READINGS));
  return { list: every === 1 ? list : list.filter((_, i) => i % every === (list.length - 1) % every), every };
}

/** Where each unknown stands in the list. */
const layoutOf = (segments: number) => {
  const lag = STATES + SHAPES * segments;
  return { lag, bias: lag + 1, thermometer: lag + 2, hat: lag + 3, size: lag + 3 + HATS };
};

/** What the model may be off by at a scaled time, °C. */
export const slackAt = (model: LiveModel, s: number): number => {
  const differs = PRIOR.hatShare * atNode(model.amplitude, s);
  return Math.sqrt(PRIOR.hat ** 2 + differs * differs);
};

/** What the probe is to show, by the unknowns of one place: what no reading changes stands ready. */
class Shown {
  private readonly layout;
  /** Above the coldest point at the nodes, segment by segment, the probe's bias with it. */
  private readonly above: readonly Float64Array[];
  private readonly lagMinutes: number;

  constructor(
    private readonly input: Pick<FitInput, 'model' | 'oven' | 'segments'>,
    above: Above,
    private readonly p: Float64Array,
  ) {
    const { model, segments } = input;
    this.layout = layoutOf(segments);
    this.lagMinutes = (PRIOR.lagSeconds + PRIOR.lagSpread * (p[this.layout.lag] ?? 0)) / 60;
    const bias = PRIOR.bias * (p[this.layout.bias] ?? 0);
    this.above = Array.from({ length: segments }, (_, segment) => {
      const shown = Float64Array.from(above[segment] ?? model.meanPlace);
      for (let q = 0; q < SHAPES; q++) {
        const share = PRIOR.within * (p[STATES + SHAPES * segment + q] ?? 0);
        for (let k = 0; k < NODES; k++) shown[k] = (shown[k] ?? 0) + share * (model.basis[q]?.[k] ?? 0);
      }
      for (let k = 0; k < NODES; k++) shown[k] = (shown[k] ?? 0) + bias;
      return shown;
    });
  }
  scaled(minute: number, tau: number): number {
    return (minute - this.lagMinutes - this.input.oven.lostBy(minute, tau)) / tau;
  }
  at(minute: number, segment: number, { tau, core }: CoreCourse): number {
    const s = this.scaled(minute, tau);
    const passed = nodesPassed(s);
    const place = this.above[segment];
    return between(core, passed) + (place ? between(place, passed) : 0) + slackAt(this.input.model, s) * this.hatAt(s);
  }
  private hatAt(s: number): number {
    const x = hatsPassed(s);
    const hat = this.layout.hat + Math.floor(x);
    const share = x - Math.floor(x);
    return (this.p[hat] ?? 0) * (1 - share) + (this.p[hat + 1] ?? 0) * share;
  }
}
const hatsPassed = (s: number): number => Math.min(HATS - 1.0001, Math.max(0, (s / SCALED_TO) * (HATS - 1)));

/** What the probe is to show in a segment, by a fit. */
export const expectedAt = (input: FitInput, above: Above, { p, course }: PlaceFit, minute: number, segment: number) =>
  new Shown(input, above, p).at(minute, segment, course);

/** The normal equations at a point. A measurement names the unknowns it knows of, rising, and how it changes with each. */
class Normal {
  readonly matrix: Symmetric;
  readonly right: Float64Array;
  cost = 0;
  private readonly unknowns = new Int32Array(STATES + SHAPES + 5);
  private readonly slopes = new Float64Array(STATES + SHAPES + 5);
  private named = 0;

  constructor(size: number) {
    this.matrix = new Symmetric(size);
    this.right = new Float64Array(size);
  }
  name(unknown: number, slope: number): void {
    this.unknowns[this.named] = unknown;
    this.slopes[this.named++] = slope;
  }
  take(weight: number, rest: number): void {
    const { matrix, right, unknowns, slopes } = this;
    for (let i = 0; i < this.named; i++) {
      const row = unknowns[i] ?? 0;
      const slope = weight * (slopes[i] ?? 0);
      right[row] = (right[row] ?? 0) + slope * rest;
      for (let j = 0; j <= i; j++) matrix.add(row, unknowns[j] ?? 0, slope * (slopes[j] ?? 0));
    }
    this.named = 0;
  }
}
/** Heavy tails: what is far off counts less. */
const tailWeight = (squared: number): number => 5 / (4 + squared);

function withPrior(p: Float64Array, { prior }: FitInput): Normal {
  const normal = new Normal(p.length);
  for (const [i, value] of p.entries()) {
    const variance = i < STATES ? (prior.spread[i] ?? 1) ** 2 : 1;
    const off = value - (i < STATES ? (prior.mean[i] ?? 0) : 0);
    normal.matrix.add(i, i, 1 / variance);
    normal.right[i] = -off / variance;
    normal.cost += off ** 2 / variance;
  }
  return normal;
}

function addProbe(normal: Normal, input: FitInput, above: Above, p: Float64Array): void {
  const { model, segments, probe } = input;
  const layout = layoutOf(segments);
  const variance = (PRIOR.noise ** 2 * PRIOR.inflation) / probe.every;
  const scale = PRIOR.noise ** 2 + 0.3;
  const shown = new Shown(input, above, p);
  const course = courseOf(model, p);
  const nudged = Array.from({ length: STATES }, (_, i) => {
    const other = p.slice(0, STATES);
    other[i] = (other[i] ?? 0) + SLOPE_STEP;
    return courseOf(model, other);
  });
  for (const { minute, celsius, segment } of probe.list) {
    const expect = shown.at(minute, segment, course);
    const rest = celsius - expect;
    const off = (rest * rest) / scale;
    normal.cost += (5 * Math.log(1 + off / 4) * scale) / variance;
    for (let i = 0; i < STATES; i++)
      normal.name(i, (shown.at(minute, segment, nudged[i] ?? course) - expect) / SLOPE_STEP);
    const s = shown.scaled(minute, course.tau);
    const passed = nodesPassed(s);
    const shapes = STATES + SHAPES * segment;
    for (let k = 0; k < SHAPES; k++) normal.name(shapes + k, PRIOR.within * between(model.basis[k] ?? [], passed));
    const rising = (atNode(course.core, s + 0.005) - atNode(course.core, s - 0.005)) / 0.01;
    normal.name(layout.lag, (-rising * PRIOR.lagSpread) / 60 / course.tau);
    normal.name(layout.bias, PRIOR.bias);
    const hats = hatsPassed(s);
    const hat = Math.floor(hats);
    const slack = slackAt(model, s);
    normal.name(layout.hat + hat, slack * (1 - hats + hat));
    normal.name(layout.hat + hat + 1, slack * (hats - hat));
    normal.take(tailWeight(off) / variance, rest);
  }
}
function addAir(normal: Normal, { air, segments, sag }: FitInput, p: Float64Array): void {
  const { thermometer } = layoutOf(segments);
  const variance = (PRIOR.airNoise ** 2 * PRIOR.airInflation) / air.every;
  for (const { minute, celsius, setPoint } of air.list) {
    const sagging = sag * Math.exp(-Math.max(0, minute - 1) / 5);
    const rest =
      celsius - setPoint + sagging - SIGMA.offset * (p[0] ?? 0) - PRIOR.thermometerBias * (p[thermometer] ?? 0);
    normal.name(0, SIGMA.offset);
    normal.name(thermometer, PRIOR.thermometerBias);
    normal.take(
      tailWeight((rest / PRIOR.airNoise) ** 2) / (variance + (0.4 * sagging) ** 2 * PRIOR.airInflation),
      rest,
    );
  }
}

const COLD_STEPS = 9;
const WARM_STEPS = 3;
const ENOUGH = 0.01;
const LEAST_MODEL_SPREAD = 0.006;
const within = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

/** @param start where the last fit of this place ended */
export function fitPlace(
  input: FitInput,
  above: Above,
  start: Float64Array | undefined,
  states: Float64Array | undefined,
): PlaceFit {
  const { size } = layoutOf(input.segments);
  const p =
    start?.length === size
      ? start.slice()
      : Float64Array.from({ length: size }, (_, i) => (i < STATES ? (states?.[i] ?? input.prior.mean[i] ?? 0) : 0));
  let normal = withPrior(p, input);
  for (let step = 0; step < (start ? WARM_STEPS : COLD_STEPS); step++) {
    normal = withPrior(p, input);
    addProbe(normal, input, above, p);
    addAir(normal, input, p);
    const moves = normal.matrix.factor().solve(normal.right);
    let farthest = 0;
    for (let i = 0; i < size; i++) {
      const move = within(moves[i] ?? 0, LONGEST_STEP);
      farthest = Math.max(farthest, Math.abs(move));
      const next = (p[i] ?? 0) + move;
      p[i] = i < STATES ? within(next, FARTHEST) : next;
    }
    if (farthest < ENOUGH) break;
  }
  return saidOf(input, above, p, normal);
}

/** What a fit says of the end, the place and the oven, each with how sure. */
function saidOf({ model, segments }: FitInput, above: Above, p: Float64Array, normal: Normal): PlaceFit {
  const gradient = new Float64Array(p.length);
  for (let i = 0; i < STATES; i++) {
    const at = (by: number) => {
      const states = p.slice(0, STATES);
      states[i] = (states[i] ?? 0) + by;
      return doneMinuteOf(model, states);
    };
    gradient[i] = Math.log(at(0.1) / at(-0.1)) / 0.2;
  }
  const shapes = STATES + SHAPES * (segments - 1);
  const ahead = new Float64Array(p.length);
  let mean = 0;
  for (let nth = 0; nth <= 10; nth++) {
    const s = 0.3 + 0.05 * nth;
    mean += atNode(above[segments - 1] ?? model.meanPlace, s) / 11;
    for (let k = 0; k < SHAPES; k++)
      ahead[shapes + k] = (ahead[shapes + k] ?? 0) + (PRIOR.within * atNode(model.basis[k] ?? [], s)) / 11;
  }
  mean += dot(ahead, p);
  const factor = normal.matrix.factor();
  const spreadOf = (direction: Float64Array) => Math.sqrt(dot(direction, factor.solve(direction)));
  const ovenOnly = Float64Array.from(p, (_, i) => (i === 0 ? 1 : 0));
  return {
    p,
    cost: normal.cost,
    lnDone: Math.log(doneMinuteOf(model, p)),
    spread: Math.hypot(spreadOf(gradient), LEAST_MODEL_SPREAD),
    ahead: { mean, spread: spreadOf(ahead) },
    oven: { mean: SIGMA.offset * (p[0] ?? 0), spread: SIGMA.offset * spreadOf(ovenOnly) },
    course: courseOf(model, p),
  };
}
