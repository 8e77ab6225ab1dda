import type { Outcome, ReadingCode } from '../records/index.js';

/** What a reading is worth to an outcome: steps of one to five for each unit of it, how sure that is, and how well the reading is known. */
export interface Sensitivity {
  readonly outcome: Outcome;
  readonly reading: ReadingCode;
  readonly perUnit: number;
  /** Standard deviation of it. */
  readonly spread: number;
}

/** What one unit is of each reading, and how well it is known, in units. @source book.md, section 4 */
export const UNITS: Readonly<Record<ReadingCode, { readonly unit: number; readonly known: number }>> = {
  gas: { unit: 1, known: 0.25 },
  waiting: { unit: 10, known: 0.15 },
  mixing: { unit: 30, known: 0.3 },
  oven: { unit: 10, known: 0.4 },
  filling: { unit: 0.1, known: 0.5 },
  water: { unit: 1, known: 0.2 },
  sugar: { unit: 1, known: 0.1 },
  fat: { unit: 1, known: 0.12 },
  egg: { unit: 1, known: 0.15 },
  'soda-left': { unit: 0.4, known: 0.3 },
  time: { unit: 10, known: 0.3 },
  altitude: { unit: 1000, known: 0.02 },
};

/** @source book.md, sensitivities.csv: crust, time and water lean on the heat model, the rest is judged */
export const SENSITIVITIES: readonly Sensitivity[] = [
  { outcome: 'rise', reading: 'gas', perUnit: 0.45, spread: 0.35 },
  { outcome: 'rise', reading: 'waiting', perUnit: -0.5, spread: 0.3 },
  { outcome: 'rise', reading: 'mixing', perUnit: -0.25, spread: 0.2 },
  { outcome: 'rise', reading: 'oven', perUnit: 0.05, spread: 0.2 },
  { outcome: 'rise', reading: 'filling', perUnit: 0.05, spread: 0.2 },
  { outcome: 'rise', reading: 'altitude', perUnit: 0.1, spread: 0.5 },
  { outcome: 'moisture', reading: 'time', perUnit: -0.6, spread: 0.25 },
  { outcome: 'moisture', reading: 'water', perUnit: 0.7, spread: 0.3 },
  { outcome: 'moisture', reading: 'sugar', perUnit: 0.25, spread: 0.15 },
  { outcome: 'moisture', reading: 'fat', perUnit: 0.35, spread: 0.2 },
  { outcome: 'moisture', reading: 'oven', perUnit: -0.2, spread: 0.15 },
  { outcome: 'crumb', reading: 'mixing', perUnit: -0.5, spread: 0.25 },
  { outcome: 'crumb', reading: 'fat', perUnit: 0.25, spread: 0.2 },
  { outcome: 'crumb', reading: 'gas', perUnit: -0.2, spread: 0.3 },
  { outcome: 'crumb', reading: 'egg', perUnit: 0.15, spread: 0.2 },
  { outcome: 'crust', reading: 'oven', perUnit: 0.55, spread: 0.2 },
  { outcome: 'crust', reading: 'time', perUnit: 0.35, spread: 0.15 },
  { outcome: 'crust', reading: 'sugar', perUnit: 0.35, spread: 0.2 },
  { outcome: 'crust', reading: 'soda-left', perUnit: 0.3, spread: 0.15 },
  { outcome: 'taste', reading: 'soda-left', perUnit: -0.5, spread: 0.3 },
  { outcome: 'taste', reading: 'sugar', perUnit: 0.2, spread: 0.3 },
  { outcome: 'taste', reading: 'fat', perUnit: 0.15, spread: 0.25 },
  { outcome: 'taste', reading: 'time', perUnit: -0.1, spread: 0.15 },
  // a bake that was mixed too long or that waited is liked less because of its crumb and its rise
  { outcome: 'taste', reading: 'mixing', perUnit: -0.2, spread: 0.2 },
  { outcome: 'taste', reading: 'waiting', perUnit: -0.15, spread: 0.2 },
];
