import type { Amount } from './amounts-said.js';
import type { Words } from './tokens.js';
import { STOPS } from './words-around.js';

/*
 * What is measured in running text and nobody knows: "300 grams of glimmerwort", "a cup of poached quince", "stewed glimmerwort 200 g". It
 * is no ingredient of the pantry, so only the words around it tell where its name begins and ends.
 */

/** "maybe a splash more", "50 g per case": no thing. */
const NO_NAME = /^(?:more|extra|less|again|either|each|per|every|apiece|total|altogether|recipe|batch|batter|version)$/;
const DONE_TO_IT = /(?:ed|en)$/;
const HOW_IT_IS = /(?:ed|en|ly)$|^(?:my|our|your|their|his|her)$/;
/** Where a name of several words ends: "glimmerwort folded through", "quince before the flour", "discard per loaf". */
const NO_NAME_GOES_ON =
  /(?:ed|en|ly|ing)$|^(?:through|per|before|after|by|as|off|out|up|down|left|when|while|because|so|too|also|each|if|until|the|a|an|my|your|this|that|it|them|you|was|were|will|can|should|together|here|there)$/;

/** A thing with its amount, as a line, and its places in the text. */
export interface UnknownThing {
  readonly line: string;
  readonly from: number;
  readonly to: number;
}

const goesOnAt = (words: Words, at: number): boolean => words.word(at) !== '' && !STOPS.test(words.word(at)) && !words.isNumber(at + 1); // prettier-ignore

/** "of poached quince folded through", "of elderflower cordial": what was done to it, and its name of up to three words. */
function endOfName(words: Words, from: number): number {
  let end = from;
  while (end < from + 3 && HOW_IT_IS.test(words.word(end)) && goesOnAt(words, end + 1)) end++;
  const name = end++;
  while (end < name + 3 && goesOnAt(words, end) && !NO_NAME_GOES_ON.test(words.word(end))) end++;
  return end;
}

/** "stewed glimmerwort 200 g, folded through": it stands before its amount, at the beginning of what is said. */
function thingBefore(words: Words, { from, to, figures }: Amount, lastEnd: number): UnknownThing | undefined {
  let begin = from;
  while (from - begin < 2 && words.word(begin - 1) !== '' && !STOPS.test(words.word(begin - 1))) begin--;
  const opens = words.begins(begin) || words.at(begin - 1) === ',';
  if (begin === from || !opens || begin < lastEnd) return undefined;
  const line = `${figures.replace(/ ?\([^()]*\)$/, '')} ${words.slice(begin, from).toLowerCase()}`;
  return { line, from: begin, to };
}

/** @param lastEnd the place behind what was taken before */
export function unknownThing(words: Words, amount: Amount, lastEnd: number): UnknownThing | undefined {
  const { from, to, unit, figures, ofWhat } = amount;
  const first = words.word(to);
  const isNamed = unit !== undefined && unit.kind !== 'share' && first !== '' && !STOPS.test(first);
  if (!isNamed || /^(?:it|them|this|that|these|those|the)$/.test(ofWhat) || NO_NAME.test(first)) return undefined;
  if (ofWhat === '' && DONE_TO_IT.test(first)) return thingBefore(words, amount, lastEnd);
  const end = ofWhat === '' ? to + 1 + (goesOnAt(words, to + 1) ? 1 : 0) : endOfName(words, to);
  const name = words.slice(to, end).replace(/^(?:my|our|your|their|his|her) /i, '');
  return { line: `${figures} ${name}`, from, to: end };
}
