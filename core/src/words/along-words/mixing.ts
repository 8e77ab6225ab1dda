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
  dry: { title: $localize`Stir the dry things`, hands: $localize`whisk, to the bottom of the bowl`, looks: [$localize`streaks of white`, $localize`one even colour, no lumps of soda`, $localize`nothing is spoiled`], tooLong: '' },
  wet: { title: $localize`Stir the wet things`, hands: $localize`whisk or fork`, looks: [$localize`egg in strings`, $localize`one colour, a few bubbles`, $localize`nothing is spoiled`], tooLong: '' },
  melt: { title: $localize`Melt`, hands: $localize`low heat, take it off with a lump left`, looks: [$localize`lumps`, $localize`just liquid, warm to a finger`, $localize`hot or split: let it cool`], tooLong: '' },
  cream: { title: $localize`Cream until pale`, hands: $localize`middle speed, scrape down twice`, looks: [$localize`yellow, gritty, a soft growl`, $localize`pale, light, twice as much; the machine runs quieter`, $localize`shiny, soft, greasy at the wall`], tooLong: $localize`warm butter lets the air go` },
  eggs: { title: $localize`Eggs, little by little`, hands: $localize`the next only when the last is gone`, looks: [$localize`streaks of egg`, $localize`thick, smooth, holds a trail`, $localize`grains: it curdles`], tooLong: '' },
  rub: { title: $localize`Rub in`, hands: $localize`fingertips, lift and let fall`, looks: [$localize`lumps like walnuts`, $localize`like oats, some peas left`, $localize`like sand, greasy: it melts`], tooLong: $localize`a flat, crumbly bake` },
  paste: { title: $localize`Work the fat into the flour`, hands: $localize`lowest speed`, looks: [$localize`flour flies, lumps of fat`, $localize`like damp sand`, $localize`a paste`], tooLong: $localize`dense` },
  whisk: { title: $localize`Whisk until thick`, hands: $localize`high, then middle speed`, looks: [$localize`yellow froth, big bubbles`, $localize`pale; a trail stays for three seconds`, $localize`stiff, dry at the wall`], tooLong: $localize`the foam breaks when flour comes` },
  combine: { title: $localize`Bring it together`, hands: $localize`low speed or a spatula`, looks: [$localize`dry flour showing`, $localize`no dry flour left; stop`, $localize`smooth, pulls in strings`], tooLong: $localize`each ten seconds more: tunnels, tougher` },
  fold: { title: $localize`Fold in`, hands: $localize`spatula, from below, turn the bowl`, looks: [$localize`pieces in one place`, $localize`pieces all through`, $localize`the batter goes slack`], tooLong: $localize`each ten seconds more: tougher` },
  finish: { title: $localize`Beat smooth`, hands: $localize`middle speed`, looks: [$localize`lumps`, $localize`smooth, holds a peak`, $localize`thin or split`], tooLong: '' },
};
// prettier-ignore
const COMBINING: Readonly<Partial<Record<MixingFamily, Partial<MixWords>>>> = {
  muffin: { title: $localize`Fold, barely`, hands: $localize`wet into dry, spatula, a quarter turn each time`, looks: [$localize`dry streaks, white flour at the wall`, $localize`lumps like peas, no dry flour; drops in a heap`, $localize`smooth, pulls in strings, the spatula drags`] },
  'rub-in': { title: $localize`Just hold together`, hands: $localize`knife or fingertips, never knead`, looks: [$localize`dry crumbs at the bottom`, $localize`shaggy, just holds when pressed`, $localize`smooth and springy`], tooLong: $localize`each ten seconds more: tougher` },
  'by-hand': { title: $localize`Stir, barely`, hands: $localize`open hand or wooden spoon`, looks: [$localize`dry flour at the bottom`, $localize`rough, no dry flour`, $localize`smooth, it pulls`] },
  creaming: { title: $localize`Fold in the flour`, hands: $localize`lowest speed, or a spatula`, looks: [$localize`flour on top`, $localize`the last white streak goes`, $localize`smooth, elastic`] },
  whisked: { title: $localize`Fold in the flour`, hands: $localize`big spatula, from below`, looks: [$localize`white pockets`, $localize`no pockets, still full of air`, $localize`runny, bubbles burst`], tooLong: $localize`the foam is gone, and with it the rise` },
  'one-bowl': { title: $localize`Beat it together`, hands: $localize`middle speed, scrape once`, looks: [$localize`lumps of butter`, $localize`one colour, falls softly from the spoon`, $localize`slack and shiny`] },
};

export function mixInWords(phase: MixPhase, family: MixingFamily): MixWords {
  const words = PHASES[phase];
  return phase === 'combine' ? { ...words, ...COMBINING[family] } : words;
}

export const LOOK_NAMES = [$localize`not yet`, $localize`stop here`, $localize`too far`] as const;

const FAULTS: Readonly<Record<BowlFault, string>> = {
  curdled: $localize`curdled, in grains`,
  'too-stiff': $localize`thick and pasty`,
  'too-thin': $localize`thin, runs off the spoon`,
  greasy: $localize`greasy, split`,
  lumps: $localize`lumps`,
  'over-mixed': $localize`smooth and pulling`,
  'butter-warm': $localize`butter shiny and soft`,
  'butter-cold': $localize`butter too hard`,
  'dry-pocket': $localize`a dry pocket left`,
};
export const bowlFaultInWords = (fault: BowlFault): string => FAULTS[fault];

export function remedyInWords(remedy: BowlRemedy): string {
  switch (remedy.code) {
    case 'add':
      return $localize`${gramsInWords(remedy.grams)} ${remedy.name}, ${remedy.turns} turns`;
    case 'wait-cold':
      return $localize`the bowl cold for ${minutesInWords(remedy.minutes)}`;
    case 'wait-warm':
      return $localize`wait ${minutesInWords(remedy.minutes)} in the warm`;
    case 'stir-slowly':
      return $localize`stir slowly on`;
    case 'leave-and-bake':
      return $localize`leave it, bake`;
    case 'stop-now':
      return $localize`stop, and bake at once`;
    case 'press-out':
      return $localize`press them against the wall`;
  }
}
