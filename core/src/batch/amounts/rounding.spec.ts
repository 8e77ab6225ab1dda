import { KIT_IDS } from '../choices/index.js';
import fc from 'fast-check';
import { batterOf } from '../../doors/samples/index.js';
import { candidatesFor, KITS, roundBatch, type ToMeasure } from './index.js';

const scaled = (amounts: Readonly<Record<string, number>>, times: number): ToMeasure[] =>
  batterOf(amounts).map((part) => ({
    id: part.ingredient.id,
    part: { ...part, grams: part.grams * times },
    ...(part.ingredient.id === 'egg' && { pieceGrams: 50, pieceName: 'medium egg' }),
  }));
const MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, buttermilk: 245, 'table-salt': 3, 'baking-soda': 2.4, 'aluminium-free-baking-powder': 4.6, blueberries: 150 }; // prettier-ignore
const YELLOW = { 'cake-flour': 220, 'granulated-sugar': 220, 'unsalted-butter': 150, egg: 150, 'whole-milk': 160, 'table-salt': 3, 'aluminium-free-baking-powder': 9.2 }; // prettier-ignore

describe('roundBatch', () => {
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
  it('tells in spoons what is less than a step of the scale', () => {
    const [pinch] = roundBatch(scaled({ 'prepared-mustard': 0.3 }, 1), KITS['metric-spoons']).lines;
    expect(pinch?.amount).toMatch(/pinch|tsp/);
    expect(pinch?.grams).toBeCloseTo(0.3, 1);
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
          candidatesFor(line, KITS['us-cups'])[0] ?? { with: 'scale' as const, grams: 0, amount: '', awkwardness: 0 },
        ]),
      );
      expect(roundBatch(lines, KITS['us-cups']).cost).toBeLessThanOrEqual(
        roundBatch(lines, KITS['us-cups'], nearest).cost + 1e-9,
      );
    }
  });
  it('keeps an amount that the baker chose by hand', () => {
    const held = new Map([
      ['granulated-sugar', { with: 'scale' as const, grams: 140, amount: '140 g', awkwardness: 0 }],
    ]);
    expect(
      roundBatch(scaled(MUFFIN, 1), KITS['scale-1g'], held).lines.find(({ id }) => id === 'granulated-sugar')?.grams,
    ).toBe(140);
  });
});
