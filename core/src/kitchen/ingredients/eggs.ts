import { ownOf } from '../../ground/records/index.js';
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

/** What a size is called where its word is not: "extra large" is a British very large one, and a Japanese LL. */
const ALSO_CALLED: Readonly<Record<string, readonly string[]>> = {
  xl: ['extra_large', 'very_large', 'll'],
  x_large: ['extra_large', 'very_large', 'll'],
  extra_large: ['very_large', 'll', 'size_8'],
  very_large: ['extra_large', 'll', 'size_8'],
  jumbo: ['very_large', 'll', 'size_8'],
  large: ['l', 'size_7'],
  medium: ['m', 'size_6'],
  small: ['s'],
  ll: ['extra_large', 'very_large'],
  l: ['large', 'size_7'],
  m: ['medium', 'size_6'],
  s: ['small'],
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
  const size = sizeWord.toLowerCase().replace(/[\s-]+/g, '_');
  const here = EGGS.filter((egg) => egg.region === unsaid.region);
  const named = [size, ...(ownOf(ALSO_CALLED, size) ?? [])]
    .map((word) => here.find((egg) => egg.size.toLowerCase() === word))
    .find((egg) => egg !== undefined);
  return named === undefined ? { egg: usual, certain: false } : { egg: named, certain: true };
}
