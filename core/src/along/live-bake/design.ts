/** The i-th point of the Halton sequence of a base: fills a square more evenly than chance. */
export function halton(i: number, base: number): number {
  let share = 1;
  let sum = 0;
  for (let rest = i; rest > 0; rest = Math.floor(rest / base)) {
    share /= base;
    sum += share * (rest % base);
  }
  return sum;
}
/** The normal quantile, within 5e-4. @source Abramowitz and Stegun 26.2.23 */
export function probit(p: number): number {
  const t = Math.sqrt(-2 * Math.log(p < 0.5 ? p : 1 - p));
  const x =
    t - (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3);
  return p < 0.5 ? -x : x;
}
