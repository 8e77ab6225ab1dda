import { asPhrase, LONGEST_LINE } from '../../ground/text/index.js';
import { readQuantity, type Quantity } from './amounts.js';
import { normalise } from './normalise.js';

/** What a formula makes: so many of something, or so many portions. */
export interface Yield {
  readonly count: Quantity;
  /** "scones", "portions"; '' when not said. */
  readonly of: string;
}

const LEAD =
  /^(?:makes|serves|yields?|servings?|portions?|quantity|enough for)\s*:?\s*(?:about |approx\.? |approximately |around )?/i;

/** Reads "makes 12", "Serves 8-10", "Yield: 2 loaves"; undefined when no number is said. */
export function readYield(written: string): Yield | undefined {
  const text = normalise(asPhrase(written, LONGEST_LINE) ?? '');
  const lead = LEAD.exec(text);
  const counted = readQuantity(text.slice(lead?.[0].length ?? 0));
  if (!counted) return undefined;
  const portions = /^(?:serves|servings?|portions?|enough for)/i.test(text);
  const words = counted.rest.trim().replace(/[.,;].*$/, '');
  return { count: counted.quantity, of: words === '' && portions ? 'portions' : words };
}
