import fc from 'fast-check';
import { numberFrom, readAmount } from './amounts.js';
import { normalise } from './normalise.js';

describe('numberFrom', () => {
  const WRITTEN: readonly (readonly [string, number])[] = [
    ['1', 1], ['2.5', 2.5], ['2,5', 2.5], ['1/2', 0.5], ['1 1/2', 1.5], ['1-1/2', 1.5], ['1 and 3/4', 1.75], ['1,500', 1500], ['.25', 0.25], ['one', 1], ['a dozen', 12],
    ['half', 0.5], ['half a', 0.5], ['three quarters', 0.75], ['two-thirds', 2 / 3], ['one and a half', 1.5], ['a quarter of a', 0.25], ['half a dozen', 6], ['a couple', 2],
  ]; // prettier-ignore
  for (const [written, value] of WRITTEN) {
    it(`reads "${written}" as ${value}`, () => {
      expect(numberFrom(written)).toBeCloseTo(value, 9);
    });
  }
  it('reads every vulgar fraction as its value', () => {
    for (const [mark, value] of [
      ['½', 1 / 2],
      ['⅓', 1 / 3],
      ['⅔', 2 / 3],
      ['¼', 1 / 4],
      ['¾', 3 / 4],
      ['⅛', 1 / 8],
      ['⅜', 3 / 8],
      ['⅝', 5 / 8],
      ['⅞', 7 / 8],
      ['1½', 1.5],
      ['2⅓', 7 / 3],
    ] as const) {
      expect(numberFrom(normalise(mark)))
        .withContext(mark)
        .toBeCloseTo(value, 9);
    }
  });
  it('reads any mixed number that it is given', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 99 }),
        fc.integer({ min: 1, max: 15 }),
        fc.integer({ min: 2, max: 16 }),
        (whole, top, bottom) => {
          expect(numberFrom(whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`)).toBeCloseTo(
            whole + top / bottom,
            9,
          );
        },
      ),
    );
  });
  it('is undefined for what is no number, and for a division by nothing', () => {
    expect(numberFrom('pear')).toBeUndefined();
    expect(numberFrom('1/0')).toBeUndefined();
  });
});

describe('readAmount', () => {
  const READ: readonly (readonly [string, number, number, string | undefined, string])[] = [
    ['1 3/4 cups all-purpose flour', 1.75, 1.75, 'cup', 'all-purpose flour'],
    ['2-3 tbsp milk', 2, 3, 'tablespoon', 'milk'],
    ['2 to 3 pears', 2, 3, undefined, 'pears'],
    ['about 340 g banana', 340, 340, 'gram', 'banana'],
    ['250g flour', 250, 250, 'gram', 'flour'],
    ['1.5 kg flour', 1.5, 1.5, 'kilogram', 'flour'],
    ['5 fl oz milk', 5, 5, 'fluid-ounce', 'milk'],
    ['half a cup of sugar', 0.5, 0.5, 'cup', 'sugar'],
    ['a pinch of salt', 1, 1, 'pinch', 'salt'],
    ['Knob of butter', 1, 1, 'knob', 'butter'],
    ['one and a half cups oats', 1.5, 1.5, 'cup', 'oats'],
    ['1 dl sugar', 1, 1, 'decilitre', 'sugar'],
    ['1 T powder', 1, 1, 'tablespoon', 'powder'],
    ['1 t soda', 1, 1, 'teaspoon', 'soda'],
  ];
  for (const [text, low, high, unit, rest] of READ) {
    it(`reads "${text}"`, () => {
      const amount = readAmount(text);
      expect(amount?.parts[0]?.quantity).toEqual({ low, high });
      expect(amount?.parts[0]?.unit?.id).toBe(unit);
      expect(amount?.rest).toBe(rest);
    });
  }
  it('adds and takes off parts', () => {
    expect(readAmount('1 cup plus 2 tbsp flour')?.parts.map(({ sign }) => sign)).toEqual([1, 1]);
    expect(readAmount('1 cup minus 1 tbsp flour')?.parts.map(({ sign }) => sign)).toEqual([1, -1]);
    expect(readAmount('1 lb 2 oz flour')?.parts.length).toBe(2);
  });
  it('keeps an amount given twice apart', () => {
    expect(readAmount('1 cup (120 g) flour')?.again[0]?.unit?.id).toBe('gram');
    expect(readAmount('50g/2oz butter')?.again[0]?.unit?.id).toBe('ounce');
  });
  it('weighs fullness: heaped is more, scant is less', () => {
    expect(readAmount('1 heaped tsp soda')?.parts[0]?.factor).toBeGreaterThan(1.3);
    expect(readAmount('a scant cup milk')?.parts[0]?.factor).toBeLessThan(1);
  });
  it('does not begin where there is no amount', () => {
    expect(readAmount('salt')).toBeUndefined();
    expect(readAmount('')).toBeUndefined();
  });
});
