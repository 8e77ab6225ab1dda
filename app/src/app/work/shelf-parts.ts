/** What a batter is built from, in the order of what it does: builds, wets, softens. Shares of the whole. */
export const FINGERPRINT_PARTS = ['flour', 'egg', 'water', 'fat', 'sugar'] as const;
export const FINGERPRINT_NAMES = {
  flour: $localize`flour`,
  egg: $localize`egg`,
  water: $localize`water`,
  fat: $localize`fat`,
  sugar: $localize`sugar`,
} as const;
export type FingerprintPart = (typeof FINGERPRINT_PARTS)[number];
export interface FingerprintShare {
  readonly part: FingerprintPart;
  readonly percent: number;
}
