import type { Region } from '../../ground/units/index.js';
import { plainContext } from './context.js';
import { readFormula } from './read-formula.js';
import { readLine } from './read-line.js';

/** Written line, region, and every ingredient in it with its grams: worked out by hand from densities, eggs and definitions. */
type Line = readonly [string, Region, ...(readonly [string, number])[]];
const OTHER_WAYS: readonly Line[] = [
  ['7fl.oz. milk', 'UK', ['whole-milk', 205]],
  ['one 15-ounce can pumpkin puree', 'US', ['pumpkin-puree', 425]],
  ['1 15-oz can pumpkin puree', 'US', ['pumpkin-puree', 425]],
  ['2 400 g tins of coconut milk', 'UK', ['coconut-milk', 800]],
  ['1 (8 oz) container sour cream', 'US', ['sour-cream', 226.8]],
  ['1 dessert spoon golden syrup', 'UK', ['golden-syrup', 14.3]],
  ['1 x 5ml spoon bicarbonate of soda', 'UK', ['baking-soda', 4.9]],
  ['2 x 15ml spoons treacle', 'UK', ['black-treacle', 42]],
  ['half a 250g pack of butter', 'UK', ['unsalted-butter', 125]],
  ['1 metric cup milk', 'AU', ['whole-milk', 258]],
  ['juice 1/2 lemon', 'UK', ['lemon-juice', 22.5]],
  ['zest & juice 1 unwaxed lemon', 'UK', ['lemon-zest', 6], ['lemon-juice', 45]],
  ['1 (heaping) teaspoon baking powder', 'US', ['baking-powder', 7.2]],
  ['2 teasp baking powder', 'UK', ['uk-baking-powder', 9]],
  ['200 grm sugar', 'UK', ['granulated-sugar', 200]],
  ['butter the size of a walnut', 'UK', ['unsalted-butter', 20]],
  ['150g raisins soaked in tea', 'UK', ['raisins', 150]],
  [
    'equal weights (150g) of butter, sugar and flour',
    'UK',
    ['unsalted-butter', 150],
    ['granulated-sugar', 150],
    ['all-purpose-flour', 150],
  ],
  [
    'flour 8oz, sugar 4oz, marg 4oz',
    'UK',
    ['all-purpose-flour', 226.8],
    ['granulated-sugar', 113.4],
    ['baking-margarine', 113.4],
  ],
  ['Butter 100g + sugar 100g', 'UK', ['unsalted-butter', 100], ['granulated-sugar', 100]],
  ['1 egg + enough milk to make 150ml', 'UK', ['egg', 51], ['whole-milk', 102]],
  ['1 egg made up to 150 ml with milk', 'UK', ['egg', 51], ['whole-milk', 102]],
  ['1 T vinegar + milk to make 1 cup', 'US', ['white-vinegar', 15], ['whole-milk', 228]],
  ['2 eggs and their weight in flour', 'UK', ['egg', 102], ['all-purpose-flour', 116]],
  [
    'Dry: 200g flour, 2 tsp baking powder, pinch salt',
    'UK',
    ['all-purpose-flour', 200],
    ['uk-baking-powder', 9],
    ['table-salt', 0.38],
  ],
  ['25g butter, melted, plus 10g for the tin', 'UK', ['unsalted-butter', 25]],
  ['100g dark chocolate, 70% cocoa solids, roughly chopped', 'UK', ['dark-chocolate-70', 100]],
  ['250g mix of wholemeal and plain flour', 'UK', ['whole-wheat-flour', 125], ['all-purpose-flour', 125]],
  ['200 g flour (half wholemeal)', 'UK', ['whole-wheat-flour', 100], ['all-purpose-flour', 100]],
  ['one and three-quarter cups flour', 'US', ['all-purpose-flour', 219.4]],
  ['1 pot plain yoghurt (use the pot to measure)', 'UK', ['plain-yogurt', 150]],
  ['2 pots caster sugar', 'UK', ['superfine-sugar', 246]],
  ['½ pot sunflower oil', 'UK', ['sunflower-oil', 66.7]],
  ['handful of oats to sprinkle', 'UK', ['rolled-oats', 30]],
  ['twenty cardamom pods', 'UK', ['ground-cardamom', 6]],
  ['2 eggs (L)', 'UK', ['egg', 120]],
  ['a walnut-sized knob of butter', 'UK', ['unsalted-butter', 20]],
  ['½ a 400g tin of coconut milk', 'UK', ['coconut-milk', 200]],
  ['100g pitted dates, chopped & soaked in 100ml boiling water', 'UK', ['dates', 100], ['water', 100]],
  ['1 tsp bicarb dissolved in 1 tbsp hot water', 'UK', ['baking-soda', 4.9], ['water', 15]],
  ['200g sultanas soaked overnight in 150 ml cold tea', 'UK', ['golden-raisins', 200], ['black-tea', 150]],
  ['100g vegan choc chips', 'UK', ['vegan-chocolate-chips', 100]],
  ['2 EL Zimtzucker', 'EU', ['granulated-sugar', 25.4]],
  ['175ml milk + squeeze lemon', 'UK', ['whole-milk', 180.3], ['lemon-juice', 5.2]],
  ['2 lemons (juice and zest)', 'UK', ['lemon-juice', 90], ['lemon-zest', 12]],
  ['1 orange (zest only)', 'UK', ['orange-zest', 12]],
  ['2 Zitronen (Saft und Schale)', 'EU', ['lemon-juice', 90], ['lemon-zest', 12]],
  ['2 Zitronen, Saft und Schale', 'EU', ['lemon-juice', 90], ['lemon-zest', 12]],
  ['1 sachet baking powder', 'UK', ['uk-baking-powder', 15.5]],
  ['2 XL eggs', 'EU', ['egg', 138]],
  ['1 tsp bicarb in a little boiling water', 'UK', ['baking-soda', 4.9]],
  ['1 tsp bicarb in 2 tbsp hot water', 'UK', ['baking-soda', 4.9], ['water', 30]],
  ['2 dsp b.p.', 'UK', ['uk-baking-powder', 18]],
  ['1 pkt dates chopped', 'UK', ['dates', 200]],
  ['2 and a half cups flour', 'US', ['all-purpose-flour', 312]],
  ['1 and 1/4 cups flour', 'US', ['all-purpose-flour', 156]],
  ['🫐 200g frozen blueberries', 'UK', ['blueberries', 200]],
  ['+ 1 tsp b/powder', 'UK', ['uk-baking-powder', 4.5]],
  ['juice of the 2 lemons', 'UK', ['lemon-juice', 90]],
  ['6oz ic sugar', 'UK', ['powdered-sugar', 170]],
  ['2 cups flour, plus 1 Tbsp for tossing berries', 'US', ['all-purpose-flour', 250], ['all-purpose-flour', 8]],
  ['a walnut of butter', 'UK', ['unsalted-butter', 20]],
  ['a piece of lard the size of an egg', 'UK', ['lard', 55]],
  ['1 egg made up to 150ml w milk', 'UK', ['egg', 51], ['whole-milk', 102]],
  [
    '2 cups flour - 1/2 cup sugar - 1 tbsp baking powder',
    'US',
    ['all-purpose-flour', 250],
    ['granulated-sugar', 100],
    ['baking-powder', 14.4],
  ],
];

describe('what is written another way', () => {
  for (const [text, region, ...expected] of OTHER_WAYS)
    it(`is read as it is meant: "${text}" (${region})`, () => {
      const entries = readLine(text, plainContext(region));
      expect(entries.map(({ ingredient }) => ingredient?.id)).toEqual(expected.map(([id]) => id));
      for (const [i, [id, grams]] of expected.entries())
        expect(Math.abs((entries[i]?.weight?.grams ?? 0) / grams - 1)).withContext(`${id}: ${entries[i]?.weight?.grams ?? 0} g`).toBeLessThan(0.085);
      expect(entries.flatMap(({ problems }) => problems.filter(({ severity }) => severity !== 'note'))).toEqual([]);
      for (const entry of entries) expect(entry.text).toBe(text);
    });
  it('makes nothing up where more is there than the measure holds', () => {
    const entries = readLine('3 eggs made up to 50 ml with milk', plainContext('UK'));
    expect(entries.filter(({ ingredient }) => ingredient?.id === 'whole-milk').every(({ weight }) => weight === undefined)).toBeTrue();
  });
  it('heads the part that is named in the line of its things, each thing a line of its own', () => {
    const text = 'Quay plum cake\nDry: 200g flour, 2 tsp baking powder, pinch salt\nWet - 2 eggs, 150 ml milk, 60 ml oil\nTopping: 2 tbsp sugar; 1 tsp cinnamon\nBake at 180C for 40 min in a 20 cm round tin';
    const reading = readFormula(text, 'UK');
    if (reading.kind !== 'read') throw new Error(reading.problem.code);
    const { formula: { title, components, bake } } = reading;
    expect([title, bake.celsius]).toEqual(['Quay plum cake', 180]);
    expect(components.map(({ name, lines }) => [name, ...lines.map((line) => line.text)])).toEqual([
      ['Dry', '200g flour', '2 tsp baking powder', 'pinch salt'],
      ['Wet', '2 eggs', '150 ml milk', '60 ml oil'],
      ['Topping', '2 tbsp sugar', '1 tsp cinnamon'],
    ]);
  });
}); // prettier-ignore
