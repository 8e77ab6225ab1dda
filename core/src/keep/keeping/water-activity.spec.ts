import { mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import {
  alcoholKept,
  bakedComposition,
  mouldFreeDays,
  waterActivity,
  type BakedComposition,
} from './water-activity.js';

const NOTHING: BakedComposition = { water: 100, sucrose: 0, hexose: 0, polyol: 0, salt: 0, leaveningSalts: 0, ethanol: 0, solids: 0, total: 100 }; // prettier-ignore
const of = (holds: Partial<BakedComposition>) => waterActivity({ ...NOTHING, ...holds });
const parts = (...written: readonly (readonly [string, number])[]): readonly WeighedPart[] =>
  written.map(([id, grams]) => ({ ingredient: mustBeIngredient(id), grams, preparation: 'none' }));

describe('water activity of solutions', () => {
  /** @source handbooks of chemistry: water over solutions at 25 °C */
  it('agrees with what is measured over them', () => {
    // two grams of sucrose to one of water, nearly all that dissolves
    expect(of({ sucrose: 200 })).toBeCloseTo(0.86, 1);
    expect(Math.abs(of({ sucrose: 200 }) - 0.86)).toBeLessThan(0.015);
    // glucose, molal 5: 0.90; glycerol, molal 5: 0.91
    expect(Math.abs(of({ hexose: 90 }) - 0.9)).toBeLessThan(0.02);
    expect(Math.abs(of({ polyol: 46 }) - 0.91)).toBeLessThan(0.02);
    // table salt, molal 1: 0.967, molal 3: 0.893
    expect(Math.abs(of({ salt: 5.844 }) - 0.967)).toBeLessThan(0.005);
    expect(Math.abs(of({ salt: 3 * 5.844 }) - 0.893)).toBeLessThan(0.012);
    // a mole of alcohol to nine of water: nine tenths, by Raoult
    expect(of({ ethanol: (100 / 18.015 / 9) * 46.07 })).toBeCloseTo(0.9, 3);
  });
  it('falls with each thing that dissolves, faster by the gram the smaller its molecules', () => {
    const plain = of({});
    expect(plain).toBe(0.99);
    for (const thing of ['sucrose', 'hexose', 'polyol', 'salt', 'leaveningSalts', 'ethanol'] as const) {
      const some = of({ [thing]: 20 });
      expect(some).withContext(thing).toBeLessThan(plain);
      expect(of({ [thing]: 40 }))
        .withContext(thing)
        .toBeLessThan(some);
    }
    const each = (['sucrose', 'hexose', 'polyol', 'salt'] as const).map((thing) => of({ [thing]: 30 }));
    expect(each).toEqual([...each].sort((a, b) => b - a));
    expect(of({ sucrose: 50, hexose: 50 })).toBeLessThan(of({ sucrose: 50 }));
  });
  it('goes with shares, not with grams: twice the cake has the same', () => {
    const crumb = { ...NOTHING, water: 60, sucrose: 50, hexose: 10, salt: 2, leaveningSalts: 2, ethanol: 3, solids: 110, total: 250 }; // prettier-ignore
    const twice = Object.fromEntries(Object.entries(crumb).map(([thing, grams]) => [thing, 2 * grams]));
    expect(of(twice)).toBeCloseTo(of(crumb), 6);
  });
  it('falls where flour holds the water, and rises with what is wetter', () => {
    const of100 = [0, 40, 80, 160, 320].map((solids) => of({ sucrose: 40, solids }));
    expect(of100).toEqual([...of100].sort((a, b) => b - a));
    expect(new Set(of100.slice(1)).size).toBe(4);
    const wetter = [20, 40, 60, 80].map((water) => of({ water, sucrose: 40, solids: 100 }));
    expect(wetter).toEqual([...wetter].sort((a, b) => a - b));
  });
  it('is never out of what a crumb can be', () => {
    expect(of({ water: 1, sucrose: 300, solids: 500 })).toBe(0.55);
    expect(of({ water: 5000 })).toBe(0.99);
  });
});

describe('what a bake leaves', () => {
  /** @source published retention figures: stirred in and baked */
  it('of alcohol is less the longer it bakes, as the figures say, and between them between', () => {
    expect([0, 15, 30, 60, 90, 120, 150, 240].map(alcoholKept)).toEqual([1, 0.4, 0.35, 0.25, 0.2, 0.1, 0.05, 0.03]);
    expect(alcoholKept(45)).toBeCloseTo(0.3, 9);
    expect(alcoholKept(7.5)).toBeCloseTo(0.7, 9);
    expect(alcoholKept(600)).toBe(0.03);
  });
  it('is all but water and alcohol; what is not baked loses neither', () => {
    const raw = parts(['water', 100], ['superfine-sugar', 50], ['brandy', 40], ['all-purpose-flour', 100]);
    const unbaked = bakedComposition(raw, 0, 60);
    const baked = bakedComposition(raw, 0.1, 60);
    expect(unbaked.total).toBeCloseTo(290, 9);
    expect(baked.total).toBeCloseTo(261, 9);
    expect(unbaked.water - baked.water).toBeCloseTo(29, 9);
    expect(baked.ethanol).toBeCloseTo(0.25 * unbaked.ethanol, 9);
    // brandy is a third of alcohol by weight, a glass of 40 g holds some 13
    expect(unbaked.ethanol).toBeGreaterThan(10);
    expect(unbaked.ethanol).toBeLessThan(16);
    for (const thing of ['sucrose', 'hexose', 'salt', 'solids', 'polyol'] as const)
      expect(baked[thing]).toBeCloseTo(unbaked[thing], 9);
    // however long, a fiftieth of it is water
    expect(bakedComposition(raw, 0.9, 60).water).toBeCloseTo(5.8, 9);
  });
  it('tells sugars by where they are from: table sugar whole, honey split, maple whole, dried fruit split', () => {
    const shares = (id: string) => {
      const { sucrose, hexose } = bakedComposition(parts([id, 100]), 0, 0);
      return hexose / (sucrose + hexose);
    };
    expect(shares('superfine-sugar')).toBeLessThan(0.05);
    expect(shares('maple-syrup')).toBeLessThan(0.1);
    expect(shares('honey')).toBeGreaterThan(0.9);
    expect(shares('raisins')).toBeGreaterThan(0.9);
    expect(shares('banana')).toBeGreaterThan(shares('carrot'));
    expect(bakedComposition(parts(['superfine-sugar', 100]), 0, 0).sucrose).toBeGreaterThan(94);
  });
  it('tells table salt from the salts of leaveners', () => {
    const salted = bakedComposition(parts(['table-salt', 10]), 0, 0);
    expect(salted.salt).toBeCloseTo(10, 0);
    expect(salted.leaveningSalts).toBe(0);
    const raised = bakedComposition(parts(['baking-powder', 10]), 0, 0);
    expect(raised.salt).toBe(0);
    expect(raised.leaveningSalts).toBeGreaterThan(4);
    expect(raised.leaveningSalts).toBeLessThan(8);
  });
});

describe('days without mould', () => {
  /** @source book.md, the correlation at its two heats */
  it('are the correlation’s at 21 and 27 °C, and between them and beyond the same way', () => {
    for (const activity of [0.75, 0.85, 0.9, 0.95]) {
      expect(Math.log10(mouldFreeDays(activity, 21))).toBeCloseTo(7.91 - 8.1 * activity, 9);
      expect(Math.log10(mouldFreeDays(activity, 27))).toBeCloseTo(6.42 - 6.5 * activity, 9);
      expect(Math.log10(mouldFreeDays(activity, 24))).toBeCloseTo(7.165 - 7.3 * activity, 9);
      // hotter than 30 °C nothing is claimed to go faster
      expect(mouldFreeDays(activity, 30)).toBeCloseTo(mouldFreeDays(activity, 40), 9);
      // ten degrees cooler, somewhat over twice as long
      expect(mouldFreeDays(activity, 11) / mouldFreeDays(activity, 21)).toBeCloseTo(10 ** 0.35, 6);
    }
  });
});
