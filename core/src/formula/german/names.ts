import { besideIngredients, ingredientById, type Ingredient } from '../../kitchen/ingredients/index.js';
import { listIn } from '../../ground/numerics/index.js';
import { wordsOf } from './fold.js';
import { GERMAN_NAMES_TABLE } from './german-names.table.js';

/** What German names mean, by their words: made at the first German text, not before. */
interface Names {
  readonly idOf: ReadonlyMap<string, string>;
  readonly longest: number;
}
let names: Names | undefined;
function germanNames(): Names {
  if (names) return names;
  const idOf = new Map<string, string>();
  for (const row of besideIngredients(GERMAN_NAMES_TABLE))
    for (const name of [row['name_de'] ?? '', ...listIn(row, 'aliases_de')]) {
      const key = wordsOf(name).join(' ');
      if (!idOf.has(key)) idOf.set(key, row['id'] ?? '');
    }
  names = { idOf, longest: Math.max(...[...idOf.keys()].map((key) => key.split(' ').length)) };
  return names;
}

/** Every word of every German name. */
export const wordsOfNames = (): readonly string[] => [...germanNames().idOf.keys()].flatMap((key) => key.split(' '));

/** A German name among words: what it means, and which of them it takes. */
export interface GermanName {
  readonly ingredient: Ingredient;
  readonly from: number;
  readonly count: number;
}

/** "mit gemahlenen Haselnüssen", "aus 3 Eiern": as it is called by itself. */
const asCalled = (word: string): string => word.replace(/(?<=e|er|el)n$/, '');

function nameOf(words: readonly string[], from: number, count: number): GermanName | undefined {
  const said = words.slice(from, from + count);
  const { idOf } = germanNames();
  const id = idOf.get(said.join(' ')) ?? idOf.get(said.map(asCalled).join(' '));
  const ingredient = id === undefined ? undefined : ingredientById(id);
  return ingredient && { ingredient, from, count };
}

/** The longest German name among words, wherever it stands. */
export function germanNameIn(words: readonly string[]): GermanName | undefined {
  for (let count = Math.min(germanNames().longest, words.length); count > 0; count--)
    for (let from = 0; from + count <= words.length; from++) {
      const name = nameOf(words, from, count);
      if (name) return name;
    }
  return undefined;
}

/** The longest German name that begins at a word and goes no further than `until`. */
export function germanNameAt(words: readonly string[], from: number, until: number): GermanName | undefined {
  for (let count = Math.min(germanNames().longest, until - from); count > 0; count--) {
    const name = nameOf(words, from, count);
    if (name) return name;
  }
  return undefined;
}
