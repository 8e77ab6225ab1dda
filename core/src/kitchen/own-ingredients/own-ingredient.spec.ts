import fc from 'fast-check';
import { acidProfile } from '../../batter/leavening/index.js';
import {
  INGREDIENTS,
  fromOwn,
  ingredientById,
  pantryWith,
  roleOf,
  type Ingredient,
  type OwnIngredient,
} from '../ingredients/index.js';
import { asOwn, checkIngredient, detailsOf, startedFrom, type IngredientFaultCode } from './index.js';

const must = (id: string): Ingredient => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(id);
  return ingredient;
};
const faultsOf = (ownIngredient: OwnIngredient): readonly IngredientFaultCode[] =>
  checkIngredient(ownIngredient).map(({ code }) => code);

describe('checkIngredient', () => {
  it('finds nothing wrong with the table it was written for', () => {
    for (const ingredient of INGREDIENTS)
      expect(checkIngredient(asOwn(ingredient)))
        .withContext(ingredient.id)
        .toEqual([]);
  });

  const flour = startedFrom(must('all-purpose-flour'), 'own-1', 'Mill flour');
  const oil = startedFrom(must('vegetable-oil'), 'own-2', 'Our oil');
  const BROKEN: readonly (readonly [string, OwnIngredient, IngredientFaultCode])[] = [
    ['no name', { ...flour, name: ' ' }, 'name-missing'],
    ['parts that do not add up', { ...flour, per100Grams: { ...flour.per100Grams, starch: 60 } }, 'sum-off'],
    ['a negative part', { ...flour, per100Grams: { ...flour.per100Grams, ash: -1 } }, 'part-negative'],
    ['energy of another food', { ...flour, energyKilocalories: 120 }, 'energy-off'],
    ['more sodium than ash can hold', { ...flour, sodiumMilligrams: 2000 }, 'sodium-over-ash'],
    ['no density', { ...flour, gramsPerMillilitre: {} }, 'density-missing'],
    ['flour as heavy as lead', { ...flour, gramsPerMillilitre: { spooned: 11 } }, 'density-out-of-range'],
    ['scooped looser than spooned', { ...flour, gramsPerMillilitre: { spooned: 0.6, scooped: 0.5 } }, 'density-order'],
    ['oil heavier than water', { ...oil, gramsPerMillilitre: { spooned: 1.2 } }, 'fat-density'],
    ['a cup that contradicts the density', { ...flour, pieces: [{ name: 'cup', grams: 250 }] }, 'piece-disagrees'],
    ['a sour thing without acid', { ...flour, ph: 3.4, acidMeqPerGram: 0 }, 'sour-without-acid'],
    ['an alkaline thing with acid', { ...flour, ph: 8.4, acidMeqPerGram: 0.1 }, 'alkaline-with-acid'],
    ['a base below neutral', { ...flour, ph: 6, acidMeqPerGram: -0.1 }, 'base-below-neutral'],
    ['a vegan thing with milk', { ...flour, allergens: ['gluten', 'milk'] }, 'vegan-with-animal'],
    ['a wheat flour without gluten', { ...flour, allergens: [] }, 'allergen-missing'],
    ['gluten in a gluten-free flour', { ...flour, category: 'gluten-free flour' }, 'gluten-in-gluten-free'],
  ];
  for (const [what, ownIngredient, code] of BROKEN) {
    it(`refuses ${what}`, () => expect(faultsOf(ownIngredient)).toContain(code));
  }
});

describe('a baker’s own ingredient', () => {
  it('does what the one it was started from does, whatever its name', () => {
    fc.assert(
      fc.property(fc.constantFrom(...INGREDIENTS), (ingredient) => {
        const own = fromOwn(startedFrom(ingredient, 'own-x', 'Something'));
        expect(roleOf(own)).toEqual(roleOf(ingredient));
        expect(own.composition.water).toBeCloseTo(ingredient.composition.water, 9);
        expect(acidProfile(own).groups).toEqual(acidProfile(ingredient).groups);
      }),
    );
  });
  it('meets twice the soda when it is twice as sour', () => {
    const buttermilk = must('buttermilk');
    const own = fromOwn({
      ...startedFrom(buttermilk, 'own-b', 'Strong buttermilk'),
      acidMeqPerGram: 2 * buttermilk.acidMeqPerGram,
    });
    const titrated = (ingredient: Ingredient) =>
      acidProfile(ingredient).groups.reduce((sum, [, amount]) => sum + amount, 0);
    expect(titrated(own)).toBeCloseTo(2 * titrated(buttermilk), 9);
  });
  it('has everything the table tells of the one it was started from', () => {
    expect(detailsOf('all-purpose-flour')?.caution).toContain('raw flour');
    expect(startedFrom(must('egg'), 'own-e', 'Our eggs').allergens).toEqual(['egg']);
  });
});

describe('pantryWith', () => {
  const mill = { ...startedFrom(must('whole-wheat-flour'), 'own-mill', 'Mill flour'), aliases: ['stone flour'] };
  const pantry = pantryWith(
    [mill],
    [
      { words: 'our flour', ingredientId: 'own-mill' },
      { words: "Gran's sugar", ingredientId: 'demerara-sugar' },
      { words: 'lost word', ingredientId: 'nowhere' },
    ],
  );
  const idOf = (words: string) => {
    const matchResult = pantry.match(words, 'UK');
    return matchResult.kind === 'matched' ? matchResult.ingredient.id : matchResult.kind;
  };
  it('knows what was taught, by its name, by other names, in any dress', () => {
    expect(idOf('Mill flour')).toBe('own-mill');
    expect(idOf('stone flour, sifted')).toBe('own-mill');
    expect(idOf('our flour')).toBe('own-mill');
    expect(idOf('gran’s sugar')).toBe('demerara-sugar');
  });
  it('still knows the table, and forgets a word whose ingredient is gone', () => {
    expect(idOf('plain flour')).toBe('all-purpose-flour');
    expect(idOf('lost word')).toBe('unknown');
  });
  it('completes own names first, and words typed in part', () => {
    expect(pantry.search('mill')[0]?.id).toBe('own-mill');
    expect(pantry.search('pl fl').map(({ id }) => id)).toContain('all-purpose-flour');
  });
});
