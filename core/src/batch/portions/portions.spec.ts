import type { KIT_IDS } from '../choices/index.js';
import fc from 'fast-check';
import { brimMillilitres, fillPans, SHELF_PANS } from '../../kitchen/pans/index.js';
import { batterOf } from '../../doors/samples/index.js';
import { measuringSpreadGrams, KITS, roundBatch, type ToMeasure } from '../amounts/index.js';
import { cutPlan, doughFor, idealFill, leavenerInPan, mostFill, wedgePlan, whatFits } from './index.js';

const scaled = (amounts: Readonly<Record<string, number>>, times: number): ToMeasure[] =>
  batterOf(amounts).map((part) => ({
    id: part.ingredient.id,
    part: { ...part, grams: part.grams * times },
    ...(part.ingredient.id === 'egg' && { pieceGrams: 50, pieceName: 'medium egg' }),
  }));
const MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, buttermilk: 245, 'table-salt': 3, 'baking-soda': 2.4, 'aluminium-free-baking-powder': 4.6, blueberries: 150 }; // prettier-ignore

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
  it('draws its first cut inside the slab, no piece over another, and close to square where it can', () => {
    for (const [dough, size] of [
      [900, 5],
      [2400, 6],
      [610, 7],
    ] as const) {
      const plan = cutPlan(dough, 2.5, { shape: 'round', diameterCm: size });
      for (const { xCm, yCm } of plan.centres) {
        expect(Math.min(xCm, yCm)).toBeGreaterThanOrEqual(size / 2 - 1e-9);
        expect(xCm).toBeLessThanOrEqual(plan.slabLengthCm - size / 2 + 1e-6);
        expect(yCm).toBeLessThanOrEqual(plan.slabWidthCm - size / 2 + 1e-6);
      }
      for (const [i, one] of plan.centres.entries())
        for (const other of plan.centres.slice(i + 1))
          expect(Math.hypot(one.xCm - other.xCm, one.yCm - other.yCm)).toBeGreaterThanOrEqual(size - 1e-9);
      expect(Math.max(plan.slabLengthCm / plan.slabWidthCm, plan.slabWidthCm / plan.slabLengthCm)).toBeLessThanOrEqual(
        2.2,
      );
      expect(plan.slabLengthCm * plan.slabWidthCm).toBeCloseTo(dough / 2.5 / 1.12, 6);
    }
  });
  it('finds the least dough for a number of pieces', () => {
    const cutter = { shape: 'round', diameterCm: 6 } as const;
    const dough = doughFor(24, 2.2, cutter);
    expect(cutPlan(dough, 2.2, cutter).total).toBeGreaterThanOrEqual(24);
    expect(cutPlan(dough - 2, 2.2, cutter).total).toBeLessThan(24);
  });
  it('pats wedges without scraps: discs of the dough’s area, no wider than a sheet bears', () => {
    const one = wedgePlan(660, 2.5, 8);
    expect([one.discs, one.total]).toEqual([1, 8]);
    expect((Math.PI / 4) * one.diameterCm ** 2 * 2.5 * 1.12).toBeCloseTo(660, 6);
    const many = wedgePlan(4000, 2.5, 8);
    expect(many.diameterCm).toBeLessThanOrEqual(24);
    expect(many.total * many.gramsEach).toBeCloseTo(4000, 6);
    expect(() => wedgePlan(600, 2.5, 1)).toThrowError(/wedges/);
  });
  it('refuses what no hand cuts', () => {
    expect(() => cutPlan(0, 2, { shape: 'round', diameterCm: 5 })).toThrowError(/doughGrams/);
    expect(() => cutPlan(900, 20, { shape: 'round', diameterCm: 5 })).toThrowError(/thickness/);
    expect(() => cutPlan(900, 2, { shape: 'round', diameterCm: -5 })).toThrowError(/cutter/);
  });
});

describe('leavenerInPan', () => {
  it('is the published advice for a pan 5 cm deep: 15 cm 1.14, 25 cm 0.90, 30 cm 0.83, 40 cm 0.73', () => {
    for (const [across, share] of [
      [15, 1.14],
      [20, 1],
      [25, 0.9],
      [30, 0.83],
      [40, 0.73],
    ] as const)
      expect(leavenerInPan({ acrossCm: across, depthCm: 5 })).toBeCloseTo(share, 2);
  });
  it('changes nothing in the formula’s own pan', () => {
    expect(leavenerInPan({ acrossCm: 31, depthCm: 4 }, { acrossCm: 31, depthCm: 4 })).toBe(1);
  });
});

describe('whatFits', () => {
  const growth = { raw: 1.02, baked: 0.54 };
  const shelf = ['round_8x2', 'muffin_12', 'loaf_uk_2lb', 'round_9x3', 'rect_traybake_uk'].map((id) => {
    const pan = SHELF_PANS.find((shelfPan) => shelfPan.id === id);
    if (!pan) throw new Error(id);
    return { id, pan, count: 2 };
  });
  it('loses no batter: what is in the pans and what is over is all there is; no more pans than there are', () => {
    fc.assert(
      fc.property(fc.double({ min: 200, max: 6000, noNaN: true }), (grams) => {
        const panCombinations = whatFits(grams, growth, shelf);
        expect(panCombinations.length).toBeGreaterThan(0);
        for (const { uses, leftoverGrams } of panCombinations) {
          const inPans = uses.reduce((sum, { fill, cavities }) => sum + fill.gramsPerCavity * cavities, 0);
          expect(Math.abs(inPans + leftoverGrams - grams)).toBeLessThan(0.006 * grams);
          for (const { owned, pans } of uses) expect(pans).toBeLessThanOrEqual(owned.count);
        }
        expect(panCombinations.map(({ cost }) => cost)).toEqual(
          panCombinations.map(({ cost }) => cost).sort((a, b) => a - b),
        );
      }),
    );
  });
  it('puts first what holds it well: a pan filled ideally costs least', () => {
    const round = shelf[3]?.pan;
    if (!round) throw new Error('no pan');
    const grams = brimMillilitres(round) * idealFill(round, growth) * growth.raw;
    expect(whatFits(grams, growth, shelf)[0]?.uses.map(({ owned }) => owned.id)).toEqual(['round_9x3']);
  });
  it('fills a pan so that it rises to below the rim, and a cup to its crown', () => {
    for (const { pan } of shelf) {
      const fill = fillPans(
        { pan, count: 1 },
        brimMillilitres(pan) * idealFill(pan, growth) * growth.raw,
        growth.raw,
        growth.baked,
      );
      expect(fill.verdict).withContext(pan.name).toBe('fits');
      expect(mostFill(pan, growth)).toBeGreaterThan(idealFill(pan, growth));
    }
  });
});

describe('measuringSpreadGrams', () => {
  const flour = scaled({ 'all-purpose-flour': 120 }, 1)[0]?.part.ingredient;
  it('is what measuring is known to do: a cup of flour 8 to 12 %, a whole-gram scale half a gram', () => {
    if (!flour) throw new Error('no flour');
    const cup = measuringSpreadGrams({ with: 'cup', grams: 120 }, flour, KITS['us-cups']) / 120;
    expect(cup).toBeGreaterThanOrEqual(0.08);
    expect(cup).toBeLessThanOrEqual(0.12);
    expect(measuringSpreadGrams({ with: 'scale', grams: 2 }, flour, KITS['scale-1g'])).toBeCloseTo(0.5, 1);
  });
  it('shows beside the error: cups spread flour more than a scale does', () => {
    const spread = (kit: (typeof KIT_IDS)[number]) => roundBatch(scaled(MUFFIN, 1), KITS[kit]).spreadPercent.flour;
    expect(spread('us-cups')).toBeGreaterThan(10 * spread('metric-spoons'));
  });
});
