/*
 * What speaks for and against causes: a bake's facts in the units that the table of evidence is written in. Formula quantities are in band
 * widths from the middle of the style's band (±1 is its edge), left-over soda in what the style bears, waiting in what its gas keeps for;
 * yes and no are 1 and 0. What is not known is absent, and says nothing.
 */

export const SIGNALS = [
  'sugar', 'fat', 'egg', 'water', 'gas', 'inclusions', 'batter-density', 'core', 'crumb-ph-band', 'crumb-ph', 'soda-left', 'spare-acid',
  'powder-over-six', 'aluminium-powder', 'fruit-load', 'fruit-piece', 'fruit-wet', 'plant-colour', 'soda-unsieved', 'alkalised-cocoa-with-soda',
  'cocoa', 'powder-age', 'weak-fizz', 'time', 'weight-loss', 'oven-error', 'set-above-usual', 'fan-not-lowered', 'pan-heat', 'filling',
  'door-opened', 'preheating', 'side-difference', 'turned', 'top-shelf', 'tented', 'altitude', 'waiting', 'mixing', 'folds', 'dry-streaks',
  'creaming', 'egg-additions', 'creamed', 'rolled-and-cut', 'egg-temperature', 'batter-temperature', 'butter-temperature', 'dough-temperature',
  'flour-cup', 'flour-protein', 'gluten-free', 'binder', 'binder-rest', 'unlined', 'minutes-in-pan', 'unlevelled', 'divided-by-eye', 'gap',
  'coarse-sugar', 'humidity', 'wrapped-at', 'cutter-twisted', 'thickness', 'rerolled', 'cake-temperature', 'room-temperature', 'frosting-sugar',
  'frosting-gap', 'frosting-butter', 'frosting-liquid-fast', 'frosting-beating', 'soft-cheese', 'sugar-unsifted',
] as const; // prettier-ignore
export type SignalCode = (typeof SIGNALS)[number];

/** What is known of a bake, as evidence. */
export interface Signals {
  readonly values: Readonly<Partial<Record<SignalCode, number>>>;
  /** Standard deviation of the oven's error, °C, where that is not sure. */
  readonly ovenSpread?: number;
  /** Measured by cups: true amounts may differ from the computed ones. */
  readonly byCups?: boolean;
  /** Swaps that were made, by their names in the table. */
  readonly swaps?: readonly string[];
}

/** Signals that follow from the amounts in the bowl. */
export const FORMULA_SIGNALS: ReadonlySet<SignalCode> = new Set(['sugar', 'fat', 'egg', 'water', 'gas', 'soda-left', 'spare-acid', 'crumb-ph-band', 'crumb-ph']); // prettier-ignore
/** Places in a band, whose middle is what is usual. */
export const IN_BANDS: ReadonlySet<SignalCode> = new Set(['sugar', 'fat', 'egg', 'water', 'gas', 'inclusions', 'crumb-ph-band']); // prettier-ignore
const USUAL = 0.35;
/** @param place in a band, in halves of it */
export const isAsUsual = (place: number): boolean => Math.abs(place) < USUAL;
