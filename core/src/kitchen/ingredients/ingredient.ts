import { namesHere } from '../../ground/language/index.js';
import { listIn, numberIn, readTable, type Row } from '../../ground/numerics/index.js';
import type { Filling } from '../../ground/units/index.js';
import { INGREDIENTS_TABLE } from './ingredients.table.js';

/** What an ingredient is made of, per gram as sold. Shares of 1. */
export interface Composition {
  readonly water: number;
  readonly fat: number;
  readonly protein: number;
  readonly starch: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly alcohol: number;
  /** Grams of sodium per gram. */
  readonly sodium: number;
}

export interface Ingredient {
  readonly id: string;
  readonly nameUs: string;
  readonly nameUk: string;
  readonly aliases: readonly string[];
  readonly category: Category;
  readonly composition: Composition;
  /** Base needed to bring one gram to about pH 7, meq/g; negative for what is itself a base. */
  readonly acidMeqPerGram: number;
  /** Undefined where there is no water phase. */
  readonly nativePh: number | undefined;
  /** Grams per millilitre by the way of filling; `spooned` also stands for a liquid. */
  readonly gramsPerMillilitre: Readonly<Partial<Record<Filling, number>>>;
  /** Grams of one named piece or measure: "medium", "stick", "mashed cup", "zest of one". */
  readonly pieces: ReadonlyMap<string, number>;
  /** Pack sizes it is sold in, grams. */
  readonly packGrams: readonly number[];
  /** What it contains for certain or as commonly sold; conservative, gluten includes ordinary oats. */
  readonly allergens: readonly Allergen[];
  readonly vegan: boolean;
  /** The id of the table's ingredient whose part it plays in a batter: its own, or that of the one a baker's own was started from. */
  readonly behavesAs: string;
}

/** Allergens that the table tells of. */
export const ALLERGENS = [
  'gluten', 'milk', 'egg', 'soy', 'peanut', 'tree-nut', 'sesame', 'sulphite', 'mustard', 'lupin', 'fish', 'celery',
] as const; // prettier-ignore
export type Allergen = (typeof ALLERGENS)[number];

export const CATEGORIES = [
  'flour', 'whole-grain flour', 'gluten-free flour', 'starch', 'sugar', 'syrup', 'fat', 'dairy', 'cultured dairy', 'plant milk',
  'egg', 'egg substitute', 'leavener', 'acid', 'salt', 'spice', 'fresh fruit', 'fruit puree', 'dried fruit', 'candied fruit',
  'vegetable', 'nut/seed', 'chocolate/cocoa', 'flavouring', 'alcohol', 'liquid', 'cheese/savoury', 'thickener/gum', 'frosting base',
] as const; // prettier-ignore
export type Category = (typeof CATEGORIES)[number];

function fromRow(row: Row): Ingredient {
  const share = (column: string) => numberIn(row, column) / 100;
  const densities: Partial<Record<Filling, number>> = {};
  for (const filling of ['spooned', 'scooped', 'sifted', 'packed'] as const) {
    if (row[`g_per_ml_${filling}`]) densities[filling] = numberIn(row, `g_per_ml_${filling}`);
  }
  return {
    id: row['id'] ?? '',
    behavesAs: row['id'] ?? '',
    nameUs: row['name_us'] ?? '',
    nameUk: row['name_uk'] ?? '',
    aliases: listIn(row, 'aliases'),
    category: row['category'] as Category,
    composition: {
      water: share('water_g'),
      fat: share('fat_g'),
      protein: share('protein_g'),
      starch: share('starch_g'),
      sugars: share('sugars_g'),
      fibre: share('fibre_g'),
      alcohol: share('alcohol_g'),
      sodium: numberIn(row, 'sodium_mg') / 100_000,
    },
    acidMeqPerGram: numberIn(row, 'acid_meq_per_g'),
    nativePh: row['ph'] ? numberIn(row, 'ph') : undefined,
    gramsPerMillilitre: densities,
    pieces: new Map(
      listIn(row, 'pieces').map((piece) => {
        const [name = '', grams = ''] = piece.split('=');
        return [name, Number(grams)];
      }),
    ),
    packGrams: listIn(row, 'pack_g').map(Number),
    allergens: listIn(row, 'allergens') as readonly Allergen[],
    vegan: row['vegan'] === '1',
  };
}

/** The whole table, in the order of ingredients.csv. */
export const INGREDIENTS: readonly Ingredient[] = readTable(INGREDIENTS_TABLE).map(fromRow);

/** The rows of a table that says more of the ingredients, in their order, with the id of each; those of which it says nothing left out. */
export const besideIngredients = (table: string): readonly Row[] =>
  readTable(table).flatMap((row, i) =>
    Object.values(row).every((cell) => cell === '') ? [] : [{ ...row, id: INGREDIENTS[i]?.id ?? '' }],
  );

const byId = new Map(INGREDIENTS.map((ingredient) => [ingredient.id, ingredient]));

export function ingredientById(id: string): Ingredient | undefined {
  return byId.get(id);
}

/** The name as a baker of the region says it. */
/** The name without what stands in brackets behind it: for a list or a button. */
export const shortIngredientName = (ingredient: Ingredient, region: string): string =>
  ingredientName(ingredient, region).replace(/ *\([^)]*\)/g, '');

/** Names in the language of this build; none in English, where the table has them by region. */
const NAMES_HERE = namesHere($localize`:Names of ingredients, id=name|id=name@@ingredientNames:-`);

/** The name as the region says it, in the language of this build. */
export function ingredientName(ingredient: Ingredient, region: string): string {
  return NAMES_HERE.get(ingredient.id) ?? nameInLine(ingredient, region);
}

/**
 * What a thing in a formula is called on the screen: as the line calls it, where it does so in the language of this build.
 * @param said the name as it was read, in English
 */
export const calledHere = (said: string, ingredient: Ingredient | undefined, region: string): string =>
  ingredient && (said === '' || NAMES_HERE.has(ingredient.id) || isOfFruit(said, ingredient))
    ? ingredientName(ingredient, region)
    : said;
/** "zest of 3 lemons" weighs zest, and no lemons. */
const isOfFruit = (said: string, { id }: Ingredient): boolean =>
  /-(?:zest|juice)$/.test(id) && !/zest|rind|peel|juice/i.test(said);

/** The name that a line of a formula is written with: English, as the formulas that Orvin writes. */
export function nameInLine(ingredient: Ingredient, region: string): string {
  return region === 'US' || region === 'CA' ? ingredient.nameUs : ingredient.nameUk;
}
