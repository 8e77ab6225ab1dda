import type { Region } from '../../ground/units/index.js';

/*
 * Whole texts as people write and send them, all of them our own inventions, and what a person reads in each: put down by hand before
 * any was read by the program.
 */
export interface CorpusText {
  readonly hand: string;
  /** The region of the baker who pastes it. */
  readonly own: Region;
  readonly text: string;
  readonly title: string;
  /** The region whose measures it means; the baker's own when not said. */
  readonly region?: Region;
  readonly yield?: string;
  /** Name of each component and its number of written lines. */
  readonly components: readonly (readonly [name: string, lines: number])[];
  readonly steps: number;
  readonly notes?: number;
  readonly celsius?: number;
  readonly fan?: boolean;
  readonly minutes?: readonly [number, number];
  readonly pan?: string;
  /** [°C, minutes from, to] of each stage, where there are several. */
  readonly stages?: readonly (readonly [number, number, number])[];
  /** Grams of some lines, by a piece of their text. */
  readonly grams: readonly (readonly [piece: string, grams: number])[];
}

export const CORPUS_TEXTS: readonly CorpusText[] = [
  {
    hand: 'staged bake in one line',
    own: 'UK',
    text: `Harbour fruit loaf

225g self-raising flour
115g butter
115g light muscovado sugar
2 medium eggs
200g mixed dried fruit
4 tbsp milk

Rub in, stir, spoon into a lined 2 lb loaf tin.
Bake 20 min at 180, then 45 at 150.`,
    title: 'Harbour fruit loaf',
    components: [['Batter', 6]],
    steps: 2,
    celsius: 180,
    minutes: [65, 65],
    pan: '2 lb loaf tin',
    stages: [
      [180, 20, 20],
      [150, 45, 45],
    ],
    grams: [
      ['2 medium eggs', 102],
      ['4 tbsp milk', 61.8],
    ],
  },
  {
    hand: 'staged bake in two sentences, Fahrenheit, foil',
    own: 'US',
    text: `Boathouse blueberry bread

2 cups all-purpose flour
2 tsp baking powder
1/2 tsp salt
1 cup sugar
1/2 cup vegetable oil
2 large eggs
3/4 cup whole milk
1 1/2 cups blueberries

Directions
1. Heat the oven to 400 F. Grease a 9x5 inch loaf pan.
2. Stir everything together, berries last.
3. Bake at 400 F for 10 minutes. Lower to 350 F and bake for 40 to 45 minutes more, covered loosely with foil.
4. Cool 15 minutes in the pan.`,
    title: 'Boathouse blueberry bread',
    components: [['Batter', 8]],
    steps: 4,
    celsius: 204,
    minutes: [50, 55],
    pan: '9x5 inch loaf pan',
    stages: [
      [204, 10, 10],
      [177, 40, 45],
    ],
    grams: [
      ['2 cups all-purpose flour', 250.8],
      ['1 cup sugar', 199.9],
    ],
  },
  {
    hand: 'baker’s percentages only',
    own: 'UK',
    text: `Tea tent scone, by percentages

Strong white flour 50%
Plain flour 50%
Butter 22%
Caster sugar 14%
Baking powder 5.5%
Salt 0.8%
Egg 16%
Milk 42%`,
    title: 'Tea tent scone, by percentages',
    components: [['Batter', 8]],
    steps: 0,
    grams: [
      ['Strong white flour', 500],
      ['Butter', 220],
      ['Salt', 8],
    ],
  },
  {
    hand: 'a canteen’s sheet: kilos and percentages of them',
    own: 'UK',
    text: `GINGER TRAYBAKE - CANTEEN SHEET
Plain flour        25 kg
Bicarbonate of soda   1.4%
Ground ginger   2%
Black treacle  30%
Golden syrup   40 %
Butter   45%
Milk   55%
Egg   20%`,
    title: 'Ginger traybake - canteen sheet',
    components: [['Batter', 8]],
    steps: 0,
    grams: [
      ['Plain flour', 25_000],
      ['Bicarbonate', 350],
      ['Butter', 11_250],
    ],
  },
  {
    hand: 'parts by weight',
    own: 'UK',
    text: `Shortcake for the strawberries
3 parts plain flour
2 parts butter
1 part caster sugar
Rub together, press into a 20 cm round tin, bake at 160C for 40 minutes.`,
    title: 'Shortcake for the strawberries',
    components: [['Batter', 3]],
    steps: 1,
    celsius: 160,
    minutes: [40, 40],
    pan: '20 cm round tin',
    grams: [
      ['3 parts plain flour', 1000],
      ['2 parts butter', 666.7],
      ['1 part caster sugar', 333.3],
    ],
  },
  {
    hand: 'pounds and ounces',
    own: 'US',
    text: `Stall gingerbread (big batch)

5 lb all-purpose flour
2 lb 8 oz butter
3 lb dark brown sugar
4 lb molasses
2 oz baking soda
1 oz salt
2 dozen large eggs
2 quarts buttermilk`,
    title: 'Stall gingerbread (big batch)',
    components: [['Batter', 8]],
    steps: 0,
    grams: [
      ['5 lb', 2267.96],
      ['2 lb 8 oz', 1133.98],
      ['2 dozen', 1200],
    ],
  },
  {
    hand: 'sugar divided, topping reserved',
    own: 'US',
    text: `Plum buckle

Ingredients

1 1/2 cups all-purpose flour
3/4 cup sugar, divided
1 1/2 tsp baking powder
1/4 tsp salt
6 tbsp butter, melted
1 large egg
1/2 cup whole milk
4 plums, sliced

Instructions

Reserve 2 tbsp of the sugar for the top.
Whisk the flour, the rest of the sugar, baking powder and salt.
Stir in butter, egg and milk. Spread in a greased 8x8 in square pan, lay the plums on top and sprinkle with the reserved sugar.
Bake at 350°F until golden and a skewer comes out clean, 40 to 45 minutes.`,
    title: 'Plum buckle',
    components: [['Batter', 8]],
    steps: 4,
    celsius: 177,
    minutes: [40, 45],
    pan: '8x8 in square pan',
    grams: [
      ['3/4 cup sugar', 149.9],
      ['4 plums', 264],
    ],
  },
  {
    hand: 'three components with headings in capitals',
    own: 'UK',
    text: `Regatta carrot cake

Serves 12

FOR THE CAKE
250g self-raising flour
200g light muscovado sugar
2 tsp mixed spice
½ tsp bicarb
4 medium eggs
200ml sunflower oil
250g carrots, grated
zest of 1 orange

FOR THE SYRUP
juice of 1 orange
50g caster sugar

FOR THE FROSTING
300g full-fat soft cheese
60g icing sugar

METHOD
Heat oven to 170C/150C fan/gas 3.
Beat sugar, eggs and oil; fold in the dry, then carrot and zest.
Bake in a 23cm round tin for 50 mins.
Warm the syrup and spoon it over.
Frost when cold.`,
    title: 'Regatta carrot cake',
    yield: 'Serves 12',
    components: [
      ['Cake', 8],
      ['Syrup', 2],
      ['Frosting', 2],
    ],
    steps: 5,
    celsius: 170,
    minutes: [50, 50],
    pan: '23cm round tin',
    grams: [
      ['4 medium eggs', 204],
      ['zest of 1 orange', 12],
      ['juice of 1 orange', 80],
    ],
  },
  {
    hand: 'one paragraph of prose',
    own: 'UK',
    text: `Cousin's soda bread: mix 450g plain flour with a level teaspoon of bread soda and a teaspoon of salt, pour in 350ml buttermilk, shape it round, cut a cross and bake at 220C for 15 minutes then 200C for 25 minutes more.`,
    title: 'Cousin’s soda bread',
    components: [['Batter', 1]],
    steps: 1,
    celsius: 220,
    minutes: [40, 40],
    stages: [
      [220, 15, 15],
      [200, 25, 25],
    ],
    grams: [['450g plain flour', 450 + 5 * 0.985 + 5 * 1.217 + 350 * 1.035]],
  },
  {
    hand: 'Indian eggless cake',
    own: 'IN',
    text: `Eggless rava cake for the stall

Sooji/rava - 1 cup
Maida - 1/2 cup
Powdered sugar - 3/4 cup
Curd - 1 cup
Oil - 1/4 cup
Baking powder - 1 tsp
Cooking soda - 1/4 tsp
Elaichi powder - 1/2 tsp
Tutti frutti - 3 tbsp

Method:
1) Mix curd, sugar and oil. Add rava, rest 20 minutes.
2) Add maida, baking powder, soda and elaichi. Fold in the tutti frutti.
3) Pour in a greased 7 inch round tin. Bake in preheated oven at 180 degrees for 35-40 mins.`,
    title: 'Eggless rava cake for the stall',
    components: [['Batter', 9]],
    steps: 3,
    celsius: 180,
    minutes: [35, 40],
    pan: '7 inch round tin',
    grams: [
      ['Sooji', 168],
      ['Curd', 248.4],
      ['Cooking soda', 1.231],
    ],
  },
  {
    hand: 'Australian slice, cups and 20 ml spoons',
    own: 'AU',
    text: `Lamington-ish coconut slice
1 cup self-raising flour
1 cup desiccated coconut
3/4 cup caster sugar
125g butter, melted
1 egg
2 tablespoons golden syrup
Press into a lined 28 x 18 cm slice tin. Bake 160C fan-forced 25 minutes.`,
    title: 'Lamington-ish coconut slice',
    components: [['Batter', 6]],
    steps: 1,
    celsius: 160,
    fan: true,
    minutes: [25, 25],
    pan: '28 x 18 cm slice tin',
    grams: [
      ['1 cup self-raising flour', 132.5],
      ['2 tablespoons golden syrup', 57.2],
      ['1 egg', 54],
    ],
  },
  {
    hand: 'gas marks and dessertspoons',
    own: 'UK',
    text: `Grandmother's parkin
8 oz medium oatmeal
8 oz plain flour
1 dessertspoon ground ginger
1 level tsp bicarb
4 oz lard
8 oz black treacle
4 oz dark muscovado sugar
1 egg
1/4 pint milk

Melt the lard, treacle and sugar. Stir into the dry things with egg and milk.
Bake in an 8 inch square tin, gas mark 3, about 1 hour 10 minutes. Keep a week in a tin before cutting.`,
    title: 'Grandmother’s parkin',
    components: [['Batter', 9]],
    steps: 2,
    celsius: 160,
    minutes: [70, 70],
    pan: '8 inch square tin',
    grams: [
      ['8 oz medium oatmeal', 226.8],
      ['1/4 pint milk', 146.3],
    ],
  },
  {
    hand: 'notes and storage under the method',
    own: 'UK',
    text: `Lemon polenta cake

200g ground almonds
100g fine polenta
1½ tsp baking powder
200g butter, soft
200g caster sugar
3 large eggs
zest of 2 lemons

Method
Cream the butter and sugar. Beat in almonds, polenta, powder and eggs by turns, then the zest.
Bake in a 23 cm springform at 180C for 40 minutes.

Notes
Keeps four days in a tin.
Freezes well for two months.`,
    title: 'Lemon polenta cake',
    components: [['Batter', 7]],
    steps: 2,
    notes: 2,
    celsius: 180,
    minutes: [40, 40],
    pan: '23 cm springform',
    grams: [
      ['200g ground almonds', 200],
      ['zest of 2 lemons', 12],
    ],
  },
  {
    hand: 'numbered steps with times that are not the bake',
    own: 'UK',
    text: `Bran muffins

100g wheat bran
300ml buttermilk
150g wholemeal flour
1 tsp bicarbonate of soda
½ tsp salt
80g dark muscovado sugar
80ml rapeseed oil
1 large egg
100g raisins

1. Soak the bran in the buttermilk for 15 minutes.
2. Whisk flour, soda and salt for 30 seconds.
3. Beat sugar, oil and egg for 2 minutes, stir into the bran.
4. Fold in flour and raisins, rest 10 minutes.
5. Divide over a 12-hole muffin tin and bake 18 to 20 minutes at 200°C (180°C fan).
6. Cool for 5 minutes before turning out.`,
    title: 'Bran muffins',
    components: [['Batter', 9]],
    steps: 6,
    celsius: 200,
    minutes: [18, 20],
    pan: '12-hole muffin tin',
    grams: [
      ['300ml buttermilk', 310.5],
      ['1 large egg', 60],
    ],
  },
  {
    hand: 'Markdown with bold amounts and a table of contents of nothing',
    own: 'UK',
    text: `# Seed and syrup loaf

> for the tea tent, Saturday

## Ingredients

- **200 g** plain flour
- **1½ tsp** baking powder
- **50 g** poppy seeds
- **150 g** butter, melted
- **150 g** caster sugar
- **3** medium eggs
- **100 ml** milk

## Method

1. Mix it all.
2. Bake in a **2 lb loaf tin** at **170 °C** for **50–55 minutes**.`,
    title: 'Seed and syrup loaf',
    components: [['Batter', 7]],
    steps: 2,
    notes: 1,
    celsius: 170,
    minutes: [50, 55],
    pan: '2 lb loaf tin',
    grams: [
      ['plain flour', 200],
      ['medium eggs', 153],
    ],
  },
  {
    hand: 'a message, lower case, no headings',
    own: 'US',
    text: `hey here's the cornbread

1 cup cornmeal
1 cup flour
1 tbsp baking powder
1/2 tsp salt
1/4 cup honey
1 egg
1 cup buttermilk
1/3 cup melted butter

mix dry, mix wet, combine. 400 for 22-25 min in an 8 inch square pan. so good warm`,
    title: 'hey here’s the cornbread',
    components: [['Batter', 8]],
    steps: 1,
    celsius: 204,
    minutes: [22, 25],
    pan: '8 inch square pan',
    grams: [
      ['1 cup cornmeal', 139.6],
      ['1/4 cup honey', 84],
    ],
  },
  {
    hand: 'yield and times on lines of their own',
    own: 'US',
    text: `Oat and maple scones
Yield: 8 scones
Prep time: 15 minutes
Cook time: 18 minutes
Total time: 33 minutes

Ingredients
1 1/4 cups all-purpose flour
1 cup rolled oats
1 tablespoon baking powder
1/2 teaspoon kosher salt
1 stick cold butter, cubed
1/3 cup maple syrup
1/3 cup heavy cream

Instructions
Cut the butter into the dry ingredients.
Stir in syrup and cream. Pat into an 8-inch circle, cut in 8.
Bake at 400°F for 16 to 18 minutes.`,
    title: 'Oat and maple scones',
    yield: 'Yield: 8 scones',
    components: [['Batter', 7]],
    steps: 3,
    notes: 3,
    celsius: 204,
    pan: 'wedge 8 in round x 8',
    minutes: [16, 18],
    grams: [
      ['1 stick cold butter', 113.4],
      ['kosher salt', 1.503],
    ],
  },
  {
    hand: 'two loaves, hours and minutes',
    own: 'UK',
    text: `Dark harvest cake, two of them

1 kg mixed dried fruit
300 ml dry cider
500 g plain flour
2 tsp mixed spice
1 tsp baking powder
400 g butter
400 g dark muscovado sugar
8 medium eggs

Soak the fruit overnight.
Cream, beat, fold. Divide between two 20 cm round tins, 8 cm deep.
Bake at 140°C (120°C fan) for 2 h 45 to 3 hours. Cover with foil after 1 hour 30 minutes.`,
    title: 'Dark harvest cake, two of them',
    components: [['Batter', 8]],
    steps: 3,
    celsius: 140,
    minutes: [165, 180],
    pan: 'two 20 cm round tins, 8 cm deep',
    grams: [
      ['8 medium eggs', 408],
      ['300 ml dry cider', 303],
    ],
  },
  {
    hand: 'tabs from a spreadsheet',
    own: 'UK',
    text: `Chocolate stout cake
200\tg\tplain flour
50\tg\tcocoa
1½\ttsp\tbicarbonate of soda
250\tml\tstout
200\tg\tbutter
300\tg\tcaster sugar
150\tml\tsoured cream
2\t\tlarge eggs`,
    title: 'Chocolate stout cake',
    components: [['Batter', 8]],
    steps: 0,
    grams: [
      ['plain flour', 200],
      ['stout', 253.75],
      ['large eggs', 120],
    ],
  },
  {
    hand: 'Irish kitchen',
    own: 'UK',
    text: `Brown soda bread

12 oz coarse wholemeal
4 oz cream flour
1 rounded tsp bread soda
1 tsp salt
1 tbsp treacle
14 fl oz buttermilk

Oven 200°C. Mix dry, add treacle and buttermilk, scrape into an oiled 2 lb loaf tin. 45-50 minutes; it should sound hollow. Wrap in a cloth.`,
    title: 'Brown soda bread',
    components: [['Batter', 6]],
    steps: 1,
    celsius: 200,
    minutes: [45, 50],
    pan: '2 lb loaf tin',
    grams: [
      ['12 oz coarse wholemeal', 340.2],
      ['1 rounded tsp bread soda', 6.649],
      ['14 fl oz buttermilk', 411.7],
    ],
  },
  {
    hand: 'American words in a British baker’s hands',
    own: 'UK',
    text: `Banana walnut muffins (makes 12)

1 3/4 cups all-purpose flour
1 tsp baking soda
1/2 tsp kosher salt
3 very ripe bananas, mashed
1/2 cup (1 stick) unsalted butter, melted
2/3 cup packed light brown sugar
1 large egg
1/2 cup chopped walnuts

Preheat oven to 375°F. Line a 12-cup muffin tin.
Stir the wet, stir in the dry, fold in walnuts. Bake 18–22 minutes.`,
    title: 'Banana walnut muffins',
    region: 'US',
    yield: 'makes 12',
    components: [['Batter', 8]],
    steps: 2,
    celsius: 191,
    minutes: [18, 22],
    pan: '12-cup muffin tin',
    grams: [
      ['3 very ripe bananas', 354],
      ['1 large egg', 50],
    ],
  },
  {
    hand: 'British words in an American baker’s hands',
    own: 'US',
    text: `Sticky date traybake

200g stoned dates, chopped
200ml boiling water
1 tsp bicarbonate of soda
85g butter
175g light muscovado sugar
2 medium eggs
175g self-raising flour

Pour the water over dates and bicarb, leave 10 minutes.
Cream butter and sugar, add eggs, flour, then the dates.
Bake in a 20 x 30 cm traybake tin at 180C/160C fan/gas 4 for 25-30 minutes.`,
    title: 'Sticky date traybake',
    region: 'UK',
    components: [['Batter', 7]],
    steps: 3,
    celsius: 180,
    minutes: [25, 30],
    pan: '20 x 30 cm traybake tin',
    grams: [
      ['2 medium eggs', 102],
      ['1 tsp bicarbonate', 4.925],
    ],
  },
  {
    hand: 'with a thing nobody knows and a line of chat in between',
    own: 'UK',
    text: `Lighthouse loaf

250g plain flour
2 tsp baking powder
1 tbsp marsh samphire dust
(this is the one from the summer)
120g butter
120g caster sugar
2 large eggs

Bake at 175 C, 45 to 50 min, 2 lb loaf tin.`,
    title: 'Lighthouse loaf',
    components: [['Batter', 7]],
    steps: 1,
    celsius: 175,
    minutes: [45, 50],
    pan: '2 lb loaf tin',
    grams: [
      ['2 large eggs', 120],
      ['250g plain flour', 250],
    ],
  },
  {
    hand: 'core temperature and oven temperature in one method',
    own: 'UK',
    text: `Pumpkin loaf

220 g plain flour
1 tsp bicarbonate of soda
2 tsp pumpkin spice
200 g light muscovado sugar
240 g pumpkin purée
2 medium eggs
110 ml vegetable oil

Whisk and pour into a lined 9x5 in loaf tin.
Bake at 165°C for an hour, until the middle reads 97°C on a probe thermometer.
Cool 20 minutes, then turn out.`,
    title: 'Pumpkin loaf',
    components: [['Batter', 7]],
    steps: 3,
    celsius: 165,
    minutes: [60, 60],
    pan: '9x5 in loaf tin',
    grams: [
      ['240 g pumpkin', 240],
      ['110 ml vegetable oil', 101.2],
    ],
  },
];
