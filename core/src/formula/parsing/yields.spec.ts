import { readYield } from './index.js';

describe('readYield', () => {
  const SAID: readonly (readonly [string, number, number, string])[] = [
    ['makes 12', 12, 12, ''],
    ['Serves 8-10', 8, 10, 'portions'],
    ['Yield: 8 scones', 8, 8, 'scones'],
    ['makes about 24 small muffins', 24, 24, 'small muffins'],
    ['Makes two loaves.', 2, 2, 'loaves'],
    ['makes a dozen', 12, 12, ''],
  ];
  for (const [text, low, high, of] of SAID) {
    it(`reads “${text}”`, () => expect(readYield(text)).toEqual({ count: { low, high }, of }));
  }
  it('has nothing to say where no number is', () => expect(readYield('makes plenty for everyone')).toBeUndefined());
});
