import type { KitId } from '../choices/index.js';
/** What a baker measures with: spoons, cups, and how fine the scale reads. */
export interface Kit {
  readonly id: KitId;
  readonly teaspoonMillilitres: number;
  readonly tablespoonMillilitres: number;
  /** Absent where nothing is measured by the cup. */
  readonly cupMillilitres?: number;
  /** Parts of a cup in the set, besides the whole. */
  readonly cupParts: readonly number[];
  /** Grams of one step of the scale; absent where there is none. */
  readonly scaleGrams?: number;
  /** Spoons serve what a whole-gram scale cannot tell. */
  readonly spoonsForLittle: boolean;
}

/** @source leavening.md part C; cups and spoons of the measures table */
export const KITS: Readonly<Record<KitId, Kit>> = {
  'us-cups': { id: 'us-cups', teaspoonMillilitres: 4.929, tablespoonMillilitres: 14.787, cupMillilitres: 236.588, cupParts: [0.25, 1 / 3, 0.5, 2 / 3, 0.75], spoonsForLittle: true },
  'au-cups': { id: 'au-cups', teaspoonMillilitres: 5, tablespoonMillilitres: 20, cupMillilitres: 250, cupParts: [0.25, 1 / 3, 0.5], spoonsForLittle: true },
  'metric-spoons': { id: 'metric-spoons', teaspoonMillilitres: 5, tablespoonMillilitres: 15, cupParts: [], scaleGrams: 1, spoonsForLittle: true },
  'scale-1g': { id: 'scale-1g', teaspoonMillilitres: 5, tablespoonMillilitres: 15, cupParts: [], scaleGrams: 1, spoonsForLittle: false },
  'scale-0.1g': { id: 'scale-0.1g', teaspoonMillilitres: 5, tablespoonMillilitres: 15, cupParts: [], scaleGrams: 0.1, spoonsForLittle: false },
}; // prettier-ignore
