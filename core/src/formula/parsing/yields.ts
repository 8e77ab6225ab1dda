import { anyOf, asPhrase, LONGEST_LINE, NUMBER_WORDS } from '../../ground/text/index.js';
import { readQuantity, type Quantity } from './amounts.js';
import { normalise } from './normalise.js';

/** What a formula makes: so many of something, or so many portions. */
export interface Yield {
  readonly count: Quantity;
  /** "scones", "portions"; '' when not said. */
  readonly of: string;
}

/** What a bake is called by, at the end of its name. */
export const CALLED =
  /\b(?:breads?|loaf|loaves|cakes?|cupcakes?|muffins?|scones?|biscuits?|brownies|blondies|flapjacks?|parkin|sponge|tray ?bakes?|shortcake|tea ?bread|farls?|pancakes?|buns?|cobbler|bundt|madeira|lamingtons?|rascals|[a-z]+bread)$/i;

const LEAD =
  /^(?:makes|serves|feeds|yields?|servings?|portions?|quantity|enough for|for|cuts? into|(?:(?:you|i)(?: should|'ll| will)? (?:get|got)|(?:you )?(?:should|will) (?:get|do))|does)\s*:?\s*(?:about |approx\.? |approximately |around )?/i;

/** A sentence of the method that says no more than this. */
const SAID_ALONE = new RegExp(
  String.raw`^(?:this |it |that )?(?:makes|serves|feeds|yields?|servings?|enough for|cuts? into|(?:(?:you|i)(?: should|'ll| will)? (?:get|got)|(?:you )?(?:should|will) (?:get|do))|does) ?:? ?(?:about |around |roughly )?(?:\d{1,3}(?:\s?(?:-|or)\s?\d{1,3}|ish)?(?: or so)?|a dozen|two dozen|${anyOf(Object.keys(NUMBER_WORDS))})(?: [a-z]+){0,3}(?: with an? [^.]{3,20})?$`,
  'i',
);
/** "20 biscuits", "2 small loaves", by themselves. */
export const SO_MANY =
  /^(?:about )?\d{1,3} (?:small |large |mini |big |good )?(?:muffins|cupcakes|scones|biscuits|buns|squares|slices|bars|loaves|wedges|pieces|portions|servings|cakes|puddings)[.!]?$/i;
/** What steps say of how many they make: "220 C for 12 minutes. Makes 8"; undefined where none does. */
export const yieldSaidIn = (steps: readonly string[]): string | undefined =>
  steps
    .flatMap((step) => step.split(/(?<=[.;,])\s/))
    // with a kiss behind it
    .map((sentence) => sentence.trim().replace(/(?: x{1,3})?[.;,!]?$/, ''))
    .find((sentence) => SAID_ALONE.test(sentence) || SO_MANY.test(sentence))
    // "you should get 8", "cuts into 16": as a sheet says it
    ?.replace(/^(?:it|this|that) /i, '')
    .replace(/^(?:cuts? into|(?:(?:you|i) )?(?:should |'ll |will )?(?:get|got|do)|does)\b/i, 'Makes');

/** Reads "makes 12", "Serves 8-10", "Yield: 2 loaves"; undefined when no number is said. */
export function readYield(written: string): Yield | undefined {
  const text = normalise(asPhrase(written, LONGEST_LINE) ?? '');
  const lead = LEAD.exec(text);
  const counted = readQuantity(text.slice(lead?.[0].length ?? 0));
  if (!counted) return undefined;
  const portions = /^(?:serves|feeds|servings?|portions?|enough for)/i.test(text);
  const words = counted.rest.trim().replace(/[.,;].*$/, '');
  return { count: counted.quantity, of: words === '' && portions ? 'portions' : words };
}
