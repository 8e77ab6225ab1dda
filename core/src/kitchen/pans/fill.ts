import { normalCumulative } from '../../ground/numerics/index.js';
import { brimMillilitres, heightOfVolume, type PanSet } from './pan.js';

/** What a batter does in a set of pans. */
export interface Fill {
  readonly gramsPerPan: number;
  readonly gramsPerCavity: number;
  /** Raw batter over the brim volume. */
  readonly fraction: number;
  readonly batterHeightCm: number;
  /** Height the crumb reaches if it rises level, cm. */
  readonly risenHeightCm: number;
  /** Height of the middle of its dome, cm. */
  readonly risenTopCm: number;
  /** Risen volume, with 5 % for the dome, over the brim volume. */
  readonly risenFraction: number;
  /** Chance that it runs over, from a 10 % spread between batters. */
  readonly overflowChance: number;
  readonly verdict: 'low' | 'fits' | 'sheet-beneath' | 'overflows';
}

const DOME = 1.05;
/** A dome of 5 % more volume, round as a parabola, stands so much higher in the middle: 3/2 of 5 %. */
export const DOME_RISE = 0.075;
const SPREAD = 0.1;
/** @source heat.md, section 2: below 0.9 fine, to 1.05 a sheet beneath, above it warn */
const LIMITS = { low: 0.45, sheet: 0.9, over: 1.05 } as const;
/** Paper-lined and muffin cups hold a crown above the rim: up to half as much again. @source README of the style tables, fill_max */
const CROWN = 1.5;

/**
 * Shares a batter over pans and tells how high it stands, rises and whether it runs over.
 * @param grams all the batter, g
 * @param rawDensity and @param bakedDensity g/ml
 */
export function fillPans(set: PanSet, grams: number, rawDensity: number, bakedDensity: number): Fill {
  const { pan, count } = set;
  const gramsPerPan = grams / count;
  const gramsPerCavity = gramsPerPan / pan.cavities;
  const brim = brimMillilitres(pan);
  const fraction = gramsPerPan / rawDensity / brim;
  const risenFraction = (DOME * gramsPerPan) / bakedDensity / brim;
  const limit = pan.shape === 'muffin' ? CROWN : 1;
  const share = risenFraction / limit;
  const risenHeightCm = heightOfVolume(pan, gramsPerCavity / bakedDensity);
  return {
    gramsPerPan,
    gramsPerCavity,
    fraction,
    batterHeightCm: heightOfVolume(pan, gramsPerCavity / rawDensity),
    risenHeightCm,
    risenTopCm: risenHeightCm * (1 + DOME_RISE),
    risenFraction,
    overflowChance: fraction > 1 ? 1 : share > 0 ? normalCumulative(Math.log(share) / SPREAD) : 0,
    verdict:
      share > LIMITS.over || fraction > 1
        ? 'overflows'
        : share > LIMITS.sheet
          ? 'sheet-beneath'
          : share < LIMITS.low
            ? 'low'
            : 'fits',
  };
}
