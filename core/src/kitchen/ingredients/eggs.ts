import { numberIn, readTable } from '../../ground/numerics/index.js';
import type { Region } from '../../ground/units/index.js';
import { EGGS_TABLE } from './eggs.table.js';

export interface EggSize {
  readonly region: string;
  readonly size: string;
  readonly shelledGrams: number;
  readonly whiteGrams: number;
  readonly yolkGrams: number;
}

const EGGS: readonly EggSize[] = readTable(EGGS_TABLE).map((row) => ({
  region: row['region'] ?? '',
  size: row['size'] ?? '',
  shelledGrams: numberIn(row, 'shelled_g'),
  whiteGrams: numberIn(row, 'white_g'),
  yolkGrams: numberIn(row, 'yolk_g'),
}));

/** The size that a formula of a region means when it says only "egg". @source eggs.csv, notes */
const UNSAID_SIZE: Readonly<Record<Region, { readonly region: string; readonly size: string }>> = {
  US: { region: 'US', size: 'large' },
  CA: { region: 'CA', size: 'large' },
  UK: { region: 'UK', size: 'medium' },
  EU: { region: 'EU', size: 'medium' },
  AU: { region: 'AU', size: 'extra_large' },
  NZ: { region: 'NZ', size: 'size_7' },
  IN: { region: 'UK', size: 'medium' },
  JP: { region: 'JP', size: 'M' },
};

/**
 * The shelled egg that a region and a size word mean ("large", "extra large", undefined for an unsaid size).
 * @returns the size found, and whether the word was known there
 */
export function eggOf(
  region: Region,
  sizeWord: string | undefined,
): { readonly egg: EggSize; readonly certain: boolean } {
  const unsaid = UNSAID_SIZE[region];
  const usual = EGGS.find((egg) => egg.region === unsaid.region && egg.size === unsaid.size);
  if (usual === undefined) throw new Error(`eggs.csv has no ${unsaid.region} ${unsaid.size}`);
  if (sizeWord === undefined) return { egg: usual, certain: false };
  const size = sizeWord
    .toLowerCase()
    .replace(/[\s-]+/g, '_')
    .replace('very_large', unsaid.region === 'US' ? 'extra_large' : 'very_large');
  const named = EGGS.find((egg) => egg.region === unsaid.region && egg.size.toLowerCase() === size);
  return named === undefined ? { egg: usual, certain: false } : { egg: named, certain: true };
}
