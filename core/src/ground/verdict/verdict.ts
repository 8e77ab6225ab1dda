/** The shared words of a judgement: a value held against a band, with its reason as data. */
export type Standing = 'below' | 'within' | 'above';

export interface Band {
  readonly low: number;
  readonly typical: number;
  readonly high: number;
}

/** A figure with the interval that eight in ten honest repetitions would fall into. */
export interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** Band units may not explode where a band is narrow: half a band is at least a tenth of its middle. */
const LEAST_HALF = 0.1;
/** Where a value lies in a band: 0 in its usual middle, ±1 at its edges. */
export function bandUnits(value: number, { low, typical, high }: Band): number {
  const half = value >= typical ? high - typical : typical - low;
  return (value - typical) / Math.max(half, LEAST_HALF * (Math.abs(typical) + 1));
}

/** Where a value stands in its band. The ends belong to the band; one part in a thousand outside still counts as on it. */
export function standing(value: number, band: Pick<Band, 'low' | 'high'>): Standing {
  if (value < band.low * (band.low > 0 ? 0.999 : 1)) return 'below';
  if (value > band.high * 1.001) return 'above';
  return 'within';
}
