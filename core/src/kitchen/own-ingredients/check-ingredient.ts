import {
  CATEGORIES,
  COMPOSITION_PARTS,
  energyByFactors,
  type Allergen,
  type Category,
  type OwnIngredient,
} from '../ingredients/index.js';

export const INGREDIENT_FAULT_CODES = [
  'name-missing', 'category-unknown', 'part-negative', 'sum-off', 'energy-off', 'sodium-over-ash', 'density-missing', 'density-out-of-range',
  'density-order', 'liquid-density', 'syrup-density', 'fat-density', 'piece-disagrees', 'ph-missing', 'ph-out-of-range', 'sour-without-acid',
  'alkaline-with-acid', 'base-below-neutral', 'acid-out-of-range', 'vegan-with-animal', 'allergen-missing', 'gluten-in-gluten-free',
] as const; // prettier-ignore
export type IngredientFaultCode = (typeof INGREDIENT_FAULT_CODES)[number];

/** Why an ingredient cannot be right, with the figures that say so. */
export interface IngredientFault {
  readonly code: IngredientFaultCode;
  /** The field to look at. */
  readonly field: keyof OwnIngredient;
  readonly facts: Readonly<Record<string, string | number>>;
}

const SUM_TOLERANCE = 2;
const ENERGY_TOLERANCE = 0.1;
/** Energy that organic acids and polyols in "other" may add, kcal/g; glycerol has the most. */
const OTHER_KILOCALORIES = { usual: 3, glycerol: 4.32 } as const;
const DENSITY = { low: 0.03, high: 2.3 } as const;
const WATERY: ReadonlySet<Category> = new Set(['alcohol', 'liquid', 'syrup', 'plant milk', 'dairy']);
const ANIMAL: ReadonlySet<Category> = new Set(['dairy', 'cultured dairy', 'egg']);
const ANIMAL_ALLERGENS: readonly Allergen[] = ['milk', 'egg', 'fish'];
/** Measures that restate a density and must agree with it, millilitres. */
const MEASURES_IN_PIECES = [
  { name: 'tablespoon', millilitres: 14.787, filling: 'spooned' },
  { name: 'teaspoon', millilitres: 4.929, filling: 'spooned' },
  { name: 'cup', millilitres: 236.588, filling: 'spooned' },
  { name: 'packed cup', millilitres: 236.588, filling: 'packed' },
  { name: 'tablespoon packed', millilitres: 14.787, filling: 'packed' },
] as const;

type Found = IngredientFault | false | undefined;

function compositionFaults(ownIngredient: OwnIngredient): readonly Found[] {
  const { per100Grams: parts } = ownIngredient;
  const negative = COMPOSITION_PARTS.find((part) => !(parts[part] >= 0));
  const sum = COMPOSITION_PARTS.reduce((total, part) => total + parts[part], 0);
  const byFactors = energyByFactors(parts);
  const off = Math.abs(ownIngredient.energyKilocalories - byFactors);
  const ofOther =
    ((ownIngredient.basedOn ?? ownIngredient.id) === 'glycerin'
      ? OTHER_KILOCALORIES.glycerol
      : OTHER_KILOCALORIES.usual) * parts.other;
  const explainedByOther =
    parts.other >= 0.3 &&
    ownIngredient.energyKilocalories > byFactors &&
    ownIngredient.energyKilocalories <= (byFactors + ofOther) * (1 + ENERGY_TOLERANCE) + 2;
  return [
    negative && { code: 'part-negative', field: 'per100Grams', facts: { part: negative } },
    Math.abs(sum - 100) > SUM_TOLERANCE && { code: 'sum-off', field: 'per100Grams', facts: { sum } },
    off > Math.max(ENERGY_TOLERANCE * byFactors, 2) &&
      !explainedByOther && {
        code: 'energy-off',
        field: 'energyKilocalories',
        facts: { said: ownIngredient.energyKilocalories, byFactors },
      },
    ownIngredient.sodiumMilligrams / 1000 > 0.4 * parts.ash + 0.02 && {
      code: 'sodium-over-ash',
      field: 'sodiumMilligrams',
      facts: { sodium: ownIngredient.sodiumMilligrams, ash: parts.ash },
    },
  ];
}

function densityFaults(ownIngredient: OwnIngredient): readonly Found[] {
  const { spooned, scooped, sifted, packed } = ownIngredient.gramsPerMillilitre;
  if (spooned === undefined) return [{ code: 'density-missing', field: 'gramsPerMillilitre', facts: {} }];
  const { category, per100Grams: parts } = ownIngredient;
  const field = 'gramsPerMillilitre' as const;
  const outside = [spooned, scooped, sifted, packed].find(
    (density) => density !== undefined && !(density >= DENSITY.low && density <= DENSITY.high),
  );
  const disorder =
    (scooped !== undefined && !(scooped > spooned && scooped <= spooned * 1.35) && 'scooped') ||
    (sifted !== undefined && !(sifted < spooned) && 'sifted') ||
    (packed !== undefined && !(packed > spooned) && 'packed');
  const disagreeing = MEASURES_IN_PIECES.flatMap(({ name, millilitres, filling }) => {
    const piece = ownIngredient.pieces.find((one) => one.name === name);
    const density = ownIngredient.gramsPerMillilitre[filling];
    if (!piece || density === undefined) return [];
    const ratio = piece.grams / (millilitres * density);
    return ratio < 0.9 || ratio > 1.1 ? [{ name, grams: piece.grams, byDensity: millilitres * density }] : [];
  })[0];
  return [
    outside !== undefined && { code: 'density-out-of-range', field, facts: { density: outside } },
    disorder && { code: 'density-order', field, facts: { filling: disorder } },
    WATERY.has(category) &&
      parts.water > 60 &&
      (spooned < 0.9 || spooned > 1.2) && { code: 'liquid-density', field, facts: { density: spooned } },
    category === 'syrup' &&
      parts.water < 40 &&
      (spooned < 1.2 || spooned > 1.5) && { code: 'syrup-density', field, facts: { density: spooned } },
    category === 'fat' &&
      parts.fat > 98 &&
      parts.water < 1 &&
      (spooned < 0.7 || spooned > 1) && { code: 'fat-density', field, facts: { density: spooned } },
    disagreeing && { code: 'piece-disagrees', field: 'pieces', facts: disagreeing },
  ];
}

function acidFaults(ownIngredient: OwnIngredient): readonly Found[] {
  const { ph, acidMeqPerGram: acid } = ownIngredient;
  const range: Found = Math.abs(acid) > 20 && {
    code: 'acid-out-of-range',
    field: 'acidMeqPerGram',
    facts: { acid },
  };
  if (ph === undefined)
    return [range, ownIngredient.per100Grams.water > 5 && { code: 'ph-missing', field: 'ph', facts: {} }];
  const facts = { ph, acid };
  return [
    range,
    !(ph >= 0.9 && ph <= 13) && { code: 'ph-out-of-range', field: 'ph', facts: { ph } },
    ph < 4.6 && acid <= 0 && { code: 'sour-without-acid', field: 'acidMeqPerGram', facts },
    ((ph > 7.6 && acid > 0) || (acid > 0.002 && ph > 7.05)) && {
      code: 'alkaline-with-acid',
      field: 'acidMeqPerGram',
      facts,
    },
    acid < 0 && ph < 7 && { code: 'base-below-neutral', field: 'acidMeqPerGram', facts },
  ];
}

function allergenFaults(ownIngredient: OwnIngredient): readonly Found[] {
  const has = (allergen: Allergen) => ownIngredient.allergens.includes(allergen);
  const animal = ANIMAL_ALLERGENS.find(has);
  const missing =
    (['dairy', 'cultured dairy'].includes(ownIngredient.category) && !has('milk') && 'milk') ||
    (ownIngredient.category === 'egg' && !has('egg') && 'egg') ||
    (['flour', 'whole-grain flour'].includes(ownIngredient.category) && !has('gluten') && 'gluten');
  return [
    ownIngredient.vegan &&
      (animal !== undefined || ANIMAL.has(ownIngredient.category)) && {
        code: 'vegan-with-animal',
        field: 'vegan',
        facts: { because: animal ?? ownIngredient.category },
      },
    missing && {
      code: 'allergen-missing',
      field: 'allergens',
      facts: { allergen: missing, category: ownIngredient.category },
    },
    ownIngredient.category === 'gluten-free flour' &&
      has('gluten') && { code: 'gluten-in-gluten-free', field: 'allergens', facts: {} },
  ];
}

/**
 * What cannot be right about an ingredient: the rules by which the table itself is checked.
 * @returns the faults, none for a sound ingredient
 * @source README of ingredients.csv: sums within 2 g, energy by the general factors within a tenth, sodium at most 40 % of the ash
 */
export function checkIngredient(ownIngredient: OwnIngredient): readonly IngredientFault[] {
  const faults: readonly Found[] = [
    ownIngredient.name.trim() === '' && { code: 'name-missing', field: 'name', facts: {} },
    !CATEGORIES.includes(ownIngredient.category) && { code: 'category-unknown', field: 'category', facts: {} },
    ...compositionFaults(ownIngredient),
    ...densityFaults(ownIngredient),
    ...acidFaults(ownIngredient),
    ...allergenFaults(ownIngredient),
  ];
  return faults.filter((one): one is IngredientFault => typeof one === 'object');
}
