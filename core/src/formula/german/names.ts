import { ingredientById, INGREDIENTS, type Ingredient } from '../../kitchen/ingredients/index.js';
import { listIn, readTable } from '../../ground/numerics/index.js';
import { wordsOf } from './fold.js';
import { GERMAN_NAMES_TABLE } from './german-names.table.js';

/** German names, by their words: made at the first German text, not before. */
interface Names {
  readonly idOf: ReadonlyMap<string, string>;
  /** Words of German names that no English name has: they give a German line away. */
  readonly giveaways: ReadonlySet<string>;
  readonly longest: number;
}
/** Words of German names that an English text may have as well: what they are alone gives nothing away. */
const IN_BOTH = new Set([
  'mark', 'streusel', 'quark', 'quarks', 'creme', 'mind', 'mince', 'speck', 'abc', 'ceylon', 'dose', 'art', 'aroma', 'bars', 'bio', 'bier', 'cassis', 'colas',
  'die', 'der', 'dem', 'den', 'fest', 'glas', 'grob', 'halt', 'hell', 'herbe', 'her', 'kola', 'klar', 'lactone', 'limo', 'most', 'muskat', 'must', 'natur',
  'nach', 'nelke', 'nougat', 'oder', 'pektin', 'pulver', 'reis', 'rein', 'rohe', 'rosa', 'rote', 'rums', 'sekt', 'star', 'stark', 'stein', 'trieb', 'usa',
  'wein', 'von', 'dattel', 'bete', 'karat', 'hanf', 'leicht', 'gouda', 'tee', 'chips', 'honigs', 'panir', 'ziegen', 'brand', 'warm',
]); // prettier-ignore
let names: Names | undefined;
function germanNames(): Names {
  if (names) return names;
  const english = new Set(INGREDIENTS.flatMap(({ nameUs, nameUk, aliases }) => [nameUs, nameUk, ...aliases].flatMap(wordsOf))); // prettier-ignore
  const idOf = new Map<string, string>();
  const giveaways = new Set<string>();
  let longest = 1;
  for (const row of readTable(GERMAN_NAMES_TABLE))
    for (const name of [row['name_de'] ?? '', ...listIn(row, 'aliases_de')]) {
      const words = wordsOf(name);
      if (words.length === 0) continue;
      const key = words.join(' ');
      if (!idOf.has(key)) idOf.set(key, row['id'] ?? '');
      longest = Math.max(longest, words.length);
      for (const word of words)
        if (/^\p{L}+$/u.test(word) && (word.length > 2 || word === 'ei') && !english.has(word) && !IN_BOTH.has(word)) giveaways.add(word); // prettier-ignore
    }
  names = { idOf, giveaways, longest };
  return names;
}

/** Whether a word gives a German text away by naming food. */
export const isGermanName = (word: string): boolean => germanNames().giveaways.has(word);

/** The longest German name among words: what it means, and where it stands. */
export function germanNameIn(
  words: readonly string[],
): { readonly ingredient: Ingredient; readonly from: number; readonly count: number } | undefined {
  const { idOf, longest } = germanNames();
  for (let count = Math.min(longest, words.length); count > 0; count--)
    for (let from = 0; from + count <= words.length; from++) {
      const id = idOf.get(words.slice(from, from + count).join(' '));
      const ingredient = id === undefined ? undefined : ingredientById(id);
      if (ingredient) return { ingredient, from, count };
    }
  return undefined;
}

/** The German name that begins at a word, the longest first, without a word that joins: how many words it has. */
export function germanNameAt(words: readonly string[], from: number, never: string): { readonly ingredient: Ingredient; readonly count: number } | undefined {
  const { idOf, longest } = germanNames();
  for (let count = Math.min(longest, words.length - from); count > 0; count--) {
    const those = words.slice(from, from + count);
    const id = those.includes(never) ? undefined : idOf.get(those.join(' '));
    const ingredient = id === undefined ? undefined : ingredientById(id);
    if (ingredient) return { ingredient, count };
  }
  return undefined;
} // prettier-ignore
