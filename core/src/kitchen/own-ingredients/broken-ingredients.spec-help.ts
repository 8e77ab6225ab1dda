import { ingredientById, type Ingredient, type OwnIngredient } from '../ingredients/index.js';
import { startedFrom, type IngredientFaultCode } from './index.js';

/* For specs: an ingredient for each thing that can be wrong with one, as a baker might write it down from a pack. */

export const tableIngredient = (id: string): Ingredient => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(id);
  return ingredient;
};
const flour = startedFrom(tableIngredient('all-purpose-flour'), 'own-1', 'Mill flour');
const oil = startedFrom(tableIngredient('vegetable-oil'), 'own-2', 'Our oil');
const milk = startedFrom(tableIngredient('whole-milk'), 'own-3', 'Farm milk');
const syrup = startedFrom(tableIngredient('honey'), 'own-4', 'Hive honey');

/** What is wrong, the ingredient, and a figure or a word of it that its sentence must say. */
export const BROKEN_INGREDIENTS: Readonly<
  Record<IngredientFaultCode, { readonly what: string; readonly own: OwnIngredient; readonly says?: RegExp }>
> = {
  'name-missing': { what: 'no name', own: { ...flour, name: ' ' } },
  // a kind that no list has can only come from a file
  'category-unknown': { what: 'a kind nobody knows', own: { ...flour, category: 'dust' as OwnIngredient['category'] } },
  'sum-off': {
    what: 'parts that do not add up',
    own: { ...flour, per100Grams: { ...flour.per100Grams, starch: flour.per100Grams.starch - 15 } },
    says: /8[45]\.\d g of 100/,
  },
  'part-negative': {
    what: 'a negative part',
    own: { ...flour, per100Grams: { ...flour.per100Grams, ash: -1 } },
    says: /ash/,
  },
  'energy-off': { what: 'energy of another food', own: { ...flour, energyKilocalories: 120 }, says: /120 kcal/ },
  'sodium-over-ash': {
    what: 'more sodium than ash can hold',
    own: { ...flour, sodiumMilligrams: 2000 },
    says: /2000 mg/,
  },
  'density-missing': { what: 'no density', own: { ...flour, gramsPerMillilitre: {} } },
  'density-out-of-range': {
    what: 'flour as heavy as lead',
    own: { ...flour, gramsPerMillilitre: { spooned: 11 } },
    says: /11\.00 g/,
  },
  'density-order': {
    what: 'scooped looser than spooned',
    own: { ...flour, gramsPerMillilitre: { spooned: 0.6, scooped: 0.5 } },
    says: /scooped/,
  },
  'liquid-density': { what: 'milk like foam', own: { ...milk, gramsPerMillilitre: { spooned: 0.4 } }, says: /0\.40/ },
  'syrup-density': { what: 'honey like water', own: { ...syrup, gramsPerMillilitre: { spooned: 1 } }, says: /1\.00/ },
  'fat-density': {
    what: 'oil heavier than water',
    own: { ...oil, gramsPerMillilitre: { spooned: 1.2 } },
    says: /1\.20/,
  },
  'piece-disagrees': {
    what: 'a cup that contradicts the density',
    own: { ...flour, pieces: [{ name: 'cup', grams: 250 }] },
    says: /cup of 250/,
  },
  'ph-missing': { what: 'a wet thing without a pH', own: withoutPh(milk) },
  'ph-out-of-range': { what: 'a pH of bleach', own: { ...flour, ph: 13.8 }, says: /13\.8/ },
  'sour-without-acid': {
    what: 'a sour thing without acid',
    own: { ...flour, ph: 3.4, acidMeqPerGram: 0 },
    says: /3\.4/,
  },
  'alkaline-with-acid': {
    what: 'an alkaline thing with acid',
    own: { ...flour, ph: 8.4, acidMeqPerGram: 0.1 },
    says: /8\.4/,
  },
  'base-below-neutral': { what: 'a base below neutral', own: { ...flour, ph: 6, acidMeqPerGram: -0.1 }, says: /6\.0/ },
  'acid-out-of-range': { what: 'more acid than acid', own: { ...flour, acidMeqPerGram: 44 }, says: /44\.0/ },
  'vegan-with-animal': {
    what: 'a vegan thing with milk',
    own: { ...flour, vegan: true, allergens: ['gluten', 'milk'] },
    says: /milk/,
  },
  'allergen-missing': { what: 'a wheat flour without gluten', own: { ...flour, allergens: [] }, says: /gluten/ },
  'gluten-in-gluten-free': {
    what: 'gluten in a gluten-free flour',
    own: { ...flour, category: 'gluten-free flour' },
  },
};

function withoutPh(ingredient: OwnIngredient): OwnIngredient {
  const { ph, ...rest } = ingredient;
  if (ph === undefined) throw new Error(`${ingredient.name} has no pH to take away`);
  return rest;
}
