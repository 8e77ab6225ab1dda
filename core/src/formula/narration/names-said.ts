import { describesOnly } from '../../kitchen/ingredients/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import type { ReadingContext } from '../parsing/index.js';
import type { Words } from './tokens.js';
import { unitAt, type UnitsSaid } from './units-said.js';

/** An ingredient named in running text. */
export interface Name {
  readonly from: number;
  readonly to: number;
  /** "flour mixture", "carrot cake". */
  readonly isThing: boolean;
  used: boolean;
}

export interface Names {
  readonly names: readonly Name[];
  /** The name that a token belongs to; −1 for none. */
  readonly at: Int32Array;
}

const THING =
  /^(?:mixture|mix|cakes?|loaf|loaves|breads?|cornbread|muffins?|scones?|cupcakes?|frosting|icing|glaze|batter|dough|topping|filling|drizzle|biscuits?|pancakes|flavou?r|buckle|bundt|crumble|streusel|base|layer|sponge|syrup|tin|pan)$/;
const COLOUR = /^white$/;
const KIND = /^(?:flour|sugar|chocolate|vinegar|rice|bread|spelt|wheat|rye|cornmeal)$/;
const MOST_NAME_WORDS = 6;

/** "cream the butter", "butter a tin", "flour it well": a thing done, no thing. */
function isDoing(words: Words, units: UnitsSaid, at: number): boolean {
  const before = words.word(at - 1);
  // "Cream: 1 stick margarine"
  if (words.begins(at) && words.at(at + 1) === ':') return true;
  const measured =
    words.isNumber(at - 1) || /^(?:of|some|the)$/.test(before) || unitAt(words, units, at - 1) !== undefined;
  return (
    !measured &&
    /^(?:the|a|it|them|your|together|up|until|and)$/.test(words.word(at + 1)) &&
    words.word(at + 1) !== 'and'
  );
}

/** Every name, left to right, the longest first; figures that measure nothing are passed over. */
export function namesIn(words: Words, marked: Uint8Array, units: UnitsSaid, { kitchen }: ReadingContext): Names {
  const names: Name[] = [];
  const placeOf = new Int32Array(words.length).fill(-1);
  const pantry = pantryOf(kitchen);
  for (let at = 0; at < words.length; at++) {
    if (marked[at] || words.word(at) === '' || (words.word(at).length < 2 && words.at(at + 1) !== '.')) continue;
    // "250 grams flour" is no gram flour: a measure behind a number begins no name
    const behind = words.isNumber(at - 1) ? unitAt(words, units, at) : undefined;
    if (behind && behind.unit.kind !== 'count') continue;
    const run: string[] = [];
    const ends: number[] = [];
    for (let next = at; run.length < MOST_NAME_WORDS && next < words.length; next++) {
      const mark = words.at(next);
      if (
        run.length > 0 &&
        (mark === '-' || (mark === '.' && (run.at(-1) ?? '').length <= 4)) &&
        words.word(next + 1) !== ''
      )
        continue;
      if (words.word(next) === '') break;
      run.push(words.word(next));
      ends.push(next + 1);
    }
    const length = pantry.nameAtStart(run);
    const to = ends[length - 1];
    if (length === 0 || to === undefined) continue;
    if (
      length === 1 &&
      /^(?:cream|butter|flour|grease|ice|zest|juice|sugar|water)$/.test(words.word(at)) &&
      isDoing(words, units, at)
    )
      continue;
    // "white Somebody's flour": a colour by itself is no egg's
    if (length === 1 && COLOUR.test(words.word(at)) && run.slice(1).some((word) => KIND.test(word))) continue;
    // "plain greek yogurt": of two names side by side the first only says which kind
    if (length === 1 && describesOnly(words.word(at)) && words.word(to) !== '') {
      const behindIt = run.slice(1);
      if (pantry.nameAtStart(behindIt) > 0) continue;
    }
    const made = THING.test(words.word(to)) && !(words.word(to) === 'icing' && words.word(to + 1) === 'sugar');
    placeOf.fill(names.length, at, to);
    names.push({ from: at, to, isThing: made, used: false });
    at = to - 1;
  }
  return { names, at: placeOf };
}
