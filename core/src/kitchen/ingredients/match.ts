import { asPhrase, LONGEST_LINE } from '../../ground/text/index.js';
import { ownOf } from '../../ground/records/index.js';
import { distance } from 'fastest-levenshtein';
import { readTable } from '../../ground/numerics/index.js';
import type { Region } from '../../ground/units/index.js';
import { AMBIGUOUS_TERMS_TABLE } from './ambiguous-terms.table.js';
import { INGREDIENTS, ingredientById, type Ingredient } from './ingredient.js';
import { SHORT_FORMS } from './short-forms.js';

/** How a written name was taken for an ingredient, and what speaks against it. */
export interface Match {
  readonly ingredient: Ingredient;
  /** 0–1: 1 the very name, 0.9 after setting aside words that describe, less when something was left unread. */
  readonly confidence: number;
  /** Words of the name that neither name nor describe anything known. */
  readonly unread: readonly string[];
  /** Other ingredients that the same word may mean, the likeliest first. */
  readonly others: readonly Ingredient[];
  /** Why the word is ambiguous, when it is. */
  readonly ambiguity?: string;
}

export type MatchResult =
  | ({ readonly kind: 'matched' } & Match)
  | {
      readonly kind: 'unknown';
      readonly nearest: readonly Ingredient[];
      /** The name differs from the nearest one by no more than a slip of the finger. */
      readonly slip: boolean;
    };

/** Words that say how, how fresh or how cold, never what. */
const DESCRIPTORS: ReadonlySet<string> = new Set(
  `a an the of and or at to for in into with from about approx good quality best organic free range fresh freshly ripe mature vintage mild whipped very over overripe
  large medium small big little extra heaped heaping rounded level scant generous packed firmly lightly loosely well finely coarsely roughly thinly
  thickly chopped diced sliced cubed cubes chunks pieces grated shredded zested mashed pureed puree crushed ground melted softened soft beaten whisked sifted
  sieved spooned scooped toasted roasted blanched peeled cored stoned pitted drained rinsed squeezed strained dried dry cold chilled warm hot
  lukewarm boiling room temperature temp cooled frozen thawed unsweetened sweetened unsalted salted plain raw whole halved quartered torn
  separated optional more plus needed required taste serving serve dusting greasing topping decorate decoration garnish your choice favourite favorite if you like
  each such as well stirred fine coarse granular granulated powdered powder leaf leaves broken bits halves chunky thick pure natural real
  leveled levelled minced crumbled blitzed blended divided removed washed dry split lengthways trimmed pinch firm tin can tinned canned jar juice zest rind cup removed skin on off unwaxed bought shop
  homemade home made lg med sm xl rm pkg white active red organic lots some few couple bit use see note when once if each total net worth about below above approximately roughly weight cut cooked prepared gr stone pkgs pkt pkts wild strong`.split(
    /\s+/,
  ),
);

/** Whether every word of a phrase says how, never what. */
export const describesOnly = (phrase: string): boolean =>
  /^[a-z]*$/.test(phrase)
    ? phrase === '' || DESCRIPTORS.has(phrase)
    : plainWords(phrase)
        .split(' ')
        .every((word) => word === '' || DESCRIPTORS.has(word) || /^[\d.%/]+$/.test(word));

/** Most names of the table are plain as they stand. */
const IS_PLAIN = /^[a-z']+(?: [a-z']+)*$/;

/** Lower case, no accents, no punctuation but the apostrophe, single spaces. */
export function plainWords(text: string): string {
  if (IS_PLAIN.test(text)) return text;
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[’`]/g, "'")
    .replace(/[^a-z0-9'%.]+/g, ' ')
    .replace(/(?<!\d)\.|\.(?!\d)/g, ' ')
    .trim()
    .replace(/\s+/g, ' ');
}

function singular(word: string): string {
  if (!word.endsWith('s')) return word;
  if (/(ss|us|is|molasses|oats|grits|hundreds)$/.test(word)) return word;
  if (word.endsWith('ies') && word.length > 4) return `${word.slice(0, -3)}y`;
  if (/(oes|ches|shes|xes|ves)$/.test(word)) return word.replace(/ves$/, 'f').replace(/es$/, '');
  return word.replace(/s$/, '');
}

const inSingular = (phrase: string) => phrase.split(' ').map(singular).join(' ');

/** Names to look in before those of the table: a baker's own. */
export interface Names {
  readonly byName: ReadonlyMap<string, Ingredient>;
}

/** Names that belong to the row itself come before aliases of another row that happen to read the same. */
export function namesOf(
  ingredients: readonly Ingredient[],
  taught: readonly (readonly [string, Ingredient])[] = [],
): Names {
  const byName = new Map<string, Ingredient>();
  const add = (name: string, ingredient: Ingredient) => {
    const whole = plainWords(name);
    const bare = name.includes('(') ? plainWords(name.replace(/\(.*?\)/g, ' ')) : whole;
    for (const phrase of [whole, bare, inSingular(bare)]) {
      if (phrase !== '' && !byName.has(phrase)) byName.set(phrase, ingredient);
    }
  };
  for (const [words, ingredient] of taught) add(words, ingredient);
  for (const ingredient of ingredients) add(ingredient.nameUs, ingredient);
  for (const ingredient of ingredients) add(ingredient.nameUk, ingredient);
  for (const ingredient of ingredients) for (const alias of ingredient.aliases) add(alias, ingredient);
  return { byName };
}
const NO_NAMES: Names = { byName: new Map() };
const TABLE_NAMES = namesOf(INGREDIENTS);
const LONGEST_NAME_IN_WORDS = 6;

interface AmbiguousTerm {
  readonly term: string;
  readonly default: Ingredient | undefined;
  readonly others: readonly Ingredient[];
  readonly note: string;
}
const known = (ids: readonly string[]) => ids.map(ingredientById).filter((i): i is Ingredient => i !== undefined);
const ambiguousTerms: ReadonlyMap<string, AmbiguousTerm> = new Map(
  readTable(AMBIGUOUS_TERMS_TABLE).map((row) => {
    const term = plainWords(row['term'] ?? '');
    return [
      term,
      {
        term,
        default: ingredientById(row['default_id'] ?? ''),
        others: known((row['other_ids'] ?? '').split('|')),
        note: row['note'] ?? '',
      },
    ];
  }),
);

/** What a word means in a region where that is settled by use. @source ambiguous-terms.csv, notes */
const SETTLED_BY_REGION: Readonly<Record<string, Partial<Record<Region, string>>>> = {
  'corn flour': {
    US: 'maize-flour',
    CA: 'maize-flour',
    UK: 'cornstarch',
    AU: 'cornstarch',
    NZ: 'cornstarch',
    IN: 'cornstarch',
  },
  cornflour: { US: 'cornstarch' },
  'baking powder': {
    US: 'baking-powder',
    CA: 'baking-powder',
    IN: 'baking-powder',
    UK: 'uk-baking-powder',
    EU: 'uk-baking-powder',
    AU: 'uk-baking-powder',
    NZ: 'uk-baking-powder',
  },
  cider: { US: 'apple-juice', CA: 'apple-juice' },
  coconut: {
    UK: 'desiccated-coconut',
    AU: 'desiccated-coconut',
    NZ: 'desiccated-coconut',
    US: 'sweetened-shredded-coconut',
  },
  oatmeal: { US: 'rolled-oats', CA: 'rolled-oats' },
  curd: { IN: 'plain-yogurt' },
  coriander: { US: 'ground-coriander' },
  cream: { US: 'heavy-cream', UK: 'double-cream' },
  'self raising flour': { US: 'self-rising-flour' },
  'brown flour': { UK: 'whole-wheat-flour' },
};

function resolve(phrase: string, region: Region, names: Names): Omit<Match, 'confidence' | 'unread'> | undefined {
  const ofOwn = names.byName.get(phrase) ?? names.byName.get(inSingular(phrase));
  if (ofOwn) return { ingredient: ofOwn, others: [] };
  const settled = ownOf(SETTLED_BY_REGION, phrase)?.[region];
  const term = ambiguousTerms.get(phrase) ?? ambiguousTerms.get(inSingular(phrase));
  if (settled !== undefined) {
    const ingredient = ingredientById(settled);
    if (ingredient)
      return {
        ingredient,
        others: term
          ? [term.default, ...term.others].filter((o): o is Ingredient => o !== undefined && o !== ingredient)
          : [],
      };
  }
  if (term !== undefined) {
    const [first, ...rest] = term.default ? [term.default, ...term.others] : term.others;
    if (first) return { ingredient: first, others: rest, ambiguity: term.note };
  }
  const ingredient = TABLE_NAMES.byName.get(phrase) ?? TABLE_NAMES.byName.get(inSingular(phrase));
  if (ingredient) return { ingredient, others: [] };
  const long = ownOf(SHORT_FORMS, phrase) ?? ownOf(SHORT_FORMS, inSingular(phrase));
  return long === undefined ? undefined : resolve(plainWords(long), region, names);
}

/** The words that names begin with, so that most words need no closer look. */
const beginnings = new WeakMap<Names, ReadonlySet<string>>();
function beginningsOf(names: Names): ReadonlySet<string> {
  let known = beginnings.get(names);
  if (!known) {
    const first = new Set<string>();
    for (const all of [names.byName, TABLE_NAMES.byName, ambiguousTerms])
      for (const name of all.keys()) first.add(name.split(' ', 1)[0] ?? '');
    for (const name of Object.keys(SHORT_FORMS)) first.add(name.split(' ', 1)[0] ?? '');
    beginnings.set(names, (known = first));
  }
  return known;
}

/** How many words from the first on are a name that is known, the longest such; 0 when none is. For text whose words run on. */
export function nameAtStart(words: readonly string[], names: Names = NO_NAMES): number {
  const [first = ''] = words;
  const known = beginningsOf(names);
  if (!known.has(first) && !known.has(singular(first))) return 0;
  for (let length = Math.min(words.length, LONGEST_NAME_IN_WORDS); length >= 1; length--) {
    const phrase = words.slice(0, length).join(' ');
    const single = inSingular(phrase);
    const isKnown = [phrase, single].some(
      (name) =>
        names.byName.has(name) ||
        TABLE_NAMES.byName.has(name) ||
        ambiguousTerms.has(name) ||
        Object.hasOwn(SHORT_FORMS, name),
    );
    if (isKnown) return length;
  }
  return 0;
}

/** What stays certain when a word could mean two things and the region does not settle it. */
const AMBIGUOUS_CONFIDENCE = 0.6;
const DESCRIBED_CONFIDENCE = 0.9;
/** Kinds of things: a word before them that nobody knows says which, and that is what is not known. */
const GENERIC: ReadonlySet<string> = new Set(['nut', 'seed', 'dried fruit']);
/** Words that make another thing of the name behind or before them. */
const OF_ANOTHER_KIND: ReadonlySet<string> = new Set(
  'vegan plant nondairy alternative substitute replacer replacement dairy soy soya oat almond cashew rice hemp nut cookie bean beans'.split(
    ' ',
  ),
);
/** A match with unread words is a guess that the baker must see. */
const GUESSED_CONFIDENCE = 0.4;

/**
 * The ingredient that a written name means: the very name, then the name without describing words, then the longest known name
 * within it. What is left unread is returned, never dropped; nothing known gives `unknown` with the nearest spellings.
 */
export function matchIngredient(written: string, region: Region, names: Names = NO_NAMES): MatchResult {
  const phrase = plainWords(asPhrase(written, LONGEST_LINE) ?? '');
  if (phrase === '') return { kind: 'unknown', nearest: [], slip: false };
  const whole = resolve(phrase, region, names);
  if (whole) return { kind: 'matched', ...whole, confidence: whole.ambiguity ? AMBIGUOUS_CONFIDENCE : 1, unread: [] };

  const words = phrase.split(' ');
  let best:
    { readonly found: Omit<Match, 'confidence' | 'unread'>; readonly from: number; readonly to: number } | undefined;
  for (let length = Math.min(words.length, LONGEST_NAME_IN_WORDS); length >= 1 && !best; length--) {
    for (let from = words.length - length; from >= 0; from--) {
      const resolved = resolve(words.slice(from, from + length).join(' '), region, names);
      if (resolved && !(length === 1 && DESCRIPTORS.has(words[from] ?? ''))) {
        best = { found: resolved, from, to: from + length };
        break;
      }
    }
  }
  if (!best) return { kind: 'unknown', ...unknownName(phrase, names) };
  const { from, to, found: match } = best;
  const unread = words.filter((word, i) => (i < from || i >= to) && !DESCRIPTORS.has(word) && !/^[\d.%/]+$/.test(word));
  // "cookie butter" is no butter, "vegan cheddar" no cheddar: asked, not guessed
  // of "zorblax seeds" only that they are seeds is known
  const isGeneric = unread.length > 0 && GENERIC.has(inSingular(words.slice(from, to).join(' ')));
  if (isGeneric || unread.some((word) => OF_ANOTHER_KIND.has(word)))
    return { kind: 'unknown', nearest: [match.ingredient, ...match.others].slice(0, 4), slip: false };
  const confidence =
    unread.length > 0 ? GUESSED_CONFIDENCE : match.ambiguity ? AMBIGUOUS_CONFIDENCE : DESCRIBED_CONFIDENCE;
  return { kind: 'matched', ...match, confidence, unread };
}

const lookUp = (name: string, names: Names) => names.byName.get(name) ?? TABLE_NAMES.byName.get(name);
const everyName = (names: Names): readonly string[] => [...names.byName.keys(), ...TABLE_NAMES.byName.keys()];

interface Near {
  readonly ingredient: Ingredient;
  /** Letters to change. */
  readonly far: number;
}

const letterSets = new Map<string, number>();
/** The letters a to z of a name, a bit each. */
function lettersOf(name: string): number {
  let letters = letterSets.get(name);
  if (letters === undefined) {
    letters = 0;
    for (let i = 0; i < name.length; i++) {
      const letter = name.charCodeAt(i) - 97;
      if (letter >= 0 && letter < 26) letters |= 1 << letter;
    }
    // names of the table stay; what is typed passes
    if (TABLE_NAMES.byName.has(name)) letterSets.set(name, letters);
  }
  return letters;
}
function bitsIn(set: number): number {
  let bits = 0;
  for (let rest = set; rest !== 0; rest &= rest - 1) bits++;
  return bits;
}

/** Up to four ingredients whose names are spelled most like it, the nearest first. */
function nearestTo(phrase: string, names: Names): readonly Near[] {
  if (phrase.length > 60) return [];
  const limit = Math.max(2, Math.floor(phrase.length / 3));
  const letters = lettersOf(phrase);
  const near = new Map<Ingredient, number>();
  for (const name of everyName(names)) {
    if (Math.abs(name.length - phrase.length) > Math.min(4, limit)) continue;
    // each letter that only one of them has costs a change: most names need no closer look
    const others = lettersOf(name);
    if (bitsIn(letters & ~others) > limit || bitsIn(others & ~letters) > limit) continue;
    const far = distance(phrase, name);
    const ingredient = lookUp(name, names);
    if (far <= limit && ingredient && far < (near.get(ingredient) ?? Infinity)) near.set(ingredient, far);
  }
  return [...near]
    .map(([ingredient, far]) => ({ ingredient, far }))
    .sort((a, b) => a.far - b.far)
    .slice(0, 4);
}

/** A slip of the finger: so many letters of a word of so many. */
const slipsAllowed = (letters: number) => (letters >= 8 ? 2 : letters >= 5 ? 1 : 0);

function unknownName(
  phrase: string,
  names: Names,
): { readonly nearest: readonly Ingredient[]; readonly slip: boolean } {
  const near = nearestTo(phrase, names);
  const [first, second] = near;
  return {
    nearest: near.map(({ ingredient }) => ingredient),
    slip:
      first !== undefined &&
      first.far <= slipsAllowed(phrase.length) &&
      (second === undefined || second.far > first.far),
  };
}

/** How well a name answers what was typed: the lower the better; undefined when it does not. */
function answers(name: string, phrase: string, tokens: readonly string[]): number | undefined {
  if (name === phrase) return 0;
  if (name.startsWith(phrase)) return 1;
  const words = name.split(' ');
  if (tokens.every((token) => words.some((word) => word.startsWith(token)))) return 2;
  return name.includes(phrase) ? 3 : undefined;
}

/**
 * Ingredients for a completion list: the very name, names that begin so, names whose words begin so in any order ("pl fl"), names that
 * contain it; then the nearest spellings. Own ones come first among equals.
 */
export function searchIngredients(typed: string, most = 12, names: Names = NO_NAMES): readonly Ingredient[] {
  const phrase = plainWords(typed);
  if (phrase === '') return [];
  const tokens = phrase.split(' ');
  const ingredients = everyName(names)
    .flatMap((name) => {
      const rank = answers(name, phrase, tokens);
      return rank === undefined ? [] : [{ name, rank }];
    })
    .sort((a, b) => a.rank - b.rank)
    .map(({ name }) => lookUp(name, names))
    .filter((i): i is Ingredient => i !== undefined);
  return [...new Set([...ingredients, ...nearestTo(phrase, names).map(({ ingredient }) => ingredient)])].slice(0, most);
}
