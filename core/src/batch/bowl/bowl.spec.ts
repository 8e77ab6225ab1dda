import fc from 'fast-check';
import {
  frostingFor,
  MIXING_FAMILIES,
  mixingFamily,
  mixingPlan,
  scalingNotes,
  soakMillilitres,
  swirlMillilitres,
} from './index.js';

describe('frostingFor', () => {
  it('fills and coats three 20 cm layers of 4 cm: discs, a lid and a ring', () => {
    const frosting = frostingFor({ layers: 3, diameterCm: 20, layerHeightCm: 4, fillingCm: 0.8, coatCm: 0.5 });
    expect(frosting.fillingMillilitres).toBeCloseTo(2 * Math.PI * 100 * 0.8, 6);
    expect(frosting.sideMillilitres).toBeCloseTo(Math.PI * (10.5 ** 2 - 10 ** 2) * 13.6, 6);
    expect(frosting.topMillilitres).toBeCloseTo(Math.PI * 10.5 ** 2 * 0.5, 6);
    expect(frosting.grams).toBeCloseTo(0.9 * frosting.millilitres, 9);
  });
  it('goes with the surface, not with the flour: twice the diameter is four times the filling', () => {
    const one = frostingFor({ layers: 2, diameterCm: 15, layerHeightCm: 4, fillingCm: 1, coatCm: 0 });
    const two = frostingFor({ layers: 2, diameterCm: 30, layerHeightCm: 4, fillingCm: 1, coatCm: 0 });
    expect(two.millilitres / one.millilitres).toBeCloseTo(4, 9);
    expect(frostingFor({ layers: 1, diameterCm: 20, layerHeightCm: 4, fillingCm: 1, coatCm: 0 }).millilitres).toBe(0);
  });
  it('refuses a cake that is none', () => {
    expect(() => frostingFor({ layers: 0, diameterCm: 20, layerHeightCm: 4, fillingCm: 1, coatCm: 1 })).toThrowError(
      /layers/,
    );
    expect(() => frostingFor({ layers: 2, diameterCm: -1, layerHeightCm: 4, fillingCm: 1, coatCm: 1 })).toThrowError(
      /diameter/,
    );
  });
});

describe('frosting of cups, boxes and soaks', () => {
  it('coats a box as the difference of two boxes', () => {
    const frosting = frostingFor({ lengthCm: 30, widthCm: 20, layers: 1, layerHeightCm: 4, fillingCm: 0, coatCm: 0.5 });
    expect(frosting.millilitres).toBeCloseTo(31 * 21 * 4.5 - 30 * 20 * 4, 6);
  });
  it('puts a cone on a cupcake, and more on a tall one', () => {
    expect(swirlMillilitres(1, 6, 'swirl')).toBeCloseTo((Math.PI / 12) * 36 * 3.6, 6);
    expect(swirlMillilitres(12, 6, 'tall')).toBeGreaterThan(swirlMillilitres(12, 6, 'swirl'));
    expect(swirlMillilitres(12, 6, 'spread')).toBeLessThan(swirlMillilitres(12, 6, 'swirl'));
    expect(() => swirlMillilitres(0, 6, 'swirl')).toThrowError(/count/);
  });
  it('soaks by surface: a 20 cm layer takes 45 to 60 ml, as bakers pour', () => {
    const one = soakMillilitres(1, { diameterCm: 20 });
    expect(one).toBeGreaterThan(45);
    expect(one).toBeLessThan(60);
    expect(soakMillilitres(2, { diameterCm: 28.2843 })).toBeCloseTo(4 * one, 2);
  });
});

describe('mixingPlan', () => {
  const mixer = { bowlLitres: 4.5, mostFlourGrams: 1000 };
  const batch = (factor: number) => ({
    grams: 924 * factor,
    flourGrams: 270 * factor,
    factor,
    gramsPerMillilitre: 1.02,
  });
  it('mixes one formula in one bowl, and never more flour or batter than the bowl takes', () => {
    expect(mixingPlan(batch(1), 'muffin', mixer).goes).toBe(1);
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 60, noNaN: true }),
        fc.constantFrom(...MIXING_FAMILIES),
        (factor, family) => {
          const plan = mixingPlan(batch(factor), family, mixer);
          expect(plan.goes * plan.gramsEachGo).toBeCloseTo(924 * factor, 6);
          expect(plan.bowlShare).toBeLessThanOrEqual(0.651);
          expect((270 * factor) / plan.goes).toBeLessThanOrEqual(1200 + 1e-6);
          expect(plan.because === undefined).toBe(plan.goes === 1);
        },
      ),
    );
  });
  it('warns of a doubled bowl by its method, and not when it is mixed twice', () => {
    expect(mixingPlan(batch(2), 'muffin', mixer).overmixing).toBe('high');
    expect(mixingPlan(batch(2), 'creaming', mixer).overmixing).toBe('low');
    const twice = mixingPlan(batch(2), 'muffin', mixer, 'mix-twice');
    expect([twice.goes, twice.because, twice.overmixing]).toEqual([2, 'overmixing', 'low']);
  });
});

describe('scalingNotes', () => {
  it('says what does not go straight, where it matters', () => {
    expect(scalingNotes(1, 900)).toEqual([]);
    expect(scalingNotes(0.1, 900)).toEqual(['bake-time-changes', 'tiny-batch', 'mix-by-look']);
    expect(scalingNotes(3, 900, true)).toContain('soak-evaporates');
    expect(scalingNotes(3, 900)).not.toContain('soak-evaporates');
  });
});

describe('mixingFamily', () => {
  it('is what the method says outright, before its style is asked', () => {
    expect(mixingFamily('all-in-one', 'Cream the butter with the sugar until pale.')).toBe('creaming');
    expect(mixingFamily('muffin method', 'Rub the butter into the flour.')).toBe('rub-in');
    expect(mixingFamily('creaming', 'Rub the butter into the flour until it looks like crumbs.')).toBe('rub-in');
  });
  it('is that of the style where the method does not say: cream that is poured or spread is no creaming', () => {
    expect(mixingFamily('muffin method', 'Serve with clotted cream. Spread the cream cheese over it.')).toBe('muffin');
    expect(mixingFamily('melt and mix', 'Rub the tin with butter.')).toBe('melt');
    expect(mixingFamily('creaming', 'Boil the fruit, butter and sugar for 5 minutes.')).toBe('melt');
    expect(mixingFamily('creaming', 'Melt the syrup, treacle and butter.')).toBe('melt');
    expect(mixingFamily('creaming', 'Melt the butter for the top.')).toBe('creaming');
    expect(mixingFamily('')).toBe('one-bowl');
  });
});
