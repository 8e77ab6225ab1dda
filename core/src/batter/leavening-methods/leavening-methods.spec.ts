import fc from 'fast-check';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { batterOf, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { isFreeLeavener, setLeavening, type SettingTask } from './index.js';
import { leaveningLedger, openBalance } from '../leavening/index.js';

const powder = mustBeIngredient('aluminium-free-baking-powder');
const lockedOf = (name: string) =>
  batterOf(PUBLISHED_BATTERS.find((one) => one.name === name)?.batter ?? {}).filter(
    ({ ingredient }) => !isFreeLeavener(ingredient),
  );
const band = (low: number, high: number) => ({ low, typical: (low + high) / 2, high });
const task = (name: string, school: SettingTask['school'], gas: readonly [number, number], ph: readonly [number, number], more: Partial<SettingTask> = {}): SettingTask => ({
  locked: lockedOf(name), school, gas: band(...gas), crumbPh: band(...ph), fineness: 'spoons', powder, gramsPerTeaspoon: { soda: 4.8, powder: 4.6 }, ...more,
}); // prettier-ignore

/** What the prototype's search sets: soda and powder in teaspoons, gas, pH. @source leavening.md A.9 */
const PUBLISHED = [
  { name: 'buttermilk muffin, acid only', task: task('buttermilk muffin', 'acid-only', [0.5, 0.65], [6.6, 7.4]), soda: 3 / 8, powder: 3 / 4 },
  { name: 'buttermilk muffin, powder only', task: task('buttermilk muffin', 'powder-only', [0.5, 0.65], [6, 7.4]), soda: 0, powder: 2.25 },
  { name: 'buttermilk muffin, a quarter left', task: task('buttermilk muffin', 'browning', [0.5, 0.65], [7, 8], { leftShare: 0.25 }), soda: 5 / 8, powder: 1 / 4 },
  { name: 'banana loaf, acid only', task: task('banana loaf', 'acid-only', [0.45, 0.6], [6.8, 7.5]), soda: 3 / 8, powder: 5 / 8 },
  { name: 'banana loaf, half left', task: task('banana loaf', 'browning', [0.4, 0.6], [7.5, 8.4], { leftShare: 0.5 }), soda: 5 / 8, powder: 1 / 4 },
  { name: 'carrot cake, acid only', task: task('carrot cake', 'acid-only', [0.45, 0.6], [6.6, 7.4]), soda: 0, powder: 2 },
  { name: 'devil’s food, acid only', task: task('devil’s food', 'acid-only', [0.55, 0.8], [7.2, 7.9]), soda: 5 / 8, powder: 3 / 8 },
  { name: 'gingerbread, acid only', task: task('gingerbread', 'acid-only', [0.45, 0.6], [6.8, 7.6]), soda: 3 / 8, powder: 5 / 8 },
  { name: 'scone, soda and cream of tartar', task: task('scone', 'added-acid', [0.6, 0.8], [6.6, 7.4], { acid: mustBeIngredient('cream-of-tartar') }), soda: 5 / 8, powder: 0 },
]; // prettier-ignore

describe('setLeavening', () => {
  for (const { name, task: settingTask, soda, powder: teaspoons } of PUBLISHED) {
    it(`hits both bands as published: ${name}`, () => {
      const [best] = setLeavening(settingTask);
      expect(best?.hit).toBeTrue();
      // another spoon lattice point may serve as well: within one eighth of a spoon of soda, three of powder
      expect(Math.abs((best?.sodaTeaspoons ?? 9) - soda)).toBeLessThan(0.13);
      expect(Math.abs((best?.powderTeaspoons ?? 9) - teaspoons)).toBeLessThan(0.4);
    });
  }
  it('reproduces its own forward ledger', () => {
    for (const { task: one } of PUBLISHED) {
      const [best] = setLeavening(one);
      if (!best) throw new Error('nothing set');
      const acid = one.acid ?? mustBeIngredient('cream-of-tartar');
      const ledger = leaveningLedger([
        ...one.locked,
        { ingredient: mustBeIngredient('baking-soda'), grams: best.sodaGrams, preparation: 'none' },
        { ingredient: powder, grams: best.powderGrams, preparation: 'none' },
        { ingredient: acid, grams: best.acidGrams, preparation: 'none' },
      ]);
      expect(ledger.gas.gramsPer100gFlour).toBeCloseTo(best.gasGramsPer100gFlour, 2);
      expect(Math.abs(ledger.crumbPh.likely - best.crumbPh)).toBeLessThan(0.02);
    }
  });
  it('is measurable: whole eighths of a spoon, or tenths of a gram', () => {
    const [spoons] = setLeavening(task('banana loaf', 'acid-only', [0.45, 0.6], [6.8, 7.5]));
    expect(((spoons?.sodaTeaspoons ?? 0) * 8) % 1).toBeCloseTo(0, 6);
    const [tenths] = setLeavening(task('banana loaf', 'acid-only', [0.45, 0.6], [6.8, 7.5], { fineness: 'tenths' }));
    expect(Math.abs(Math.round((tenths?.sodaGrams ?? 0) * 10) - (tenths?.sodaGrams ?? 0) * 10)).toBeLessThan(1e-6);
    expect(tenths?.hit).toBeTrue();
  });
  it('keeps to its school', () => {
    const [powderOnly] = setLeavening(task('banana loaf', 'powder-only', [0.45, 0.6], [6, 7.5]));
    expect(powderOnly?.sodaGrams).toBe(0);
    const [added] = setLeavening(task('muffin', 'added-acid', [0.5, 0.65], [6.6, 7.4]));
    expect(added?.powderGrams).toBe(0);
    expect(added?.acidGrams).toBeGreaterThan(0);
  });
  it('says so when nothing measurable hits both gas and pH, and gives the nearest', () => {
    const [nearest] = setLeavening(task('buttermilk muffin', 'powder-only', [0.5, 0.65], [7.4, 7.8]));
    expect(nearest?.hit).toBeFalse();
    expect(nearest?.gasStanding === 'within' && nearest.phStanding === 'within').toBeFalse();
  });
  it('has nothing to set without flour', () => {
    expect(setLeavening({ ...task('muffin', 'acid-only', [0.5, 0.6], [6, 7]), locked: [] })).toEqual([]);
  });
});

describe('the crumb', () => {
  const soda = mustBeIngredient('baking-soda');
  const vinegar = mustBeIngredient('white-vinegar');
  it('turns more alkaline with soda and sourer with acid, always', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PUBLISHED_BATTERS.map(({ name }) => name)),
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        (name, sodaGrams, vinegarGrams, more) => {
          const settle = openBalance(lockedOf(name), [soda, vinegar]);
          const here = settle([sodaGrams, vinegarGrams]).pH;
          expect(settle([sodaGrams + more, vinegarGrams]).pH).toBeGreaterThan(here - 1e-6);
          expect(settle([sodaGrams, vinegarGrams + more]).pH).toBeLessThan(here + 1e-6);
        },
      ),
      { numRuns: 150 },
    );
  });
});
