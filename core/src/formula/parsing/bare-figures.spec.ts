import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { readLine } from './index.js';

/* A figure without a measure: pieces of what is counted, grams of what nobody counts, and a question where it can be neither. */
const read = (text: string) => readLine(text, { region: 'UK', kitchen: PLAIN_KITCHEN });

describe('a figure without a measure', () => {
  it('is grams of what nobody counts, and says so', () => {
    for (const text of ['300 plain flour', '200 buttermilk', '100 butter']) {
      const [entry] = read(text);
      expect(entry?.weight?.grams).withContext(text).toBe(Number.parseInt(text));
      expect(entry?.problems.map(({ code }) => code)).toEqual(['grams-assumed']);
    }
  });
  it('is pieces of what is counted, pods of a spice too', () => {
    expect(read('24 strawberries')[0]?.weight?.grams).toBeGreaterThan(100);
    expect(read('twenty cardamom pods')[0]?.weight?.grams).toBeLessThan(10);
  });
  it('is grams of egg, and pieces of eggs', () => {
    expect(read('120 egg')[0]?.weight?.grams).toBe(120);
    expect(read('24 eggs')[0]?.weight?.grams).toBeGreaterThan(1000);
  });
  it('asks, where so few can be neither', () => {
    for (const text of ['6 salt', '4 butter', '15 baking powder']) {
      const [entry] = read(text);
      expect(entry?.weight).withContext(text).toBeUndefined();
      expect(entry?.problems.map(({ code }) => code)).toEqual(['cannot-weigh']);
    }
  });
  it('is in the ounces of the thing before it, in one row', () => {
    const grams = read('8 oz flour, 4 butter, 4 sugar, 2 eggs').map(({ weight }) => Math.round(weight?.grams ?? 0));
    expect(grams.slice(0, 3)).toEqual([227, 113, 113]);
    expect(grams[3]).toBeGreaterThan(80);
  });
});
