import fc from 'fast-check';
import { batterOf } from '../samples/index.js';
import {
  candidatesFor,
  cutPlan,
  factorFor,
  frostingFor,
  KIT_IDS,
  KITS,
  roundBatch,
  scalingNotes,
  type ToMeasure,
} from './index.js';

const scaled = (amounts: Readonly<Record<string, number>>, times: number): ToMeasure[] =>
  batterOf(amounts).map((part) => ({
    id: part.ingredient.id,
    part: { ...part, grams: part.grams * times },
    ...(part.ingredient.id === 'egg' && { pieceGrams: 50, pieceName: 'medium egg' }),
  }));
const MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, buttermilk: 245, 'table-salt': 3, 'baking-soda': 2.4, 'aluminium-free-baking-powder': 4.6, blueberries: 150 }; // prettier-ignore
const YELLOW = { 'cake-flour': 220, 'granulated-sugar': 220, 'unsalted-butter': 150, egg: 150, 'whole-milk': 160, 'table-salt': 3, 'aluminium-free-baking-powder': 9.2 }; // prettier-ignore

describe('roundBatch', () => {
  /** Cost of a whole choice by the same rule, for trying every one of them. */
  const exhaustive = (lines: readonly ToMeasure[], kit: (typeof KITS)['us-cups']) => {
    const choices = lines.map((line) => candidatesFor(line, kit));
    let best = Infinity;
    const walk = (at: number, held: ReadonlyMap<string, (typeof choices)[number][number]>): void => {
      const line = lines[at];
      if (!line) {
        best = Math.min(best, roundBatch(lines, kit, held).cost);
        return;
      }
      for (const candidate of choices[at] ?? []) walk(at + 1, new Map([...held, [line.id, candidate]]));
    };
    walk(0, new Map());
    return best;
  };
  for (const kit of ['us-cups', 'metric-spoons', 'scale-1g'] as const)
    it(`equals trying every choice: ${kit}`, () => {
      const lines = scaled(
        { 'all-purpose-flour': 100, 'granulated-sugar': 52, 'whole-milk': 88, 'aluminium-free-baking-powder': 4.1 },
        0.67,
      );
      expect(roundBatch(lines, KITS[kit]).cost).toBeCloseTo(exhaustive(lines, KITS[kit]), 9);
    });
  it('keeps what is measurable as it is', () => {
    const { lines, errorPercent } = roundBatch(scaled(MUFFIN, 1), KITS['scale-0.1g']);
    expect(lines.map(({ grams }) => grams)).toEqual(Object.values(MUFFIN));
    expect(Math.max(...Object.values(errorPercent).map(Math.abs))).toBeLessThan(0.01);
  });
  it('gives whole eggs where it can, and beaten egg where it must', () => {
    const half = roundBatch(scaled(YELLOW, 0.5), KITS['metric-spoons']).lines.find(({ id }) => id === 'egg');
    expect(half?.amount).toMatch(/egg/);
    expect(roundBatch(scaled(YELLOW, 2), KITS['us-cups']).lines.find(({ id }) => id === 'egg')?.amount).toBe(
      '6 medium eggs',
    );
  });
  it('says its own error: functions add up from the lines', () => {
    fc.assert(
      fc.property(fc.constantFrom(...KIT_IDS), fc.double({ min: 0.3, max: 4, noNaN: true }), (kit, times) => {
        const exact = scaled(MUFFIN, times);
        const { lines, errorPercent } = roundBatch(exact, KITS[kit]);
        const flour = lines.find(({ id }) => id === 'all-purpose-flour');
        expect(errorPercent.flour).toBeCloseTo(100 * ((flour?.grams ?? 0) / (flour?.exactGrams ?? 1) - 1), 6);
        for (const line of lines) {
          expect(line.grams).withContext(line.amount).toBeGreaterThan(0);
          expect(line.amount).not.toMatch(/NaN|undefined|^ /);
        }
        // a scale that reads whole grams cannot tell half a gram of soda
        expect(Math.abs(errorPercent.gas))
          .withContext(`${kit} × ${times}`)
          .toBeLessThan(kit === 'scale-1g' ? 25 : 12);
      }),
      { numRuns: 60 },
    );
  });
  it('never does worse than the nearest amount line by line', () => {
    for (const times of [0.4, 0.67, 0.75, 1.4, 2.5]) {
      const lines = scaled(YELLOW, times);
      const nearest = new Map(
        lines.map((line) => [
          line.id,
          candidatesFor(line, KITS['us-cups'])[0] ?? { grams: 0, amount: '', awkwardness: 0 },
        ]),
      );
      expect(roundBatch(lines, KITS['us-cups']).cost).toBeLessThanOrEqual(
        roundBatch(lines, KITS['us-cups'], nearest).cost + 1e-9,
      );
    }
  });
  it('keeps an amount that the baker chose by hand', () => {
    const held = new Map([['granulated-sugar', { grams: 140, amount: '140 g', awkwardness: 0 }]]);
    expect(
      roundBatch(scaled(MUFFIN, 1), KITS['scale-1g'], held).lines.find(({ id }) => id === 'granulated-sugar')?.grams,
    ).toBe(140);
  });
});

describe('cutPlan', () => {
  it('closes its books: pieces and scraps are the dough, but for what stays on the board', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 200, max: 6000, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        fc.double({ min: 4, max: 9, noNaN: true }),
        fc.constantFrom('round' as const, 'square' as const),
        (dough, thickness, size, shape) => {
          const plan = cutPlan(
            dough,
            thickness,
            shape === 'round' ? { shape, diameterCm: size } : { shape, sideCm: size },
          );
          const sum = plan.total * plan.gramsEach + plan.scrapGrams;
          expect(sum).toBeLessThanOrEqual(dough + 1e-6);
          expect(sum).toBeGreaterThan(0.97 * dough);
          expect(plan.total).toBeGreaterThanOrEqual(plan.firstCut);
        },
      ),
    );
  });
  it('cuts 900 g at 2.5 cm with a 5 cm cutter into 16: each is π/4 · 5² · 2.5 · 1.12 = 55 g', () => {
    const plan = cutPlan(900, 2.5, { shape: 'round', diameterCm: 5 });
    expect(plan.gramsEach).toBeCloseTo(54.98, 1);
    expect(plan.total).toBe(16);
    expect(plan.firstCut).toBeLessThan(16);
  });
  it('refuses what no hand cuts', () => {
    expect(() => cutPlan(0, 2, { shape: 'round', diameterCm: 5 })).toThrowError(/doughGrams/);
    expect(() => cutPlan(900, 20, { shape: 'round', diameterCm: 5 })).toThrowError(/thickness/);
    expect(() => cutPlan(900, 2, { shape: 'round', diameterCm: -5 })).toThrowError(/cutter/);
  });
});

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

describe('factorFor', () => {
  it('meets its target', () => {
    expect(factorFor({ kind: 'factor', times: 1.5 }, 900)).toBe(1.5);
    expect(factorFor({ kind: 'pieces', count: 18, madeNow: 12 }, 900)).toBe(1.5);
    expect(factorFor({ kind: 'grams', grams: 450 }, 900)).toBe(0.5);
    expect(factorFor({ kind: 'limit', grams: 412, gramsNow: 240 }, 900)).toBeCloseTo(412 / 240, 9);
    expect(factorFor({ kind: 'pans', brimMillilitres: 3000, fill: 0.6, gramsPerMillilitre: 1 }, 900)).toBeCloseTo(2, 9);
  });
  it('refuses nothing, less than nothing and three tonnes', () => {
    for (const times of [0, -1, NaN, Infinity, 4000])
      expect(() => factorFor({ kind: 'factor', times }, 900))
        .withContext(String(times))
        .toThrowError();
    expect(() => factorFor({ kind: 'pieces', count: 0, madeNow: 12 }, 900)).toThrowError();
  });
  it('says what does not go straight, where it matters', () => {
    expect(scalingNotes(1, 900, 1000, 250)).toEqual([]);
    expect(scalingNotes(6, 900, 1000, 250)).toContain('mix-in-goes');
    expect(scalingNotes(0.1, 900, 1000, 250)).toEqual(['bake-time-changes', 'tiny-batch']);
  });
});
