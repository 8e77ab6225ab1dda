import { LONGEST_PARAGRAPH } from '../../ground/text/index.js';
import { isGermanLine } from './giveaways.js';
import { lineInEnglish, yieldInEnglish } from './line.js';
import { sentenceInEnglish } from './sentence.js';

/** "Für den Teig: 150 g Quark": a heading and a line in one. */
const HEADED = /^([^:\d]{3,34}): (?=\d)/;

/**
 * What a German line or sentence says, in the English that the reader knows; as it was where it is not German. The baker's own words stay
 * on the sheet: this is only what is read. Spoons hold 15 and 5 ml, eggs are of European sizes.
 * @param text at most a paragraph; what is longer is left as it is
 * @source shared/data/more: ingredients_de.csv, words_de.json
 */
export function inEnglish(text: string): string {
  if (text.length > LONGEST_PARAGRAPH || !isGermanLine(text)) return text;
  const headed = HEADED.exec(text);
  const line = headed ? lineInEnglish(text.slice(headed[0].length)) : undefined;
  if (line !== undefined) return `${sentenceInEnglish(headed?.[1] ?? '')}: ${line}`;
  return yieldInEnglish(text) ?? severalInEnglish(text) ?? lineInEnglish(text) ?? sentenceInEnglish(text);
}

/** "2 EL Zucker mit 1 TL Zimt gemischt": a thing and what is mixed with it, each with its amount. */
const AND_WITH = / (?:mit|plus) (?=(?:\d|[½¼¾]|eine[rm]? (?:prise|tl|el|teelöffel|esslöffel)\b))/i;
const MIXED = / (?:gemischt|vermischt|verrührt|gesiebt|gemengt)$/i;
function severalInEnglish(text: string): string | undefined {
  const parts = text.replace(MIXED, '').split(AND_WITH);
  if (parts.length < 2) return undefined;
  const lines = parts.map(lineInEnglish);
  return lines.every((line) => line !== undefined) ? lines.join(' plus ') : undefined;
}

/** Whether a text is German: two of its lines are. */
export const isGerman = (text: string): boolean =>
  text
    .split('\n')
    // "250 g Mehl, 4 Eier, 1 Pck. Backpulver": a list in one row says it as often as one of rows
    .flatMap((line) => (line.length <= LONGEST_PARAGRAPH ? line.split(', ') : []))
    .filter(isGermanLine).length > 1;
