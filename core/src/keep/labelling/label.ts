import type { Audit } from '../../bench/audit/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { WeighedComponent } from '../../formula/parsing/index.js';
import type { Region } from '../../ground/units/index.js';
import { shortIngredientName, type Ingredient } from '../../kitchen/ingredients/index.js';
import { safetyOf, type NamedAllergen } from '../../kitchen/safety/index.js';
import type { Keeps } from '../keeping/index.js';
import { labelWords } from './allergens.js';

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
  /** Lines without a weight or that were not understood: they are not on the label. */
  readonly missing: readonly string[];
  /** Nothing is known of what is in these. */
  readonly unknown: readonly string[];
}

/** Made of several things by its maker. */
const READY_MADE = /chocolate|marzipan|self-rais|self-ris|mincemeat|custard|spread|fondant|marmalade|jam|jelly|sprinkles|baking-powder|peel|candied|sausage|ham|bacon|cheese|extract/; // prettier-ignore

interface Named {
  readonly ingredient: Ingredient;
  grams: number;
}
function itemsOf({ lines }: WeighedComponent): readonly Named[] {
  const items = new Map<string, Named>();
  for (const { entries } of lines)
    for (const { ingredient, weight } of entries) {
      if (!ingredient || !weight || weight.grams <= 0) continue;
      const known = items.get(ingredient.id);
      if (known) known.grams += weight.grams;
      else items.set(ingredient.id, { ingredient, grams: weight.grams });
    }
  return [...items.values()];
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
    allergens: labelWords(safetyOf(item.ingredient)?.contains ?? item.ingredient.allergens.filter(isNamedToo), region),
    of: [],
  });
  const batters = components.filter(({ inBatter }) => inBatter);
  const mixed = merged(batters.flatMap(itemsOf));
  const parts = components.filter(({ inBatter }) => !inBatter).map((component): LabelIngredient => {
    const of = byWeight(itemsOf(component).map(labelled));
    return { name: component.name.toLowerCase(), grams: of.reduce((sum, { grams }) => sum + grams, 0), allergens: [], of };
  });
  const ingredients = byWeight([...mixed.map(labelled), ...parts.filter(({ of }) => of.length > 0)]);
  const all = components.flatMap(itemsOf).map(({ ingredient }) => ingredient);
  const contained = new Set(all.flatMap((ingredient) => safetyOf(ingredient)?.contains ?? []));
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
    missing: lines.filter(({ entries, line }) => line.text.trim() !== '' && entries.every(({ ingredient, weight }) => !ingredient || !weight)).map(({ line }) => line.text),
    unknown: [...new Set(all.filter((ingredient) => !safetyOf(ingredient)).map((ingredient) => shortIngredientName(ingredient, region)))],
  };
} // prettier-ignore

/** An ingredient of the baker's own says only the wide words; those that are a name too stand on the label. */
const isNamedToo = (allergen: string): allergen is NamedAllergen & Ingredient['allergens'][number] =>
  !['gluten', 'tree-nut'].includes(allergen);
function merged(items: readonly Named[]): readonly Named[] {
  const all = new Map<string, Named>();
  for (const { ingredient, grams } of items) {
    const known = all.get(ingredient.id);
    if (known) known.grams += grams;
    else all.set(ingredient.id, { ingredient, grams });
  }
  return [...all.values()];
}
/** What is in a formula, for the "may contain" of others made beside it. */
export const allergensIn = (audit: Audit): readonly NamedAllergen[] => [
  ...new Set(audit.weighed.components.flatMap(itemsOf).flatMap(({ ingredient }) => safetyOf(ingredient)?.contains ?? [])),
]; // prettier-ignore
