import { DomainError } from '../errors/index.js';

export interface Root {
  readonly x: number;
  readonly iterations: number;
  /** Whether the bracket shrank below the tolerance. */
  readonly converged: boolean;
}

/**
 * A root of `f` between `low` and `high` by bisection.
 * @throws DomainError when `f` has the same sign at both ends: there is no bracketed root to find
 */
export function bisect(f: (x: number) => number, low: number, high: number, tolerance = 1e-9, most = 200): Root {
  let a = low;
  let b = high;
  const signAtLow = Math.sign(f(a));
  if (signAtLow === 0) return { x: a, iterations: 0, converged: true };
  const signAtHigh = Math.sign(f(b));
  if (signAtHigh === 0) return { x: b, iterations: 0, converged: true };
  if (!(signAtLow * signAtHigh < 0)) {
    throw new DomainError('bisect', 'f(low), f(high)', `${f(low)}, ${f(high)}`, 'opposite signs', 'no-root');
  }
  for (let iterations = 1; iterations <= most; iterations++) {
    const middle = (a + b) / 2;
    if (b - a < tolerance) return { x: middle, iterations, converged: true };
    if (Math.sign(f(middle)) === signAtLow) a = middle;
    else b = middle;
  }
  return { x: (a + b) / 2, iterations: most, converged: false };
}
