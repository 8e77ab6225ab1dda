import { weighFormula } from '../parsing/index.js';
import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { readText } from './index.js';
import { openingOf, titleOf } from './opening.js';

/** What is said before the first amount, and what it calls the bake. */
const SAID: readonly (readonly [before: string, title: string | undefined, serves?: string])[] = [
  ['Banana bread, serves 8. You will need: ', 'Banana bread', 'serves 8'],
  ["Hi love, here's gran's gingerbread: ", 'Gran’s gingerbread'.replace('’', "'")],
  ['This is my quay plum cake. Take ', 'Quay plum cake'],
  ['Seed muffins (makes 12) - ', 'Seed muffins', 'makes 12'],
  ['Right, so these are the harbour scones! ', 'Harbour scones'],
  ['hey! so for the banana muffins: mash ', 'Banana muffins'],
  ['You take ', undefined],
  [
    'Well I always begin with the eggs because the hens lay so many in spring and nobody else here eats cake. ',
    undefined,
  ],
  ['', undefined],
];

describe('the opening of a told text', () => {
  for (const [before, title, serves] of SAID)
    it(`${title === undefined ? 'names nothing' : `calls it ${title}`}: “${before}”`, () => {
      const opening = openingOf(before);
      expect(opening?.title).toBe(title);
      expect(opening?.yield).toBe(serves);
    });
  it('parts a yield from a title', () => {
    expect(titleOf('## SCONES (makes 8)')).toEqual({ title: 'SCONES', yield: 'makes 8' });
    expect(titleOf('Oat farls:')).toEqual({ title: 'Oat farls' });
  });
  it('becomes the title and the yield, and is said nowhere else; a list in a sentence is no step', () => {
    const text =
      'Banana bread, serves 8. You will need: three very ripe bananas, a cup and a half of plain flour, three quarters of a cup of brown sugar, one egg, a teaspoon of baking soda and a pinch of salt. Mash the bananas, stir in sugar and egg. Fold in the rest. Bake in a 4x8 inch loaf pan at 350°F for about an hour.';
    const reading = readText(text, 'US');
    if (reading.kind !== 'read') throw new Error(reading.problem.code);
    const { title, yield: serves, notes = [], steps, components } = reading.formula;
    expect([title, serves, notes]).toEqual(['Banana bread', 'serves 8', []]);
    expect(components.flatMap(({ lines }) => lines).length).toBe(6);
    expect(steps.map((step) => step.text)).toEqual([
      'Mash the bananas, stir in sugar and egg.',
      'Fold in the rest.',
      'Bake in a 4x8 inch loaf pan at 350°F for about an hour.',
    ]);
  });
  it('leaves a terse bake readable: a tin, a figure, minutes', () => {
    const reading = readText('brownies\n100g flour\n3 eggs\n250g sugar\n180g butter\nmelt, whisk, fold. 20cm sq tin 180 25min', 'UK');
    expect(reading.kind === 'read' && reading.formula.bake).toEqual({ fan: false, celsius: 180, lowMinutes: 25, highMinutes: 25, pan: '20cm sq tin' });
  });
}); // prettier-ignore

describe('what a told text says besides its lines', () => {
  const told = (text: string) => formulaRead(readText(text, 'UK'));
  it('is a step where something is done to what is listed', () => {
    const { steps } = told('Take a pound of flour, half a pound of butter rubbed into it, half a pound of sugar, a teaspoonful of bicarbonate, 2 eggs and enough sour milk to make a soft dough. Bake in a moderate oven 1 hour.');
    expect(steps.map(({ text }) => text.includes('enough sour milk to make a soft dough'))).toEqual([true, false]);
  });
  it('is what a jug still takes', () => {
    const lines = (end: string) =>
      told(`These scones never fail me. You'll want 450g of self-raising, a good pinch of salt, 100g cold butter and 50g of caster. Rub that together. Beat one egg in a jug and ${end}. 220 for 12 to 15 minutes.`)
        .components.flatMap((component) => component.lines.map(({ text }) => text));
    expect(lines('top it up to 250 ml with milk, and stir that in with a knife').at(-1)).toBe('199 ml milk');
    expect(lines('make it up to half a pint with buttermilk').at(-1)).toBe('233 ml buttermilk');
    expect(lines('make it up to 20 ml with milk').length).toBe(5);
  });
  it('is how many it makes', () => {
    expect(told('Cheese scones\nSR flour 350g\npinch salt, 1 tsp mustard powder\n85g cold butter rubbed in\n175ml milk + squeeze lemon\n220C/200 fan/gas 7 - 12 mins. makes 8').yield).toBe('makes 8');
  });
  it('loses nothing that is measured behind a word of cutting', () => {
    const { components } = told('Quay biscuits. Whisk 2 cups (240 g) flour, 1 tbsp baking powder, 1 tsp kosher salt. Cut in 6 tbsp (85 g) cold butter. Stir in 3/4 cup buttermilk. Cut into 8 rounds. Bake 450F 12-14 min.');
    expect(components.flatMap(({ lines }) => lines).map(({ text }) => text)).toContain('6 tbsp (85 g) cold butter');
    expect(components.flatMap(({ lines }) => lines).length).toBe(5);
  });
  it('finds every thing of a list in one line, under the name of its part', () => {
    const formula = told(
      'Plum crumble cake\n\nCake\n200 g flour, 1.5 tsp baking powder, 120 g sugar, 120 g butter, 2 eggs, lightly beaten, 80 ml milk\nFor the crumble: 80 g flour, 50 g butter, 50 g demerara\n\nCream the butter and sugar, add eggs, flour and milk. 23cm springform, crumble on top, 170C 55 mins',
    );
    const found = weighFormula(formula).components.map(({ name, lines }) => [name, ...lines.flatMap(({ entries }) => entries.map(({ ingredient }) => ingredient?.id))]); // prettier-ignore
    expect(found).toEqual([
      ['Cake', 'all-purpose-flour', 'uk-baking-powder', 'granulated-sugar', 'unsalted-butter', 'egg', 'whole-milk'],
      ['Crumble', 'all-purpose-flour', 'unsalted-butter', 'demerara-sugar'],
    ]);
    expect([formula.title, formula.bake.pan]).toEqual(['Plum crumble cake', '23cm springform']);
  });
  it('gives each thing of a list in one line a line of its own', () => {
    const lines = (list: string) => told(`plum traybake\n${list}\n180C/fan 160, 35 min, 20cm sq tin`).components.flatMap((component) => component.lines.map(({ text }) => text));
    expect(lines('225g SR flour, 175g caster, 175g soft butter, 3 large eggs, 2 tbsp milk, 6 plums').length).toBe(6);
    expect(lines('150g medium oatmeal, 100g plain flour, 1/2 tsp bread soda, 25g butter melted and 200ml buttermilk').length).toBe(5);
    expect(lines('one and a half cups flour, 1 and 1/2 cups sugar, 2 eggs, two and a quarter tsp baking powder').length).toBe(4);
  });
  it('is of German read by the reader of lists, whose lines it knows', () => {
    const { components, bake, yield: made } = told('Schoko-Muffins (12 Stück)\nTrocken: 200 g Mehl, 40 g Kakao, 2 TL Backpulver, 150 g Zucker\nNass: 2 Eier, 200 ml Milch, 100 ml Öl\nAlles kurz verrühren, in die Förmchen füllen und bei 180 Grad Umluft 20 Minuten backen.');
    expect(components.map(({ name, lines }) => [name, lines.length])).toEqual([['Trocken', 4], ['Nass', 3]]);
    expect([made, bake.celsius, bake.fan, bake.lowMinutes]).toEqual(['12 Stück', 180, true, 20]);
  });
  it('is called before its parts are, and how many it makes stands at its end', () => {
    const { title, yield: made } = told('Blueberry muffins - dry: 2 cups AP flour, 2/3 cup sugar, 2 tsp bp, 1/2 tsp salt. wet: 1 egg, 1 cup milk, 1/3 cup melted butter. fold, add 1 1/2 cups blueberries. 375 20 mins. 12 muffins');
    expect([title, made]).toEqual(['Blueberry muffins', '12 muffins']);
  });
  it('is a German title with its number of pieces, and a pan without a size in it', () => {
    const { title, yield: made } = told('Rührkuchen vom Blech (20 Stück)\n250 g Margarine\n200 g Zucker\n4 Eier\n500 g Mehl\n1 Päckchen Backpulver');
    expect([title, made]).toEqual(['Rührkuchen vom Blech', '20 Stück']);
  });
}); // prettier-ignore
