/* What a formula is called, and what its parts are, by the words of their headings. */
import { CALLED } from './yields.js';

/** "Drop scones", "Test muffins": on top of everything a few words are a name, though they begin with a verb. */
export const isName = (words: string): boolean =>
  words.split(/\s+/).length <= 6 &&
  (!/[\d.!?:;,]|\b(?:the|until|into|together|well|gently|in|on|it|all|oven|an?)\b/i.test(words) ||
    // "Test #4 - lemon loaf"
    (/^test #?\d{1,2}\b/i.test(words) && CALLED.test(words)));

/** "from Maud, by phone". */
export const OF_WHOM = /^(?:from|by|via|thanks to|adapted from|copied from) \S/i;

/** "1-bowl chocolate cake": no amount. */
export const OF_SO_MANY =
  /^(?:\d{1,2}|one|two|three|four|five)[- ](?:bowl|ingredient|minute|hour|step|pan|egg|banana|day)s?\b/i;
export const CALLED_IN = /\b[a-z]{3,} (?:cakes?|bread|loaf|muffins|cupcakes|scones|biscuits|buns|traybake|brownies)\b/i;
export const MOST_WORDS_OF_A_NAME = 7;
/** "Just made these, so good! Rhubarb muffins.": the sentence that is a name. */
export function nameIn(title: string): string {
  const sentences = title.split(/(?<=[a-z)][.!?]) (?=\p{Lu})/u);
  const last = sentences.at(-1)?.replace(sentences.length > 1 ? /[.!]$/ : /\.$/, '') ?? '';
  const name = (CALLED.test(last) ? last : title).replace(/ ?:$/, '');
  const called = name.replace(SAID_BEFORE, '').replace(WANTED, '');
  return called === name || called === '' ? name : called.charAt(0).toUpperCase() + called.slice(1);
}
/** "Ok so the apple muffins everyone wanted". */
const SAID_BEFORE =
  /^(?:(?:ok(?:ay)?|right|well|so)\b[ ,]{1,2}){1,3}(?:(?:here(?:'s| is| are)|this is|these are) )?(?:(?:the|my|our) )?/i;
const WANTED =
  / (?:that |which )?(?:everyone|everybody|you|they|people) (?:keeps? asking for|asked for|wanted|liked|loved)$/i;

/** A title shouted in capitals, said in a normal voice. */
export function calmed(title: string): string {
  const [bracket = ''] = / ?\([^()]*\)$/.exec(title) ?? [];
  const behind = /[a-z]/.test(bracket) ? bracket : '';
  const shouted = title.slice(0, title.length - behind.length);
  if (!/[A-Z]{3}/.test(title) || /[a-z]/.test(shouted)) return title;
  return `${shouted.charAt(0)}${shouted.slice(1).toLowerCase()}${behind}`;
}

export function headingName(heading: string): string {
  const name = heading
    .replace(/\s*:$/, '')
    .replace(/ ingredients$/i, '')
    .replace(/^ingredients (?=for\b)/i, '')
    .replace(/^for (?:the |a |your )?/i, '')
    .replace(/^the\s+/i, '')
    .trim();
  return calmed(name.charAt(0).toUpperCase() + name.slice(1));
}
