import fc from 'fast-check';
import { INGREDIENTS, ingredientById, matchIngredient, type Preparation } from '../../kitchen/ingredients/index.js';
import { numberIn, readTable } from '../../ground/numerics/index.js';
import { WORKED_FORMULAS_TABLE } from '../../doors/samples/worked-formulas.table.js';
import { bandQuantities, functionalTotals, isBatter, type WeighedPart } from './index.js';

const part = (id: string, grams: number, preparation: Preparation = 'none'): WeighedPart => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(id);
  return { ingredient, grams, preparation };
};

/** The batter of a worked formula, by the names it is written in. */
function workedParts(ingredients: string): WeighedPart[] {
  return ingredients.split('|').map((written): WeighedPart => {
    const [name = '', grams] = written.split('=');
    const matchResult = matchIngredient(name, 'UK');
    if (matchResult.kind !== 'matched') throw new Error(name);
    const preparation: Preparation = name.includes('grated')
      ? 'grated'
      : name.includes('mashed')
        ? 'mashed'
        : /chopped|sliced/.test(name)
          ? 'pieces'
          : 'none';
    return { ingredient: matchResult.ingredient, grams: Number(grams), preparation };
  });
}

describe('bandQuantities', () => {
  /** Where a worked formula names an ingredient whose composition our table gives otherwise: double cream of 36 %, cheese and onion. */
  const COMPOSED_OTHERWISE = new Set(['Apricot cream wedges', 'Cheese and spring onion soda round']);
  for (const row of readTable(WORKED_FORMULAS_TABLE)) {
    it(`counts the ${row['title'] ?? ''} as its worked figures do`, () => {
      const found = bandQuantities(workedParts(row['ingredients'] ?? ''));
      const within = COMPOSED_OTHERWISE.has(row['title'] ?? '') ? 0.2 : 0.05;
      for (const [column, value] of [
        ['sugar_bp', found?.sugar],
        ['fat_bp', found?.fat],
        ['egg_bp', found?.egg],
        ['hydration_bp', found?.water],
        ['salt_bp', found?.salt],
        ['cocoa_bp', found?.cocoa],
      ] as const) {
        const expected = numberIn(row, column);
        expect(Math.abs((value ?? 0) - expected))
          .withContext(`${column}: ${value ?? 0} for ${expected}`)
          .toBeLessThan(Math.max(2, expected * within));
      }
    });
  }
  it('has nothing to be a hundred where there is no flour', () => {
    expect(bandQuantities([part('egg', 100), part('granulated-sugar', 100)])).toBeUndefined();
  });
  it('counts ground nuts as flour where no other flour is, or where they are half of it or more', () => {
    expect(functionalTotals([part('almond-flour', 200)]).flour).toBe(200);
    expect(functionalTotals([part('almond-flour', 90), part('all-purpose-flour', 200)]).flour).toBe(200);
    expect(functionalTotals([part('almond-flour', 100), part('all-purpose-flour', 150)]).flour).toBe(250);
  });
});

describe('functionalTotals', () => {
  const any = fc.record({
    index: fc.nat(INGREDIENTS.length - 1),
    grams: fc.double({ min: 0.1, max: 2000, noNaN: true }),
  });
  const batter = fc.array(any, { minLength: 1, maxLength: 20 }).map((list) =>
    list.map(({ index, grams }): WeighedPart => ({
      ingredient: INGREDIENTS[index] ?? part('egg', 1).ingredient,
      grams,
      preparation: 'none',
    })),
  );
  it('weighs as much as its parts, and twice the batch holds twice of everything', () => {
    fc.assert(
      fc.property(batter, (parts) => {
        const once = functionalTotals(parts);
        const twice = functionalTotals(parts.map((weighedPart) => ({ ...weighedPart, grams: weighedPart.grams * 2 })));
        expect(once.grams).toBeCloseTo(
          parts.reduce((sum, { grams }) => sum + grams, 0),
          6,
        );
        for (const key of ['flour', 'water', 'fat', 'sugar', 'eggSolids', 'salt', 'thirst'] as const)
          expect(twice[key]).toBeCloseTo(2 * once[key], 6);
      }),
      { numRuns: 60 },
    );
  });
  it('never holds more water, fat and sugar than its weight', () => {
    fc.assert(
      fc.property(batter, (parts) => {
        const { water, fat, sugar, grams } = functionalTotals(parts);
        expect(water + fat + sugar).toBeLessThanOrEqual(grams * 1.02);
      }),
      { numRuns: 60 },
    );
  });
  it('finds the salt in salted butter', () => {
    expect(functionalTotals([part('salted-butter', 100)]).salt).toBeCloseTo(1.7, 1);
    expect(functionalTotals([part('table-salt', 3)]).salt).toBeCloseTo(3, 6);
  });
});

describe('isBatter', () => {
  it('leaves frostings, glazes, toppings and soaks beside the batter', () => {
    for (const name of ['Frosting', 'For the glaze', 'Lemon drizzle', 'To feed', 'Streusel topping', 'Top'])
      expect(isBatter(name)).withContext(name).toBeFalse();
    for (const name of ['Batter', 'Cake', 'Dry', 'Wet', 'Dough', 'Muffins'])
      expect(isBatter(name)).withContext(name).toBeTrue();
  });
});
