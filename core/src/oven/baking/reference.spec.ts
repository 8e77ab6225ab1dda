import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import { familyFolds } from '../../doors/samples/heat-folds.js';
import { FURTHER_BAKES, REFERENCE_BAKES, type ReferenceBake } from '../../doors/samples/reference-bakes.js';
import type { HeatModel } from './parameters.js';
import { plainLawMinutes } from './rules-of-thumb.js';
import { simulateBake } from './simulate.js';
import { spreadUnanchored } from './window.js';

/*
 * How good the model is, on the reference tables. A fold's parameters come from a fit without the rows of its family (`npm run fit-heat`),
 * so that no bake is predicted by parameters that have seen it or its kin.
 */

const middle = ({ lowMinutes, highMinutes }: ReferenceBake) => Math.sqrt(lowMinutes * highMinutes);
const meanOf = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;

const folds = familyFolds();
const withoutItsFamily = ({ family }: ReferenceBake): HeatModel => {
  const model = folds.get(family);
  if (!model) throw new Error(`no fold for ${family}`);
  return model;
};

/** Chance that a normal value of this spread around `off` lies within ± `half`. */
function chanceWithin(half: number, off: number, spread: number): number {
  const steps = 200;
  let sum = 0;
  let all = 0;
  for (let i = 0; i <= steps; i++) {
    const z = -4 + (8 * i) / steps;
    const weight = Math.exp((-z * z) / 2);
    all += weight;
    if (Math.abs(off + z * spread) <= half) sum += weight;
  }
  return sum / all;
}

describe('the reference bakes, from first principles', () => {
  let found: readonly number[] = [];
  beforeAll(() => {
    found = REFERENCE_BAKES.map((bake) => simulateBake(bake.spec).doneMinute ?? Number.NaN);
  });

  it('meet their windows as the reference implementation does: nine in ten inside, mean error about 5 %', () => {
    const inside = REFERENCE_BAKES.filter(({ lowMinutes, highMinutes }, i) => {
      const minutes = found[i] ?? Number.NaN;
      return minutes >= lowMinutes && minutes <= highMinutes;
    });
    expect(inside.length / REFERENCE_BAKES.length).toBeGreaterThan(0.9);
    expect(meanOf(REFERENCE_BAKES.map((bake, i) => Math.abs(Math.log((found[i] ?? Number.NaN) / middle(bake)))))).toBeLessThan(0.06);
  }); // prettier-ignore
  it('97 in 100 fall inside their window widened by a tenth', () => {
    const inside = REFERENCE_BAKES.filter((bake, i) => {
      const minutes = found[i] ?? Number.NaN;
      return minutes >= 0.9 * bake.lowMinutes && minutes <= 1.1 * bake.highMinutes;
    });
    expect(REFERENCE_BAKES.length).toBe(191);
    expect(inside.length / REFERENCE_BAKES.length).toBeGreaterThanOrEqual(0.97);
  });
});

describe('the reference bakes, each predicted without its family', () => {
  let errors: readonly number[] = [];
  beforeAll(() => {
    errors = REFERENCE_BAKES.map((bake) =>
      Math.log((simulateBake(bake.spec, {}, withoutItsFamily(bake)).doneMinute ?? Number.NaN) / middle(bake)),
    );
  });

  it('miss by 6.5 % or less on average', () => {
    expect(meanOf(errors.map((error) => Math.abs(Math.expm1(error))))).toBeLessThanOrEqual(0.065);
  });
  it('and 80 % windows hold between 75 and 92 % of what bakers find', () => {
    // a window of the table holds the middle 80 % of good bakers' times
    const held = REFERENCE_BAKES.map((bake, i) => {
      const spread = spreadUnanchored(bake.spec.heatStyle, bake.spec.pan.shape);
      const bakers = Math.log(bake.highMinutes / bake.lowMinutes) / 2 / EIGHT_IN_TEN;
      return chanceWithin(EIGHT_IN_TEN * spread, errors[i] ?? Number.NaN, bakers);
    });
    expect(meanOf(held)).toBeGreaterThanOrEqual(0.75);
    expect(meanOf(held)).toBeLessThanOrEqual(0.92);
  });
  it('lean neither way as a whole, nor with heat', () => {
    expect(Math.abs(meanOf(errors))).toBeLessThan(0.03);
    const at = (is: (celsius: number) => boolean) =>
      meanOf(errors.filter((_, i) => is(REFERENCE_BAKES[i]?.spec.ovenCelsius ?? 0)));
    expect(Math.abs(at((celsius) => celsius >= 218))).toBeLessThan(0.06);
    expect(Math.abs(at((celsius) => celsius <= 155))).toBeLessThan(0.06);
  });
});

describe('the plain law of all bakes', () => {
  it('lies in the middle of them and misses by a seventh: twice as much as the model', () => {
    const errors = [...REFERENCE_BAKES, ...FURTHER_BAKES]
      .filter(({ spec }) => !spec.covers && !spec.stages)
      .map((bake) => {
        const { spec } = bake;
        const says = plainLawMinutes({
          batter: { grams: spec.gramsPerPan * spec.panCount, heatStyle: spec.heatStyle },
          pans: { pan: spec.pan, count: spec.panCount },
          celsius: spec.ovenCelsius,
          fan: spec.fan,
        });
        return Math.log(says / middle(bake));
      });
    expect(Math.abs(meanOf(errors))).toBeLessThan(0.01);
    expect(Math.sqrt(meanOf(errors.map((error) => error ** 2)))).toBeLessThan(0.15);
  });
});
