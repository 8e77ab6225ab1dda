import { lineInEnglish, yieldInEnglish } from './line.js';
import { isGermanSentence, sentenceInEnglish } from './sentence.js';

export { withGermanAmount } from './line.js';

/** Letters and words without which nothing is looked up: a German line has one of them, and hardly any English one. */
const MAY_BE_GERMAN = /[a-zäöüß]{2}/i;

/**
 * What a German line or sentence says, in the English that the reader knows; as it was where it is not German. The baker's own words stay
 * on the sheet: this is only what is read. Spoons hold 15 and 5 ml, eggs are of European sizes.
 * @source shared/data/more: ingredients_de.csv, words_de.json
 */
export function inEnglish(text: string): string {
  if (!MAY_BE_GERMAN.test(text) || text.length > 4000) return text;
  const leading = /^([^:\d]{3,34}): (?=\d)/.exec(text);
  if (leading?.[1] !== undefined && isGermanSentence(leading[1])) {
    const rest = lineInEnglish(text.slice(leading[0].length));
    if (rest !== undefined) return `${sentenceInEnglish(leading[1])}: ${rest}`;
  }
  return yieldInEnglish(text) ?? lineInEnglish(text) ?? (isGermanSentence(text) ? sentenceInEnglish(text) : text);
}

/** Whether a text is German: two of its lines are. */
export const isGerman = (text: string): boolean =>
  text.split('\n').filter((line) => line.length < 4000 && (isGermanSentence(line) || lineInEnglish(line) !== undefined)).length > 1; // prettier-ignore
