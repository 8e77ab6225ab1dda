/* Small symmetric matrices, row by row. */

/**
 * Inverse of a symmetric positive definite matrix, and the logarithm of its determinant, by Cholesky.
 * @throws RangeError where it is none
 */
export function inverseOf(
  matrix: Float64Array,
  size: number,
): { readonly inverse: Float64Array; readonly logDeterminant: number } {
  const at = (m: Float64Array, i: number, j: number) => m[i * size + j] ?? 0;
  const lower = new Float64Array(size * size);
  let logDeterminant = 0;
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let sum = at(matrix, i, j);
      for (let k = 0; k < j; k++) sum -= at(lower, i, k) * at(lower, j, k);
      if (i === j) {
        if (!(sum > 0)) throw new RangeError('inverseOf: the matrix is not positive definite');
        lower[i * size + i] = Math.sqrt(sum);
        logDeterminant += Math.log(sum);
      } else lower[i * size + j] = sum / at(lower, j, j);
    }
  // the inverse of the lower triangle, then its own square
  const back = new Float64Array(size * size);
  for (let j = 0; j < size; j++) {
    back[j * size + j] = 1 / at(lower, j, j);
    for (let i = j + 1; i < size; i++) {
      let sum = 0;
      for (let k = j; k < i; k++) sum -= at(lower, i, k) * at(back, k, j);
      back[i * size + j] = sum / at(lower, i, i);
    }
  }
  const inverse = new Float64Array(size * size);
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let sum = 0;
      for (let k = i; k < size; k++) sum += at(back, k, i) * at(back, k, j);
      inverse[i * size + j] = sum;
      inverse[j * size + i] = sum;
    }
  return { inverse, logDeterminant };
}
