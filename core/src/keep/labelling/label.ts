import type { Audit } from '../../bench/audit/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { WeighedComponent } from '../../formula/parsing/index.js';
import type { Region } from '../../ground/units/index.js';
import { shortIngredientName, type Ingredient } from '../../kitchen/ingredients/index.js';
import { NAMED_ALLERGENS, safetyOf, type NamedAllergen } from '../../kitchen/safety/index.js';
import type { Keeps } from '../keeping/index.js';
import { GLUTEN, labelWords, TREE_NUTS } from './allergens.js';

/*
 * A label as a draft: what was put into the bowl by descending weight, a frosting or filling as one compound ingredient, allergens by the
 * region's list. What only a packet tells is asked for; the net weight is weighed, never computed.
 */

export interface LabelIngredient {
  readonly name: string;
  readonly grams: number;
  /** Words of the region's list that are in it. */
  readonly allergens: readonly string[];
  /** What it is made of, for a part of its own. */
  readonly of: readonly LabelIngredient[];
}
export type DateMark = 'use-by' | 'best-before';
export interface LabelDraft {
  readonly title: string;
  readonly region: Region;
  readonly ingredients: readonly LabelIngredient[];
  /** All that are in it. */
  readonly allergens: readonly string[];
  /** Of some kinds of what is in it, and of what else was on the bench that day. */
  readonly mayContain: readonly string[];
  readonly dateMark: DateMark;
  /** Bought ready: its own list is on its packet. */
  readonly fromPackets: readonly string[];
  /** Lines that were not understood: they are not on the label. */
  readonly missing: readonly string[];
  /** Nothing is known of what is in these. */
  readonly unknown: readonly string[];
}

/** Made of several things by its maker. */
const READY_MADE = /chocolate|marzipan|self-rais|self-ris|mincemeat|custard|spread|fondant|marmalade|jam|jelly|sprinkles|baking-powder|peel|candied|sausage|ham|bacon|cheese|extract/; // prettier-ignore

interface Named {
  readonly ingredient: Ingredient;
  readonly grams: number;
}
/** Each ingredient of some parts once; what nobody weighed stands last, so that no allergen is left out. */
function itemsOf(components: readonly WeighedComponent[]): readonly Named[] {
  const grams = new Map<Ingredient, number>();
  for (const { entries } of components.flatMap(({ lines }) => lines))
    for (const { ingredient, weight } of entries)
      if (ingredient) grams.set(ingredient, (grams.get(ingredient) ?? 0) + (weight?.grams ?? 0));
  return [...grams].map(([ingredient, weight]) => ({ ingredient, grams: weight }));
}
/** Words for what a baker's own ingredient says of itself and the one it was started from does not. */
const WIDE: readonly {
  readonly allergen: string;
  readonly word: string;
  readonly names: ReadonlySet<NamedAllergen>;
}[] = [
  { allergen: 'gluten', word: 'gluten', names: GLUTEN },
  { allergen: 'tree-nut', word: 'nuts', names: TREE_NUTS },
];
const ownOf = ({ allergens }: Ingredient): readonly NamedAllergen[] =>
  NAMED_ALLERGENS.filter((named) => allergens.some((own) => own === named));
/** What is in an ingredient for certain: by the table, and by what the baker says of their own. */
const containedIn = (ingredient: Ingredient): readonly NamedAllergen[] => [
  ...new Set([...(safetyOf(ingredient)?.contains ?? []), ...ownOf(ingredient)]),
];
const wideWords = (ingredient: Ingredient, contained: readonly NamedAllergen[]): readonly string[] =>
  WIDE.filter(
    ({ allergen, names }) =>
      ingredient.allergens.some((each) => each === allergen) && !contained.some((each) => names.has(each)),
  ).map(({ word }) => word);
function allergenWords(ingredient: Ingredient, region: Region): readonly string[] {
  const contained = containedIn(ingredient);
  return [...labelWords(contained, region), ...wideWords(ingredient, contained)];
}
const byWeight = (items: readonly LabelIngredient[]) => [...items].sort((one, other) => other.grams - one.grams);

/** @param sameDay allergens of what else was made on that bench that day */
export function labelOf(
  formula: Formula,
  audit: Audit,
  region: Region,
  keeps: Pick<Keeps, 'whole'>,
  sameDay: readonly NamedAllergen[] = [],
): LabelDraft {
  const components = audit.weighed.components.filter(({ lines }) => lines.length > 0);
  const labelled = (item: Named): LabelIngredient => ({
    name: shortIngredientName(item.ingredient, region),
    grams: item.grams,
    allergens: allergenWords(item.ingredient, region),
    of: [],
  });
  const mixed = itemsOf(components.filter(({ inBatter }) => inBatter));
  const parts = components.filter(({ inBatter }) => !inBatter).map((component): LabelIngredient => {
    const of = byWeight(itemsOf([component]).map(labelled));
    return { name: component.name.toLowerCase(), grams: of.reduce((sum, { grams }) => sum + grams, 0), allergens: [], of };
  });
  const ingredients = byWeight([...mixed.map(labelled), ...parts.filter(({ of }) => of.length > 0)]);
  const all = itemsOf(components).map(({ ingredient }) => ingredient);
  const contained = new Set(all.flatMap(containedIn));
  const allergens = [...new Set(ingredients.flatMap(({ allergens: own, of }) => [...own, ...of.flatMap((each) => each.allergens)]))];
  const may = [...all.flatMap((ingredient) => safetyOf(ingredient)?.mayContain ?? []), ...sameDay].filter((allergen) => !contained.has(allergen));
  const lines = components.flatMap((component) => component.lines);
  return {
    title: formula.title,
    region,
    ingredients,
    allergens,
    mayContain: labelWords(may, region).filter((word) => !allergens.includes(word)),
    dateMark: keeps.whole.mustBeCold ? 'use-by' : 'best-before',
    fromPackets: [...new Set(all.filter(({ behavesAs }) => READY_MADE.test(behavesAs)).map((ingredient) => shortIngredientName(ingredient, region)))],
    missing: lines.filter(({ entries, line }) => line.text.trim() !== '' && entries.every(({ ingredient }) => !ingredient)).map(({ line }) => line.text),
    unknown: [...new Set(all.filter((ingredient) => !safetyOf(ingredient)).map((ingredient) => shortIngredientName(ingredient, region)))],
  };
} // prettier-ignore

/** What is in a formula, for the "may contain" of others made beside it. */
export const allergensIn = (audit: Audit): readonly NamedAllergen[] => [...new Set(itemsOf(audit.weighed.components).flatMap(({ ingredient }) => containedIn(ingredient)))]; // prettier-ignore
