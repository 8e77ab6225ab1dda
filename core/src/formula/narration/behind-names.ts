import { describesOnly } from '../../kitchen/ingredients/index.js';
import { unitNamed } from '../../ground/units/index.js';
import { UNSAID } from './amounts-said.js';
import type { Names } from './names-said.js';
import type { Words } from './tokens.js';
import { describesAt } from './words-around.js';

/* What stands behind the name of a thing that is taken and belongs to it. */

/** "75 g caster, pinch mixed spice": another thing begins with its measure. */
const isMeasureAlone = (word: string): boolean => word !== '' && UNSAID.has(unitNamed(word)?.id ?? '');

/** "4 oz each of butter, sugar and flour". */
export function pastEach(words: Words, names: Names, at: number): number {
  let end = at;
  // "175 g each butter (soft), caster sugar and flour"
  if (words.at(end) === '(' && words.at(end + 2) === ')') end += 3;
  while (/^(?:and|,|\/|&)$/.test(words.at(end))) {
    let next = words.at(end) === ',' && words.at(end + 1) === 'and' ? end + 2 : end + 1;
    while (describesAt(words, next) && (names.at[next] ?? -1) < 0) next++;
    const name = names.names[names.at[next] ?? -1];
    if (isMeasureAlone(words.word(next - 1)) || !name || words.isNumber(name.to)) break;
    name.used = true;
    end = name.to;
  }
  return end;
}

/** ", mashed", "softened", "(about 3 medium)". */
export function pastPreparation(words: Words, names: Names, at: number): number {
  const prepared = /(?:ed|en)$|^(?:cold|soft|warm|hot|ripe|fresh|roughly|finely)$/;
  let end = at;
  let next = words.at(end) === ',' ? end + 1 : end;
  while (
    describesOnly(words.word(next)) &&
    words.word(next) !== '' &&
    // "curd 1 cup, powdered sugar 1/2 cup", "white, a heaped tsp": it is the beginning of the next
    (names.at[next] ?? -1) < 0 &&
    !isMeasureAlone(words.word(next)) &&
    !/^(?:an?|to|heaped|heaping|rounded|generous|scant|level|stirred|whisked|folded|mixed|poured|added|worked|rubbed)$/.test(
      words.word(next),
    ) &&
    (prepared.test(words.word(next)) || prepared.test(words.word(next + 1)))
  ) {
    next++;
    end = next;
  }
  // "flour (with 1 tsp salt)": what is in brackets is taken too
  if (words.at(end) !== '(' || /^(?:with|plus)$/.test(words.word(end + 1))) return end;
  let close = end + 1;
  while (close < end + 14 && words.at(close) !== ')' && !words.ends(close)) close++;
  return words.at(close) === ')' ? close + 1 : end;
}
