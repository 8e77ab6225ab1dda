import type { MixingFamily } from '../../batch/bowl/index.js';
import type { MixPhase } from './phases.js';

/*
 * When to stop. Seconds are of a bowl for one loaf by hand or at a machine's middle speed; a bigger bowl takes longer as the square root
 * of its size. They lead the eye, the look decides. @source general baking practice, judged; none of it measured
 */

/** What goes wrong in a bowl. */
export const BOWL_FAULTS = [
  'curdled',
  'too-stiff',
  'too-thin',
  'greasy',
  'lumps',
  'over-mixed',
  'butter-warm',
  'butter-cold',
  'dry-pocket',
] as const;
export type BowlFault = (typeof BOWL_FAULTS)[number];

/** How a bowl is drawn: not yet, stop here, too far. */
export const BOWL_LOOKS = ['streaks', 'lumpy', 'swirled', 'grainy', 'fluffy', 'split', 'crumbs', 'sandy', 'ribbon', 'even'] as const; // prettier-ignore
export type BowlLook = (typeof BOWL_LOOKS)[number];

export interface MixingSigns {
  /** From here to here is right, s. */
  readonly seconds: readonly [from: number, to: number];
  readonly looks: readonly [notYet: BowlLook, stopHere: BowlLook, tooFar: BowlLook];
  /** What may be wrong with it, likeliest first. */
  readonly faults: readonly BowlFault[];
  /** Longer makes it tough, or lets it sink: the end of the strip is a warning. */
  readonly spoils: boolean;
}

// prettier-ignore
export const MIXING_SIGNS: Readonly<Record<MixPhase, MixingSigns>> = {
  dry: { seconds: [20, 60], looks: ['streaks', 'even', 'even'], faults: ['lumps'], spoils: false },
  wet: { seconds: [20, 60], looks: ['streaks', 'even', 'even'], faults: ['greasy', 'lumps'], spoils: false },
  melt: { seconds: [60, 180], looks: ['lumpy', 'even', 'split'], faults: ['greasy'], spoils: false },
  cream: { seconds: [240, 480], looks: ['grainy', 'fluffy', 'split'], faults: ['butter-warm', 'butter-cold'], spoils: true },
  eggs: { seconds: [60, 180], looks: ['streaks', 'fluffy', 'split'], faults: ['curdled', 'too-thin'], spoils: false },
  rub: { seconds: [120, 300], looks: ['crumbs', 'sandy', 'split'], faults: ['butter-warm', 'greasy'], spoils: true },
  paste: { seconds: [60, 120], looks: ['crumbs', 'sandy', 'split'], faults: ['butter-cold', 'greasy'], spoils: true },
  whisk: { seconds: [300, 600], looks: ['streaks', 'ribbon', 'split'], faults: ['too-thin'], spoils: true },
  combine: { seconds: [30, 60], looks: ['streaks', 'even', 'swirled'], faults: ['too-stiff', 'too-thin', 'over-mixed', 'dry-pocket'], spoils: true },
  fold: { seconds: [10, 30], looks: ['streaks', 'even', 'swirled'], faults: ['too-stiff', 'over-mixed', 'dry-pocket'], spoils: true },
  finish: { seconds: [60, 240], looks: ['grainy', 'fluffy', 'split'], faults: ['too-stiff', 'too-thin'], spoils: false },
};

/** Where wet meets flour, the method says how little: a muffin keeps its lumps, a scone is hardly held together. */
// prettier-ignore
export const COMBINING: Readonly<Record<MixingFamily, Pick<MixingSigns, 'seconds' | 'looks'>>> = {
  muffin: { seconds: [20, 32], looks: ['streaks', 'lumpy', 'swirled'] },
  'rub-in': { seconds: [15, 35], looks: ['crumbs', 'lumpy', 'swirled'] },
  'by-hand': { seconds: [20, 45], looks: ['streaks', 'lumpy', 'swirled'] },
  melt: { seconds: [30, 60], looks: ['streaks', 'even', 'swirled'] },
  creaming: { seconds: [30, 75], looks: ['streaks', 'even', 'swirled'] },
  whisked: { seconds: [30, 75], looks: ['streaks', 'ribbon', 'swirled'] },
  'one-bowl': { seconds: [60, 120], looks: ['streaks', 'even', 'swirled'] },
  paste: { seconds: [60, 120], looks: ['streaks', 'fluffy', 'swirled'] },
};
/** A bowl of so many grams is what the seconds are of. */
export const USUAL_BOWL_GRAMS = 900;
