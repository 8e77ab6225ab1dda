import type { Nutrition } from '../../batter/nutrition/index.js';
import type { Region } from '../../ground/units/index.js';
import { nutritionPanel } from './panel.js';

const figure = (likely: number) => ({ low: likely, likely, high: likely });
/** @param of kcal, g */
const holding = (of: Partial<Record<'energy' | 'fat' | 'carbohydrate' | 'sugars' | 'fibre' | 'protein' | 'salt' | 'sodium', number>>): Nutrition =>
  ({ ...Object.fromEntries(['energy', 'fat', 'saturates', 'carbohydrate', 'sugars', 'fibre', 'protein', 'salt', 'sodium'].map((name) => [name, figure(of[name as 'fat'] ?? 0)])) }) as unknown as Nutrition; // prettier-ignore
const panel = (region: Region, of: Parameters<typeof holding>[0]) => nutritionPanel(holding(of), region);
const rowOf = (region: Region, code: string, of: Parameters<typeof holding>[0]) =>
  panel(region, of).find((row) => row.code === code)?.value;

describe('the panel of a label', () => {
  it('stands in the order of its region, with its units', () => {
    const rows = (region: Region) => panel(region, {}).map(({ code, unit }) => `${code} ${unit}`);
    const grams = ['fat g', 'carbohydrate g', 'sugars g', 'fibre g', 'protein g'];
    expect(rows('UK')).toEqual(['energy kJ', 'energy kcal', ...grams, 'salt g']);
    expect(rows('EU')).toEqual(rows('UK'));
    expect(rows('AU')).toEqual(['energy kJ', 'energy kcal', ...grams, 'sodium mg']);
    expect(rows('NZ')).toEqual(rows('AU'));
    expect(rows('US')).toEqual(['energy kcal', ...grams, 'sodium mg']);
    expect(rows('CA')).toEqual(rows('US'));
  });
  it('says a kilocalorie as 4.184 kilojoules', () => {
    expect(panel('UK', { energy: 350 }).slice(0, 2).map(({ value }) => value)).toEqual([1464, 350]);
    expect(rowOf('UK', 'energy', { energy: 100.4 })).toBe(420);
  });
  /** @source guidance on tolerances for nutrient values on labels, EU and UK */
  it('rounds as Europe does: whole grams from ten, tenths below, nothing at half a gram; salt finer', () => {
    const fats = [12.4, 10, 9.96, 9.94, 0.6, 0.51, 0.5, 0.4];
    expect(fats.map((fat) => rowOf('UK', 'fat', { fat }))).toEqual([12, 10, 10, 9.9, 0.6, 0.5, 0, 0]);
    expect(fats.map((protein) => rowOf('EU', 'protein', { protein }))).toEqual([12, 10, 10, 9.9, 0.6, 0.5, 0, 0]);
    const salts = [1.24, 1, 0.994, 0.126, 0.013, 0.0125, 0.01];
    expect(salts.map((salt) => rowOf('UK', 'salt', { salt }))).toEqual([1.2, 1, 0.99, 0.13, 0.01, 0, 0]);
  });
  /** @source 21 CFR 101.9(c) */
  it('rounds as America does: calories by five up to fifty, fat by halves up to five, sodium by five up to 140', () => {
    expect([4.9, 5, 47, 50, 51, 344, 346].map((energy) => rowOf('US', 'energy', { energy }))).toEqual([0, 5, 45, 50, 50, 340, 350]);
    expect([0.49, 0.5, 2.3, 4.6, 4.9, 5, 5.4, 11.6].map((fat) => rowOf('US', 'fat', { fat }))).toEqual([0, 0.5, 2.5, 4.5, 5, 5, 5, 12]);
    expect([0.49, 0.5, 0.9, 1.4, 31.6].map((carbohydrate) => rowOf('CA', 'carbohydrate', { carbohydrate }))).toEqual([0, 1, 1, 1, 32]);
    expect([4.9, 5, 137, 140, 144, 146].map((mg) => rowOf('US', 'sodium', { sodium: mg / 1000 }))).toEqual([0, 5, 135, 140, 140, 150]);
  });
  it('rounds sodium by fives elsewhere', () => expect([312, 313].map((mg) => rowOf('AU', 'sodium', { sodium: mg / 1000 }))).toEqual([310, 315])); // prettier-ignore
}); // prettier-ignore
