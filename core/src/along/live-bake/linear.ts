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

/** A line through points, run on beyond its last. */
export function interpolated(xs: readonly number[], ys: readonly number[], x: number): number {
  const last = xs.length - 1;
  if (x <= (xs[0] ?? 0)) return ys[0] ?? 0;
  let low = 0;
  let high = last;
  if (x < (xs[last] ?? 0))
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if ((xs[middle] ?? 0) <= x) low = middle;
      else high = middle;
    }
  else low = last - 1;
  const [x0 = 0, x1 = 1, y0 = 0, y1 = 0] = [xs[low], xs[high], ys[low], ys[high]];
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}
