import fc from 'fast-check';
import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { shoppingList } from './index.js';

const itemsOf = (needed: Parameters<typeof shoppingList>[0], stock: Readonly<Record<string, number>> = {}) =>
  shoppingList(needed, stock, 'UK').flatMap(({ items }) => items);

describe('a shopping list', () => {
  it('buys what is missing, whatever is needed and there: the packs and the stock hold it, less peel', () => {
    const ids = INGREDIENTS.map(({ id }) => id).filter((id) => id !== 'water');
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.integer({ min: 1, max: 8000 }),
        fc.integer({ min: 0, max: 4000 }),
        (ingredientId, grams, there) => {
          const [item] = itemsOf([{ ingredientId, name: ingredientId, grams }], { [ingredientId]: there });
          // made at home from something else: that is bought
          if (item?.ingredientId !== ingredientId) return;
          const sum = item.packs.reduce((total, pack) => total + pack.count * pack.grams, 0);
          expect(there + sum - item.wasteGrams)
            .withContext(ingredientId)
            .toBeGreaterThanOrEqual(grams * 0.979);
          if (there >= grams) expect(item.packs).toEqual([]);
        },
      ),
    );
  });
  it('names packs as they are sold: 346 g of plain flour are one bag of 500 g', () => {
    const [flour] = itemsOf([{ ingredientId: 'all-purpose-flour', name: 'plain flour', grams: 1846 }], {
      'all-purpose-flour': 1500,
    });
    expect(flour?.packs.map(({ count, grams }) => [count, grams])).toEqual([[1, 500]]);
    expect(flour?.leftOverGrams).toBeCloseTo(154, 0);
  });
  it('says what there is enough of, and nothing of the tap', () => {
    const items = itemsOf(
      [
        { ingredientId: 'baking-soda', name: 'soda', grams: 6 },
        { ingredientId: 'water', name: 'water', grams: 200 },
      ],
      { 'baking-soda': 40 },
    );
    expect(items.map(({ ingredientId, enough }) => [ingredientId, enough])).toEqual([['baking-soda', true]]);
  });
  it('buys limes once for their zest and their juice', () => {
    const items = itemsOf([
      { ingredientId: 'lime-juice', name: 'lime juice', grams: 60 },
      { ingredientId: 'lime-zest', name: 'lime zest', grams: 8 },
    ]);
    expect(items.map(({ name, packs }) => [name, packs.map(({ count, pieces }) => count * (pieces ?? 0))])).toEqual([
      ['lime', [2]],
    ]);
  });
  it('stands in the order of the shop', () => {
    const aisles = shoppingList(
      [
        { ingredientId: 'all-purpose-flour', name: 'flour', grams: 100 },
        { ingredientId: 'pear', name: 'pears', grams: 300 },
        { ingredientId: 'unsalted-butter', name: 'butter', grams: 100 },
      ],
      {},
      'UK',
    ).map(({ aisle }) => aisle);
    expect(aisles).toEqual(['produce', 'dairy and eggs', 'flour and sugar']);
  });
});
