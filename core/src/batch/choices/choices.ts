/* What can be chosen for a batch, by name: apart from what is worked out with it, so that settings can be checked without that. */

/** What a baker measures with. */
export const KIT_IDS = ['us-cups', 'au-cups', 'metric-spoons', 'scale-1g', 'scale-0.1g'] as const;
export type KitId = (typeof KIT_IDS)[number];

export const MEASURED_WITH = ['scale', 'spoon', 'cup', 'count'] as const;
export type MeasuredWith = (typeof MEASURED_WITH)[number];

export const FROSTING_KINDS = [
  'buttercream',
  'cream-cheese',
  'whipped-cream',
  'ganache',
  'glaze',
  'jam',
  'curd',
] as const;
export type FrostingKind = (typeof FROSTING_KINDS)[number];

/** How a cupcake is topped: its height as a share of the diameter; a spread one is an even disc, a swirl a cone. */
export const SWIRLS = ['spread', 'swirl', 'tall'] as const;
export type Swirl = (typeof SWIRLS)[number];

/** How a box is lined, and what is printed on. */
export const BOX_LININGS = ['sling', 'sheet', 'base'] as const;
export type BoxLining = (typeof BOX_LININGS)[number];

export const PAPERS = ['a4', 'letter', 'a3'] as const;
export type Paper = (typeof PAPERS)[number];

/** The most swirls or portions that a guide marks on one cake. */
export const MOST_MARKS = 60;
