import type { Region } from '@orvin/core/ground/units';

/** Whose measures are meant, in words. */
export const REGION_NAMES: Readonly<Record<Region, string>> = {
  US: 'American cups and eggs',
  UK: 'British spoons and eggs',
  CA: 'Canadian cups and eggs',
  AU: 'Australian cups and spoons',
  NZ: 'New Zealand cups and spoons',
  IN: 'Indian cups and words',
  JP: 'Japanese cups and eggs',
  EU: 'metric, European eggs',
};
