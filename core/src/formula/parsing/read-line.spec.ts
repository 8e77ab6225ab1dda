import type { Region } from '../../ground/units/index.js';
import { plainContext } from './context.js';
import { readLine } from './read-line.js';

/** Written line, region, and every ingredient in it with its grams: worked out by hand from densities, piece weights and definitions. */
type Line = readonly [string, Region, ...(readonly [string, number])[]];
const CORPUS: readonly Line[] = [
  ['1 3/4 cups all-purpose flour', 'US', ['all-purpose-flour', 219]],
  ['1¾ cups plain flour', 'AU', ['all-purpose-flour', 232]],
  ['225 g plain flour', 'UK', ['all-purpose-flour', 225]],
  ['8 oz plain flour', 'UK', ['all-purpose-flour', 226.8]],
  ['1 lb 2 oz strong white flour', 'UK', ['bread-flour', 510.3]],
  ['Plain flour 260g', 'UK', ['all-purpose-flour', 260]],
  ['flour - 2 cups', 'US', ['all-purpose-flour', 251]],
  ['2 cups flour, scooped', 'US', ['all-purpose-flour', 289]],
  ['2 cups sifted cake flour', 'US', ['cake-flour', 199]],
  ['1/2 tsp baking soda', 'US', ['baking-soda', 2.4]],
  ['½ tsp bicarb', 'UK', ['baking-soda', 2.5]],
  ['1 level tsp bicarbonate of soda', 'UK', ['baking-soda', 4.9]],
  ['2 heaped tsp baking powder', 'UK', ['uk-baking-powder', 14.4]],
  ['1 tbsp baking powder', 'US', ['baking-powder', 13.8]],
  ['2 large eggs', 'US', ['egg', 100]],
  ['2 large eggs', 'UK', ['egg', 120]],
  ['3 eggs (medium)', 'UK', ['egg', 153]],
  ['Eggs 2 medium', 'UK', ['egg', 102]],
  ['2 egg whites', 'US', ['egg-white', 66]],
  ['3 ripe pears, puréed (about 240 g)', 'US', ['pear', 240]],
  ['two ripe bananas', 'US', ['banana', 236]],
  ['½ stick butter', 'US', ['unsalted-butter', 56.7]],
  ['half a stick of butter, melted', 'US', ['unsalted-butter', 56.7]],
  ['6 T cold butter, cubed', 'US', ['unsalted-butter', 85.2]],
  ['Butter, 70 g, cold', 'UK', ['unsalted-butter', 70]],
  ['Unsalted butter 90g, melted', 'UK', ['unsalted-butter', 90]],
  ['1 cup (200 g) sugar', 'US', ['granulated-sugar', 200]],
  ['50g/2oz caster sugar', 'UK', ['superfine-sugar', 50]],
  ['6 oz / 170 g soft butter', 'UK', ['unsalted-butter', 170]],
  ['2/3 cup light brown sugar, packed', 'US', ['light-brown-sugar', 147]],
  ['100g light muscovado', 'UK', ['light-muscovado-sugar', 100]],
  ['1 3/4 cups plus 2 tbsp buttermilk', 'US', ['buttermilk', 459]],
  ['1 cup minus 1 tbsp milk', 'US', ['whole-milk', 228]],
  ['220ml buttermilk', 'UK', ['buttermilk', 228]],
  ['Milk, 75 ml plus a little to glaze', 'UK', ['whole-milk', 77]],
  ['2 dl milk', 'EU', ['whole-milk', 206]],
  ['5 fl oz milk', 'UK', ['whole-milk', 146]],
  ['7 tbsp vegetable oil', 'US', ['vegetable-oil', 95]],
  ['zest of 1 lemon', 'UK', ['lemon-zest', 6]],
  ['juice of 2 limes', 'UK', ['lime-juice', 60]],
  ['juice and zest of 2 limes', 'UK', ['lime-juice', 60], ['lime-zest', 8]],
  ['1 small leek, finely sliced (90 g)', 'US', ['leek', 90]],
  ['1 x 400 g tin coconut milk', 'UK', ['coconut-milk', 400]],
  ['a 400 g tin of pumpkin purée', 'UK', ['pumpkin-puree', 400]],
  ['2 tsp baking powder and ½ tsp salt', 'UK', ['uk-baking-powder', 9], ['table-salt', 3]],
  ['225g SR flour, 175g caster, 3 large eggs', 'UK', ['self-raising-flour', 225], ['superfine-sugar', 175], ['egg', 180]],
  ['2 large eggs + 3/4 cup sugar', 'US', ['egg', 100], ['granulated-sugar', 150]],
  ["You'll want 2 cups flour, 1 tsp baking soda and a pinch of salt", 'US', ['all-purpose-flour', 251], ['baking-soda', 4.9], ['table-salt', 0.4]],
  ['to feed: 4 tbsp dry cider', 'UK', ['hard-cider', 61]],
  ['Salt, a pinch', 'UK', ['table-salt', 0.38]],
  ['pinch salt', 'UK', ['table-salt', 0.38]],
  ['a handful of walnuts', 'UK', ['walnuts', 30]],
  ['a handful of walnuts (50 g)', 'UK', ['walnuts', 50]],
  ['large handful spinach (60g)', 'UK', ['spinach', 60]],
  ['2 handfuls raisins, about 80 g', 'UK', ['raisins', 80]],
  ['a knob of butter (20 g)', 'UK', ['unsalted-butter', 20]],
  ['dollop yogurt (40g)', 'UK', ['plain-yogurt', 40]],
  ['pinch of salt (1 g)', 'UK', ['table-salt', 1]],
  ['Butter half a stick', 'US', ['unsalted-butter', 56.7]],
  ['1 cup curd', 'IN', ['plain-yogurt', 248]],
]; // prettier-ignore

describe('readLine', () => {
  for (const [text, region, ...expected] of CORPUS) {
    it(`weighs "${text}" (${region})`, () => {
      const entries = readLine(text, plainContext(region));
      expect(entries.map(({ ingredient }) => ingredient?.id)).toEqual(expected.map(([id]) => id));
      expected.forEach(([id, grams], i) => {
        const found = entries[i]?.weight?.grams ?? 0;
        // pieces and pinches vary more than spoons: a twelfth is what the hand-worked figures are good for
        expect(Math.abs(found / grams - 1))
          .withContext(`${id}: ${found} g`)
          .toBeLessThan(0.085);
      });
    });
  }
  it('reads what is done with shares of a thing as said of it', () => {
    for (const line of ['150 g cheddar, 100 g grated, 50 g in cubes', '2 pears, 1 diced, 1 sliced'])
      expect(readLine(line, plainContext('UK')).length)
        .withContext(line)
        .toBe(1);
  });
  it('keeps the line exactly as written, for every ingredient in it', () => {
    const text = '  2 tsp baking powder and ½ tsp salt ';
    for (const entry of readLine(text, plainContext('UK'))) expect(entry.text).toBe(text);
  });
  it('marks what it does not know, with the words it took for the name', () => {
    const [entry] = readLine('2 tbsp zorblax', plainContext('US'));
    expect(entry?.ingredient).toBeUndefined();
    expect(entry?.problems[0]).toEqual(
      jasmine.objectContaining({ code: 'ingredient-unknown', facts: jasmine.objectContaining({ name: 'zorblax' }) }),
    );
  });
  it('lets a measured thing of an unknown name stand for itself, not sink into a note', () => {
    const entries = readLine('200 g flour, 30 g zorblax, 50 g sugar', plainContext('US'));
    expect(entries.map(({ ingredient }) => ingredient?.id)).toEqual([
      'all-purpose-flour',
      undefined,
      'granulated-sugar',
    ]);
  });
  it('finds two amounts that disagree beyond what filling explains', () => {
    const codes = (text: string) => readLine(text, plainContext('US'))[0]?.problems.map(({ code }) => code);
    expect(codes('1 cup (240 g) flour')).toContain('amounts-disagree');
    expect(codes('1 cup (120 g) flour')).not.toContain('amounts-disagree');
    expect(codes('1 cup (145 g) flour')).not.toContain('amounts-disagree');
  });
  it('takes what is weighed for a vague measure’s own word: nothing disagrees with a handful', () => {
    for (const text of [
      'a handful of walnuts (50 g)',
      'pinch of salt (1 g)',
      'good handful of grated cheddar, about 60g',
    ]) {
      const [entry] = readLine(text, plainContext('UK'));
      expect(entry?.problems).withContext(text).toEqual([]);
    }
    const [drizzled] = readLine('Drizzle honey over the top', plainContext('UK'));
    expect(drizzled?.quantity).toBeUndefined();
  });
  it('says when an amount, an egg size or a certain meaning is missing', () => {
    const codes = (text: string) =>
      readLine(text, plainContext('UK')).flatMap(({ problems }) => problems.map(({ code }) => code));
    expect(codes('baking powder')).toContain('amount-missing');
    expect(codes('3 eggs')).toContain('egg-size-assumed');
    expect(codes('3 large eggs')).not.toContain('egg-size-assumed');
    expect(codes('200 g milk or buttermilk')).toContain('alternative-taken');
  });
  it('takes the baker’s word over its own', () => {
    const [entry] = readLine('2 tbsp zorblax', plainContext('US'), { ingredientId: 'honey', grams: 44 });
    expect(entry?.ingredient?.id).toBe('honey');
    expect(entry?.weight?.grams).toBe(44);
    expect(entry?.problems).toEqual([]);
  });
  it('has a spread: a cup of flour is 115 to 150 g, a weight hardly varies', () => {
    const cup = readLine('1 cup flour', plainContext('US'))[0]?.weight;
    expect(cup?.low).toBeGreaterThan(105);
    expect(cup?.high).toBeLessThan(160);
    expect((cup?.high ?? 0) - (cup?.low ?? 0)).toBeGreaterThan(25);
    const scale = readLine('120 g flour', plainContext('US'))[0]?.weight;
    expect((scale?.high ?? 0) - (scale?.low ?? 0)).toBeLessThan(4);
  });
});
