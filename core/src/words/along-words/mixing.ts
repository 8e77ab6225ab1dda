import type { BowlFault, BowlRemedy, MixPhase } from '../../along/mixing/index.js';
import type { MixingFamily } from '../../batch/bowl/index.js';
import { gramsInWords, minutesInWords } from '../figures/index.js';

/* What to look, feel and listen for in a bowl. */

export interface MixWords {
  readonly title: string;
  readonly hands: string;
  /** Not yet, stop here, too far. */
  readonly looks: readonly [string, string, string];
  /** What the end of the strip costs; '' where nothing is spoiled. */
  readonly tooLong: string;
}

// prettier-ignore
const PHASES: Readonly<Record<MixPhase, MixWords>> = {
  dry: { title: 'Stir the dry things', hands: 'whisk, to the bottom of the bowl', looks: ['streaks of white', 'one even colour, no lumps of soda', 'nothing is spoiled'], tooLong: '' },
  wet: { title: 'Stir the wet things', hands: 'whisk or fork', looks: ['egg in strings', 'one colour, a few bubbles', 'nothing is spoiled'], tooLong: '' },
  melt: { title: 'Melt', hands: 'low heat, take it off with a lump left', looks: ['lumps', 'just liquid, warm to a finger', 'hot or split: let it cool'], tooLong: '' },
  cream: { title: 'Cream until pale', hands: 'middle speed, scrape down twice', looks: ['yellow, gritty, a soft growl', 'pale, light, twice as much; the machine runs quieter', 'shiny, soft, greasy at the wall'], tooLong: 'warm butter lets the air go' },
  eggs: { title: 'Eggs, little by little', hands: 'the next only when the last is gone', looks: ['streaks of egg', 'thick, smooth, holds a trail', 'grains: it curdles'], tooLong: '' },
  rub: { title: 'Rub in', hands: 'fingertips, lift and let fall', looks: ['lumps like walnuts', 'like oats, some peas left', 'like sand, greasy: it melts'], tooLong: 'a flat, crumbly bake' },
  paste: { title: 'Work the fat into the flour', hands: 'lowest speed', looks: ['flour flies, lumps of fat', 'like damp sand', 'a paste'], tooLong: 'dense' },
  whisk: { title: 'Whisk until thick', hands: 'high, then middle speed', looks: ['yellow froth, big bubbles', 'pale; a trail stays for three seconds', 'stiff, dry at the wall'], tooLong: 'the foam breaks when flour comes' },
  combine: { title: 'Bring it together', hands: 'low speed or a spatula', looks: ['dry flour showing', 'no dry flour left; stop', 'smooth, pulls in strings'], tooLong: 'each ten seconds more: tunnels, tougher' },
  fold: { title: 'Fold in', hands: 'spatula, from below, turn the bowl', looks: ['pieces in one place', 'pieces all through', 'the batter goes slack'], tooLong: 'each ten seconds more: tougher' },
  finish: { title: 'Beat smooth', hands: 'middle speed', looks: ['lumps', 'smooth, holds a peak', 'thin or split'], tooLong: '' },
};
// prettier-ignore
const COMBINING: Readonly<Partial<Record<MixingFamily, Partial<MixWords>>>> = {
  muffin: { title: 'Fold, barely', hands: 'wet into dry, spatula, a quarter turn each time', looks: ['dry streaks, white flour at the wall', 'lumps like peas, no dry flour; drops in a heap', 'smooth, pulls in strings, the spatula drags'] },
  'rub-in': { title: 'Just hold together', hands: 'knife or fingertips, never knead', looks: ['dry crumbs at the bottom', 'shaggy, just holds when pressed', 'smooth and springy'], tooLong: 'each ten seconds more: tougher' },
  'by-hand': { title: 'Stir, barely', hands: 'open hand or wooden spoon', looks: ['dry flour at the bottom', 'rough, no dry flour', 'smooth, it pulls'] },
  creaming: { title: 'Fold in the flour', hands: 'lowest speed, or a spatula', looks: ['flour on top', 'the last white streak goes', 'smooth, elastic'] },
  whisked: { title: 'Fold in the flour', hands: 'big spatula, from below', looks: ['white pockets', 'no pockets, still full of air', 'runny, bubbles burst'], tooLong: 'the foam is gone, and with it the rise' },
  'one-bowl': { title: 'Beat it together', hands: 'middle speed, scrape once', looks: ['lumps of butter', 'one colour, falls softly from the spoon', 'slack and shiny'] },
};

export function mixInWords(phase: MixPhase, family: MixingFamily): MixWords {
  const words = PHASES[phase];
  return phase === 'combine' ? { ...words, ...COMBINING[family] } : words;
}

export const LOOK_NAMES = ['not yet', 'stop here', 'too far'] as const;

const FAULTS: Readonly<Record<BowlFault, string>> = {
  curdled: 'curdled, in grains',
  'too-stiff': 'thick and pasty',
  'too-thin': 'thin, runs off the spoon',
  greasy: 'greasy, split',
  lumps: 'lumps',
  'over-mixed': 'smooth and pulling',
  'butter-warm': 'butter shiny and soft',
  'butter-cold': 'butter too hard',
  'dry-pocket': 'a dry pocket left',
};
export const bowlFaultInWords = (fault: BowlFault): string => FAULTS[fault];

export function remedyInWords(remedy: BowlRemedy): string {
  switch (remedy.code) {
    case 'add':
      return `${gramsInWords(remedy.grams)} ${remedy.name}, ${remedy.turns} turns`;
    case 'wait-cold':
      return `the bowl cold for ${minutesInWords(remedy.minutes)}`;
    case 'wait-warm':
      return `wait ${minutesInWords(remedy.minutes)} in the warm`;
    case 'stir-slowly':
      return 'stir slowly on';
    case 'leave-and-bake':
      return 'leave it, bake';
    case 'stop-now':
      return 'stop, and bake at once';
    case 'press-out':
      return 'press them against the wall';
  }
}
