import type { Pan, PanMaterial, PanSet } from './pan.js';

export const FREE_SHAPES = ['disc', 'wedge', 'mound', 'dome'] as const;
export type FreeShape = (typeof FREE_SHAPES)[number];

/** Dough that stands on a sheet without walls: cut rounds, wedges of a patted round, mounds that are dropped, or one round loaf with a domed top. */
export interface FreePieces {
  readonly name: string;
  readonly shape: FreeShape;
  /** Of one disc or mound, or of the round that the wedges are cut from; a dome finds its own from its mass. */
  readonly diameterCm?: number;
  /** As patted out or cut; what the mass leaves to choose. Only said, not needed. */
  readonly heightCm?: number;
  /** Pieces on one sheet; wedges of one round. 1 for a dome. */
  readonly cavities: number;
  /** Of the sheet or pot beneath. */
  readonly material: PanMaterial;
}

/** What can go into the oven: a pan, or pieces on a sheet. */
export type Vessel = Pan | FreePieces;

/** So many of the same in the oven together. */
export interface VesselSet {
  readonly pan: Vessel;
  readonly count: number;
}

const oneDecimal = (cm: number): string => `${Math.round(cm * 10) / 10} cm`;
/** What pieces are called by how many there are: "12 rounds of 6 cm". */
export function freeName({ shape, cavities, diameterCm = 0 }: Omit<FreePieces, 'name' | 'material'>): string {
  if (shape === 'dome') return 'free-standing round loaf';
  if (shape === 'wedge') return `${cavities} wedges of a ${oneDecimal(diameterCm)} round`;
  return `${cavities} ${shape === 'mound' ? 'mounds' : 'rounds'} of ${oneDecimal(diameterCm)}`;
}
/** The same pieces, so many of them. */
export const soMany = (pieces: FreePieces, cavities: number): FreePieces => ({
  ...pieces,
  cavities,
  name: freeName({ ...pieces, cavities }),
});

const isFreeShape = (shape: string): shape is FreeShape => FREE_SHAPES.some((free) => free === shape);

/** Whether it stands without walls. */
export const isFree = (vessel: Vessel): vessel is FreePieces => isFreeShape(vessel.shape);

/** The pan set, when it is one of pans. */
export const panSetOf = (set: VesselSet): PanSet | undefined =>
  isFree(set.pan) ? undefined : { pan: set.pan, count: set.count };
