import type { Nutrition } from '../../batter/nutrition/index.js';
import type { Region } from '../../ground/units/index.js';

/* Nutrition for 100 g, rounded as a region rounds it. An estimate from a table: no saturates, no vitamins, nothing analysed. */

export interface PanelRow {
  readonly code: 'energy' | 'fat' | 'carbohydrate' | 'sugars' | 'fibre' | 'protein' | 'salt' | 'sodium';
  readonly value: number;
  readonly unit: 'kJ' | 'kcal' | 'g' | 'mg';
}
const KILOJOULES = 4.184;
const to = (value: number, step: number): number => Number((step * Math.round(value / step)).toFixed(3));

/** @source rounding rules of the EU and the UK, recalled: to be checked */
const europeanGrams = (grams: number) => (grams >= 10 ? to(grams, 1) : grams > 0.5 ? to(grams, 0.1) : 0);
const europeanSalt = (grams: number) => (grams >= 1 ? to(grams, 0.1) : grams > 0.0125 ? to(grams, 0.01) : 0);
/** @source rounding rules of the US and Canada, recalled: to be checked */
const americanCalories = (kcal: number) => (kcal < 5 ? 0 : kcal <= 50 ? to(kcal, 5) : to(kcal, 10));
const americanFat = (grams: number) => (grams < 0.5 ? 0 : grams < 5 ? to(grams, 0.5) : to(grams, 1));
const americanGrams = (grams: number) => (grams < 0.5 ? 0 : to(grams, 1));
const americanSodium = (mg: number) => (mg < 5 ? 0 : mg <= 140 ? to(mg, 5) : to(mg, 10));
const AMERICAN: ReadonlySet<Region> = new Set<Region>(['US', 'CA']);
/** Where sodium stands instead of salt. */
const SODIUM: ReadonlySet<Region> = new Set<Region>(['US', 'CA', 'AU', 'NZ', 'IN']);

/** @param per100g what is foreseen of 100 g as baked: kcal, grams */
export function nutritionPanel(per100g: Nutrition, region: Region): readonly PanelRow[] {
  const american = AMERICAN.has(region);
  const grams = american ? americanGrams : europeanGrams;
  const row = (code: PanelRow['code'], value: number, unit: PanelRow['unit']): PanelRow => ({ code, value, unit });
  const kcal = per100g.energy.likely;
  return [
    ...(american ? [] : [row('energy', to(kcal * KILOJOULES, 1), 'kJ')]),
    row('energy', american ? americanCalories(kcal) : to(kcal, 1), 'kcal'),
    row('fat', american ? americanFat(per100g.fat.likely) : grams(per100g.fat.likely), 'g'),
    row('carbohydrate', grams(per100g.carbohydrate.likely), 'g'),
    row('sugars', grams(per100g.sugars.likely), 'g'),
    row('fibre', grams(per100g.fibre.likely), 'g'),
    row('protein', grams(per100g.protein.likely), 'g'),
    SODIUM.has(region) ? row('sodium', american ? americanSodium(1000 * per100g.sodium.likely) : to(1000 * per100g.sodium.likely, 5), 'mg') : row('salt', europeanSalt(per100g.salt.likely), 'g'),
  ];
} // prettier-ignore
