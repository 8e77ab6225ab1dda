/** Sum of products. */
export function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
}

/** The lower factor of a symmetric positive matrix. */
export function cholesky(matrix: readonly (readonly number[])[]): readonly Float64Array[] {
  const n = matrix.length;
  const lower = matrix.map((row) => Float64Array.from(row));
  for (let j = 0; j < n; j++) {
    for (let k = 0; k < j; k++) {
      const factor = lower[j]?.[k] ?? 0;
      for (let i = j; i < n; i++) {
        const row = lower[i];
        if (row) row[j] = (row[j] ?? 0) - (row[k] ?? 0) * factor;
      }
    }
    const root = Math.sqrt(Math.max(lower[j]?.[j] ?? 0, 1e-12));
    for (let i = j; i < n; i++) {
      const row = lower[i];
      if (row) row[j] = (row[j] ?? 0) / root;
    }
  }
  return lower;
}
/** Solves with a factor. */
export function solveWith(lower: readonly Float64Array[], right: readonly number[]): readonly number[] {
  const n = lower.length;
  const x = Float64Array.from(right);
  for (let i = 0; i < n; i++) {
    const row = lower[i];
    let sum = x[i] ?? 0;
    for (let k = 0; k < i; k++) sum -= (row?.[k] ?? 0) * (x[k] ?? 0);
    x[i] = sum / (row?.[i] ?? 1);
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = x[i] ?? 0;
    for (let k = i + 1; k < n; k++) sum -= (lower[k]?.[i] ?? 0) * (x[k] ?? 0);
    x[i] = sum / (lower[i]?.[i] ?? 1);
  }
  return [...x];
}
export const solveSpd = (matrix: readonly (readonly number[])[], right: readonly number[]): readonly number[] =>
  solveWith(cholesky(matrix), right);
