import { DomainError } from '../domain-error.js';

export const PAN_SHAPES = ['round', 'square', 'rectangle', 'loaf', 'muffin'] as const;
export type PanShape = (typeof PAN_SHAPES)[number];

/** How a pan takes up heat; the heat model knows these six. */
export const PAN_MATERIALS = ['light', 'dark', 'glass', 'ceramic', 'silicone', 'cast-iron'] as const;
export type PanMaterial = (typeof PAN_MATERIALS)[number];

/** Inner dimensions of a pan; for a round or a muffin cup length and width are the diameter. */
export interface Pan {
  readonly name: string;
  readonly shape: PanShape;
  readonly topLengthCm: number;
  readonly topWidthCm: number;
  readonly bottomLengthCm: number;
  readonly bottomWidthCm: number;
  readonly depthCm: number;
  /** Cups of a muffin tin, 1 for any other pan. */
  readonly cavities: number;
  readonly material: PanMaterial;
}

/** So many of the same pan in the oven together. */
export interface PanSet {
  readonly pan: Pan;
  readonly count: number;
}

const isCircular = (pan: Pan) => pan.shape === 'round' || pan.shape === 'muffin';

/** Length and width of the inside at a height; above the rim the walls are taken to go straight up. */
export function sectionAt(pan: Pan, heightCm: number): { readonly lengthCm: number; readonly widthCm: number } {
  const share = Math.min(1, Math.max(0, heightCm / pan.depthCm));
  return {
    lengthCm: pan.bottomLengthCm + (pan.topLengthCm - pan.bottomLengthCm) * share,
    widthCm: pan.bottomWidthCm + (pan.topWidthCm - pan.bottomWidthCm) * share,
  };
}

/** Area of one cavity at a height, cm². */
export function areaAt(pan: Pan, heightCm: number): number {
  const { lengthCm, widthCm } = sectionAt(pan, heightCm);
  return (isCircular(pan) ? Math.PI / 4 : 1) * lengthCm * widthCm;
}

/** Millilitres of one cavity up to a height: Simpson's rule is exact for walls that lean evenly. */
export function volumeToHeight(pan: Pan, heightCm: number): number {
  const inside = Math.min(heightCm, pan.depthCm);
  const toRim = (inside / 6) * (areaAt(pan, 0) + 4 * areaAt(pan, inside / 2) + areaAt(pan, inside));
  return toRim + Math.max(0, heightCm - pan.depthCm) * areaAt(pan, pan.depthCm);
}

/** Millilitres of one cavity to the brim. */
export const cavityMillilitres = (pan: Pan): number => volumeToHeight(pan, pan.depthCm);

/** Millilitres of the whole pan to the brim, all cavities. */
export const brimMillilitres = (pan: Pan): number => cavityMillilitres(pan) * pan.cavities;

/**
 * Height at which a volume stands in one cavity, cm; above the rim it would stand if the walls went on.
 * @throws DomainError for a negative volume or NaN
 */
export function heightOfVolume(pan: Pan, millilitres: number): number {
  if (!(millilitres >= 0)) throw new DomainError('heightOfVolume', 'millilitres', millilitres, '0 or more');
  const full = cavityMillilitres(pan);
  if (millilitres >= full) return pan.depthCm + (millilitres - full) / areaAt(pan, pan.depthCm);
  let low = 0;
  let high = pan.depthCm;
  for (let i = 0; i < 50; i++) {
    const half = (low + high) / 2;
    if (volumeToHeight(pan, half) < millilitres) low = half;
    else high = half;
  }
  return (low + high) / 2;
}
