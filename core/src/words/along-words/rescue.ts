import { decimal } from '../../ground/language/index.js';
import type { MishapKind, OvenOff, Rescue } from '../../along/rescue/index.js';
import { ingredientById, ingredientName } from '../../kitchen/ingredients/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { gramsInWords, listed, minutesInWords, readingOn, sentence, type Sentence } from '../figures/index.js';
import { standsOutside } from './scale.js';
import { scaleGrams } from './steps.js';

/* What can still be saved, in words. What is only judged says so. */

export const MISHAP_NAMES: Readonly<Record<MishapKind, string>> = {
  forgot: $localize`Something was forgotten`,
  twice: $localize`Something went in twice`,
  'no-more': $localize`There is not enough of something`,
  waited: $localize`The batter had to wait`,
  'oven-off': $localize`The oven was off`,
  dropped: $localize`Some of it was dropped`,
};

const acidName = (id: string) => {
  const acid = ingredientById(id);
  return acid ? ingredientName(acid, 'UK') : id;
};

/** @param nameOf a line of the batter */
export function rescueInWords(rescue: Rescue, nameOf: (id: string) => string): Sentence {
  switch (rescue.code) {
    case 'add-now':
      return sentence(
        $localize`Add ${scaleGrams(rescue.grams)} ${nameOf(rescue.id)} now`,
        rescue.gently
          ? $localize`Sift it over and fold it in with as few turns as it takes.`
          : $localize`Nothing is lost.`,
      );
    case 'out-and-fold':
      return sentence(
        $localize`Back into the bowl: ${scaleGrams(rescue.grams)} ${nameOf(rescue.id)}, folded in, then in again`,
        $localize`The next minutes decide: once it begins to set it takes nothing in.`,
      );
    case 'bakes-without': {
      const gas =
        rescue.gasShare < 0.95 ? $localize`${Math.round(100 * rescue.gasShare)} % of its gas: low and dense` : '';
      const bands = rescue.outside.map(standsOutside);
      const lacks = [gas, ...(bands.length > 0 ? [listed(bands)] : [])].filter(Boolean).join('; ');
      return sentence(
        $localize`Let it bake`,
        lacks === '' ? $localize`It stays within its style.` : $localize`It will have ${lacks}.`,
      );
    }
    case 'spoon-out':
      return sentence(
        $localize`Spoon ${scaleGrams(rescue.grams)} ${nameOf(rescue.id)} out again`,
        $localize`While it lies on top.`,
      );
    case 'make-more':
      return sentence($localize`Make all of it ${rescue.factor} times`, $localize`${gramsInWords(rescue.grams)} more in all; bake the rest in another pan.`); // prettier-ignore
    case 'stretch':
      return sentence($localize`Make all of it ${rescue.factor.toFixed(2)} times`, $localize`Then it is within its style again: ${gramsInWords(rescue.grams)} more.`); // prettier-ignore
    case 'add-acid':
      return sentence(
        `${scaleGrams(rescue.grams)} ${acidName(rescue.acidId)}`,
        $localize`Brings the crumb from pH ${decimal(rescue.phBefore, 1)} back to ${decimal(rescue.phAfter, 1)}${rescue.tasted ? $localize`; so much of it is tasted` : ''}.`,
      );
    case 'begin-again':
      return sentence($localize`Begin again`, $localize`Keep what is not wet for it.`);
    case 'swap-it':
      return sentence(
        $localize`Something else for the ${nameOf(rescue.id)}`,
        $localize`The Bench swaps it, with what that disturbs.`,
      );
    case 'make-less':
      return sentence(
        $localize`Make ${rescue.factor.toFixed(2)} of it`,
        $localize`Nothing more than that is in the bowl yet.`,
      );
    case 'bake-now':
      return sentence(
        $localize`Bake it now`,
        $localize`It has ${Math.round(100 * rescue.gasShare)} % of its gas left, within a factor of two${Number.isFinite(rescue.bestWithinMinutes) ? $localize`; best within ${minutesInWords(rescue.bestWithinMinutes)}` : ''}.`,
      );
    case 'fewer-pans':
      return sentence(
        $localize`Fill ${rescue.pieces} as they were to be filled`,
        $localize`${gramsInWords(rescue.grams)} is left.`,
      );
  }
}

/** An oven that was off for a while. */
export function ovenOffInWords(
  { delayMinutes, coreCelsius, lowestOvenCelsius, maySink }: OvenOff,
  scale: HeatScale = 'C',
): Sentence {
  const later =
    delayMinutes === undefined
      ? $localize`It may not get done`
      : $localize`About ${minutesInWords(Math.max(0, delayMinutes))} later than it would have been`;
  const sinks = maySink
    ? $localize` The middle was between liquid and set: it may sink, and nothing stops that now.`
    : '';
  return sentence(
    later,
    $localize`The oven fell to about ${readingOn(scale, lowestOvenCelsius)}, the middle went from ${readingOn(scale, coreCelsius.before)} to ${readingOn(scale, coreCelsius.after)}. Keep the door shut.${sinks}`,
  );
}
