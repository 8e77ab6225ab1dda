import { HEAT_STYLES, simulateBake, type BakeResult, type BakeSpec } from '../../oven/baking/index.js';
import { isFree, type Vessel } from '../../kitchen/pans/index.js';
import { chanceFrom } from '../../ground/numerics/index.js';
import { halton, probit } from './design.js';
import { dot, interpolated, Symmetric } from './linear.js';
import { placesOf, type ProbePlace } from './probe-places.js';

/*
 * Once per bake: what the simulation says of forty kitchens like this one, boiled down to quadratics that an update can ask in
 * microseconds. Time is scaled by the minute at which the middle sets; that is what makes quadratics enough.
 * @source shared/science/along.md, section 1
 */

/** Oven offset °C, ln heat, ln width, ln mass, batter °C. */
export const STATES = 5;
export const SIGMA = { offset: 12, lnHeat: 0.1, lnWidth: 0.03, lnMass: 0.03, start: 2.5 } as const;
/** Nodes of scaled time from 0 to 1.35. */
export const NODES = 55;
const SCALED_MOST = 1.35;
const NODE_STEP = SCALED_MOST / (NODES - 1);
const MEMBERS = 40;
const MEMBER_SPREAD = 1.25;
const LONGEST_MINUTES = 300;
const RUN_ON = 0.36;
/** The places of the probe are the same for every bake. */
const PLACES_SEED = 20_261_127;

export interface LiveModel {
  readonly spec: BakeSpec;
  /** Colour that the style waits for; 0 for none. */
  readonly leastColour: number;
  readonly lnTau: readonly number[];
  readonly lnColoured: readonly number[];
  /** The middle's temperature at each node, by the features. */
  readonly core: readonly (readonly number[])[];
  readonly places: readonly ProbePlace[];
  /** Three shapes within a place, °C at each node. */
  readonly basis: readonly (readonly number[])[];
  readonly meanPlace: readonly number[];
  /** How much places differ then, °C. */
  readonly amplitude: readonly number[];
  /** The bake as predicted: its minutes and its middle. */
  readonly nominal: {
    readonly doneMinute: number;
    readonly minutes: readonly number[];
    readonly core: readonly number[];
  };
  /** Of the fitted times against those simulated, share. */
  readonly fitError: { readonly rms: number; readonly worst: number };
}

export interface Deviation {
  readonly offset: number;
  readonly lnHeat: number;
  readonly lnWidth: number;
  readonly lnMass: number;
  readonly start: number;
}
const deviationOf = (z: readonly number[]): Deviation => ({
  offset: (z[0] ?? 0) * SIGMA.offset,
  lnHeat: (z[1] ?? 0) * SIGMA.lnHeat,
  lnWidth: (z[2] ?? 0) * SIGMA.lnWidth,
  lnMass: (z[3] ?? 0) * SIGMA.lnMass,
  start: (z[4] ?? 0) * SIGMA.start,
});

const USUAL_BATTER_CELSIUS = 21;
/** The same bake in a kitchen that is so far off. */
export function deviatedSpec(spec: BakeSpec, by: Deviation): BakeSpec {
  return {
    ...spec,
    pan: widened(spec.pan, Math.exp(by.lnWidth)),
    gramsPerPan: spec.gramsPerPan * Math.exp(by.lnMass),
    ovenOffsetCelsius: (spec.ovenOffsetCelsius ?? 0) + by.offset,
    heatScale: (spec.heatScale ?? 1) * Math.exp(by.lnHeat),
    batterCelsius: (spec.batterCelsius ?? USUAL_BATTER_CELSIUS) + by.start,
  };
}
function widened(pan: Vessel, by: number): Vessel {
  if (isFree(pan)) return { ...pan, ...(pan.diameterCm !== undefined && { diameterCm: pan.diameterCm * by }) };
  return {
    ...pan,
    topLengthCm: pan.topLengthCm * by,
    topWidthCm: pan.topWidthCm * by,
    bottomLengthCm: pan.bottomLengthCm * by,
    bottomWidthCm: pan.bottomWidthCm * by,
  };
}

/** 1, z, and every product of two: 21 features. */
function features(z: ArrayLike<number>): readonly number[] {
  const out = [1];
  for (let i = 0; i < STATES; i++) out.push(z[i] ?? 0);
  for (let i = 0; i < STATES; i++) for (let j = i; j < STATES; j++) out.push((z[i] ?? 0) * (z[j] ?? 0));
  return out;
}

/** Colour grows like an integral once it is taken to this power. */
const COLOUR_POWER = 1 / 0.3;
function colouredMinute({ frames }: BakeResult, least: number): number {
  if (!(least > 0)) return 0;
  const minutes = frames.map(({ minute }) => minute);
  const grown = frames.map(({ topColour }) => topColour ** COLOUR_POWER);
  const want = least ** COLOUR_POWER;
  const at = grown.findIndex((value, i) => i > 0 && value >= want);
  if (at > 0) return interpolated(grown.slice(at - 1, at + 1), minutes.slice(at - 1, at + 1), want);
  const n = frames.length - 1;
  const [x0 = 0, x1 = 1, y0 = 0, y1 = 0] = [minutes[n - 1], minutes[n], grown[n - 1], grown[n]];
  const slope = (y1 - y0) / (x1 - x0);
  return Math.min(x1 * 3, x1 + (want - y1) / Math.max(slope, 1e-6));
}

interface Member {
  readonly z: readonly number[];
  readonly spec: BakeSpec;
  readonly result: BakeResult;
  readonly tau: number;
  readonly coloured: number;
  readonly minutes: readonly number[];
  readonly core: readonly number[];
}
const BASES = [2, 3, 5, 7, 11];
/** The middle kitchen first, then one after another of the forty: so that a worker can stop between. */
function memberOf(spec: BakeSpec, nth: number, frameEveryMinutes: number): Member | undefined {
  const z = BASES.map((base) =>
    nth === 0 ? 0 : MEMBER_SPREAD * Math.max(-2, Math.min(2, probit(halton(nth + 20, base)))),
  );
  const own = deviatedSpec(spec, deviationOf(z));
  const result = simulateBake(own, { frameEveryMinutes, runOnShare: RUN_ON, longestMinutes: LONGEST_MINUTES });
  if (result.coreSetMinute === undefined) return undefined;
  return {
    z,
    spec: own,
    result,
    tau: result.coreSetMinute,
    coloured: colouredMinute(result, HEAT_STYLES[spec.heatStyle].leastColour),
    minutes: result.frames.map(({ minute }) => minute),
    core: result.frames.map(({ coreCelsius }) => coreCelsius),
  };
}

/** Frames this far apart: a cup is done in twenty minutes, a loaf in sixty. */
const frameEvery = (spec: BakeSpec): number => (spec.pan.cavities > 1 && !isFree(spec.pan) ? 0.2 : 0.4);

/** Learns a bake: 41 simulations, one to five seconds; for a worker. Undefined where the bake itself never sets. */
export function learnBake(spec: BakeSpec): LiveModel | undefined {
  const every = frameEvery(spec);
  const middle = memberOf(spec, 0, every);
  if (!middle) return undefined;
  const others = Array.from({ length: MEMBERS }, (_, nth) => memberOf(spec, nth + 1, every) ?? []);
  const members = [middle, ...others.flat()];
  const rows = members.map(({ z }) => features(z));
  const width = rows[0]?.length ?? 0;
  const normal = new Symmetric(width);
  for (const row of rows)
    for (let i = 0; i < width; i++) for (let j = 0; j <= i; j++) normal.add(i, j, (row[i] ?? 0) * (row[j] ?? 0));
  for (let i = 0; i < width; i++) normal.add(i, i, 1e-6);
  const factor = normal.factor();
  const fitted = (values: readonly number[]): readonly number[] => [
    ...factor.solve(Array.from({ length: width }, (_, i) => rows.reduce((sum, row, m) => sum + (row[i] ?? 0) * (values[m] ?? 0), 0))),
  ]; // prettier-ignore
  const nodes = Array.from({ length: NODES }, (_, k) => k * NODE_STEP);
  const curves = members.map(({ minutes, core, tau }) => nodes.map((s) => interpolated(minutes, core, s * tau)));
  const lnTau = fitted(members.map(({ tau }) => Math.log(tau)));
  const errors = members.map(({ tau }, m) => dot(lnTau, rows[m] ?? []) - Math.log(tau));
  const leastColour = HEAT_STYLES[spec.heatStyle].leastColour;
  const { places, basis, mean, amplitude } = placesOf(
    middle.result,
    middle.spec,
    middle.tau,
    nodes,
    chanceFrom(PLACES_SEED),
  );
  return {
    spec,
    leastColour,
    lnTau,
    lnColoured: fitted(members.map(({ coloured }) => Math.log(Math.max(coloured, 0.1)))),
    core: nodes.map((_, k) => fitted(curves.map((curve) => curve[k] ?? 0))),
    places,
    basis,
    meanPlace: mean,
    amplitude,
    nominal: {
      doneMinute: middle.result.doneMinute ?? middle.tau,
      minutes: middle.minutes,
      core: middle.core,
    },
    fitError: {
      rms: Math.sqrt(errors.reduce((sum, error) => sum + error * error, 0) / errors.length),
      worst: Math.max(...errors.map(Math.abs)),
    },
  };
}

/** The longest that colour is waited for beyond the middle. */
const LONGEST_COLOUR = 1.2;
/** Minute at which it is done in a kitchen that is so far off. */
export function doneMinuteOf(model: LiveModel, z: ArrayLike<number>): number {
  const row = features(z);
  const tau = Math.exp(dot(model.lnTau, row));
  if (!(model.leastColour > 0)) return tau;
  return Math.max(tau, Math.min(Math.exp(dot(model.lnColoured, row)), LONGEST_COLOUR * tau));
}
/** The middle's course in such a kitchen: when it sets, and its temperature at each node. */
export interface CoreCourse {
  readonly tau: number;
  readonly core: Float64Array;
}
export function courseOf(model: LiveModel, z: ArrayLike<number>): CoreCourse {
  const row = features(z);
  const core = new Float64Array(NODES);
  for (let k = 0; k < NODES; k++) core[k] = dot(model.core[k] ?? [], row);
  return { tau: Math.exp(dot(model.lnTau, row)), core };
}

/** Where a scaled time stands among the nodes: the node before it, and the share of the way to the next. */
export const nodesPassed = (s: number): number => Math.min(Math.max(s, 0), SCALED_MOST - 1e-9) / NODE_STEP;
/** A course at so many nodes passed. */
export function between(course: ArrayLike<number>, passed: number): number {
  const before = Math.floor(passed);
  const here = course[before] ?? 0;
  return here + ((course[before + 1] ?? here) - here) * (passed - before);
}
/** A course at a scaled time. */
export const atNode = (course: ArrayLike<number>, s: number): number => between(course, nodesPassed(s));
