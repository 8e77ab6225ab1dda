import { DomainError } from '../errors/index.js';
import { standing } from '../verdict/index.js';
import { bisect, EIGHT_IN_TEN, normalCumulative, readTable } from './index.js';

describe('bisect', () => {
  it('finds the root of two, and says how it stopped', () => {
    const root = bisect((x) => x * x - 2, 0, 2);
    expect(root.x).toBeCloseTo(Math.SQRT2, 8);
    expect(root.converged).toBeTrue();
  });
  it('takes an end that is a root itself', () => {
    expect(bisect((x) => x - 3, 3, 9)).toEqual({ x: 3, iterations: 0, converged: true });
    expect(bisect((x) => x - 9, 3, 9)).toEqual({ x: 9, iterations: 0, converged: true });
  });
  it('falls too, halves at each step, and stands in the middle of what is left', () => {
    expect(bisect((x) => 2 - x, 0, 8).x).toBeCloseTo(2, 8);
    // 8, 4, 2, 1, 0.5: a bracket of 0.5 is the first below 0.6
    expect(bisect((x) => x - 2.9, 0, 8, 0.6)).toEqual({ x: 2.75, iterations: 5, converged: true });
    expect(bisect((x) => x - 2.9, 0, 8, 1e-9, 3)).toEqual({ x: 2.5, iterations: 3, converged: false });
  });
  it('says where there is none, and of what sign both ends are', () => {
    expect(() => bisect((x) => x * x + 1, -1, 2)).toThrowMatching(
      (error: unknown) =>
        error instanceof DomainError && error.message.includes('2, 5') && error.message.includes('opposite signs'),
    );
    expect(() => bisect(() => Infinity, 0, 1)).toThrowError(DomainError);
    expect(() => bisect(() => NaN, 0, 1)).toThrowError(DomainError);
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
