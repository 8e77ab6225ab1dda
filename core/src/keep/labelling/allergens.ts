import { readTable } from '../../ground/numerics/index.js';
import type { Region } from '../../ground/units/index.js';
import type { NamedAllergen } from '../../kitchen/safety/index.js';
import { ALLERGENS_TABLE } from './allergens.table.js';

/* What each region's list calls an allergen. Lists are public facts as remembered: a person must check each against the authority's page. */

interface ListRow {
  readonly region: string;
  readonly code: string;
  readonly word: string;
  readonly only: string;
  readonly not: string;
}
const LISTED: readonly ListRow[] = readTable(ALLERGENS_TABLE)
  .filter((row) => row['status'] !== 'not-listed')
  .map((row) => ({ region: row['region'] ?? '', code: row['our_code'] ?? '', word: row['label_word'] ?? '', only: row['ingredient_match'] ?? '', not: row['ingredient_not'] ?? '' })); // prettier-ignore
export const LABEL_REGIONS: readonly string[] = [...new Set(LISTED.map(({ region }) => region))];

export const GLUTEN: ReadonlySet<NamedAllergen> = new Set<NamedAllergen>(['wheat', 'rye', 'barley', 'oats', 'spelt']);
export const TREE_NUTS: ReadonlySet<NamedAllergen> = new Set<NamedAllergen>(['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazil', 'pistachio', 'macadamia', 'pine_nut', 'chestnut']); // prettier-ignore
const listCode = (allergen: NamedAllergen): string =>
  GLUTEN.has(allergen) ? 'gluten' : TREE_NUTS.has(allergen) ? 'tree-nut' : allergen;
/** How a label names a cereal or a nut itself. */
const NAMES: Readonly<Partial<Record<NamedAllergen, string>>> = { spelt: 'wheat (spelt)', brazil: 'Brazil nut', pine_nut: 'pine nut' }; // prettier-ignore
/** Some words of a list say to name the thing instead. */
const NAME_IT = /:|by its name|and gluten/;
const holds = (words: string, allergen: NamedAllergen): boolean => words.split('|').some((each) => each !== '' && allergen.startsWith(each)); // prettier-ignore

/** The word that a region's list has for an allergen; undefined where it is on no list there. */
export function labelWord(allergen: NamedAllergen, region: Region): string | undefined {
  const row = LISTED.find(
    ({ region: of, code, only, not }) =>
      of === region &&
      (code === listCode(allergen) || code === allergen) &&
      (only === '' || holds(only, allergen)) &&
      !holds(not, allergen),
  );
  if (!row) return undefined;
  const named = GLUTEN.has(allergen) || TREE_NUTS.has(allergen);
  return named || NAME_IT.test(row.word) ? (NAMES[allergen] ?? allergen) : row.word;
}
/** The words for several, each once, in the order given. */
export const labelWords = (allergens: readonly NamedAllergen[], region: Region): readonly string[] =>
  [...new Set(allergens.flatMap((allergen) => labelWord(allergen, region) ?? []))]; // prettier-ignore
