import { readLine } from '../parsing/index.js';
import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import type { Region } from '../../ground/units/index.js';
import { readText } from './index.js';

/*
 * Cards and messages as bakers keep them for themselves: half in words, half in figures, each with a habit of its own. What a person
 * reads in them is written down by hand.
 */

interface Kept {
  readonly is: string;
  readonly region: Region;
  readonly text: string;
  readonly title?: string;
  readonly yield?: string;
  /** Ingredients in the order of the sheet, with grams where the card says them outright. */
  readonly takes: readonly (string | readonly [id: string, grams: number])[];
  readonly bake: { readonly celsius?: number; readonly fan?: boolean; readonly minutes?: readonly [number, number]; readonly pan?: string };
} // prettier-ignore

const KEPT: readonly Kept[] = [
  {
    is: 'a page without a heading over its ingredients, with one thing sifted with another',
    region: 'UK',
    text: 'Makes one 900g/2lb loaf\n\nFor the cake:\n175g/6oz unsalted butter, softened, plus extra for greasing\n175g/6oz golden caster sugar\n3 free-range eggs, lightly beaten\n225g/8oz self-raising flour, sifted with 1 tsp baking powder\n2 unwaxed lemons, zest only\nabout 2 tbsp milk\n\nFor the drizzle:\njuice of the 2 lemons\n100g/3½oz icing sugar\n\nMethod\nPreheat the oven to 180C/160C Fan/Gas 4. Grease and line the tin.\nCream the butter and sugar. Add the eggs a little at a time, fold in the flour, zest and enough milk to give a dropping consistency.\nBake for 50-60 minutes. Mix the juice and icing sugar and pour over the hot cake.',
    title: '',
    yield: 'Makes one 900g/2lb loaf',
    takes: [['unsalted-butter', 175], ['golden-caster-sugar', 175], 'egg', ['self-raising-flour', 225], 'uk-baking-powder', 'lemon-zest', 'whole-milk', 'lemon-juice', ['powdered-sugar', 100]],
    bake: { celsius: 180, fan: false, minutes: [50, 60], pan: '900g/2lb loaf tin' },
  },
  {
    is: 'a boiled loaf whose eggs and flour stand in a sentence',
    region: 'UK',
    text: "Boiled fruit tea loaf\nPut into a pan -\n12oz mixed fruit, 4oz marg, 6oz brown sugar, ½pt cold tea, 1 level tsp bic soda, 1 level tsp mixed spice\nBoil up & simmer 5 mins. Leave to go cold.\nBeat in 2 eggs, 8oz SR flour, pinch salt.\n2lb tin, Gas 3, 1½ hrs approx.",
    title: 'Boiled fruit tea loaf',
    takes: [['mixed-dried-fruit', 340], ['baking-margarine', 113], ['light-brown-sugar', 170], ['black-tea', 284], ['baking-soda', 4.9], 'mixed-spice', 'egg', ['self-raising-flour', 227], 'table-salt'],
    bake: { celsius: 160, minutes: [90, 90], pan: '2lb tin' },
  },
  {
    is: 'eggs in their shells and their weight of the rest',
    region: 'UK',
    text: 'weigh 3 eggs in their shells then same weight of butter, caster sugar and sr flour. 1 tsp vanilla, splash of milk to loosen. 2x 7" sandwich tins 180c (160 fan) 25 mins',
    takes: ['egg', 'vanilla-extract', 'whole-milk', ['unsalted-butter', 174], ['superfine-sugar', 174], ['self-raising-flour', 174]],
    bake: { celsius: 180, minutes: [25, 25], pan: '2x 7" sandwich tins' },
  },
  {
    is: 'an old card: saleratus, cream tartar, butter by an egg',
    region: 'US',
    text: 'SODA BISCUITS\n1 qt. flour\n1 t. saleratus\n2 t. cream tartar\n1 t. salt\nbutter the size of an egg\nsweet milk to make soft dough\nBake in quick oven 12 min.',
    title: 'Soda biscuits',
    takes: ['all-purpose-flour', ['baking-soda', 4.9], ['cream-of-tartar', 6.9], 'table-salt', ['unsalted-butter', 55], 'whole-milk'],
    bake: { celsius: 220, minutes: [12, 12] },
  },
  {
    is: 'a title with all else beside it, amounts behind',
    region: 'US',
    text: 'Pumpkin gingerbread | serves 12 | prep 15 min | cook 55 min | total 1 h 10\n\nDry\n------\nAP flour ............ 2 1/4 c (270 g)\nground ginger ....... 1 T\nbaking soda ......... 1 1/2 t\n\nWet\n------\npumpkin puree ....... 1 c\nmolasses ............ 1/2 c\neggs, lg ............ 2\n\n350F, 9x5 greased, 50-55 min until tester clean.',
    title: 'Pumpkin gingerbread',
    yield: 'serves 12',
    takes: [['all-purpose-flour', 270], 'ground-ginger', ['baking-soda', 7.4], 'pumpkin-puree', 'molasses', ['egg', 100]],
    bake: { celsius: 177, minutes: [50, 55], pan: '9x5' },
  },
  {
    is: 'measures of a kitchen with katoris, in one row with names first',
    region: 'UK',
    text: 'Maida 1.5 katori, curd 1 katori, powdered sugar 3/4 katori, refined oil 1/2 katori, baking powder 1 tsp, meetha soda 1/2 tsp. Preheat OTG at 180 deg for 10 mins, bake 30-35 mins in 7 inch round tin',
    takes: ['all-purpose-flour', 'plain-yogurt', 'powdered-sugar', 'vegetable-oil', 'baking-powder', ['baking-soda', 2.5]],
    bake: { celsius: 180, minutes: [30, 35], pan: '7 inch round tin' },
  },
  {
    is: 'scones by the gram without a g, a jug made up',
    region: 'UK',
    text: 'ok so for the scones its 500 flour (plain), 5 tsp bp, 80 sugar, 125 cold butter cubed, 1 egg made up to 300ml w milk. rub in, mix, pat 3cm, cut 6cm, glaze w egg. 220/200fan 13 min',
    title: 'Scones',
    takes: [['all-purpose-flour', 500], 'uk-baking-powder', ['granulated-sugar', 80], ['unsalted-butter', 125], 'egg', ['whole-milk', 257]],
    bake: { minutes: [13, 13] },
  },
  {
    is: 'a canteen’s sponge for many trays',
    region: 'UK',
    text: 'Canteen sponge (feeds 100)\n5lb 8oz margarine\n5lb 8oz caster sugar\n40 eggs\n5lb 8oz SR flour\n4 oz baking powder\n1 pint milk\n8 trays 12x10, 180°C for 35-40 mins',
    title: 'Canteen sponge',
    yield: 'feeds 100',
    takes: [['baking-margarine', 2495], ['superfine-sugar', 2495], 'egg', ['self-raising-flour', 2495], ['uk-baking-powder', 113.4], ['whole-milk', 585]],
    bake: { celsius: 180, minutes: [35, 40], pan: '12x10 trays x 8' },
  },
  {
    is: 'a message with a greeting at its end',
    region: 'UK',
    text: 'Scones\n225g sr flour\n55g butter\n25g sugar\n150ml milk\nmix. don’t handle too much!! bake gas 7 / 220 for 12-15\nloves x',
    title: 'Scones',
    takes: [['self-raising-flour', 225], ['unsalted-butter', 55], ['granulated-sugar', 25], ['whole-milk', 155]],
    bake: { celsius: 220, minutes: [12, 15] },
  },
  {
    is: 'all in one row between strokes',
    region: 'UK',
    text: '300g plain flour | 3 tsp baking powder | 150g caster | 2 eggs | 240ml milk | 120ml veg oil | 150g raspberries\n180fan, 22 mins, makes 12',
    yield: 'makes 12',
    takes: [['all-purpose-flour', 300], 'uk-baking-powder', ['superfine-sugar', 150], 'egg', 'whole-milk', 'vegetable-oil', ['raspberries', 150]],
    bake: { celsius: 180, fan: true, minutes: [22, 22] },
  },
  {
    is: 'a loaf in two heats without a word of degrees or minutes',
    region: 'US',
    text: 'Irish soda bread\n4 c flour, 1 tsp soda, 1 tsp salt, 1-3/4 c. buttermilk\nMix dry; add milk; knead briefly; shape; cut X on top. 425 15 min then 375 20-25.',
    title: 'Irish soda bread',
    takes: ['all-purpose-flour', ['baking-soda', 4.9], 'table-salt', 'buttermilk'],
    bake: { celsius: 218, minutes: [35, 40] },
  },
  {
    is: 'a batch between dashes, and what is cut in',
    region: 'US',
    text: 'Dry mix: 2 1/4 C flour - 1/2 C sugar - 1 T b.p. - 1/2 t salt\nCut in: 1 stick butter\nWet: 1 egg + 2/3 C cream + 1 t vanilla\nShape into 7" circle, cut 8. 400° 15-18.',
    takes: ['all-purpose-flour', 'granulated-sugar', 'baking-powder', 'table-salt', ['unsalted-butter', 113.4], 'egg', 'heavy-cream', 'vanilla-extract'],
    bake: { celsius: 204, minutes: [15, 18] },
  },
  {
    is: 'covered and then uncovered',
    region: 'UK',
    text: 'Banana bread (vegan, GF)\n- 3 very ripe bananas (approx 300g peeled)\n- 75ml sunflower oil\n- 100g light muscovado\n- 225g GF plain flour blend\n- 3 heaped tsp baking powder (check it’s GF)\nOven 200C/180fan. Mash, mix, 20 mins covered then 20-25 uncovered in a 2lb tin',
    title: 'Banana bread (vegan, GF)',
    takes: [['banana', 300], 'sunflower-oil', ['light-muscovado-sugar', 100], ['gluten-free-flour-blend', 225], 'uk-baking-powder'],
    bake: { celsius: 200, minutes: [40, 45], pan: '2lb tin' },
  },
  {
    is: 'a canteen’s shares with the flour below',
    region: 'UK',
    text: 'Flour 100%\nSugar 60%\nButter 50%\nEgg 45%\nMilk 40%\nBaking powder 4%\nTotal flour: 350 g',
    takes: ['all-purpose-flour', 'granulated-sugar', 'unsalted-butter', 'egg', 'whole-milk', 'uk-baking-powder'],
    bake: {},
  },
]; // prettier-ignore

describe('a note as it is kept', () => {
  for (const { is, region, text, title, yield: makes, takes, bake } of KEPT)
    it(`is read: ${is}`, () => {
      const formula = formulaRead(readText(text, region));
      if (title !== undefined) expect(formula.title).toBe(title);
      if (makes !== undefined) expect(formula.yield).toBe(makes);
      const entries = formula.components.flatMap(({ lines }) =>
        lines.flatMap((line) => readLine(line.text, { region: formula.region, kitchen: PLAIN_KITCHEN })),
      );
      expect(entries.map(({ ingredient }) => ingredient?.id)).toEqual(
        takes.map((each) => (typeof each === 'string' ? each : each[0])),
      );
      for (const [i, each] of takes.entries())
        if (typeof each !== 'string')
          expect(Math.abs((entries[i]?.weight?.grams ?? 0) / each[1] - 1))
            .withContext(`${each[0]}: ${entries[i]?.weight?.grams ?? 0} g`)
            .toBeLessThan(0.04);
      const { celsius, fan, lowMinutes, highMinutes, pan } = formula.bake;
      if (bake.celsius !== undefined) expect(celsius).toBe(bake.celsius);
      if (bake.fan !== undefined) expect(fan).toBe(bake.fan);
      expect([lowMinutes, highMinutes]).toEqual(bake.minutes ? [...bake.minutes] : [undefined, undefined]);
      if (bake.pan !== undefined) expect(pan).toBe(bake.pan);
    });
  it('has its shares counted for the flour that it names', () => {
    const text = KEPT.find(({ is }) => is.includes('shares'))?.text ?? '';
    expect(formulaRead(readText(text, 'UK')).flourBasisGrams).toBe(350);
  });
});
