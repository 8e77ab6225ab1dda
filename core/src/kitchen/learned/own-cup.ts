import type { Filling } from '../../ground/units/index.js';

/*
 * A baker's own cup, spoon or scoop, weighed more than once: what it holds, how sure that is, and how far the next one may be off. Conjugate
 * in ln(grams); a cup that was miscounted or misread is set aside once there are three.
 */

/** What a hand does that fills a measure. */
export type Hand = Filling | 'leavener' | 'liquid';
/** One filling and the next of the same hand, ln(grams). @source book.md, section 2 */
const FILLING_SPREAD: Readonly<Record<Hand, number>> = { spooned: 0.05, scooped: 0.09, sifted: 0.06, packed: 0.04, leavener: 0.08, liquid: 0.02 }; // prettier-ignore
/** Kitchens stand so far from the table, ln(grams). */
const SPREAD_OF_KITCHENS = 0.12;
/** So many weighings is the usual spread of filling worth. */
const WEIGHT_OF_USUAL = 6;
/** Kitchen scales step by a gram; finer for what weighs little. */
const scaleStep = (grams: number) => (grams < 20 ? 0.1 : 1);
const ODD_FROM = 0.25;
const ODD_SPREADS = 4;

export interface OwnCup {
  readonly grams: number;
  /** Standard deviation of that, share of it; and of one filling and the next. */
  readonly spread: number;
  readonly nextSpread: number;
  /** Weighings it stands on, and those set aside. */
  readonly weighings: number;
  readonly setAside: number;
}

/**
 * What one measure of an ingredient holds in this kitchen.
 * @param tableGrams by the table
 * @param weighings of one level measure each, grams
 */
export function ownCup(tableGrams: number, weighings: readonly number[], hand: Hand = 'spooned'): OwnCup {
  const usual = FILLING_SPREAD[hand];
  const all = weighings.filter((grams) => grams > 0).map((grams) => Math.log(grams / tableGrams));
  if (all.length === 0) {
    return { grams: tableGrams, spread: SPREAD_OF_KITCHENS, nextSpread: Math.hypot(SPREAD_OF_KITCHENS, usual), weighings: 0, setAside: 0 }; // prettier-ignore
  }
  const middle = [...all].sort((a, b) => a - b)[all.length >> 1] ?? 0;
  const kept = all.length < 3 ? all : all.filter((ln) => Math.abs(ln - middle) < Math.max(ODD_FROM, ODD_SPREADS * usual)); // prettier-ignore
  const mean = kept.reduce((sum, ln) => sum + ln, 0) / kept.length;
  const squares = kept.reduce((sum, ln) => sum + (ln - mean) ** 2, 0);
  const reading = scaleStep(tableGrams) / Math.sqrt(12) / tableGrams;
  const ofOne = (WEIGHT_OF_USUAL * usual ** 2 + squares) / (WEIGHT_OF_USUAL + kept.length - 1) + reading ** 2;
  const weight = SPREAD_OF_KITCHENS ** 2 / (SPREAD_OF_KITCHENS ** 2 + ofOne / kept.length);
  const ofMean = (weight * ofOne) / kept.length;
  return {
    grams: tableGrams * Math.exp(weight * mean),
    spread: Math.sqrt(ofMean),
    nextSpread: Math.sqrt(ofMean + ofOne),
    weighings: kept.length,
    setAside: all.length - kept.length,
  };
}
