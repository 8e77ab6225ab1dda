import fc from 'fast-check';
import { leastQuadratic } from './index.js';

describe('leastQuadratic', () => {
  it('finds the foot of a perpendicular: nearest to (3, 1) on x + y ≥ 6', () => {
    const found = leastQuadratic([[1, 0], [0, 1]], [3, 1], [{ coefficients: [1, 1], bound: 6 }]) ?? []; // prettier-ignore
    expect(found[0]).toBeCloseTo(4, 9);
    expect(found[1]).toBeCloseTo(2, 9);
  });
  it('stays where it would go anyway, when nothing forbids it', () => {
    const found = leastQuadratic([[2, 0], [0, 4]], [2, 8], []) ?? []; // prettier-ignore
    expect(found[0]).toBeCloseTo(1, 9);
    expect(found[1]).toBeCloseTo(2, 9);
  });
  it('says when nothing meets every inequality', () => {
    expect(
      leastQuadratic(
        [[1]],
        [0],
        [
          { coefficients: [1], bound: 2 },
          { coefficients: [-1], bound: -1 },
        ],
      ),
    ).toBeUndefined();
  });
  it('is never beaten by another point that is allowed', () => {
    const real = fc.double({ min: -5, max: 5, noNaN: true });
    fc.assert(
      fc.property(real, real, real, real, real, (cx, cy, bound, px, py) => {
        const inequalities = [{ coefficients: [1, 2], bound }, { coefficients: [1, 0], bound: -5 }, { coefficients: [0, 1], bound: -5 }]; // prettier-ignore
        const [x = NaN, y = NaN] = leastQuadratic([[2, 0], [0, 2]], [2 * cx, 2 * cy], inequalities) ?? []; // prettier-ignore
        expect(x + 2 * y).toBeGreaterThan(bound - 1e-6);
        const cost = (a: number, b: number) => (a - cx) ** 2 + (b - cy) ** 2;
        if (px + 2 * py >= bound) expect(cost(x, y)).toBeLessThan(cost(px, py) + 1e-6);
      }),
    );
  });
});
