import fc from 'fast-check';
import { bandUnits, standing } from './index.js';

describe('where a value lies in its band', () => {
  const wide = fc
    .tuple(
      fc.double({ min: -500, max: 500, noNaN: true }),
      fc.double({ min: 60, max: 200, noNaN: true }),
      fc.double({ min: 60, max: 200, noNaN: true }),
    )
    .map(([typical, below, above]) => ({ low: typical - below, typical, high: typical + above }));
  it('is nought in its middle and one at its edges, each side by its own half', () => {
    fc.assert(
      fc.property(wide, (band) => {
        expect(bandUnits(band.typical, band)).toBeCloseTo(0, 9);
        expect(bandUnits(band.high, band)).toBeCloseTo(1, 9);
        expect(bandUnits(band.low, band)).toBeCloseTo(-1, 9);
        expect(bandUnits(2 * band.high - band.typical, band)).toBeCloseTo(2, 9);
      }),
    );
  });
  it('grows with the value', () => {
    fc.assert(
      fc.property(wide, fc.double({ min: 0.1, max: 100, noNaN: true }), (band, step) => {
        expect(bandUnits(band.typical + step, band)).toBeGreaterThan(bandUnits(band.typical, band));
        expect(bandUnits(band.typical - step, band)).toBeLessThan(bandUnits(band.typical, band));
      }),
    );
  });
  it('does not explode where a band is a point: its half is a tenth of its middle, and of one more', () => {
    expect(bandUnits(20.1, { low: 9, typical: 9, high: 9 })).toBeCloseTo(11.1, 9);
    expect(bandUnits(-20.1, { low: -9, typical: -9, high: -9 })).toBeCloseTo(-11.1, 9);
    expect(bandUnits(1, { low: 0, typical: 0, high: 0 })).toBeCloseTo(10, 9);
  });
});

describe('the standing of a value', () => {
  it('takes a thousandth outside for the edge, of either sign', () => {
    expect(standing(99.95, { low: 100, high: 200 })).toBe('within');
    expect(standing(99.9, { low: 100, high: 200 })).toBe('within');
    expect(standing(99.8, { low: 100, high: 200 })).toBe('below');
    expect(standing(200.2, { low: 100, high: 200 })).toBe('within');
    expect(standing(200.3, { low: 100, high: 200 })).toBe('above');
    expect(standing(-100.05, { low: -100, high: 100 })).toBe('below');
    expect(standing(-99.95, { low: -100, high: 100 })).toBe('within');
    expect(standing(0, { low: 0, high: 1 })).toBe('within');
  });
});
