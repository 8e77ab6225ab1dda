import { DomainError } from '../domain-error.js';

/** Dough rolled to a thickness and cut: how many, with the scraps gathered and rolled again. */
export interface CutPlan {
  /** Rows and columns of the first cut, cm: the slab it is patted to. */
  readonly slabLengthCm: number;
  readonly slabWidthCm: number;
  readonly firstCut: number;
  /** All pieces, scraps rolled again until nothing more comes out. */
  readonly total: number;
  /** Pieces out of scraps: they rise less even. */
  readonly fromScraps: number;
  readonly gramsEach: number;
  readonly scrapGrams: number;
}

export type Cutter =
  { readonly shape: 'round'; readonly diameterCm: number } | { readonly shape: 'square'; readonly sideCm: number };

/** Dough of scones and biscuits, g/ml: little air in it before the oven. */
export const DOUGH_GRAMS_PER_MILLILITRE = 1.12;
/** Pieces are cut this close, cm. */
const GAP_CM = 0.3;
/** Each gathering loses a little on the board, share of the scraps. */
const LOST_ON_THE_BOARD = 0.01;

const areaOf = (cutter: Cutter) =>
  cutter.shape === 'round' ? (Math.PI / 4) * cutter.diameterCm ** 2 : cutter.sideCm ** 2;
const sizeOf = (cutter: Cutter) => (cutter.shape === 'round' ? cutter.diameterCm : cutter.sideCm);

/** How many come out of a slab of an area that may be patted to any rectangle: the best rows and columns. */
function cutsFrom(
  areaCm2: number,
  cutter: Cutter,
): { readonly count: number; readonly rows: number; readonly columns: number } {
  const size = sizeOf(cutter);
  const pitch = cutter.shape === 'round' ? size + GAP_CM : size;
  let best = { count: 0, rows: 0, columns: 0 };
  for (let rows = 1; rows <= 60; rows++) {
    // a slab as deep as so many rows, as long as the area lets it be
    const depth = cutter.shape === 'round' ? (rows - 1) * pitch + size : rows * size;
    const columns = Math.floor(
      (areaCm2 / depth - (cutter.shape === 'round' ? size : 0)) / pitch + (cutter.shape === 'round' ? 1 : 0) + 1e-9,
    );
    if (columns < 1) break;
    if (rows * columns > best.count) best = { count: rows * columns, rows, columns };
  }
  return best;
}

/**
 * Cuts a dough into pieces. The area is kept: pieces and scraps together are what was rolled.
 * @param doughGrams more than 0
 * @param thicknessCm 0.2–6
 * @throws DomainError for a thickness or a cutter that no hand uses
 */
export function cutPlan(
  doughGrams: number,
  thicknessCm: number,
  cutter: Cutter,
  gramsPerMillilitre = DOUGH_GRAMS_PER_MILLILITRE,
): CutPlan {
  if (!(doughGrams > 0)) throw new DomainError('cutPlan', 'doughGrams', doughGrams, 'more than 0');
  if (!(thicknessCm >= 0.2 && thicknessCm <= 6))
    throw new DomainError('cutPlan', 'thicknessCm', thicknessCm, '0.2 to 6');
  const size = sizeOf(cutter);
  if (!(size >= 1 && size <= 40)) throw new DomainError('cutPlan', 'cutter', size, '1 to 40 cm');
  const pieceGrams = areaOf(cutter) * thicknessCm * gramsPerMillilitre;
  const areaFor = (grams: number) => grams / (thicknessCm * gramsPerMillilitre);
  const first = cutsFrom(areaFor(doughGrams), cutter);
  let total = first.count;
  let scraps = doughGrams - first.count * pieceGrams;
  for (let again = 0; again < 12; again++) {
    const gathered = scraps * (1 - LOST_ON_THE_BOARD);
    const { count } = cutsFrom(areaFor(gathered), cutter);
    if (count === 0) break;
    total += count;
    scraps = gathered - count * pieceGrams;
  }
  const pitch = cutter.shape === 'round' ? size + GAP_CM : size;
  return {
    slabLengthCm: first.count > 0 ? (first.columns - 1) * pitch + size : 0,
    slabWidthCm: first.count > 0 ? (first.rows - 1) * pitch + size : 0,
    firstCut: first.count,
    total,
    fromScraps: total - first.count,
    gramsEach: pieceGrams,
    scrapGrams: Math.max(0, scraps),
  };
}
