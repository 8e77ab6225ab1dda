/** Sum of products. */
export function dot(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
}

/** A symmetric positive matrix, row after row in one array; only the half below its diagonal is written and read. */
export class Symmetric {
  readonly cells: Float64Array;
  constructor(readonly size: number) {
    this.cells = new Float64Array(size * size);
  }
  /** Adds at a row and a column, `column` no greater than `row`. */
  add(row: number, column: number, value: number): void {
    const at = row * this.size + column;
    this.cells[at] = (this.cells[at] ?? 0) + value;
  }
  /** What it multiplied with itself gives: solves for any right side. */
  factor(): Factor {
    const { size } = this;
    const lower = this.cells.slice();
    for (let j = 0; j < size; j++) {
      for (let i = j; i < size; i++) {
        let sum = lower[i * size + j] ?? 0;
        for (let k = 0; k < j; k++) sum -= (lower[i * size + k] ?? 0) * (lower[j * size + k] ?? 0);
        lower[i * size + j] = i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / (lower[j * size + j] ?? 1);
      }
    }
    return new Factor(lower, size);
  }
}
/** The lower factor of a symmetric positive matrix (Cholesky). */
class Factor {
  constructor(
    readonly lower: Float64Array,
    private readonly size: number,
  ) {}
  solve(right: ArrayLike<number>): Float64Array {
    const { lower, size } = this;
    const x = Float64Array.from(right);
    for (let i = 0; i < size; i++) {
      let sum = x[i] ?? 0;
      for (let k = 0; k < i; k++) sum -= (lower[i * size + k] ?? 0) * (x[k] ?? 0);
      x[i] = sum / (lower[i * size + i] ?? 1);
    }
    for (let i = size - 1; i >= 0; i--) {
      let sum = x[i] ?? 0;
      for (let k = i + 1; k < size; k++) sum -= (lower[k * size + i] ?? 0) * (x[k] ?? 0);
      x[i] = sum / (lower[i * size + i] ?? 1);
    }
    return x;
  }
}

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
