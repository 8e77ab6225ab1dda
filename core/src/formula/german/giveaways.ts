import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { wordsOf } from './fold.js';
import { wordsOfNames } from './names.js';
import { GERMAN_ACTS, GERMAN_PANS, GERMAN_PHRASES } from './sentence.table.js';
import { GERMAN_HEDGES, GERMAN_NUMBERS, GERMAN_UNITS, SHARED_WITH_ENGLISH } from './words.table.js';

/*
 * Whether a line is German is asked of every line that is read, so it is one walk over its words: one that only German has gives the line
 * away. What English names of food have as well, or an English text about baking, gives nothing away.
 */

/** Where words come from, and how long one must be before it gives a text away: short ones stand in every language. */
const formsOf = (table: readonly (readonly [forms: string, ...unknown[]])[]) => table.flatMap(([forms]) => forms.split('|')); // prettier-ignore
const SOURCES: readonly (readonly [words: () => readonly string[], shortest: number])[] = [
  [wordsOfNames, 3],
  [() => formsOf(GERMAN_UNITS), 3],
  [() => Object.keys({ ...GERMAN_NUMBERS, ...GERMAN_HEDGES }), 4],
  [() => formsOf([...GERMAN_PHRASES, ...GERMAN_ACTS, ...GERMAN_PANS]), 5],
];
const SHORT_ONES = ['ei', 'el', 'tl', 'ein', 'ofen', 'teig', 'fuer', 'und', 'tipp', 'guss', 'grad'];

let giveaways: ReadonlySet<string> | undefined;
function made(): ReadonlySet<string> {
  const english = new Set(INGREDIENTS.flatMap(({ nameUs, nameUk, aliases }) => [nameUs, nameUk, ...aliases].flatMap(wordsOf))); // prettier-ignore
  const gives = (word: string) => /^[a-z]+$/.test(word) && !english.has(word) && !SHARED_WITH_ENGLISH.has(word);
  return new Set([
    ...SHORT_ONES,
    ...SOURCES.flatMap(([words, shortest]) => words().flatMap(wordsOf).filter((word) => word.length >= shortest && gives(word))),
  ]); // prettier-ignore
}

/** English has the word too, and puts the size before it. */
const SIZED_SPRINGFORM = /\bSpringform[\s,(Ø]{1,5}\d{2} ?cm/;

/** Whether a line or a sentence is German: it has a word that only German has. */
export function isGermanLine(text: string): boolean {
  giveaways ??= made();
  const those = giveaways;
  return wordsOf(text).some((word) => those.has(word)) || SIZED_SPRINGFORM.test(text);
}
