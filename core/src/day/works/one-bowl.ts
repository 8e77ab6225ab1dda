import type { BatchWork, OvenTime } from './batch-work.js';

/* Pans of one batch that are filled from one bowl, one after another, and go in together. */

/** By batch: the index of the one that it is mixed with; its own where it is mixed by itself. */
export const bowlsOf = (batches: readonly BatchWork[]): readonly number[] =>
  batches.map(({ mixedWith, mixing }, i) => {
    const first = mixedWith === undefined ? -1 : batches.findIndex(({ id }) => id === mixedWith);
    return first >= 0 && batches[first]?.mixing && mixing ? first : i;
  });

/** By batch: minutes that its filled pans stand until those behind it are filled too. */
export const standingOf = (batches: readonly BatchWork[]): readonly number[] => {
  const bowls = bowlsOf(batches);
  return batches.map((_, i) =>
    batches.reduce((sum, { oven }, j) => sum + (j > i && bowls[j] === bowls[i] ? (oven?.loadMinutes ?? 0) : 0), 0),
  );
};

/** Different pans that find room in the oven at one heat. */
export const goInTogether = (ovens: readonly OvenTime[], racks: number): boolean =>
  ovens.length > 1 &&
  ovens.every(({ celsius }) => celsius === ovens[0]?.celsius) &&
  ovens.reduce((sum, each) => sum + each.racks, 0) <= racks;

/** One pair of hands takes them out one after another, the one that is done first first. */
export function outInTurn(ovens: readonly OvenTime[]): readonly OvenTime[] {
  let free = 0;
  const likely = new Map<OvenTime, number>();
  for (const oven of ovens.toSorted((a, b) => a.likely - b.likely)) {
    likely.set(oven, Math.max(oven.likely, free));
    free = Math.max(oven.likely, free) + oven.unloadMinutes;
  }
  return ovens.map((oven) => ({ ...oven, likely: likely.get(oven) ?? oven.likely }));
}
