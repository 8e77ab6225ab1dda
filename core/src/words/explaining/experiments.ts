import type { Answer, ExperimentId } from '../../bench/sandbox/index.js';

interface ExperimentWords {
  readonly does: string;
  readonly asks: string;
  readonly answers: Readonly<Record<Answer, string>>;
  readonly because: string;
}

/** The questions, the answers to choose from, and the reason. */
export const EXPERIMENT_WORDS: Readonly<Record<ExperimentId, ExperimentWords>> = {
  'double-the-powder': {
    does: $localize`Double the powder.`,
    asks: $localize`How high does the middle stand?`,
    answers: { up: $localize`It stands higher`, same: $localize`About as high`, down: $localize`It sinks` },
    because: $localize`Gas lifts until the crumb cannot hold it; beyond that the walls tear and the middle falls.`,
  },
  'leave-out-the-acid': {
    does: $localize`Leave out the sour liquid.`,
    asks: $localize`Where does the crumb’s pH go?`,
    answers: { up: $localize`More alkaline`, same: $localize`It stays`, down: $localize`Sourer` },
    because: $localize`Soda that meets no acid stays: soapy, dark, coarse.`,
  },
  'all-wholemeal': {
    does: $localize`All wholemeal.`,
    asks: $localize`With the same liquid, how wet is it for what it drinks?`,
    answers: { up: $localize`Wetter`, same: $localize`As wet`, down: $localize`Drier` },
    because: $localize`Bran drinks more and later: it wants more liquid, and a rest.`,
  },
  'melted-not-creamed': {
    does: $localize`Melt the fat instead of creaming it.`,
    asks: $localize`How high does it stand?`,
    answers: { up: $localize`Higher`, same: $localize`The same`, down: $localize`Lower` },
    because: $localize`Creamed air is what gas and steam swell: without it there are fewer, larger bubbles.`,
  },
  'half-the-sugar': {
    does: $localize`Half the sugar.`,
    asks: $localize`What does the crust do?`,
    answers: { up: $localize`Darker`, same: $localize`As dark`, down: $localize`Paler` },
    because: $localize`Sugar browns, holds water and delays the set: with half of it the bake is paler, firmer and staler sooner.`,
  },
  'soda-for-powder': {
    does: $localize`Soda in the place of powder, for the same gas.`,
    asks: $localize`Where does the crumb’s pH go?`,
    answers: { up: $localize`More alkaline`, same: $localize`It stays`, down: $localize`Sourer` },
    because: $localize`Powder brings its own acid; soda takes the batter’s, and what it does not find stays over.`,
  },
  'wait-half-an-hour': {
    does: $localize`Let the batter wait half an hour.`,
    asks: $localize`How much of its gas is still usable?`,
    answers: { up: $localize`More than at once`, same: $localize`As good as all`, down: $localize`Clearly less` },
    because: $localize`What mixing set free leaks away: fast from thin batters and soda, slowly from thick ones and double-acting powder.`,
  },
  'one-egg-more': {
    does: $localize`Half as much egg again.`,
    asks: $localize`How tough is the crumb?`,
    answers: { up: $localize`Tougher`, same: $localize`The same`, down: $localize`More tender` },
    because: $localize`White sets and toughens, yolk softens: together they build more than they soften.`,
  },
};
