import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';
import { learnedBake, learnedHabit, learnedOven, LEARNING_PRIOR } from '../../kitchen/learned/index.js';
import { inverseOf } from './dense.js';
import { doneEvidence, learnFrom, missesInARow, surprise, type TaughtBake } from './index.js';
import { measureKitchens, SimulatedKitchen } from './simulated-kitchens.spec-help.js';

const bake = (id: string, over: number, more: Partial<TaughtBake> = {}): TaughtBake => ({
  id,
  recipe: 'pear loaf',
  pan: '9x5 in loaf',
  celsius: 177,
  fan: false,
  predictedMinutes: 60,
  done: { ln: Math.log(60) + over, spread: 0.035 },
  ...more,
});
const next = { recipe: 'pear loaf', pan: '9x5 in loaf', celsius: 177, fan: false };
const factorAfter = (bakes: readonly TaughtBake[], of: typeof next = next) => learnedBake(learnFrom({ bakes }).kitchen, of).factor; // prettier-ignore

describe('what one bake tells', () => {
  it('lies where the word says: just right a little before out, raw after it, over well before', () => {
    const at = (word: 'raw' | 'just' | 'over') => Math.exp(doneEvidence({ outMinutes: 60, word })?.ln ?? 0);
    expect(at('just')).toBeGreaterThan(58);
    expect(at('just')).toBeLessThan(60.1);
    expect(at('raw')).toBeGreaterThan(68);
    expect(at('over')).toBeLessThan(53);
  });
  it('is surer with a word than without, and less sure from rough notes', () => {
    const spread = (seen: Parameters<typeof doneEvidence>[0]) => doneEvidence(seen)?.spread ?? 9;
    expect(spread({ outMinutes: 60, word: 'just' })).toBeLessThan(spread({ outMinutes: 60 }) / 2);
    expect(spread({ outMinutes: 60, word: 'just', rough: true })).toBeGreaterThan(spread({ outMinutes: 60, word: 'just' }) * 1.4); // prettier-ignore
  });
  it('tells nothing where it contradicts itself, or where there is nothing', () => {
    expect(doneEvidence({})).toBeUndefined();
    expect(doneEvidence({ outMinutes: 30, word: 'over', looks: [{ minutes: 60, seen: 'not-done' }] })).toBeUndefined();
  });
});

describe('learning', () => {
  it('knows nothing before the first bake: factor 1, the prior spread', () => {
    const { kitchen } = learnFrom({ bakes: [] });
    const { factor, from } = learnedBake(kitchen, next);
    expect(factor).toBe(1);
    expect(from).toBe('this-oven');
    expect(learnedOven(kitchen)).toEqual({ celsius: 0, spread: LEARNING_PRIOR.oven, known: false });
  });
  it('draws one Gaussian bake to the weighted mean of what was believed and what was seen', () => {
    // by hand: prior variance of the sum, evidence and scatter; a bake so near that absurdity hardly matters
    const { kitchen } = learnFrom({ bakes: [bake('a', 0.05)], scatter: 0.045 });
    const terms = { oven: (12 * 0.008) ** 2, slope: (8 * 0.008 * 0.03) ** 2, habit: 0.05 ** 2, pan: 0.05 ** 2, recipe: 0.11 ** 2, both: 0.05 ** 2 }; // prettier-ignore
    const prior = Object.values(terms).reduce((sum, v) => sum + v, 0);
    const told = 0.035 ** 2 + 0.045 ** 2;
    expect(Math.log(learnedBake(kitchen, next).factor)).toBeCloseTo((0.05 * prior) / (prior + told), 2);
    // a little wider than by hand: it might be an absurd bake
    const byHand = Math.sqrt((prior * told) / (prior + told));
    expect(learnedBake(kitchen, next).spread / byHand).toBeGreaterThan(1);
    expect(learnedBake(kitchen, next).spread / byHand).toBeLessThan(1.2);
  });
  it('does not care for the order of the bakes', () => {
    const kitchen = new SimulatedKitchen(3, { recipes: 4, absurd: 0.2 });
    const bakes = Array.from({ length: 24 }, (_, k) => kitchen.bake(`b${k}`, `r${k % 4}`, `p${k % 2}`, 3.9)).filter((b) => b !== undefined); // prettier-ignore
    const other = [...bakes].reverse();
    for (const of of bakes) expect(factorAfter(other, of)).toBeCloseTo(factorAfter(bakes, of), 9);
  });
  it('forgets a bake that is left out as if it had never been, and takes one more as if it had always been', () => {
    const bakes = [
      bake('a', 0.1),
      bake('b', 0.12),
      bake('wild', -0.3),
      bake('c', 0.09, { recipe: 'scones', pan: 'sheet' }),
    ];
    const without = bakes.filter(({ id }) => id !== 'wild');
    expect(factorAfter(without)).toBe(factorAfter(bakes.toSpliced(2, 1)));
    expect(Math.abs(factorAfter(without) - factorAfter(bakes))).toBeGreaterThan(0.001);
    const three = learnFrom({ bakes: bakes.slice(0, 3) });
    const four = learnedBake(learnFrom({ bakes, after: three }).kitchen, next).factor;
    expect(four).toBeCloseTo(factorAfter(bakes), 2);
  });
  it('survives an absurd bake, and says which it was', () => {
    const sound = [1, 2, 3, 4, 5].map((i) => bake(`s${i}`, 0.1));
    const { kitchen, weights } = learnFrom({ bakes: [...sound, bake('absurd', -0.6)] });
    expect(learnedBake(kitchen, next).factor).toBeCloseTo(factorAfter(sound), 1);
    const absurd = weights.find(({ id }) => id === 'absurd');
    expect(absurd?.absurd).toBeGreaterThan(0.95);
    expect(absurd?.weight).toBeLessThan(0.2);
    expect(weights.find(({ id }) => id === 's1')?.weight).toBeGreaterThan(0.7);
  });
  it('takes nothing from a slip of the pen: an hour written as a minute, or as ten', () => {
    const sound = [1, 2, 3].map((i) => bake(`s${i}`, 0.1));
    for (const slip of [-4.1, 2.3])
      expect(factorAfter([...sound, bake('slip', slip)]) / factorAfter(sound)).withContext(String(slip)).toBeCloseTo(1, 2); // prettier-ignore
  });
  it('parts the oven from the recipe only by a thermometer, and the habit only by the core', () => {
    const bakes = [1, 2, 3].map((i) => bake(`b${i}`, 0.12));
    const times = learnFrom({ bakes }).kitchen;
    expect(learnedOven(times).known).toBeFalse();
    const read = learnFrom({ bakes, readings: [{ setCelsius: 180, readCelsius: 168 }] }).kitchen;
    expect(learnedOven(read).known).toBeTrue();
    expect(learnedOven(read).celsius).toBeLessThan(-8);
    expect(learnedOven(read).spread).toBeLessThan(4);
    const core = learnFrom({ bakes: bakes.map((b) => ({ ...b, coreAtOut: { over: 0.04, spread: 0.04 } })) }).kitchen;
    expect(learnedHabit(core).spread).toBeLessThan(learnedHabit(times).spread * 0.6);
  });
  it('reckons with the oven error that a prediction knew already', () => {
    // an oven 10 °C cold, known and reckoned with: the bake comes out as predicted and teaches nothing new of it
    const readings = [{ setCelsius: 180, readCelsius: 170 }];
    const known = Array.from({ length: 6 }, (_, i) => bake(`k${i}`, 0, { reckonedCelsius: -10, celsius: 180 }));
    const { kitchen } = learnFrom({ bakes: known, readings });
    expect(learnedOven(kitchen).celsius).toBeCloseTo(-9.3, 0);
    expect(learnedBake(kitchen, { ...next, celsius: 180, reckonedCelsius: -10 }).factor).toBeCloseTo(1, 2);
    expect(learnedBake(kitchen, { ...next, celsius: 180 }).factor).toBeGreaterThan(1.05);
  });
  it('promises most for the recipe in its tin, less in another tin, least for a new one', () => {
    const { kitchen } = learnFrom({ bakes: [1, 2, 3, 4].map((i) => bake(`b${i}`, 0.1)) });
    const same = learnedBake(kitchen, next);
    const otherPan = learnedBake(kitchen, { ...next, pan: '8 in round' });
    const other = learnedBake(kitchen, { ...next, recipe: 'gingerbread', pan: '8 in round' });
    expect([same.from, otherPan.from, other.from]).toEqual(['this-recipe-in-this-pan', 'this-recipe', 'this-oven']);
    expect(same.window).toBeLessThan(otherPan.window);
    expect(otherPan.window).toBeLessThan(other.window);
    expect(other.window).toBeLessThan(other.unlearnedWindow);
  });
  it('asks when two bakes in a row miss on one side, and starts the oven anew when told', () => {
    const before = Array.from({ length: 8 }, (_, i) => bake(`b${i}`, 0.08));
    const [first, second] = [bake('n1', 0.33), bake('n2', 0.31)];
    expect(missesInARow({ bakes: [...before, first] })).toEqual([]);
    expect(missesInARow({ bakes: [...before, first, second] })).toEqual(['n1', 'n2']);
    expect(missesInARow({ bakes: [...before, first, bake('back', 0.08)] })).toEqual([]);
    expect(surprise({ bakes: before }, first)).toBeGreaterThan(1.6);
    const anew = learnFrom({ bakes: [...before, { ...first, epoch: 1 }, { ...second, epoch: 1 }], epoch: 1 }).kitchen;
    expect(Math.log(learnedBake(anew, next).factor)).toBeCloseTo(0.31, 1);
    expect(Math.log(factorAfter([...before, first, second]))).toBeLessThan(0.2);
  });
});

describe('learning over simulated kitchens', () => {
  // few here; `npm run validate` takes four hundred of each
  const KITCHENS = 40;
  for (const [name, circle] of Object.entries({ 'one recipe': { recipes: 1 }, 'three recipes': { recipes: 3 }, 'three, one bake in ten absurd': { recipes: 3, absurd: 0.1 }, 'rough notes, and said so': { recipes: 3, rough: true } }))
    it(`halves the error in five bakes and holds its windows: ${name}`, () => {
      const after = measureKitchens(circle, [5, 10], KITCHENS, 9000);
      const [five, ten] = [after.get(5), after.get(10)];
      expect((five?.error ?? 99) / (five?.unlearned ?? 1)).toBeLessThan(0.5);
      expect(ten?.error).toBeLessThan(6);
      // forty kitchens know a share of 0.8 to ± 0.06
      expect(ten?.held).toBeGreaterThan(70);
      expect(ten?.held).toBeLessThan(95);
    }); // prettier-ignore
  it('does not unlearn what was right: a true oven and true recipes', () => {
    expect(measureKitchens({ recipes: 3, trueOven: true }, [10], KITCHENS, 400).get(10)?.error).toBeLessThan(4);
  });
});

describe('inverseOf', () => {
  it('is the inverse, and knows the determinant', () => {
    const chance = chanceFrom(12);
    const size = 7;
    const root = Float64Array.from({ length: size * size }, () => normalFrom(chance));
    const matrix = new Float64Array(size * size);
    for (let i = 0; i < size; i++) for (let j = 0; j < size; j++) for (let k = 0; k < size; k++) matrix[i * size + j] = (matrix[i * size + j] ?? 0) + (root[i * size + k] ?? 0) * (root[j * size + k] ?? 0); // prettier-ignore
    const { inverse } = inverseOf(matrix, size);
    for (let i = 0; i < size; i++)
      for (let j = 0; j < size; j++) {
        let sum = 0;
        for (let k = 0; k < size; k++) sum += (matrix[i * size + k] ?? 0) * (inverse[k * size + j] ?? 0);
        expect(sum).toBeCloseTo(i === j ? 1 : 0, 6);
      }
    expect(inverseOf(Float64Array.of(2, 0, 0, 8), 2).logDeterminant).toBeCloseTo(Math.log(16), 9);
    expect(() => inverseOf(Float64Array.of(1, 2, 2, 1), 2)).toThrowError(/positive definite/);
  });
});
