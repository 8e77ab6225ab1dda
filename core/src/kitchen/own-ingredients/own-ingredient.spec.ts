import fc from 'fast-check';
import { acidProfile } from '../../batter/leavening/index.js';
import { INGREDIENTS, fromOwn, pantryWith, roleOf, type Ingredient } from '../ingredients/index.js';
import { BROKEN_INGREDIENTS, tableIngredient } from './broken-ingredients.spec-help.js';
import { asOwn, checkIngredient, detailsOf, startedFrom } from './index.js';

describe('checkIngredient', () => {
  it('finds nothing wrong with the table it was written for', () => {
    for (const ingredient of INGREDIENTS)
      expect(checkIngredient(asOwn(ingredient)))
        .withContext(ingredient.id)
        .toEqual([]);
  });

  for (const [code, { what, own }] of Object.entries(BROKEN_INGREDIENTS)) {
    it(`refuses ${what}`, () => expect(checkIngredient(own).map((fault) => fault.code as string)).toContain(code));
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
    const buttermilk = tableIngredient('buttermilk');
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
    expect(startedFrom(tableIngredient('egg'), 'own-e', 'Our eggs').allergens).toEqual(['egg']);
  });
});

describe('pantryWith', () => {
  const mill = {
    ...startedFrom(tableIngredient('whole-wheat-flour'), 'own-mill', 'Mill flour'),
    aliases: ['stone flour'],
  };
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
