import type { Words } from './tokens.js';

/** Where running text begins to speak of another part: "for the glaze", "the topping is", "now the frosting:". */
export interface PartOpened {
  /** The token it begins at. */
  readonly at: number;
  /** The part by its name; '' for the batter. */
  readonly part: string;
}

const PART =
  /^(?:frosting|icing|glaze|topping|filling|syrup|streusel|crumble|drizzle|buttercream|ganache|sauce|soak|swirl|crust|coating|fudge|caramel|dip)$/;
/** Parts only where they head a line by themselves: "Berries:". */
const HEADED = /^(?:berries|strawberries|cream|whip)$/;
const BODY = /^(?:cake|cakes|shortcakes?|batter|dough|loaf|muffins|scones|bread|sponge|biscuits|cupcakes)$/;
const IS = /^(?:is|needs|takes|wants|gets|has)$/;
const ARTICLE = /^(?:the|my|your|an?)$/;
const named = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** A short line without an amount that ends in the name of a part, or begins "for the". */
function headingAt(words: Words, at: number): string | undefined {
  if (at > 0 && words.at(at - 1) !== '\n') return undefined;
  let end = at;
  while (end < words.length && words.at(end) !== '\n' && end - at <= 8) {
    if (words.isNumber(end)) return undefined;
    end++;
  }
  if (end - at > 7 || words.at(end - 1) === '.') return undefined;
  const last = words.at(end - 1) === ':' ? end - 2 : end - 1;
  // "Lemon drizzle" above everything is what the cake is called
  if (at === 0 && last === end - 1 && !/^(?:for|to)$/.test(words.word(at))) return undefined;
  if (PART.test(words.word(last))) return named(words.word(last));
  if (last === at && words.at(end - 1) === ':') {
    if (HEADED.test(words.word(at))) return named(words.word(at));
    if (BODY.test(words.word(at))) return '';
  }
  if (!/^(?:for|to|the)$/.test(words.word(at))) return undefined;
  for (let place = at; place <= last; place++) if (PART.test(words.word(place))) return named(words.word(place));
  return BODY.test(words.word(last)) ? '' : undefined;
}

/** "while hot, spike it and pour over": what stands before says that it is out of the oven. */
function isBaked(words: Words, at: number): boolean {
  for (let place = at - 1; place > at - 12 && !words.ends(place); place--)
    if (/^(?:hot|warm|spike|prick|poke|skewer|skewered|cooled)$/.test(words.word(place))) return true;
  return false;
}

/** "Icing is 6 oz icing sugar", "Icing is a tablespoon of …". */
const isAmount = (words: Words, at: number): boolean => words.isNumber(at) || /^(?:an?|half)$/.test(words.word(at));

function saidAt(words: Words, at: number): string | undefined {
  const word = words.word(at);
  const next = words.word(at + 1);
  if (word === 'for' && ARTICLE.test(next)) {
    for (let place = at + 2; place < at + 6 && !words.ends(place) && words.at(place) !== ','; place++) {
      // "crumble-topped muffins" are muffins
      if (PART.test(words.word(place)) && words.at(place + 1) !== '-') return named(words.word(place));
      if (BODY.test(words.word(place)) && !PART.test(words.word(place + 1))) return '';
    }
    return undefined;
  }
  if (/^(?:make|prepare|making|start|now)$/.test(word) && ARTICLE.test(next))
    return [at + 2, at + 3]
      .map((place) => words.word(place))
      .filter((noun) => PART.test(noun))
      .map(named)[0];
  // "Icing - icing sugar 175 g"
  if (
    PART.test(word) &&
    words.at(at + 1) === '-' &&
    words.word(at + 2) !== '' &&
    (at === 0 || words.at(at - 1) === '\n')
  )
    return named(word);
  // "Drizzle juice of 2 lemons", "muffin mix = 225 g flour"
  const opens = words.begins(at);
  if (word === 'drizzle' && opens && (/^(?:juice|zest)$/.test(next) || words.isNumber(at + 1))) return 'Drizzle';
  if (word === 'top' && opens && words.isNumber(at + 1)) return 'Topping';
  if (/^(?:mix|mixture|batter)$/.test(word) && words.at(at + 1) === '=') return '';
  // "pour over the juice of a lemon", when it is baked
  if (word === 'pour' && next === 'over' && isBaked(words, at)) return 'Drizzle';
  const isSaid = IS.test(next) && (ARTICLE.test(words.word(at - 1)) || (opens && isAmount(words, at + 2)));
  if (PART.test(word) && (/^[:=]$/.test(words.at(at + 1)) || isSaid)) return named(word);
  if (
    BODY.test(word) &&
    ARTICLE.test(words.word(at - 1)) &&
    (words.at(at + 1) === ':' || IS.test(next) || (next === 'itself' && IS.test(words.word(at + 2))))
  )
    return '';
  // "Glaze if you want: 1/2 c sugar", "Frost: 1 stick butter", "fill: 150 g butter"
  const done = { frost: 'Frosting', fill: 'Filling' }[word];
  if (opens && (PART.test(word) || done !== undefined))
    for (let place = at + 1; place < at + 6 && words.word(place - 1) !== '' && !words.ends(place); place++)
      if (words.at(place) === ':' && !words.isNumber(at - 1)) return done ?? named(word);
  if (
    /^(?:ice|frost|sandwich|glaze)$/.test(word) &&
    (next === 'with' || (/^(?:it|them|mine|these)$/.test(next) && words.word(at + 2) === 'with'))
  )
    return { ice: 'Icing', frost: 'Frosting', sandwich: 'Filling' }[word] ?? 'Glaze';
  // "Whip 300 ml cream with 2 tbsp sugar"
  if (word === 'whip' && opens)
    for (let place = at + 1; place < at + 6 && !words.ends(place); place++)
      if (words.word(place) === 'cream') return 'Whipped cream';
  if (/^(?:bake|back)$/.test(word) && next === 'the' && BODY.test(words.word(at + 2))) return '';
  return undefined;
}

export function partsOpened(words: Words): readonly PartOpened[] {
  const opened: PartOpened[] = [];
  for (let at = 0; at < words.length; at++) {
    if (words.word(at) === '') continue;
    const part = headingAt(words, at) ?? saidAt(words, at);
    if (part !== undefined && opened.at(-1)?.at !== at) opened.push({ at, part });
  }
  return opened;
}
