import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { alternativesIn, readLine, type ReadingContext } from './index.js';

const CONTEXT: ReadingContext = { region: 'US', kitchen: PLAIN_KITCHEN };

/** Lines as bakers write them, with what they take and what they allow instead: written down before the reader was. */
const LINES: readonly (readonly [line: string, taken: string, other: string, more?: string])[] = [
  ['1/2 cup milk (or 1/3 cup water)', 'whole-milk', 'water'],
  ['1 1/2 cups milk (or water with 1 teaspoon vinegar)', 'whole-milk', 'water', 'white-vinegar'],
  ['1/2 cup butter or margarine', 'unsalted-butter', 'baking-margarine'],
  ['3/4 cup butter or 2/3 cup vegetable oil', 'unsalted-butter', 'vegetable-oil'],
  ['2 tbsp rum or brandy', 'dark-rum', 'brandy'],
  ['1 cup walnuts (or pecans), chopped', 'walnuts', 'pecans'],
  ['200 g sour cream, or Greek yogurt', 'sour-cream', 'greek-yogurt'],
  ['60 ml honey (or maple syrup)', 'honey', 'maple-syrup'],
  ['1 tsp lemon juice or white vinegar', 'lemon-juice', 'white-vinegar'],
  ['240 ml buttermilk (or kefir), at room temperature', 'buttermilk', 'kefir'],
  ['250 g plain flour or spelt flour, sifted', 'all-purpose-flour', 'white-spelt-flour'],
];
/** Lines that allow nothing else. */
const NONE = [
  '1 or 2 eggs',
  '2 cups or 200 grams of sugar',
  '100 g butter (1/2 cup)',
  '250 g flour, or as needed',
  '3 pears (or so), sliced',
  '1 tsp vanilla',
  '',
];

describe('alternatives', () => {
  for (const [line, taken, other, more] of LINES)
    it(`are kept, and what stands first is taken: ${line}`, () => {
      expect(readLine(line, CONTEXT)[0]?.ingredient?.id).toBe(taken);
      const [alternative, second] = alternativesIn(line, CONTEXT);
      expect(alternative?.ingredient.id).toBe(other);
      expect(alternative?.grams).toBeGreaterThan(1);
      expect(alternative?.with.map(({ ingredient }) => ingredient.id)).toEqual(more === undefined ? [] : [more]);
      expect(second).toBeUndefined();
    });
  for (const line of NONE)
    it(`are none: ${line}`, () => {
      expect(alternativesIn(line, CONTEXT)).toEqual([]);
    });
  it('taken, change places with what stood first, and back again', () => {
    for (const [line, taken, other] of LINES) {
      const there = alternativesIn(line, CONTEXT)[0]?.lineWithIt ?? '';
      expect(readLine(there, CONTEXT)[0]?.ingredient?.id).withContext(there).toBe(other);
      const back = alternativesIn(there, CONTEXT)[0];
      expect(back?.ingredient.id).withContext(there).toBe(taken);
      expect(readLine(back?.lineWithIt ?? '', CONTEXT)[0]?.ingredient?.id)
        .withContext(back?.lineWithIt ?? '')
        .toBe(taken);
    }
  });
});
