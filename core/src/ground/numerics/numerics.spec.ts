import { DomainError } from '../errors/index.js';
import { standing } from '../verdict/index.js';
import { bisect, EIGHT_IN_TEN, normalCumulative, readTable } from './index.js';

describe('bisect', () => {
  it('finds the root of two, and says how it stopped', () => {
    const root = bisect((x) => x * x - 2, 0, 2);
    expect(root.x).toBeCloseTo(Math.SQRT2, 8);
    expect(root.converged).toBeTrue();
  });
  it('refuses a bracket without a root instead of servingJobs', () => {
    expect(() => bisect((x) => x * x + 1, -1, 1)).toThrowError(DomainError);
  });
  it('admits that it ran out of steps', () => {
    expect(bisect((x) => x - Math.PI, 0, 1000, 1e-12, 5).converged).toBeFalse();
  });
});

describe('normalCumulative', () => {
  /** @source tables of the standard normal distribution */
  it('agrees with the tables', () => {
    for (const [z, p] of [
      [0, 0.5],
      [1, 0.841345],
      [1.96, 0.975002],
      [-1, 0.158655],
      [3, 0.99865],
    ] as const)
      expect(normalCumulative(z)).toBeCloseTo(p, 5);
  });
  it('leaves a tenth in each tail at the eight-in-ten quantile', () => {
    expect(normalCumulative(EIGHT_IN_TEN) - normalCumulative(-EIGHT_IN_TEN)).toBeCloseTo(0.8, 4);
  });
});

describe('readTable', () => {
  it('names cells by their column and fills what is missing at the end', () => {
    expect(readTable('a\tb\n1\t2\n3')).toEqual([
      { a: '1', b: '2' },
      { a: '3', b: '' },
    ]);
  });
});

describe('standing', () => {
  it('counts the ends of a band as within', () => {
    const band = { low: 20, high: 50 };
    expect([19, 20, 35, 50, 51].map((value) => standing(value, band))).toEqual([
      'below',
      'within',
      'within',
      'within',
      'above',
    ]);
  });
});
