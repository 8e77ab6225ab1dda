import {
  KIT_IDS,
  MEASURED_WITH,
  type KitId,
  type MeasuredWith,
  FROSTING_KINDS,
  SWIRLS,
  type FrostingKind,
  type Swirl,
  BOX_LININGS,
  PAPERS,
  type BoxLining,
  type Paper,
} from '../choices/index.js';
import Joi from 'joi';

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
  /** Pieces cut from a rolled dough, scraps and all. */
  | { readonly kind: 'cut'; readonly count: number };

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
export const USUAL_CUT: CutChoice = { thicknessCm: 2.5, shape: 'round', sizeCm: 6, wedges: 8, toFreeze: 0 };

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
  readonly paper?: Paper;
  /** So large a batch is meant. */
  readonly largeIsMeant?: boolean;
}
export const EMPTY_BATCH: BatchSettings = { targets: [] };

const count = Joi.number().integer().min(1).max(100_000).required();
const grams = Joi.number().positive().max(100_000_000).required();
const words = Joi.string().min(1).max(200).required();

const targetSchema = Joi.alternatives<BatchTarget>(
  Joi.object({ kind: Joi.valid('times').required(), times: Joi.number().positive().max(1_000_000).required() }),
  Joi.object({ kind: Joi.valid('pieces').required(), count }),
  Joi.object({ kind: Joi.valid('grams').required(), grams }),
  Joi.object({ kind: Joi.valid('each').required(), count, grams }),
  Joi.object({ kind: Joi.valid('limit').required(), said: words }),
  Joi.object({
    kind: Joi.valid('pans').required(),
    pans: words,
    fill: Joi.object({
      by: Joi.string()
        .valid(...FILL_WAYS)
        .required(),
      value: Joi.number().positive().max(200_000).required(),
    }),
  }),
  Joi.object({ kind: Joi.valid('cut').required(), count }),
);

const centimetres = (least: number, most: number) => Joi.number().min(least).max(most).required();

/** A batch sheet as it is stored and exchanged. */
export const batchSettingsSchema = Joi.object<BatchSettings>({
  targets: Joi.array().items(targetSchema).max(20).required(),
  kit: Joi.string().valid(...KIT_IDS),
  held: Joi.object().pattern(
    Joi.string().max(120),
    Joi.object({
      grams,
      amount: Joi.string().max(100).required(),
      with: Joi.string()
        .valid(...MEASURED_WITH)
        .required(),
    }),
  ),
  mixTwice: Joi.boolean(),
  cut: Joi.object({
    thicknessCm: centimetres(0.2, 6),
    shape: Joi.string().valid('round', 'square', 'wedges').required(),
    sizeCm: centimetres(1, 40),
    wedges: Joi.number().integer().min(2).max(16).required(),
    toFreeze: Joi.number().integer().min(0).max(10_000).required(),
  }),
  frosting: Joi.object({
    kind: Joi.string()
      .valid(...FROSTING_KINDS)
      .required(),
    fillingCm: centimetres(0, 5),
    topCm: centimetres(0, 5),
    sides: Joi.boolean().required(),
    crumbCoat: Joi.boolean().required(),
    swirl: Joi.string()
      .valid(...SWIRLS)
      .required(),
    soaked: Joi.boolean().required(),
    splitInto: Joi.number().integer().min(1).max(6).required(),
    componentId: Joi.string().max(100),
  }),
  lining: Joi.string().valid(...BOX_LININGS),
  paper: Joi.string().valid(...PAPERS),
  largeIsMeant: Joi.boolean(),
});
