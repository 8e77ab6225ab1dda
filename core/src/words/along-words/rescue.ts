import type { MishapKind, OvenOff, Rescue } from '../../along/rescue/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import { gramsInWords, listed, minutesInWords, sentence, type Sentence } from '../figures/index.js';
import { standsOutside } from './scale.js';
import { scaleGrams } from './steps.js';

/* What can still be saved, in words. What is only judged says so. */

export const MISHAP_NAMES: Readonly<Record<MishapKind, string>> = {
  forgot: 'Something was forgotten',
  twice: 'Something went in twice',
  'no-more': 'There is not enough of something',
  waited: 'The batter had to wait',
  'oven-off': 'The oven was off',
  dropped: 'Some of it was dropped',
};

/** @param nameOf a line of the batter */
export function rescueInWords(rescue: Rescue, nameOf: (id: string) => string): Sentence {
  switch (rescue.code) {
    case 'add-now':
      return sentence(
        `Add ${scaleGrams(rescue.grams)} ${nameOf(rescue.id)} now`,
        rescue.gently ? 'Sift it over and fold it in with as few turns as it takes.' : 'Nothing is lost.',
      );
    case 'out-and-fold':
      return sentence(
        `Back into the bowl: ${scaleGrams(rescue.grams)} ${nameOf(rescue.id)}, folded in, then in again`,
        'The next minutes decide: once it begins to set it takes nothing in.',
      );
    case 'bakes-without': {
      const gas = rescue.gasShare < 0.95 ? `${Math.round(100 * rescue.gasShare)} % of its gas: low and dense` : '';
      const bands = rescue.outside.map(standsOutside);
      const lacks = [gas, ...(bands.length > 0 ? [listed(bands)] : [])].filter(Boolean).join('; ');
      return sentence('Let it bake', lacks === '' ? 'It stays within its style.' : `It will have ${lacks}.`);
    }
    case 'spoon-out':
      return sentence(`Spoon ${scaleGrams(rescue.grams)} ${nameOf(rescue.id)} out again`, 'While it lies on top.');
    case 'make-more':
      return sentence(`Make all of it ${rescue.factor} times`, `${gramsInWords(rescue.grams)} more in all; bake the rest in another pan.`); // prettier-ignore
    case 'stretch':
      return sentence(`Make all of it ${rescue.factor.toFixed(2)} times`, `Then it is within its style again: ${gramsInWords(rescue.grams)} more.`); // prettier-ignore
    case 'add-acid':
      return sentence(
        `${scaleGrams(rescue.grams)} ${ingredientById(rescue.acidId)?.nameUk ?? rescue.acidId}`,
        `Brings the crumb from pH ${rescue.phBefore.toFixed(1)} back to ${rescue.phAfter.toFixed(1)}${rescue.tasted ? '; so much of it is tasted' : ''}.`,
      );
    case 'begin-again':
      return sentence('Begin again', 'Keep what is not wet for it.');
    case 'swap-it':
      return sentence(`Something else for the ${nameOf(rescue.id)}`, 'The Bench swaps it, with what that disturbs.');
    case 'make-less':
      return sentence(`Make ${rescue.factor.toFixed(2)} of it`, 'Nothing more than that is in the bowl yet.');
    case 'bake-now':
      return sentence(
        'Bake it now',
        `It has ${Math.round(100 * rescue.gasShare)} % of its gas left, within a factor of two${Number.isFinite(rescue.bestWithinMinutes) ? `; best within ${minutesInWords(rescue.bestWithinMinutes)}` : ''}.`,
      );
    case 'fewer-pans':
      return sentence(`Fill ${rescue.pieces} as they were to be filled`, `${gramsInWords(rescue.grams)} is left.`);
  }
}

/** An oven that was off for a while. */
export function ovenOffInWords({ delayMinutes, coreCelsius, lowestOvenCelsius, maySink }: OvenOff): Sentence {
  const later =
    delayMinutes === undefined
      ? 'It may not get done'
      : `About ${minutesInWords(Math.max(0, delayMinutes))} later than it would have been`;
  const sinks = maySink ? ' The middle was between liquid and set: it may sink, and nothing stops that now.' : '';
  return sentence(
    later,
    `The oven fell to about ${Math.round(lowestOvenCelsius)} °C, the middle went from ${Math.round(coreCelsius.before)} to ${Math.round(coreCelsius.after)}. Keep the door shut.${sinks}`,
  );
}
