import { plainContext, retyped, withAmount } from './index.js';

describe('retyped', () => {
  const corrected = { id: 'l1', text: '2 tbsp zorblax', ingredientId: 'honey', grams: 44 };
  it('keeps what it is while only the amount changes, and weighs it anew', () => {
    expect(retyped(corrected, '3 tbsp zorblax', plainContext('US'))).toEqual({
      id: 'l1',
      text: '3 tbsp zorblax',
      ingredientId: 'honey',
    });
  });
  it('forgets it when the name changes', () => {
    expect(retyped(corrected, '3 tbsp milk', plainContext('US'))).toEqual({ id: 'l1', text: '3 tbsp milk' });
  });
});

describe('withAmount', () => {
  const CHANGES: readonly (readonly [string, string, string])[] = [
    ['1 cup flour, sifted', '120 g', '120 g flour, sifted'],
    ['½ tsp of baking soda', '2 g', '2 g baking soda'],
    ['1 cup (120 g) flour', '2 cups', '2 cups flour'],
    ['Plain flour 225 g, sieved', '300 g', 'Plain flour 300 g, sieved'],
    ['butter (115 g)', '4 oz', 'butter (4 oz)'],
    ['- 2 large eggs', '3 large', '- 3 large eggs'],
    ['baking powder', '2 tsp', '2 tsp baking powder'],
  ];
  for (const [text, amount, expected] of CHANGES) {
    it(`puts ${amount} into “${text}”`, () => expect(withAmount(text, amount, plainContext('UK'))).toBe(expected));
  }
});
