import type { Pan, Vessel } from '../../kitchen/pans/index.js';
import { REFERENCE_BAKES } from '../../doors/samples/reference-bakes.js';
import { HEAT_STYLES } from './parameters.js';
import { simulateBake, type BakeSpec } from './index.js';

/*
 * The numerics against what mathematics says: a solid of constant properties, heated by convection, has a series for its middle. The box is
 * the product of three slabs. @source Carslaw and Jaeger; the series are summed here, not in the code under test.
 */

const CONDUCTIVITY = 0.3;
const HEAT_CAPACITY = 2800;
const DENSITY = 900;
const DIFFUSIVITY = CONDUCTIVITY / DENSITY / HEAT_CAPACITY;
const HALF = 0.035;
const START = 20;
const OVEN = 170;
const REACHED = 97;

function roots(f: (x: number) => number): number[] {
  const found: number[] = [];
  const step = Math.PI / 400;
  let x = 1e-9;
  let before = f(x);
  while (found.length < 8) {
    const after = f(x + step);
    if (before * after < 0 && Math.abs(before - after) < 1e3) {
      let [low, high] = [x, x + step];
      for (let i = 0; i < 60; i++) {
        const middle = (low + high) / 2;
        if (f(low) * f(middle) <= 0) high = middle;
        else low = middle;
      }
      found.push((low + high) / 2);
    }
    x += step;
    before = after;
  }
  return found;
}
const mean = (f: (t: number) => number) =>
  Array.from({ length: 400 }, (_, i) => f((Math.PI * (i + 0.5)) / 400)).reduce((sum, y) => sum + y, 0) / 400;
const bessel0 = (x: number) => mean((t) => Math.cos(x * Math.sin(t)));
const bessel1 = (x: number) => mean((t) => Math.cos(t - x * Math.sin(t)));

type Kind = 'slab' | 'cylinder' | 'sphere';
const EQUATION: Readonly<Record<Kind, (x: number, biot: number) => number>> = {
  slab: (x, biot) => x * Math.sin(x) - biot * Math.cos(x),
  cylinder: (x, biot) => x * bessel1(x) - biot * bessel0(x),
  sphere: (x, biot) => x * Math.cos(x) - (1 - biot) * Math.sin(x),
};
const WEIGHT: Readonly<Record<Kind, (z: number) => number>> = {
  slab: (z) => (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z)),
  cylinder: (z) => ((2 / z) * bessel1(z)) / (bessel0(z) ** 2 + bessel1(z) ** 2),
  sphere: (z) => (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z)),
};
/** Share of the step left in the middle after so many seconds. */
function middleOf(kind: Kind, transfer: number, half: number): (seconds: number) => number {
  const biot = (transfer * half) / CONDUCTIVITY;
  const terms = roots((x) => EQUATION[kind](x, biot)).map((z) => [z, WEIGHT[kind](z)] as const);
  return (seconds) =>
    terms.reduce((sum, [z, weight]) => sum + weight * Math.exp((-z * z * DIFFUSIVITY * seconds) / half ** 2), 0);
}

const box = (lengthCm: number, widthCm: number, depthCm: number): Pan => ({
  name: 'box', shape: 'rectangle', topLengthCm: lengthCm, topWidthCm: widthCm, bottomLengthCm: lengthCm, bottomWidthCm: widthCm, depthCm, cavities: 1, material: 'light',
}); // prettier-ignore
const round: Pan = {
  name: 'round', shape: 'round', topLengthCm: 7, topWidthCm: 7, bottomLengthCm: 7, bottomWidthCm: 7, depthCm: 10, cavities: 1, material: 'light',
}; // prettier-ignore

interface Case {
  readonly name: string;
  readonly pan: Vessel;
  readonly grams: number;
  readonly faces: readonly [top: number, side: number, bottom: number];
  readonly left: (seconds: number) => number;
}
function cases(transfer: number): readonly Case[] {
  const slab = middleOf('slab', transfer, HALF);
  const [a, b] = [middleOf('slab', transfer, 0.06), middleOf('slab', transfer, 0.04)];
  return [
    { name: 'slab heated from above', pan: box(10, 10, 10), grams: 0.01 * HALF * DENSITY * 1000, faces: [transfer, 0, 0], left: slab },
    { name: 'slab heated from both sides', pan: box(70, 7, 10), grams: 0.07 * 0.7 * 0.1 * DENSITY * 1000, faces: [0, transfer, 0], left: (s) => slab(s) * middleOf('slab', transfer, 0.35)(s) },
    { name: 'cylinder', pan: round, grams: Math.PI * HALF ** 2 * 0.1 * DENSITY * 1000, faces: [0, transfer, 0], left: middleOf('cylinder', transfer, HALF) },
    { name: 'box of 12 by 8 by 7 cm', pan: box(12, 8, 20), grams: 0.12 * 0.08 * 0.07 * DENSITY * 1000, faces: [transfer, transfer, transfer], left: (s) => a(s) * b(s) * slab(s) },
    // half a sphere on an insulating sheet is a sphere
    { name: 'sphere', pan: { name: 'half a sphere', shape: 'dome', diameterCm: 7, heightCm: 3.5, cavities: 1, material: 'light' }, grams: (2 / 3) * Math.PI * HALF ** 3 * DENSITY * 1000, faces: [transfer, transfer, 0], left: middleOf('sphere', transfer, HALF) },
  ]; // prettier-ignore
}

/** Seconds at which the middle reaches 97 °C by the series. */
function secondsBySeries(left: (seconds: number) => number): number {
  let [low, high] = [1, 15_000];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (OVEN - (OVEN - START) * left(middle) < REACHED) low = middle;
    else high = middle;
  }
  return low;
}
function secondsBySimulation({ pan, grams, faces }: Omit<Case, 'left' | 'name'>): number {
  // the mass is given, the style's own density is what turns it into a volume
  const scale = HEAT_STYLES.layer.rawDensity / DENSITY;
  let reached = Number.NaN;
  let [secondsBefore, before] = [0, START];
  simulateBake(
    { pan, panCount: 1, gramsPerPan: grams * scale, heatStyle: 'layer', ovenCelsius: OVEN, fan: false, batterCelsius: START },
    {
      longestMinutes: 200,
      stepSeconds: 8,
      constant: {
        conductivity: CONDUCTIVITY,
        heatCapacity: HEAT_CAPACITY,
        top: faces[0],
        side: faces[1],
        bottom: faces[2],
        each: (seconds, coldest) => {
          if (Number.isNaN(reached) && coldest >= REACHED)
            reached = secondsBefore + ((REACHED - before) / (coldest - before)) * (seconds - secondsBefore);
          [secondsBefore, before] = [seconds, coldest];
        },
      },
    },
  ); // prettier-ignore
  return reached;
}

describe('simulateBake against analytic solutions', () => {
  for (const transfer of [20, 60]) {
    for (const one of cases(transfer)) {
      it(`heats a ${one.name} at ${transfer} W/m²K within 1 % of the series`, () => {
        const error = secondsBySimulation(one) / secondsBySeries(one.left) - 1;
        expect(Math.abs(error)).toBeLessThan(0.01);
      });
    }
  }
});

const bakeOf = (id: string): BakeSpec => {
  const referenceBake = REFERENCE_BAKES.find((bake) => bake.id === id);
  if (!referenceBake) throw new Error(id);
  return referenceBake.spec;
};
/** One of every shape: loaf, layer, muffins, biscuits, wedges, soda bread, ring, fruit cake, sheet. */
const ONE_OF_EACH = ['T01', 'T07', 'T24', 'T29', 'T30', 'T32', 'T19', 'T34', 'T15'];

describe('simulateBake', () => {
  for (const id of ONE_OF_EACH) {
    it(`closes its energy books within 0.5 %, cooling included (${id})`, () => {
      const { energyError, cooling } = simulateBake(bakeOf(id), {
        cool: { inPanMinutes: 10, roomCelsius: 21, sliceCelsius: 32 },
      });
      expect(Math.abs(energyError)).toBeLessThan(0.005);
      expect(cooling?.minutesTo.frost).toBeGreaterThan(cooling?.minutesTo.slice ?? Infinity);
    });
  }
  it('closes its books from frozen too, where melting takes its heat', () => {
    const frozen = simulateBake({ ...bakeOf('T30'), batterCelsius: -18 });
    expect(Math.abs(frozen.energyError)).toBeLessThan(0.005);
    const thawed = simulateBake({ ...bakeOf('T30'), batterCelsius: 4 });
    expect(frozen.doneMinute).toBeGreaterThan((thawed.doneMinute ?? Infinity) * 1.15);
  });
});
