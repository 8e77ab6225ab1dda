/* How pans and their figures are written. */

/** Pans in the singular, wherever they are named in the words: "sandwich tins" is a "sandwich tin". */
export const onePan = (words: string): string =>
  words
    .replace(/\b(loa)(?:ves|fs)\b/gi, '$1f')
    .replace(/\b(tin|pan|round|square|dish|glass|basin|ramekin|mou?ld|bundt|ring|casserole|jar|mug)(?:es|s)\b/gi, '$1');

/** "8", "8,5", "8 1/2", "1/2". */
export function figureIn(written: string): number {
  const mixed = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(written);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  return Number(written.replace(',', '.'));
}
