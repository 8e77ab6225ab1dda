import {
  CATEGORIES,
  COMPOSITION_PARTS,
  energyByFactors,
  type Allergen,
  type Category,
  type CompositionPart,
  type OwnIngredient,
} from '../ingredients/index.js';

type NoFacts = Readonly<Record<string, never>>;
interface DensityFacts {
  /** g/ml. */
  readonly density: number;
}
interface AcidFacts {
  readonly ph: number;
  /** meq/g; negative for what is alkaline. */
  readonly acid: number;
}

/** What a sentence needs to know of each fault of an ingredient. */
export interface IngredientFaultFacts {
  'name-missing': NoFacts;
  'category-unknown': NoFacts;
  'part-negative': { readonly part: CompositionPart };
  /** All parts of 100 g, g. */
  'sum-off': { readonly sum: number };
  /** kcal in 100 g, as written and by the general factors. */
  'energy-off': { readonly written: number; readonly byFactors: number };
  /** mg and g in 100 g. */
  'sodium-over-ash': { readonly sodium: number; readonly ash: number };
  'density-missing': NoFacts;
  'density-out-of-range': DensityFacts;
  'density-order': { readonly filling: 'scooped' | 'sifted' | 'packed' };
  'liquid-density': DensityFacts;
  'syrup-density': DensityFacts;
  'fat-density': DensityFacts;
  /** A measure, g as weighed and g by the density. */
  'piece-disagrees': { readonly name: string; readonly grams: number; readonly byDensity: number };
  'ph-missing': NoFacts;
  'ph-out-of-range': { readonly ph: number };
  'sour-without-acid': AcidFacts;
  'alkaline-with-acid': AcidFacts;
  'base-below-neutral': AcidFacts;
  'acid-out-of-range': { readonly acid: number };
  'vegan-with-animal': { readonly because: Allergen | Category };
  'allergen-missing': { readonly allergen: Allergen };
  'gluten-in-gluten-free': NoFacts;
}
export type IngredientFaultCode = keyof IngredientFaultFacts;

/** Why an ingredient cannot be right, with the figures that say so. */
export type IngredientFault = {
  [C in IngredientFaultCode]: {
    readonly code: C;
    /** The field to look at. */
    readonly field: keyof OwnIngredient;
    readonly facts: IngredientFaultFacts[C];
  };
}[IngredientFaultCode];

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

/** A fault, or nothing where the ingredient is sound. */
type MaybeFault = IngredientFault | false | undefined;

function compositionFaults(ownIngredient: OwnIngredient): readonly MaybeFault[] {
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
        facts: { written: ownIngredient.energyKilocalories, byFactors },
      },
    ownIngredient.sodiumMilligrams / 1000 > 0.4 * parts.ash + 0.02 && {
      code: 'sodium-over-ash',
      field: 'sodiumMilligrams',
      facts: { sodium: ownIngredient.sodiumMilligrams, ash: parts.ash },
    },
  ];
}

function densityFaults(ownIngredient: OwnIngredient): readonly MaybeFault[] {
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
    const piece = ownIngredient.pieces.find((written) => written.name === name);
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

function acidFaults(ownIngredient: OwnIngredient): readonly MaybeFault[] {
  const { ph, acidMeqPerGram: acid } = ownIngredient;
  const range: MaybeFault = Math.abs(acid) > 20 && {
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

function allergenFaults(ownIngredient: OwnIngredient): readonly MaybeFault[] {
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
      facts: { allergen: missing },
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
  const faults: readonly MaybeFault[] = [
    ownIngredient.name.trim() === '' && { code: 'name-missing', field: 'name', facts: {} },
    !CATEGORIES.includes(ownIngredient.category) && { code: 'category-unknown', field: 'category', facts: {} },
    ...compositionFaults(ownIngredient),
    ...densityFaults(ownIngredient),
    ...acidFaults(ownIngredient),
    ...allergenFaults(ownIngredient),
  ];
  return faults.filter((fault): fault is IngredientFault => typeof fault === 'object');
}
