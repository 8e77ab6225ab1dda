import { DomainError } from '../../ground/errors/index.js';

export interface Point {
  readonly xCm: number;
  readonly yCm: number;
}

/** Dough rolled to a thickness and cut: how many, with the scraps gathered and rolled again. */
export interface CutPlan {
  /** The slab that it is patted to, cm. */
  readonly slabLengthCm: number;
  readonly slabWidthCm: number;
  /** Middles of the first cut, from the slab's corner. */
  readonly centres: readonly Point[];
  readonly firstCut: number;
  /** All pieces, scraps rolled again until nothing more comes out. */
  readonly total: number;
  /** Pieces out of scraps: they rise less even. */
  readonly fromScraps: number;
  readonly gramsEach: number;
  /** What is left for a last piece shaped by hand. */
  readonly scrapGrams: number;
}

export type Cutter =
  { readonly shape: 'round'; readonly diameterCm: number } | { readonly shape: 'square'; readonly sideCm: number };

/** Dough patted into discs, each cut into wedges: scones by the eighth, farls by the quarter. */
export interface WedgePlan {
  readonly discs: number;
  readonly diameterCm: number;
  readonly wedgesEach: number;
  readonly total: number;
  readonly gramsEach: number;
}

/** Dough of scones and biscuits, g/ml: little air in it before the oven. */
export const DOUGH_GRAMS_PER_MILLILITRE = 1.12;
/** Pieces are cut this close, cm. */
const GAP_CM = 0.3;
/** Each gathering loses a little on the board, share of the scraps. */
const LOST_ON_THE_BOARD = 0.01;
const MOST_GATHERINGS = 12;
const MOST_ROWS = 60;
/** A slab longer than so many times its width is a ribbon: nobody rolls one where a squarer slab can be had. */
const LONGEST_SLAB = 2.2;
/** Beyond that a disc does not bake through before its rim is hard, and does not fit a sheet. */
const WIDEST_DISC_CM = 24;

const areaOf = (cutter: Cutter) =>
  cutter.shape === 'round' ? (Math.PI / 4) * cutter.diameterCm ** 2 : cutter.sideCm ** 2;
const sizeOf = (cutter: Cutter) => (cutter.shape === 'round' ? cutter.diameterCm : cutter.sideCm);

interface Arrangement {
  readonly centres: readonly Point[];
  readonly lengthCm: number;
  readonly widthCm: number;
}

/** Pieces from a slab of an area that may be patted to any rectangle: in ranks, or for rounds with every other row between. */
function cutsFrom(areaCm2: number, cutter: Cutter): Arrangement {
  const size = sizeOf(cutter);
  const round = cutter.shape === 'round';
  const pitch = round ? size + GAP_CM : size;
  let best: Arrangement & { count: number; handy: boolean } = {
    count: 0,
    handy: false,
    centres: [],
    lengthCm: 0,
    widthCm: 0,
  };
  for (const staggered of round ? [false, true] : [false]) {
    const between = staggered ? (pitch * Math.sqrt(3)) / 2 : pitch;
    for (let rows = 1; rows <= MOST_ROWS; rows++) {
      // a slab as wide as so many rows, as long as the area lets it be
      const widthCm = size + (rows - 1) * between;
      const lengthCm = areaCm2 / widthCm;
      const inRow = (row: number) =>
        Math.max(0, Math.floor((lengthCm - size - (staggered && row % 2 === 1 ? pitch / 2 : 0)) / pitch + 1e-9) + 1);
      if (inRow(0) < 1 || lengthCm < size) break;
      const handy = Math.max(lengthCm / widthCm, widthCm / lengthCm) <= LONGEST_SLAB;
      const count = Array.from({ length: rows }, (_, row) => inRow(row)).reduce((sum, n) => sum + n, 0);
      if (best.count > 0 && (handy === best.handy ? count <= best.count : !handy)) continue;
      const centres = Array.from({ length: rows }, (_, row) =>
        Array.from({ length: inRow(row) }, (_unused, i) => ({
          xCm: size / 2 + i * pitch + (staggered && row % 2 === 1 ? pitch / 2 : 0),
          yCm: size / 2 + row * between,
        })),
      ).flat();
      best = { count, handy, centres, lengthCm, widthCm };
    }
  }
  return best;
}

function checked(doughGrams: number, thicknessCm: number): void {
  if (!(doughGrams > 0 && doughGrams <= 200_000))
    throw new DomainError('cutPlan', 'doughGrams', doughGrams, 'more than 0, at most 200 000');
  if (!(thicknessCm >= 0.2 && thicknessCm <= 6))
    throw new DomainError('cutPlan', 'thicknessCm', thicknessCm, '0.2 to 6');
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
  checked(doughGrams, thicknessCm);
  const size = sizeOf(cutter);
  if (!(size >= 1 && size <= 40)) throw new DomainError('cutPlan', 'cutter', size, '1 to 40 cm');
  const pieceGrams = areaOf(cutter) * thicknessCm * gramsPerMillilitre;
  const areaFor = (grams: number) => grams / (thicknessCm * gramsPerMillilitre);
  const first = cutsFrom(areaFor(doughGrams), cutter);
  let total = first.centres.length;
  let scraps = doughGrams - total * pieceGrams;
  for (let again = 0; again < MOST_GATHERINGS; again++) {
    const gathered = scraps * (1 - LOST_ON_THE_BOARD);
    const { length } = cutsFrom(areaFor(gathered), cutter).centres;
    if (length === 0) break;
    total += length;
    scraps = gathered - length * pieceGrams;
  }
  return {
    slabLengthCm: first.lengthCm,
    slabWidthCm: first.widthCm,
    centres: first.centres,
    firstCut: first.centres.length,
    total,
    fromScraps: total - first.centres.length,
    gramsEach: pieceGrams,
    scrapGrams: Math.max(0, scraps),
  };
}

/** The least dough that gives so many pieces, scraps and all, grams; to half a gram. */
export function doughFor(
  count: number,
  thicknessCm: number,
  cutter: Cutter,
  gramsPerMillilitre = DOUGH_GRAMS_PER_MILLILITRE,
): number {
  if (!(Number.isInteger(count) && count >= 1 && count <= 2000))
    throw new DomainError('doughFor', 'count', count, '1 to 2000, whole');
  const each = areaOf(cutter) * thicknessCm * gramsPerMillilitre;
  let low = count * each * 0.99;
  let high = count * each * 2 + 10;
  while (high - low > 0.5) {
    const middle = (low + high) / 2;
    if (cutPlan(middle, thicknessCm, cutter, gramsPerMillilitre).total >= count) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * Pats a dough into discs and cuts each into wedges: no scraps.
 * @param wedges 2–16 of each disc
 */
export function wedgePlan(
  doughGrams: number,
  thicknessCm: number,
  wedges: number,
  gramsPerMillilitre = DOUGH_GRAMS_PER_MILLILITRE,
): WedgePlan {
  checked(doughGrams, thicknessCm);
  if (!(Number.isInteger(wedges) && wedges >= 2 && wedges <= 16))
    throw new DomainError('wedgePlan', 'wedges', wedges, '2 to 16, whole');
  const areaCm2 = doughGrams / gramsPerMillilitre / thicknessCm;
  const discs = Math.max(1, Math.ceil(areaCm2 / ((Math.PI / 4) * WIDEST_DISC_CM ** 2) - 1e-9));
  return {
    discs,
    diameterCm: Math.sqrt((4 * areaCm2) / discs / Math.PI),
    wedgesEach: wedges,
    total: discs * wedges,
    gramsEach: doughGrams / (discs * wedges),
  };
}
