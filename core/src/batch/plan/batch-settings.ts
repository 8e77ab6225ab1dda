import type { Formula } from '../../formula/formula/index.js';
import { isFree, parseVessel, type FreePieces, type Vessel } from '../../kitchen/pans/index.js';
import type { BoxLining, FrostingKind, KitId, MeasuredWith, Paper, Swirl } from '../choices/index.js';

/** How full a pan is filled: a share of its brim, grams in each cup or pan, or a height. */
export const FILL_WAYS = ['fraction', 'grams', 'height'] as const;
export interface PanFill {
  readonly by: (typeof FILL_WAYS)[number];
  /** Share, g or cm. */
  readonly value: number;
}

/** What a batch is to give. */
export type BatchTarget =
  | { readonly kind: 'times'; readonly times: number }
  /** Pieces or portions as the formula counts them. */
  | { readonly kind: 'pieces'; readonly count: number }
  | { readonly kind: 'grams'; readonly grams: number }
  | { readonly kind: 'each'; readonly count: number; readonly grams: number }
  /** What there is, in the baker's words: "3 bananas, 412 g". */
  | { readonly kind: 'limit'; readonly said: string }
  /** Pans in the baker's words; absent fill leaves it to the formula and its style. */
  | { readonly kind: 'pans'; readonly pans: string; readonly fill?: PanFill }
  /** Pieces cut from a rolled dough, scraps and all; what the baker calls one, where it is no scone. */
  | { readonly kind: 'cut'; readonly count: number; readonly of?: string };

/** How a dough is cut. */
export interface CutChoice {
  readonly thicknessCm: number;
  readonly shape: 'round' | 'square' | 'wedges';
  /** Of the cutter, cm. */
  readonly sizeCm: number;
  /** Wedges of each disc. */
  readonly wedges: number;
  /** Pieces to freeze raw. */
  readonly toFreeze: number;
}
const USUAL_CUT: CutChoice = { thicknessCm: 2.5, shape: 'round', sizeCm: 6, wedges: 8, toFreeze: 0 };

/** A loaf stands by itself, and a mound is dropped. */
const isCut = ({ shape }: FreePieces): boolean => shape === 'disc' || shape === 'wedge';

/** The rounds or wedges that a formula is cut into; undefined where it is poured, or stands as a loaf. */
export function cutPieces({ bake }: Pick<Formula, 'bake'>): FreePieces | undefined {
  const parsed = bake.pan === undefined ? undefined : parseVessel(bake.pan);
  const pan = parsed?.kind === 'vessel' ? parsed.set.pan : undefined;
  return pan && isFree(pan) && isCut(pan) ? pan : undefined;
}

/** How a dough is cut into pieces of such a size; undefined for a loaf that stands by itself, and where no size is known. */
export function cutInto(pan: Vessel): CutChoice | undefined {
  if (!isFree(pan) || !isCut(pan) || pan.diameterCm === undefined) return undefined;
  const thicknessCm = pan.heightCm ?? USUAL_CUT.thicknessCm;
  return pan.shape === 'wedge'
    ? { ...USUAL_CUT, shape: 'wedges', sizeCm: pan.diameterCm, wedges: pan.cavities, thicknessCm }
    : { ...USUAL_CUT, sizeCm: pan.diameterCm, thicknessCm };
}

/** How a dough is cut until the baker says otherwise: by the cutter, or into the wedges, that the formula names. */
export function usualCut(formula: Pick<Formula, 'bake'>): CutChoice {
  const pan = cutPieces(formula);
  return (pan && cutInto(pan)) ?? USUAL_CUT;
}

/** What goes on and between. */
export interface FrostingChoice {
  readonly kind: FrostingKind;
  readonly fillingCm: number;
  readonly topCm: number;
  readonly sides: boolean;
  readonly crumbCoat: boolean;
  readonly swirl: Swirl;
  readonly soaked: boolean;
  /** Layers that each cake is split into. */
  readonly splitInto: number;
  /** Domes are cut off level before stacking. */
  readonly levelled?: boolean;
  /** Component of the formula that is scaled to it; absent means "enough of this one", by name only. */
  readonly componentId?: string;
}
export const USUAL_FROSTING: FrostingChoice = {
  kind: 'buttercream',
  fillingCm: 0.8,
  topCm: 0.5,
  sides: true,
  crumbCoat: false,
  swirl: 'swirl',
  soaked: false,
  splitInto: 1,
};

/** An amount that the baker chose in place of the one worked out. */
export interface HeldAmount {
  readonly grams: number;
  readonly amount: string;
  readonly with: MeasuredWith;
}

/** What the baker decides for a batch beside the formula; what is absent is worked out. */
export interface BatchSettings {
  readonly targets: readonly BatchTarget[];
  readonly kit?: KitId;
  readonly held?: Readonly<Record<string, HeldAmount>>;
  readonly mixTwice?: boolean;
  readonly cut?: CutChoice;
  readonly frosting?: FrostingChoice;
  readonly lining?: BoxLining;
  /** Swirls or portions that a guide is drawn for. */
  readonly marks?: number;
  readonly paper?: Paper;
  /** So large a batch is meant. */
  readonly largeIsMeant?: boolean;
}
export const EMPTY_BATCH: BatchSettings = { targets: [] };
