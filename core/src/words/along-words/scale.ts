import type { BowlLine, OverPourAnswer } from '../../along/weighing/index.js';
import { NOTICED } from '../../along/weighing/index.js';
import type { BandVerdict } from '../../batter/balance/index.js';
import { QUANTITY_NAMES } from '../wording/index.js';
import { capitalised, gramsInWords, listed, sentence, type Sentence } from '../figures/index.js';
import { scaleGrams } from './steps.js';

/* What can be done when there is too much. */

/** "too little water", "too alkaline": what is outside its band. */
export const standsOutside = ({ quantity, verdict }: BandVerdict): string => {
  if (quantity === 'crumb-ph') return verdict === 'above' ? $localize`too alkaline` : $localize`too sour`;
  return $localize`too ${verdict === 'above' ? $localize`much` : $localize`little`} ${QUANTITY_NAMES[quantity]}`;
};
const outsideInWords = (outside: readonly BandVerdict[]): string =>
  outside.length === 0 ? '' : $localize`${listed(outside.map(standsOutside))} for its style`;

/** Where an answer leaves the batter, in a few words. */
function standsInWords({ deviation, outside }: OverPourAnswer): string {
  if (outside.length > 0) return outsideInWords(outside);
  if (deviation < 0.02) return $localize`the formula as it was`;
  return deviation < NOTICED ? $localize`nobody will notice` : $localize`a little off, within its style`;
}

/** An answer as a button says it: what to do, then where that leaves it. @param nameOf a line */
export function overPourInWords(answer: OverPourAnswer, id: string, nameOf: (id: string) => string): Sentence {
  const { code, changes } = answer;
  switch (code) {
    case 'take-out': {
      const carried = (answer.spoonGrams ?? 0) * (1 - (answer.purity ?? 1));
      const along = carried > 0.5 ? $localize`; about ${scaleGrams(carried)} of the rest comes along` : '';
      return sentence(
        $localize`Spoon ${scaleGrams(answer.spoonGrams ?? 0)} back`,
        $localize`the formula as it was${along}`,
      );
    }
    case 'scale': {
      const more = changes
        .filter((change) => change.id !== id && change.pourGrams > 0.5)
        .slice(0, 3)
        .map((change) => `${nameOf(change.id)} ${scaleGrams(answer.finalGrams[change.id] ?? 0)}`);
      return sentence(
        $localize`Make all of it ${(answer.factor ?? 1).toFixed(2)} times`,
        [more.join(', '), $localize`${gramsInWords(answer.batterGrams)} in all`].filter(Boolean).join('; '),
      );
    }
    case 'compensate': {
      const others = changes.filter((change) => change.id !== id);
      const told = others.map(
        ({ id: other, grams }) =>
          `${scaleGrams(Math.abs(grams))} ${grams > 0 ? $localize`more` : $localize`less`} ${nameOf(other)}`,
      );
      return sentence(capitalised(listed(told)), standsInWords(answer));
    }
    case 'leave':
      return sentence($localize`Leave it so`, standsInWords(answer));
  }
}

/** "12 g over: 4 % more flour in all". */
export function overInWords(
  { targetGrams, inBowlGrams }: Pick<BowlLine, 'targetGrams' | 'inBowlGrams'>,
  name: string,
): string {
  const more = Math.round(100 * (inBowlGrams / targetGrams - 1));
  return more >= 1 ? $localize`${more} % more ${name} than planned` : $localize`hardly more than planned`;
}
