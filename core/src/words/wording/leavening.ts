import type { Phase } from '../../batter/leavening/index.js';
import { dialDegrees, type HeatScale } from '../../ground/units/index.js';
import { heatOn, sentence, type Sentence } from '../figures/index.js';

/** When gas is set free. @param scale of the baker's oven */
export const phaseNames = (scale: HeatScale): Readonly<Record<Phase, string>> => ({
  mixing: $localize`mixing`,
  waiting: $localize`waiting`,
  under60: $localize`to ${heatOn(scale, 60)}`,
  to80: $localize`to ${dialDegrees(scale, 80)}`,
  above80: $localize`above`,
});

/** Bands of crumb pH and what each does. ± 0.2. @source leavening.md 1.6 */
const PH_CONSEQUENCES: readonly { readonly below: number; readonly sentence: Sentence }[] = [
  { below: 6.2, sentence: sentence($localize`tart`, $localize`tart, pale, fine and tight`) },
  { below: 6.5, sentence: sentence($localize`slightly sour`, $localize`slightly sour and pale`) },
  { below: 7.5, sentence: sentence($localize`neutral`, $localize`full flavour, normal colour`) },
  {
    below: 8.5,
    sentence: sentence($localize`alkaline`, $localize`darker, coarser, tender; berries and seeds may turn`),
  },
  { below: Infinity, sentence: sentence($localize`soapy`, $localize`soapy, with a yellow or green tinge`) },
];

/** What a crumb of this pH is like. */
export function phConsequence(pH: number): Sentence {
  return PH_CONSEQUENCES.find(({ below }) => pH < below)?.sentence ?? sentence('');
}
