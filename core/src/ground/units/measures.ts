import { numberIn, readTable } from '../numerics/index.js';
import { MEASURES_TABLE } from './measures.table.js';

/** Whose cups, spoons, eggs and words a formula uses. */
export const REGIONS = ['US', 'UK', 'CA', 'AU', 'NZ', 'IN', 'JP', 'EU'] as const;
export type Region = (typeof REGIONS)[number];

/** How a cup is filled: it changes the grams of anything that packs. */
export const FILLINGS = ['spooned', 'scooped', 'sifted', 'packed'] as const;
export type Filling = (typeof FILLINGS)[number];

/** A share is a percentage of the flour, or a part of a ratio. */
export type UnitKind = 'mass' | 'volume' | 'count' | 'share';

export interface Unit {
  readonly id: string;
  readonly kind: UnitKind;
  /** Grams of one, for a mass. */
  readonly grams?: number;
  /** The name of the measure in the table, for a volume. */
  readonly measure?: string;
  /** What one holds, for a measure of the baker's own. */
  readonly millilitres?: number;
  /** Relative half width within which eight in ten bakers' own measures fall. */
  readonly spread: number;
  /** As written by a person; lower case unless the case tells (T and t). */
  readonly words: readonly string[];
}

const SCALE_SPREAD = 0.01;
const SPOON_SPREAD = 0.08;
const CUP_SPREAD = 0.06;
const VAGUE_SPREAD = 0.5;

/** Every unit that Orvin reads. Masses are defined (ounce 28.3495 g, pound 453.592 g); volumes come from measures.csv by region. */
export const UNITS: readonly Unit[] = [
  {
    id: 'gram',
    kind: 'mass',
    grams: 1,
    spread: SCALE_SPREAD,
    words: ['g', 'gr', 'gm', 'gms', 'grm', 'grms', 'grs', 'gram', 'grams', 'gramme', 'grammes'],
  },
  {
    id: 'kilogram',
    kind: 'mass',
    grams: 1000,
    spread: SCALE_SPREAD,
    words: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme'],
  },
  { id: 'milligram', kind: 'mass', grams: 0.001, spread: SCALE_SPREAD, words: ['mg', 'milligram', 'milligrams'] },
  { id: 'ounce', kind: 'mass', grams: 28.3495, spread: SCALE_SPREAD, words: ['oz', 'ozs', 'ounce', 'ounces'] },
  { id: 'pound', kind: 'mass', grams: 453.592, spread: SCALE_SPREAD, words: ['lb', 'lbs', 'pound', 'pounds'] },
  {
    id: 'millilitre',
    kind: 'volume',
    measure: 'ml',
    spread: 0.03,
    words: ['ml', 'mls', 'mil', 'mils', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc', 'ccm'],
  },
  {
    id: 'centilitre',
    kind: 'volume',
    measure: 'cl',
    spread: 0.03,
    words: ['cl', 'centilitre', 'centilitres', 'centiliter'],
  },
  {
    id: 'decilitre',
    kind: 'volume',
    measure: 'dl',
    spread: CUP_SPREAD,
    words: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'],
  },
  {
    id: 'litre',
    kind: 'volume',
    measure: 'litre',
    spread: 0.03,
    words: ['l', 'ltr', 'litre', 'litres', 'liter', 'liters'],
  },
  {
    id: 'fluid-ounce',
    kind: 'volume',
    measure: 'fl_oz',
    spread: 0.04,
    words: ['fl oz', 'floz', 'fl ozs', 'fluid oz', 'fluid ounce', 'fluid ounces'],
  },
  {
    id: 'cup',
    kind: 'volume',
    measure: 'cup',
    spread: CUP_SPREAD,
    words: ['cup', 'cups', 'c', 'cupful', 'cupfuls', 'カップ'],
  },
  {
    id: 'tablespoon',
    kind: 'volume',
    measure: 'tbsp',
    spread: SPOON_SPREAD,
    words: [
      'tbsp',
      'tbsps',
      'tbs',
      'tblsp',
      'tblspn',
      'tblspns',
      'tbspn',
      'tablesp',
      'tbl',
      'tablespoon',
      'tablespoons',
      'tablespoonful',
      'tablespoonfuls',
      'T',
      'EL',
      'el',
      '大さじ',
    ],
  },
  {
    id: 'dessertspoon',
    kind: 'volume',
    measure: 'dessertspoon',
    spread: SPOON_SPREAD,
    words: [
      'dsp',
      'dstsp',
      'dstspn',
      'dessertsp',
      'dessertspoon',
      'dessertspoons',
      'dessertspoonful',
      'dessertspoonfuls',
    ],
  },
  {
    id: 'teaspoon',
    kind: 'volume',
    measure: 'tsp',
    spread: SPOON_SPREAD,
    words: [
      'tsp',
      'tsps',
      'teasp',
      'teaspn',
      'tspn',
      'tspns',
      'teaspoon',
      'teaspoons',
      'teaspoonful',
      'teaspoonfuls',
      'ts',
      't',
      'TL',
      'tl',
      '小さじ',
    ],
  },
  { id: 'pint', kind: 'volume', measure: 'pint', spread: CUP_SPREAD, words: ['pint', 'pints', 'pt', 'pts'] },
  { id: 'quart', kind: 'volume', measure: 'quart', spread: CUP_SPREAD, words: ['quart', 'quarts', 'qt', 'qts'] },
  { id: 'gallon', kind: 'volume', measure: 'gallon', spread: CUP_SPREAD, words: ['gallon', 'gallons', 'gal'] },
  { id: 'gill', kind: 'volume', measure: 'gill', spread: CUP_SPREAD, words: ['gill', 'gills'] },
  {
    id: 'breakfast-cup',
    kind: 'volume',
    measure: 'breakfast_cup',
    spread: 0.1,
    words: ['breakfast cup', 'breakfast cups', 'breakfastcup', 'breakfastcups', 'breakfastcupful', 'breakfastcupfuls'],
  },
  { id: 'rice-cup', kind: 'volume', measure: 'rice_cup', spread: 0.05, words: ['rice cup', 'rice cups'] },
  { id: 'jigger', kind: 'volume', measure: 'jigger', spread: CUP_SPREAD, words: ['jigger', 'jiggers'] },
  {
    id: 'knife-tip',
    kind: 'volume',
    measure: 'krm',
    spread: 0.3,
    words: ['krm', 'kryddmått', 'knife tip', 'knife-tip'],
  },
  { id: 'katori', kind: 'volume', measure: 'katori', spread: 0.25, words: ['katori', 'katoris', 'vati'] },
  {
    id: 'teacup',
    kind: 'volume',
    measure: 'teacup',
    spread: 0.15,
    words: ['teacup', 'teacups', 'teacupful', 'teacupfuls'],
  },
  { id: 'pinch', kind: 'volume', measure: 'pinch', spread: VAGUE_SPREAD, words: ['pinch', 'pinches'] },
  { id: 'dash', kind: 'volume', measure: 'dash', spread: VAGUE_SPREAD, words: ['dash', 'dashes'] },
  { id: 'smidgen', kind: 'volume', measure: 'smidgen', spread: VAGUE_SPREAD, words: ['smidgen', 'smidgeon'] },
  {
    id: 'splash',
    kind: 'volume',
    measure: 'dessertspoon',
    spread: VAGUE_SPREAD,
    words: ['splash', 'drizzle', 'glug', 'slug'],
  },
  { id: 'dollop', kind: 'volume', measure: 'tbsp', spread: VAGUE_SPREAD, words: ['dollop', 'dollops'] },
  { id: 'drop', kind: 'count', spread: VAGUE_SPREAD, words: ['drop', 'drops'] },
  { id: 'knob', kind: 'mass', grams: 15, spread: VAGUE_SPREAD, words: ['knob', 'knobs'] },
  { id: 'handful', kind: 'mass', grams: 30, spread: VAGUE_SPREAD, words: ['handful', 'handfuls'] },
  { id: 'stick', kind: 'count', spread: SCALE_SPREAD, words: ['stick', 'sticks'] },
  { id: 'can', kind: 'count', spread: 0.1, words: ['can', 'cans', 'tin', 'tins'] },
  {
    id: 'pot',
    kind: 'count',
    spread: 0.2,
    words: ['pot', 'pots', 'tub', 'tubs', 'carton', 'cartons', 'container', 'containers'],
  },
  {
    id: 'packet',
    kind: 'count',
    spread: 0.2,
    words: [
      'packet',
      'packets',
      'pack',
      'packs',
      'package',
      'packages',
      'pkg',
      'pkt',
      'pkts',
      'sachet',
      'sachets',
      'envelope',
      'envelopes',
      'bag',
      'bags',
      'box',
      'boxes',
      'block',
      'blocks',
    ],
  },
  { id: 'jar', kind: 'count', spread: 0.2, words: ['jar', 'jars'] },
  { id: 'punnet', kind: 'count', spread: 0.2, words: ['punnet', 'punnets'] },
  { id: 'clove', kind: 'count', spread: 0.3, words: ['clove', 'cloves'] },
  { id: 'sprig', kind: 'count', spread: VAGUE_SPREAD, words: ['sprig', 'sprigs'] },
  { id: 'stalk', kind: 'count', spread: 0.25, words: ['stalk', 'stalks', 'stems', 'stem'] },
  { id: 'slice', kind: 'count', spread: 0.25, words: ['slice', 'slices', 'rasher', 'rashers'] },
  { id: 'ball', kind: 'count', spread: 0.2, words: ['ball', 'balls'] },
  { id: 'pod', kind: 'count', spread: 0.3, words: ['pod', 'pods'] },
  { id: 'square', kind: 'count', spread: 0.2, words: ['square', 'squares'] },
  { id: 'bar', kind: 'count', spread: 0.2, words: ['bar', 'bars'] },
  { id: 'percent', kind: 'share', spread: SCALE_SPREAD, words: ['%', 'percent', 'per cent', 'pct'] },
  { id: 'part', kind: 'share', spread: SCALE_SPREAD, words: ['part', 'parts'] },
  { id: 'bunch', kind: 'count', spread: VAGUE_SPREAD, words: ['bunch', 'bunches'] },
];

/** Units by the words they are written with. */
export interface UnitBook {
  /** The unit that a text begins with, and what follows it: the longest name wins, and never the head of a longer word. */
  startOf(text: string): { readonly unit: Unit; readonly rest: string } | undefined;
}

const unitByWord = new Map(UNITS.flatMap((unit) => unit.words.map((word) => [word, unit] as const)));
/** Every word that is a unit of the table. */
export const UNIT_WORDS: ReadonlySet<string> = new Set(unitByWord.keys());

/** The unit that a word names. `T` is a tablespoon and `t` a teaspoon; all else is read without regard to case. */
export function unitNamed(word: string): Unit | undefined {
  const bare = word.replace(/\./g, '');
  return unitByWord.get(bare) ?? unitByWord.get(bare.toLowerCase());
}

export function unitById(id: string): Unit | undefined {
  return UNITS.find((unit) => unit.id === id);
}

const OWN_MEASURE_SPREAD = 0.05;

/** A measure of the baker's own as a unit; read in the singular and the plural. */
export function ownUnit(name: string, millilitres: number): Unit {
  const words = name.toLowerCase().replace(/[’`]/g, "'").trim().replace(/\s+/g, ' ');
  return {
    id: `own ${words}`,
    kind: 'volume',
    millilitres,
    spread: OWN_MEASURE_SPREAD,
    words: [`${words}s`, words],
  };
}

/** The units of the table, with the baker's own before them. */
export function unitBook(units: readonly Unit[]): UnitBook {
  const ownWords = units
    .flatMap((unit) => unit.words.map((word) => ({ word, unit })))
    .sort((a, b) => b.word.length - a.word.length);
  return {
    startOf(text) {
      const lower = text.toLowerCase();
      for (const { word, unit } of ownWords)
        if (lower.startsWith(word) && !/^[a-z']/.test(lower.slice(word.length)))
          return { unit, rest: text.slice(word.length) };
      for (const pattern of [
        /^([a-z]+\.? [a-z]+)(?![a-z])/i,
        /^([a-zåäöüß]+|%)(?![a-z'])/i,
        /^(大さじ|小さじ|カップ)/,
      ]) {
        const match = pattern.exec(text);
        const unit = match?.[1] === undefined ? undefined : unitNamed(match[1]);
        if (match && unit) return { unit, rest: text.slice(match[0].length).replace(/^\./, '') };
      }
      return undefined;
    },
  };
}

export const TABLE_UNITS: UnitBook = unitBook([]);

const millilitresByMeasure = new Map(
  readTable(MEASURES_TABLE)
    .filter((row) => row['ml'] !== '')
    .map((row) => [`${row['region'] ?? ''} ${row['unit'] ?? ''}`, numberIn(row, 'ml')]),
);

const gramsByMeasure = new Map(
  readTable(MEASURES_TABLE)
    .filter((row) => row['grams'] !== '')
    .map((row) => [`${row['region'] ?? ''} ${row['unit'] ?? ''}`, numberIn(row, 'grams')]),
);

/** Grams of a packed measure of a region, such as the continental sachet of baking powder. */
export const gramsOfMeasure = (region: Region, measure: string): number | undefined =>
  gramsByMeasure.get(`${region} ${measure}`);

/** Where a region has no measure of that name, whose is meant. */
const FALLBACK: Readonly<Record<Region, readonly string[]>> = {
  US: ['US'],
  UK: ['UK'],
  CA: ['CA', 'US'],
  AU: ['AU', 'UK'],
  NZ: ['NZ', 'AU', 'UK'],
  IN: ['IN', 'UK'],
  JP: ['JP', 'UK'],
  EU: ['EU', 'UK'],
};

/** British kitchens are sold 250 ml cups; the imperial cup of 284 ml is rare today. */
const MEASURE_BY_REGION: Readonly<Record<string, string>> = { 'UK cup': 'cup_metric' };

/**
 * Millilitres of one of a volume unit in a region.
 * @returns undefined for a unit that is not a volume, or that no table of that region knows
 */
export function millilitresOf(unit: Unit, region: Region): number | undefined {
  if (unit.millilitres !== undefined) return unit.millilitres;
  if (unit.measure === undefined) return undefined;
  const measure = MEASURE_BY_REGION[`${region} ${unit.measure}`] ?? unit.measure;
  for (const place of [...FALLBACK[region], 'intl', 'US', 'UK', 'EU', 'IN', 'JP']) {
    const millilitres = millilitresByMeasure.get(`${place} ${measure}`);
    if (millilitres !== undefined) return millilitres;
  }
  return undefined;
}

/** A tonne: more of anything is a slip of the finger, or no number at all. */
export const MOST_GRAMS = 1_000_000;
