import type { Band } from '../../ground/verdict/index.js';

/** What a style is held against, in the order a baker reads them. */
export const QUANTITIES = ['flour', 'sugar', 'fat', 'egg', 'water', 'salt', 'gas', 'crumb-ph'] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** A style whose bands the baker set: a table style's with other bands, under the same id, or one of their own under a new one. */
export interface OwnStyle {
  readonly id: string;
  readonly name: string;
  /** The table style that gives everything the baker did not set. */
  readonly basedOn: string;
  readonly bands: Readonly<Partial<Record<Quantity, Band>>>;
}
