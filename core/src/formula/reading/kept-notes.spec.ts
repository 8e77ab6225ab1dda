import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { readText } from './index.js';
import { holdTo, type Kept } from './kept.spec-help.js';

/*
 * Cards and messages as bakers keep them for themselves: half in words, half in figures, each with a habit of its own. What a person
 * reads in them is written down by hand.
 */

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
  {
    is: 'a page with its buttons, stars and times',
    region: 'US',
    text: 'Jump to Recipe  Print Recipe\n★★★★★ 4.8 from 312 reviews\nBrown Butter Pear Muffins\nThese muffins are cozy and perfect for fall!\nPrep Time 20 mins  Cook Time 22 mins  Total Time 42 mins\nServings: 12 muffins\n\nIngredients\nUS Customary – Metric\n▢ 1/2 cup (113 g) unsalted butter\n▢ 2 cups (250 g) all-purpose flour spooned & leveled\n▢ 2 teaspoons baking powder\n▢ 2 large eggs at room temperature\n\nStreusel\n▢ 1/3 cup flour\n▢ 3 tablespoons cold butter, cubed\n\nInstructions\nBrown the butter. Cool 10 minutes.\nPreheat the oven to 425°F (218°C).\nBake at 425°F for 5 minutes, then reduce to 350°F (177°C) and bake 15–17 minutes more.\n\nNotes\nStore covered at room temperature for 3 days.\nNutrition Facts',
    title: 'Brown Butter Pear Muffins',
    yield: 'Servings: 12 muffins',
    takes: [['unsalted-butter', 113], ['all-purpose-flour', 250], 'baking-powder', ['egg', 100], 'all-purpose-flour', ['unsalted-butter', 42.6]],
    bake: { celsius: 218, minutes: [20, 22] },
  },
  {
    is: 'the columns of a spreadsheet',
    region: 'UK',
    text: 'Ingredient\tWeight\tBaker’s %\nPlain flour\t400 g\t100\nBaking powder\t20 g\t5\nCaster sugar\t220 g\t55\nButter\t160 g\t40\nEggs\t200 g\t50',
    takes: [['all-purpose-flour', 400], ['uk-baking-powder', 20], ['superfine-sugar', 220], ['unsalted-butter', 160], ['egg', 200]],
    bake: {},
  },
  {
    is: 'a kitchen’s columns for ten, fifty, a hundred',
    region: 'UK',
    text: 'Carrot cake tray\n            10 portions    50    100\nSR flour      250g       1.25kg   2.5kg\nSoft br sugar 200g       1kg      2kg\nOil           200ml      1L       2L\nEggs          3          15       30\nBake 180 fan 30-35',
    title: 'Carrot cake tray',
    yield: 'Makes 10 portions',
    takes: [['self-raising-flour', 250], ['light-brown-sugar', 200], ['vegetable-oil', 184], 'egg'],
    bake: { celsius: 180, fan: true, minutes: [30, 35] },
  },
  {
    is: 'a message that was passed on',
    region: 'UK',
    text: 'Fwd: re: harbour parkin\n> 8oz plain flour\n> 8oz medium oatmeal\n> 6oz black treacle\n> 1 tsp bic\n> 1 egg\n> ¼ pt milk (scant)\n> Warm treacle. Mix. 7" sq tin. Gas 2-3 about 1hr 15',
    title: 'harbour parkin',
    takes: [['all-purpose-flour', 227], ['medium-oatmeal', 227], ['black-treacle', 170], ['baking-soda', 4.9], 'egg', 'whole-milk'],
    bake: { celsius: 150, minutes: [75, 75], pan: '7" sq tin' },
  },
  {
    is: 'a dough that rests, a cutter in millimetres, a time without a word',
    region: 'UK',
    text: 'Scone dough\nstrong white flour 250g\nplain flour 250g\nbaking powder 30g\neggs 2 (100g)\nbuttermilk 200g\nRest 20 min in fridge, 2.5cm thick, 58mm cutter, egg wash x2, 210C 14m',
    title: 'Scone dough',
    takes: [['bread-flour', 250], ['all-purpose-flour', 250], ['uk-baking-powder', 30], ['egg', 100], ['buttermilk', 200]],
    bake: { celsius: 210, minutes: [14, 14] },
  },
  {
    is: 'numbered acts with what they take',
    region: 'UK',
    text: '1. Cream 4 oz butter and 4 oz sugar.\n2. Beat in 2 eggs one at a time.\n3. Fold in 4 oz S.R. flour and 1 oz cocoa.\n4. 18 paper cases, 190C, 15 min.',
    takes: [['unsalted-butter', 113], ['granulated-sugar', 113], 'egg', ['self-raising-flour', 113], ['natural-cocoa', 28.3]],
    bake: { celsius: 190, minutes: [15, 15] },
  },
  {
    is: 'acts before colons, as cards of church kitchens have them',
    region: 'US',
    text: 'Cream: 1/2 c. shortening, 1 c. sugar\nAdd: 1 egg\nSift together: 1 3/4 c. flour, 1 t. soda, 1/2 t. salt\nAdd alternately with: 1 c. applesauce\n8x8 pan, 350, 45-50 min.',
    takes: ['vegetable-shortening', 'granulated-sugar', 'egg', 'all-purpose-flour', ['baking-soda', 4.9], 'table-salt', 'applesauce'],
    bake: { celsius: 177, minutes: [45, 50], pan: '8x8 pan' },
  },
  {
    is: 'a message with little pictures, and vanilla of no amount',
    region: 'UK',
    text: '🥣 Dry: 260g plain flour, 2½ tsp BP, ½ tsp bicarb, 150g caster sugar, pinch salt\n🥛 Wet: 2 eggs, 180ml buttermilk, 100ml oil, vanilla\n🫐 200g frozen blueberries (don’t thaw!)\n🔥 220°C for 5 mins then 180°C for 15-17 mins\nMakes 12 👍',
    yield: 'Makes 12',
    takes: [['all-purpose-flour', 260], 'uk-baking-powder', ['baking-soda', 2.5], ['superfine-sugar', 150], 'table-salt', 'egg', 'buttermilk', 'vegetable-oil', 'vanilla-extract', ['blueberries', 200]],
    bake: { celsius: 220, minutes: [20, 22] },
  },
  {
    is: 'marks and lists in one line each',
    region: 'US',
    text: 'Ingredients: 1 and 1/4 cups (156g) all-purpose flour (spooned & leveled); 1 teaspoon baking soda; 1/2 teaspoon each: cinnamon, nutmeg, ginger; 3 Tablespoons (45ml) milk; 2 large eggs\nDirections: Whisk. Pour into 8x4. Bake 45-50 min at 350°F.',
    takes: [['all-purpose-flour', 156], 'baking-soda', 'ground-cinnamon', 'ground-nutmeg', 'ground-ginger', 'whole-milk', ['egg', 100]],
    bake: { celsius: 177, minutes: [45, 50], pan: '8x4' },
  },
  {
    is: 'a ratio between colons',
    region: 'UK',
    text: 'Basic 1 2 3 biscuits\n100g sugar : 200g butter : 300g flour\n+ 1tsp b/powder\nchill, roll, cut\n170C 12 mins',
    title: 'Basic 1 2 3 biscuits',
    takes: [['granulated-sugar', 100], ['unsalted-butter', 200], ['all-purpose-flour', 300], 'uk-baking-powder'],
    bake: { celsius: 170, minutes: [12, 12] },
  },
  {
    is: 'a German list in one row, and its bake behind it',
    region: 'EU',
    text: 'Rührteig: 250g Butter, 250g Zucker, 4 Eier, 500g Mehl, 1 Pck Backpulver, 125ml Milch. Gugelhupfform, 175°C, 60 Min.',
    takes: [['unsalted-butter', 250], ['granulated-sugar', 250], 'egg', ['all-purpose-flour', 500], 'uk-baking-powder', 'whole-milk'],
    bake: { celsius: 175, minutes: [60, 60] },
  },
  {
    is: 'German muffins with the zest at the end of the row',
    region: 'EU',
    text: 'Zitronen-Muffins (12 Stück)\n250 g Mehl, 2 TL Backpulver, ½ TL Natron, 150 g Zucker, 1 Ei, 80 ml Öl, 250 g Buttermilch, Abrieb von 1 Zitrone\nAlles kurz verrühren, in Förmchen füllen, 180° Umluft 20 min.',
    title: 'Zitronen-Muffins',
    yield: '12 Stück',
    takes: [['all-purpose-flour', 250], 'uk-baking-powder', 'baking-soda', ['granulated-sugar', 150], 'egg', 'vegetable-oil', ['buttermilk', 250], 'lemon-zest'],
    bake: { celsius: 180, fan: true, minutes: [20, 20] },
  },
  {
    is: 'a newsletter in full sentences',
    region: 'UK',
    text: 'Harbour ginger cake\nTake half a pound each of plain flour and dark sugar, a quarter pound of butter, two good tablespoons of treacle, a teaspoon and a half of ground ginger, one of cinnamon, a level teaspoon of bicarb dissolved in a quarter pint of warm milk, and an egg. Melt the butter with the treacle and sugar, beat in the egg and milk, then fold into the flour and spices. It wants a slow oven, gas 2, for an hour or a bit more, in a lined 8 inch square tin.',
    title: 'Harbour ginger cake',
    takes: [['all-purpose-flour', 227], ['dark-brown-sugar', 227], ['unsalted-butter', 113], 'black-treacle', 'ground-ginger', 'ground-cinnamon', ['baking-soda', 4.9], 'whole-milk', 'egg'],
    bake: { celsius: 150, minutes: [60, 60], pan: '8 inch square tin' },
  },
  {
    is: 'columns with a row of no amount',
    region: 'UK',
    text: 'Self Raising Flour      1.8 kg\nMargarine               900 g\nEggs                    16\nSultanas                1.2 kg\nMilk                    to mix\nMethod. Rub in. Add fruit. 4 x 2lb tins. 170°C 1½ hrs',
    takes: [['self-raising-flour', 1800], ['baking-margarine', 900], 'egg', ['golden-raisins', 1200], 'whole-milk'],
    bake: { celsius: 170, minutes: [90, 90] },
  },
  {
    is: 'a bake of two figures and two stops',
    region: 'US',
    text: 'Cornbread\n1 c cornmeal\n1 c AP\n1 Tbl BP\n1/3 c bacon grease\n1 egg\n1 c milk\nHot skillet. 425. 20-25.',
    title: 'Cornbread',
    takes: ['cornmeal', ['all-purpose-flour', 125], 'baking-powder', 'lard', 'egg', 'whole-milk'],
    bake: { celsius: 218, minutes: [20, 25] },
  },
  {
    is: 'a name over a row, and the bake behind it',
    region: 'UK',
    text: "Oat & raisin:\n125 g butter, 100 g light brown sugar + 75 g caster, 1 egg, 150 g SRF, 150 g oats. 180 C (160 fan), 12-14'. 18 pcs.",
    title: 'Oat & raisin',
    takes: [['unsalted-butter', 125], ['light-brown-sugar', 100], ['superfine-sugar', 75], 'egg', ['self-raising-flour', 150], ['rolled-oats', 150]],
    bake: { celsius: 180, minutes: [12, 14] },
  },
  {
    is: 'so much of everything',
    region: 'UK',
    text: '100 g of everything (butter, sugar, SR flour), 2 eggs, drop of milk. 12 cases. 190 for 12 to 15 mins. Icing: 100g icing sugar + 1 tbsp water',
    takes: [['unsalted-butter', 100], ['granulated-sugar', 100], ['self-raising-flour', 100], 'egg', 'whole-milk', ['powdered-sugar', 100], 'water'],
    bake: { celsius: 190, minutes: [12, 15] },
  },
  {
    is: 'a heat times a time',
    region: 'US',
    text: 'Pumpkin muffins (small batch, makes 4)\n½ cup + 1 Tbsp flour (70 g)\n¼ tsp + ⅛ tsp baking powder\npinch each baking soda & salt\n⅓ cup pumpkin\n1 egg yolk\n2 Tbsp oil\n375 × 20 min',
    title: 'Pumpkin muffins (small batch)',
    yield: 'makes 4',
    takes: [['all-purpose-flour', 70], ['baking-powder', 1.73], 'baking-soda', 'table-salt', 'pumpkin-puree', 'egg-yolk', 'vegetable-oil'],
    bake: { celsius: 191, minutes: [20, 20] },
  },
  {
    is: 'a row that ends in what has no amount, a gas mark and minutes without a word',
    region: 'UK',
    text: 'Rock buns\n1lb S.R. flour, 8oz marg, 6oz sugar, 8oz currants, 2 eggs, nutmeg, milk to bind (stiff!). Heap on greased trays. Gas 6, 15-20.',
    title: 'Rock buns',
    takes: [['self-raising-flour', 454], ['baking-margarine', 227], ['granulated-sugar', 170], ['currants', 227], 'egg', 'ground-nutmeg', 'whole-milk'],
    bake: { celsius: 200, minutes: [15, 20] },
  },
  {
    is: 'three spices by one spoon, a heat and a time between dashes',
    region: 'US',
    text: 'Raisin cake\nButter 1/2 c\nSugar 1 c\nEggs 2\nFlour 2 c\nB.P. 2 tsp\nCloves, nutmeg, cinnamon 1 tsp each\nRaisins 1 c\nBake 350 — 45 min (loaf)',
    title: 'Raisin cake',
    takes: [['unsalted-butter', 113], 'granulated-sugar', ['egg', 100], 'all-purpose-flour', 'baking-powder', 'ground-cloves', 'ground-nutmeg', 'ground-cinnamon', 'raisins'],
    bake: { celsius: 177, minutes: [45, 45] },
  },
  {
    is: 'an egg, and its weight row by row',
    region: 'UK',
    text: '1 egg\nsame weight in butter\nsame weight in sugar\nsame weight in SR flour',
    takes: ['egg', ['unsalted-butter', 58], ['granulated-sugar', 58], ['self-raising-flour', 58]],
    bake: {},
  },
  {
    is: 'two lists side by side',
    region: 'US',
    text: 'Corn muffins\n1 cup cornmeal          1 cup flour\n1/4 cup sugar           1 tbsp baking powder\n1 egg                   1 cup milk\n400 F, 20 minutes',
    title: 'Corn muffins',
    takes: ['cornmeal', 'all-purpose-flour', 'granulated-sugar', 'baking-powder', 'egg', 'whole-milk'],
    bake: { celsius: 204, minutes: [20, 20] },
  },
]; // prettier-ignore

describe('a note as it is kept', () => {
  for (const kept of KEPT) it(`is read: ${kept.is}`, () => holdTo(kept));
  it('by mugs asks what a mug holds, and loses no line', () => {
    const told = 'Dear all, the fruit slice: put 1 mug of flour, 1 mug of coconut, 1 mug of sugar and 1 tsp bicarb in a bowl, pour over 1 mug of milk, then bake in a 2lb tin at gas 3 for 1 1/4 hours.'; // prettier-ignore
    const reading = readText(told, 'UK');
    const lines = formulaRead(reading).components.flatMap((component) => component.lines.map(({ text }) => text));
    expect(lines).toEqual(['1 mug of flour', '1 mug of coconut', '1 mug of sugar', '1 tsp bicarb', '1 mug of milk']);
    expect(reading.kind === 'read' && reading.problems.filter(({ code }) => code === 'measure-unknown').length).toBe(4);
  });
  it('has its shares counted for the flour that it names', () => {
    const text = KEPT.find(({ is }) => is.includes('shares'))?.text ?? '';
    expect(formulaRead(readText(text, 'UK')).flourBasisGrams).toBe(350);
  });
});
