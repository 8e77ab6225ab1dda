/**
 * Numbers by chance, 0 up to 1, the same for the same seed: Marsaglia's xorshift of 32 bits. Good enough to play days and to vary a
 * search, not for secrets.
 */
export function chanceFrom(seed: number): () => number {
  let x = seed >>> 0 || 1;
  return () => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    return (x >>> 0) / 4294967296;
  };
}

/** A number of the standard normal distribution, from two by chance. */
export const normalFrom = (chance: () => number): number =>
  Math.sqrt(-2 * Math.log(chance() || 1e-9)) * Math.cos(2 * Math.PI * chance());
