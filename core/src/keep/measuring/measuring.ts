import { standing, type Band, type Standing } from '../../ground/verdict/index.js';

/* What a kitchen can measure of a bake: what it lost, and how large it is by the seeds that it pushes aside. */

/** Weight lost in the oven, percent. */
export const lossPercent = (gramsBefore: number, gramsAfter: number): number => 100 * (1 - gramsAfter / gramsBefore);

export interface SeedVolume {
  readonly millilitres: number;
  /** Standard deviation, ml. @source book.md: seeds ± 3 % */
  readonly spread: number;
}
const SEED_SPREAD = 0.03;
/** Volume by seeds: a box full of them, and what it still takes with the bake in it. */
export function volumeBySeeds(gramsFull: number, gramsBeside: number, gramsPerMillilitre: number): SeedVolume {
  const millilitres = (gramsFull - gramsBeside) / gramsPerMillilitre;
  return { millilitres, spread: SEED_SPREAD * millilitres };
}

/** Millilitres of a gram, against the style's band. */
export function specificVolumeOf(millilitres: number, grams: number, band: Band): { readonly value: number; readonly standing: Standing } {
  const value = millilitres / grams;
  return { value, standing: standing(value, band) };
} // prettier-ignore
