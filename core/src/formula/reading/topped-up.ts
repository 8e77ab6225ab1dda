import { readLine, type ReadingContext } from '../parsing/index.js';
import type { Taking } from '../narration/index.js';

/*
 * "Beat one egg in a jug and top it up to 250 ml with milk": no amount of the milk is said, and it is what the jug still takes.
 */
const TOPPED_UP =
  /\b(?:top|topped|make|made|fill|filled) (?:(?:it|them|this|that|the jug) )?up to (?:about )?(\d{1,4} ?(?:ml|fl oz)|half a pint|1\/2 (?:a )?pint) with (?:cold |warm |enough )?(milk|buttermilk|water|yogh?urt|cream|orange juice)\b/gi;
/** So far behind what is in the jug. */
const NEAR_LETTERS = 120;

export interface ToppedUp {
  readonly part: string;
  /** "199 ml milk". */
  readonly line: string;
}

/** What is topped up in a told text, each as the line that it is. */
export function toppedUp(text: string, takings: readonly Taking[], context: ReadingContext): readonly ToppedUp[] {
  return [...text.matchAll(TOPPED_UP)].flatMap(({ index, 1: total = '', 2: liquid = '' }): readonly ToppedUp[] => {
    const inJug = takings.findLast(({ from, to }) => to <= index && from > index - NEAR_LETTERS);
    // a line that says so is read already: the jug's is put into its words
    const said = inJug ? readLine(`${inJug.line} made up to ${total} with ${liquid}`, context) : [];
    const rest = said.length > 1 ? said.at(-1)?.quantity?.low : undefined;
    return inJug && rest !== undefined ? [{ part: inJug.part, line: `${rest} ml ${liquid.toLowerCase()}` }] : [];
  });
} // prettier-ignore
