import { DomainError } from '../../ground/errors/index.js';

export const PAN_SHAPES = ['round', 'square', 'rectangle', 'loaf', 'muffin', 'ring'] as const;
export type PanShape = (typeof PAN_SHAPES)[number];

/** How a pan takes up heat; the heat model knows these six. */
export const PAN_MATERIALS = ['light', 'dark', 'glass', 'ceramic', 'silicone', 'cast-iron'] as const;
export type PanMaterial = (typeof PAN_MATERIALS)[number];

/** Inner dimensions of a pan; for a round, a ring or a muffin cup length and width are the diameter. */
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
  /** The tube in the middle of a ring, outside; straight. */
  readonly tubeDiameterCm?: number;
  /** Corners of a square, rectangle or loaf: 0 is sharp. */
  readonly cornerRadiusCm?: number;
  /** Share of the plain geometry that flutes and a rounded floor leave, 0.3–1. */
  readonly shapeFactor?: number;
  /** Millilitres of water that one cavity took to the brim: wins over the geometry. */
  readonly measuredMillilitres?: number;
}

/** So many of the same pan in the oven together. */
export interface PanSet {
  readonly pan: Pan;
  readonly count: number;
}

/** InSight from above, a circle. */
export const isCircular = ({ shape }: Pick<Pan, 'shape'>): boolean =>
  shape === 'round' || shape === 'muffin' || shape === 'ring';

/** Length and width of the inside at a height; above the rim the walls are taken to go straight up. */
export function sectionAt(pan: Pan, heightCm: number): { readonly lengthCm: number; readonly widthCm: number } {
  const share = Math.min(1, Math.max(0, heightCm / pan.depthCm));
  return {
    lengthCm: pan.bottomLengthCm + (pan.topLengthCm - pan.bottomLengthCm) * share,
    widthCm: pan.bottomWidthCm + (pan.topWidthCm - pan.bottomWidthCm) * share,
  };
}

/** Area of one cavity at a height by its measures alone, cm². */
function plainAreaAt(pan: Pan, heightCm: number): number {
  const { lengthCm, widthCm } = sectionAt(pan, heightCm);
  if (isCircular(pan)) return (Math.PI / 4) * (lengthCm * widthCm - (pan.tubeDiameterCm ?? 0) ** 2);
  const radius = Math.min(pan.cornerRadiusCm ?? 0, lengthCm / 2, widthCm / 2);
  return lengthCm * widthCm - (4 - Math.PI) * radius ** 2;
}

/** Simpson's rule: exact for walls that lean evenly. */
const simpson = (area: (heightCm: number) => number, heightCm: number) =>
  (heightCm / 6) * (area(0) + 4 * area(heightCm / 2) + area(heightCm));

/** What the pan really holds over what its measures say: water measured, or flutes and a rounded floor. */
function trueness(pan: Pan): number {
  if (pan.measuredMillilitres === undefined) return pan.shapeFactor ?? 1;
  return pan.measuredMillilitres / simpson((height) => plainAreaAt(pan, height), pan.depthCm);
}

/** Area of one cavity at a height, cm². */
export const areaAt = (pan: Pan, heightCm: number): number => trueness(pan) * plainAreaAt(pan, heightCm);

/** Millilitres of one cavity up to a height. */
export function volumeToHeight(pan: Pan, heightCm: number): number {
  const factor = trueness(pan);
  const area = (height: number) => factor * plainAreaAt(pan, height);
  return simpson(area, Math.min(heightCm, pan.depthCm)) + Math.max(0, heightCm - pan.depthCm) * area(pan.depthCm);
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
