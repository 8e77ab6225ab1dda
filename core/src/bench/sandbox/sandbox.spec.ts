import fc from 'fast-check';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { USUAL_PLACE } from '../../kitchen/kitchen/index.js';
import { batterOf } from '../../doors/samples/index.js';
import type { EXPERIMENTS } from './index.js';
import { answerOf, experimentOf, experimentsFor, knobsOf, tryOut, turned, type Knobs } from './index.js';
import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';

const powder = mustBeIngredient('aluminium-free-baking-powder');
const CAKE = batterOf({ 'all-purpose-flour': 225, 'superfine-sugar': 225, 'unsalted-butter': 170, egg: 200, 'whole-milk': 90, 'table-salt': 2, 'aluminium-free-baking-powder': 8 }); // prettier-ignore
const SODA_BREAD = batterOf({ 'all-purpose-flour': 450, buttermilk: 370, 'table-salt': 7, 'baking-soda': 3.6 });
const cake = (change: Partial<Knobs> = {}) =>
  tryOut(CAKE, mustBeStyle('creamed_butter_cake'), { ...knobsOf(CAKE), ...change }, powder, USUAL_PLACE);

describe('tryOut', () => {
  it('changes nothing while no knob is turned', () => {
    const before = new Map(CAKE.map(({ ingredient, grams }) => [ingredient.id, grams]));
    for (const { ingredient, grams } of turned(CAKE, knobsOf(CAKE), powder))
      expect(grams)
        .withContext(ingredient.id)
        .toBeCloseTo(before.get(ingredient.id) ?? -1, 9);
  });
  it('keeps the flour when it turns wholemeal', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (wholeGrain) => {
        const flour = turned(CAKE, { ...knobsOf(CAKE), wholeGrain }, powder)
          .filter(({ ingredient }) => ingredient.id.includes('flour'))
          .reduce((sum, { grams }) => sum + grams, 0);
        expect(flour).toBeCloseTo(225, 6);
      }),
    );
  });
  it('rises with powder until it falls', () => {
    const heights = [0, 4, 8, 12, 16, 24].map((powderGrams) => cake({ powderGrams }).section.middle);
    expect(heights[2]).toBeGreaterThan(heights[0] ?? 9);
    expect(heights[5]).toBeLessThan(heights[3] ?? 0);
    const most = cake({ powderGrams: 24 }).section;
    expect(most.middle).toBeLessThan(most.side);
  });
  it('browns with soda and pales with acid and without sugar, in order', () => {
    expect(cake({ sodaGrams: 3 }).section.crust).toBeGreaterThan(cake().section.crust);
    expect(cake({ acidGrams: 20 }).section.crust).toBeLessThan(cake().section.crust);
    expect(cake({ sugar: 0.5 }).section.crust).toBeLessThan(cake().section.crust);
  });
  it('lies lower melted than creamed, and after waiting', () => {
    expect(cake({ melted: true }).specificVolume).toBeLessThan(cake().specificVolume);
    expect(cake({ waitMinutes: 60 }).specificVolume).toBeLessThan(cake().specificVolume);
  });
  it('stays within what can be drawn, wherever the knobs stand', () => {
    fc.assert(
      fc.property(
        fc.record({
          sodaGrams: fc.double({ min: 0, max: 15, noNaN: true }),
          powderGrams: fc.double({ min: 0, max: 40, noNaN: true }),
          acidGrams: fc.double({ min: 0, max: 60, noNaN: true }),
          liquid: fc.double({ min: 0, max: 3, noNaN: true }),
          fat: fc.double({ min: 0, max: 3, noNaN: true }),
          sugar: fc.double({ min: 0, max: 3, noNaN: true }),
          egg: fc.double({ min: 0, max: 3, noNaN: true }),
          wholeGrain: fc.double({ min: 0, max: 1, noNaN: true }),
          waitMinutes: fc.integer({ min: 0, max: 120 }),
        }),
        (change) => {
          const { section } = cake(change);
          for (const [key, value] of Object.entries(section)) {
            expect(Number.isFinite(value)).withContext(key).toBeTrue();
            expect(value).withContext(key).toBeGreaterThanOrEqual(0);
            expect(value).withContext(key).toBeLessThanOrEqual(2);
          }
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('the experiments', () => {
  const answered = (id: (typeof EXPERIMENTS)[number], parts: typeof CAKE, styleId: string) => {
    const experiment = experimentOf(id);
    const style = mustBeStyle(styleId);
    const knobs = knobsOf(parts);
    return answerOf(experiment, tryOut(parts, style, knobs, powder, USUAL_PLACE), tryOut(parts, style, experiment.turn(knobs), powder, USUAL_PLACE)).answer; // prettier-ignore
  };
  it('answer what every baker learns', () => {
    expect(answered('all-wholemeal', CAKE, 'creamed_butter_cake')).toBe('down');
    expect(answered('melted-not-creamed', CAKE, 'creamed_butter_cake')).toBe('down');
    expect(answered('half-the-sugar', CAKE, 'creamed_butter_cake')).toBe('down');
    expect(answered('soda-for-powder', CAKE, 'creamed_butter_cake')).toBe('up');
    expect(answered('wait-half-an-hour', CAKE, 'creamed_butter_cake')).toBe('down');
    expect(answered('leave-out-the-acid', SODA_BREAD, 'soda_bread_plain')).toBe('up');
  });
  it('are asked only where they say something', () => {
    const ids = experimentsFor(SODA_BREAD, knobsOf(SODA_BREAD), mustBeStyle('soda_bread_plain')).map(({ id }) => id);
    expect(ids).toContain('leave-out-the-acid');
    expect(ids).not.toContain('double-the-powder');
    expect(ids).not.toContain('melted-not-creamed');
  });
});
