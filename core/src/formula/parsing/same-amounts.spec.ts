import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { readLine } from './index.js';

/** An amount, and other ways of writing the same. */
const SAME: readonly (readonly [plain: string, ways: readonly string[]])[] = [
  ['1.5 cups', ['1 1/2 cups', '1½ cups', '1 ½ cups', '1-1/2 cups', '1 and 1/2 cups', 'one and a half cups', 'one and one-half cups', '1 1/2 c.', '1.5 c', '1 & 1/2 cups', '1 1⁄2 cups', '1 cup + 1/2 cup', '1 1/2 Cups']],
  ['0.5 teaspoon', ['1/2 teaspoon', '½ tsp', '1/2 tsp.', 'half a teaspoon', '1/2 t', '1/2 teasp', 'one-half teaspoon', '.5 tsp']],
  ['2 tablespoons', ['2 tbsp', '2 Tbsp.', '2 T', '2 tbs', '2 tablesp.', 'two tablespoons', '2 level tablespoons', '2tbsp', '2 TBSP']],
  ['250 g', ['250g', '250 grams', '250 gr', '250 gm', '0.25 kg', '250 g.', '250 grammes', '¼ kg', '250 gms']],
  ['8 oz', ['8oz', '8 ounces', '8 oz.', '1/2 lb', 'half a pound', '½ pound', 'eight ounces', '8-oz']],
  ['100 ml', ['100ml', '1 dl', '10 cl', '100 mL', '100 millilitres', '0.1 l', '100 ccm', '100 cc']],
  ['0.75 cup', ['3/4 cup', '¾ cup', 'three-quarters of a cup', 'three-fourths cup', '3/4 of a cup']],
  ['2.25 cups', ['two and a quarter cups', '2 and one-quarter cups', '2¼ cups', '2 1/4 c']],
]; // prettier-ignore
/** Each twelfth of the pantry by its American name. */
const SOME = INGREDIENTS.filter((_, i) => i % 12 === 0).map(({ nameUs }) => nameUs.replace(/\s*\(.*?\)/g, ''));

const weighed = (line: string) => {
  const entries = readLine(line, { region: 'US', kitchen: PLAIN_KITCHEN });
  const grams = entries.reduce((sum, { weight }) => sum + (weight?.grams ?? 0), 0);
  return `${[...new Set(entries.map(({ ingredient }) => ingredient?.id))].join(' and ')} ${grams.toPrecision(4)}`;
};

describe('one amount, however it is written', () => {
  for (const [plain, ways] of SAME)
    it(`weighs the same: ${plain}`, () => {
      for (const name of SOME)
        for (const way of ways) expect(weighed(`${way} ${name}`)).withContext(`${way} ${name}`).toBe(weighed(`${plain} ${name}`)); // prettier-ignore
    });
  it('is what it says', () => {
    expect(weighed('one-third cup milk')).toBe(weighed('1/3 cup milk'));
    expect(weighed('whites of 3 eggs')).toBe(weighed('3 egg whites'));
    expect(weighed('a scant half cup milk')).toBe(weighed('0.45 cup milk'));
  });
});
