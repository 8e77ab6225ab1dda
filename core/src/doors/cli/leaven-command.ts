import { settingsFor } from '../../bench/adapt/index.js';
import { inEighths } from '../../ground/units/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

/** `leaven`: sets soda and powder by a school, over measurable spoons. */
export function leavenCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  const school = options.school ?? 'acid-only';
  const [best] = settingsFor(formula, audit, around.kitchen, {
    school,
    fineness: options.fineness ?? 'spoons',
    ...(options.share !== undefined && { leftShare: options.share }),
  });
  if (!best) return refused('there is no flour in it to set soda and powder by');
  return done({
    title: formula.title,
    school,
    sodaGrams: rounded(best.sodaGrams, 2),
    sodaSpoons: rounded(best.sodaTeaspoons),
    powderGrams: rounded(best.powderGrams, 2),
    powderSpoons: rounded(best.powderTeaspoons),
    acidGrams: rounded(best.acidGrams, 2),
    acidSpoons: rounded(best.acidTeaspoons),
    words: `${inEighths(best.sodaTeaspoons)} tsp soda, ${inEighths(best.powderTeaspoons)} tsp powder`,
    co2GramsPer100gFlour: rounded(best.gasGramsPer100gFlour),
    crumbPh: rounded(best.crumbPh, 2),
    sodaLeftShare: rounded(best.leftShare, 2),
    hit: best.hit,
  });
}
