import { readLine, type ReadingContext } from '../parsing/index.js';
import type { Taking } from '../narration/index.js';

/*
 * Things in a told text that have no amount of their own, but one that another tells: "beat one egg in a jug and top it up to 250 ml with
 * milk" takes the milk that the jug still holds; "weigh 3 eggs, then the same weight of butter and sugar" what the eggs weigh. The reader
 * of lines knows both in a line; the words are put into one for it.
 */
const TOPPED_UP =
  /\b(?:top|topped|make|made|fill|filled) (?:(?:it|them|this|that|the jug) )?up to (?:about )?(\d{1,4} ?(?:ml|fl oz)|\d(?:\.\d{1,2})? ?(?:l|lit(?:re|er)s?|pints?)|half a pint|1\/2 (?:a )?pint) (?:with|w\/?) (?:cold |warm |enough )?(milk|buttermilk|water|yogh?urt|cream|orange juice)\b/gi;
const SAME_WEIGHT =
  /\b(?:(?:same|equal|their) weights? (?:each )?(?:of|in)|same (?:again )?of) ((?:[a-z][a-z-]{1,14}(?:, ?| & | |(?=[.;:\n(]|$))){1,14})/gi;
const BETWEEN_THINGS = /, ?(?:and )?(?:of )?| and (?:of )?| & /;
/** So far behind what is in the jug. */
const NEAR_LETTERS = 120;

export interface ByAnother {
  readonly part: string;
  /** "199 ml milk". */
  readonly line: string;
}

/** "1 egg + milk to make 3/4 c". */
const TO_MAKE =
  /(?:\+|\bplus|\band|&) (?:enough )?(milk|buttermilk|water|cream) to make (?:up )?(?:to )?(?:about )?(\d[\d/ ]{0,4} ?(?:cups?|c|ml|fl oz))\b/gi;

/** "1/3 cup oil + oat milk to 1 cup total". */
const TO_TOTAL =
  /(?:\+|\bplus|\band|&) (?:enough )?((?:oat |soya |soy |almond |plant )?milk|buttermilk|water|cream) (?:up )?to (\d[\d/ ]{0,4} ?(?:cups?|c|ml|fl oz)) (?:in )?(?:total|altogether|all)\b/gi;

function toppedUp(text: string, takings: readonly Taking[], context: ReadingContext): readonly ByAnother[] {
  const found = [
    ...[...text.matchAll(TOPPED_UP)].map(({ index, 1: total = '', 2: liquid = '' }) => ({ index, total, liquid })),
    ...[TO_MAKE, TO_TOTAL]
      .flatMap((pattern) => [...text.matchAll(pattern)])
      .map(({ index, 1: liquid = '', 2: total = '' }) => ({ index, total, liquid })),
  ];
  return found.flatMap(({ index, total, liquid }): readonly ByAnother[] => {
    const inJug = takings.findLast(({ from, to }) => to <= index && from > index - NEAR_LETTERS);
    // a line that says so is read already: the jug's is put into its words
    const said = inJug ? readLine(`${inJug.line} made up to ${total} with ${liquid}`, context) : [];
    const rest = said.length > 1 ? said.at(-1)?.quantity?.low : undefined;
    return inJug && rest !== undefined ? [{ part: inJug.part, line: `${rest} ml ${liquid.toLowerCase()}` }] : [];
  });
}

/** "flour 225, half that of butter": half of what was taken before. */
const HALF = String.raw`\bhalf (?:as much|of that|that(?: amount)?|the amount|the quantity)(?: of| in)? `;
const HALF_OF_LAST = new RegExp(String.raw`${HALF}([a-z][a-z ]{2,24}?)(?=[,.;:\n(]| and |$)`, 'gi');
function halvesOfLast(text: string, takings: readonly Taking[], context: ReadingContext): readonly ByAnother[] {
  return [...text.matchAll(HALF_OF_LAST)].flatMap(({ index, 1: thing = '' }): readonly ByAnother[] => {
    const last = takings.findLast(({ to }) => to <= index && to > index - NEAR_LETTERS);
    const [, unit = ''] = /^[\d./ ]{1,8} ?([a-z]{1,11})\b/i.exec(last?.line ?? '') ?? [];
    const amount = last && readLine(last.line, context)[0]?.quantity;
    if (!last || !amount || amount.low !== amount.high || !readLine(thing, context)[0]?.ingredient) return [];
    return [{ part: last.part, line: `${amount.low / 2} ${unit} ${thing}` }];
  });
}

const WEIGHED = /\([^()\d]{0,30}(\d{2,4}) ?g(?:rams?)?(?: in (?:the |their )?shells?)?\)/i;
/** What weighs as much as eggs in their shells, each in a line that can be read by itself. */
function linesAlike(eggs: string, things: readonly string[], context: ReadingContext, said = eggs): readonly string[] {
  // "weigh 4 eggs (mine came to 230 g)": as they were weighed
  const weighed = WEIGHED.exec(said)?.[1];
  if (weighed !== undefined) return things.map((thing) => `${weighed} g ${thing}`);
  return readLine(`${eggs.replace(/,.*$/, '')}, their weight in ${things.join(', ')}`, context)
    .slice(1)
    .flatMap(({ weight }, i) => (weight ? [`${Math.round(weight.grams)} g ${things[i] ?? ''}`] : []));
}

function weighedAlike(text: string, takings: readonly Taking[], context: ReadingContext): readonly ByAnother[] {
  return [...text.matchAll(SAME_WEIGHT)].flatMap(({ index, 1: said = '' }): readonly ByAnother[] => {
    const eggs = takings.findLast(({ to, ingredient }) => to <= index && ingredient?.category === 'egg');
    if (!eggs) return [];
    const things = said.trim().split(BETWEEN_THINGS);
    // of "butter, sugar and flour beat well" the last is no thing
    const known = things.slice(0, things.findIndex((thing) => !readLine(thing, context)[0]?.ingredient) >>> 0);
    return linesAlike(eggs.line, known, context, text.slice(eggs.from, index)).map((line) => ({
      part: eggs.part,
      line,
    }));
  });
}

/** "1 tsp ginger, half that of cinnamon", "2 tsp cinnamon and half as much nutmeg": two lines. */
const HALF_OF_IT = new RegExp(
  String.raw`^((?:[-*•▢] )?\d[\d/. ½¼¾]{0,5} ?([a-z]{1,11})\.? [a-z][a-z ]{2,24}?),? (?:and |& |plus )?${HALF}([a-z][a-z ]{2,24})$`,
  'i',
);
function halfOfIt(row: string, context: ReadingContext): readonly string[] | undefined {
  const [, whole = '', unit = '', thing = ''] = HALF_OF_IT.exec(row.trim()) ?? [];
  const quantity = whole === '' ? undefined : readLine(whole, context)[0]?.quantity;
  return quantity?.low === quantity?.high && quantity ? [whole, `${quantity.low / 2} ${unit} ${thing}`] : undefined;
}

/** "same weight in butter" below eggs, row by row. */
const ROW_ALIKE =
  /^\s*(?:[-*•▢] )?(?:(?:and|then) )?(?:the )?(?:(?:same|equal) weights? (?:each )?(?:in|of)|same of)(?: each)?:? ([a-z][a-z ,&-]{2,80})$/i;
export function rowsByAnother(rows: readonly string[], context: ReadingContext): readonly string[] {
  let eggs: string | undefined;
  return rows.flatMap((row) => {
    const things = ROW_ALIKE.exec(row)?.[1]?.split(BETWEEN_THINGS);
    if (things && eggs !== undefined) {
      const alike = linesAlike(eggs, things, context);
      return alike.length > 0 ? alike : [row];
    }
    const halves = halfOfIt(row, context);
    if (halves) return halves;
    if (/\beggs?\b/i.test(row) && readLine(row, context)[0]?.ingredient?.category === 'egg') eggs = row.trim();
    return row;
  });
}

/** What a told text takes by the amount of another thing, each as the line that it is. */
export const amountsByAnother = (
  text: string,
  takings: readonly Taking[],
  context: ReadingContext,
): readonly ByAnother[] => [
  ...toppedUp(text, takings, context),
  ...weighedAlike(text, takings, context),
  ...halvesOfLast(text, takings, context),
];
