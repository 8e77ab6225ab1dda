import quadprog from 'quadprog';

/** Σ coefficients · x ≥ bound. */
export interface Inequality {
  readonly coefficients: readonly number[];
  readonly bound: number;
}

/**
 * Least of ½ xᵀQx − cᵀx under linear inequalities.
 * @param quadratic symmetric and positive definite, n × n
 * @returns undefined when no x meets every inequality
 * @source dual method of Goldfarb and Idnani, by the package quadprog
 */
export function leastQuadratic(
  quadratic: readonly (readonly number[])[],
  linear: readonly number[],
  inequalities: readonly Inequality[],
): readonly number[] | undefined {
  const size = linear.length;
  // the package counts from 1
  const from1 = (values: readonly number[]) => [0, ...values];
  const D = [[], ...quadratic.map(from1)];
  const A = [
    [],
    ...Array.from({ length: size }, (_, i) => from1(inequalities.map(({ coefficients }) => coefficients[i] ?? 0))),
  ];
  const { solution, message } = quadprog.solveQP(D, from1(linear), A, from1(inequalities.map(({ bound }) => bound)));
  return message === '' ? solution.slice(1) : undefined;
}
