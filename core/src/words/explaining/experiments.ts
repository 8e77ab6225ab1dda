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
    does: 'Double the powder.',
    asks: 'How high does the middle stand?',
    answers: { up: 'It stands higher', same: 'About as high', down: 'It sinks' },
    because: 'Gas lifts until the crumb cannot hold it; beyond that the walls tear and the middle falls.',
  },
  'leave-out-the-acid': {
    does: 'Leave out the sour liquid.',
    asks: 'Where does the crumb’s pH go?',
    answers: { up: 'More alkaline', same: 'It stays', down: 'Sourer' },
    because: 'Soda that meets no acid stays: soapy, dark, coarse.',
  },
  'all-wholemeal': {
    does: 'All wholemeal.',
    asks: 'With the same liquid, how wet is it for what it drinks?',
    answers: { up: 'Wetter', same: 'As wet', down: 'Drier' },
    because: 'Bran drinks more and later: it wants more liquid, and a rest.',
  },
  'melted-not-creamed': {
    does: 'Melt the fat instead of creaming it.',
    asks: 'How high does it stand?',
    answers: { up: 'Higher', same: 'The same', down: 'Lower' },
    because: 'Creamed air is what gas and steam swell: without it there are fewer, larger bubbles.',
  },
  'half-the-sugar': {
    does: 'Half the sugar.',
    asks: 'What does the crust do?',
    answers: { up: 'Darker', same: 'As dark', down: 'Paler' },
    because:
      'Sugar browns, holds water and delays the set: with half of it the bake is paler, firmer and staler sooner.',
  },
  'soda-for-powder': {
    does: 'Soda in the place of powder, for the same gas.',
    asks: 'Where does the crumb’s pH go?',
    answers: { up: 'More alkaline', same: 'It stays', down: 'Sourer' },
    because: 'Powder brings its own acid; soda takes the batter’s, and what it does not find stays over.',
  },
  'wait-half-an-hour': {
    does: 'Let the batter wait half an hour.',
    asks: 'How much of its gas is still usable?',
    answers: { up: 'More than at once', same: 'As good as all', down: 'Clearly less' },
    because:
      'What mixing set free leaks away: fast from thin batters and soda, slowly from thick ones and double-acting powder.',
  },
  'one-egg-more': {
    does: 'Half as much egg again.',
    asks: 'How tough is the crumb?',
    answers: { up: 'Tougher', same: 'The same', down: 'More tender' },
    because: 'White sets and toughens, yolk softens: together they build more than they soften.',
  },
};
