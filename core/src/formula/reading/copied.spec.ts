import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { weighFormula } from '../parsing/index.js';
import { readText } from './index.js';
import { holdTo, type Kept } from './kept.spec-help.js';

/* Texts as they are copied: answers, films, handouts, canteen cards, magazines; each with what a person reads in it. */

const COPIED: readonly Kept[] = [
  {
    is: 'an answer that says what it is in its first sentence',
    region: 'US',
    text: 'Certainly! Here\'s a simple and delicious **Blueberry Lemon Muffin** recipe for you.\n\n### Ingredients\n**For the muffins:**\n- 2 cups (250g) all-purpose flour\n- ¾ cup (150g) granulated sugar, plus 1 tablespoon for sprinkling\n- 2 teaspoons baking powder\n- 2 large eggs, at room temperature\n- ½ cup (120ml) neutral oil\n- ¾ cup (180g) plain Greek yogurt\n- 1½ cups (225g) fresh or frozen blueberries (do not thaw)\n\n**For the glaze (optional):**\n- 1 cup (120g) powdered sugar\n\n### Instructions\n1. **Preheat** your oven to 400°F (200°C) and line a 12-cup muffin tin.\n2. **Fold** everything together.\n3. **Bake** for 20 minutes.\n\n### Tips\n- Store for up to 3 days.\n\nWould you like a gluten-free version?',
    title: 'Blueberry Lemon Muffin',
    parts: ['Muffins', 'Glaze (optional)'],
    takes: [['all-purpose-flour', 250], ['granulated-sugar', 150], 'baking-powder', ['egg', 100], 'vegetable-oil', ['greek-yogurt', 180], ['blueberries', 225], ['powdered-sugar', 120]],
    bake: { celsius: 204, minutes: [20, 20], pan: '12-cup muffin tin' },
  },
  {
    is: 'weights at the end of its lines, without brackets',
    region: 'US',
    text: 'Moist Zucchini Bread\nServings: 12 slices\n\nIngredients\n▢ 1 ½ cups all-purpose flour 230g\n▢ ½ teaspoon baking soda\n▢ ½ cup vegetable oil 120ml\n▢ 1 large egg\n▢ ½ cup chopped walnuts optional\n\nInstructions\nPreheat the oven to 350 degrees. Spray a 9x5 loaf pan.\nWhisk and bake 50-60 minutes, until a toothpick comes out clean.',
    takes: [['all-purpose-flour', 230], 'baking-soda', 'vegetable-oil', ['egg', 50], 'walnuts'],
    bake: { celsius: 177, minutes: [50, 60], pan: '9x5 loaf pan' },
  },
  {
    is: 'two columns, one of them begun by a pinch',
    region: 'UK',
    text: 'You will need:\n225g self-raising flour        a pinch of salt\n55g butter                     25g caster sugar\n150ml milk                     1 egg, beaten, to glaze\n\nWhat to do:\n1. Turn the oven on to 220°C / gas mark 7.\n2. Rub the butter into the flour.\n3. Roll out 2cm thick. Cut with a 5cm cutter.\n4. Brush with egg. Bake 12-15 minutes.',
    steps: 4,
    takes: [['self-raising-flour', 225], 'table-salt', ['unsalted-butter', 55], ['superfine-sugar', 25], 'whole-milk', 'egg'],
    bake: { celsius: 220, minutes: [12, 15] },
  },
  {
    is: 'sizes side by side: the first, with its pan',
    region: 'UK',
    text: 'Victoria sponge sizes\n\n                6 inch     7 inch     8 inch\nEggs            2          3          4\nButter          115 g      170 g      225 g\nCaster sugar    115 g      170 g      225 g\nSR flour        115 g      170 g      225 g\n\n180C, 20-25 min for all of them.',
    takes: ['egg', ['unsalted-butter', 115], ['superfine-sugar', 115], ['self-raising-flour', 115]],
    bake: { celsius: 180, minutes: [20, 25], pan: '6 inch Tin' },
  },
  {
    is: 'its pan and how many behind its name',
    region: 'US',
    text: 'Grandma\'s Sour Cream Coffee Cake - Makes one 9x13 or two 8" squares\n\nCream 1 c. butter with 2 c. sugar. Add 4 eggs one at a time. Sift 4 c. flour with 2 tsp. baking powder, 2 tsp. soda and 1 tsp. salt; add alternately with 1 pt. sour cream. For the topping mix 1/2 c. brown sugar, 2 tsp. cinnamon and 1 c. chopped pecans. Put half the batter in pan, half the topping, then rest of each. Bake at 325° 40 to 45 minutes.',
    title: "Grandma's Sour Cream Coffee Cake",
    parts: ['Batter', 'Topping'],
    takes: ['unsalted-butter', 'granulated-sugar', ['egg', 200], 'all-purpose-flour', 'baking-powder', 'baking-soda', 'table-salt', 'sour-cream', 'light-brown-sugar', 'ground-cinnamon', 'pecans'],
    bake: { celsius: 163, minutes: [40, 45], pan: '9x13 pan' },
  },
  {
    is: 'times of a film between list and bake',
    region: 'UK',
    text: 'Cheese scones\n\nINGREDIENTS\n350g / 12oz self raising flour\n1 level tsp baking powder\n85g / 3oz cold butter, cubed\n170ml / 6 fl oz milk\n\n0:00 Intro\n0:45 Rubbing in\n3:10 Adding the milk\n220°C / 200°C fan / gas 7 for 12 to 15 minutes\nMakes 8',
    yield: 'Makes 8',
    takes: [['self-raising-flour', 350], 'uk-baking-powder', ['unsalted-butter', 85], ['whole-milk', 175]],
    bake: { celsius: 220, minutes: [12, 15] },
  },
  {
    is: 'steps whose numbers carry no mark, the second for a part',
    region: 'UK',
    text: 'Rhubarb crumble muffins\nPrep 20 min\nBake 20-25 min\nMakes 12\n\nFor the crumble\n40g plain flour\n30g cold butter, diced\n\nFor the muffins\n300g rhubarb, trimmed\n280g plain flour\n2 tsp baking powder\n2 medium eggs\n\n1 Heat the oven to 200C/180C fan/gas 6. Line a 12-hole muffin tin with paper cases.\n2 For the crumble, rub the butter into the flour.\n3 Slice the rhubarb 1cm thick. Sift the flour and baking powder.\n4 Whisk the eggs and stir into the dry ingredients with the rhubarb.\n5 Divide between the cases, scatter over the crumble and bake for 20-25 min.',
    yield: 'Makes 12',
    steps: 5,
    parts: ['Crumble', 'Muffins'],
    takes: [['all-purpose-flour', 40], ['unsalted-butter', 30], ['rhubarb', 300], ['all-purpose-flour', 280], 'uk-baking-powder', ['egg', 102]],
    bake: { celsius: 200, minutes: [20, 25], pan: '12-hole muffin tin' },
  },
  {
    is: 'steps without marks, the first of them for a part',
    region: 'UK',
    text: 'Damson and oat slice\n(20cm square tin, 16 squares)\n\nOat topping\n60 g plain flour\n40 g cold butter\n\nSponge\n180 g self-raising flour\n120 g butter, soft\n2 medium eggs\n250 g damsons, stoned and halved\n\nLemon glaze\n80 g icing sugar\n1 tbsp lemon juice\n\n1 For the topping, rub the butter into the flour.\n2 Heat the oven to 180C. Cream the butter, beat in the eggs, fold in the flour.\n3 Spread in the tin, dot with the damsons, scatter over the topping and bake for 40 minutes.\n4 Beat the icing sugar with the lemon juice. Drizzle the glaze over when cold.',
    yield: 'Makes 16 squares',
    steps: 4,
    parts: ['Oat topping', 'Sponge', 'Lemon glaze'],
    takes: [['all-purpose-flour', 60], ['unsalted-butter', 40], ['self-raising-flour', 180], ['unsalted-butter', 120], ['egg', 102], ['damsons', 250], ['powdered-sugar', 80], 'lemon-juice'],
    bake: { celsius: 180, minutes: [40, 40], pan: '20cm square tin' },
  },
  {
    is: 'a weight and a time behind the name of a fruit',
    region: 'UK',
    text: 'Almond & orange cake (serves 10-12)\n2 oranges, about 375g, boiled whole for 2 hours\n6 eggs\n250g golden caster sugar\n250g ground almonds\n1 tsp gluten-free baking powder\n\nBlitz the oranges whole (remove pips). Whisk eggs and sugar, add everything else. Pour into a 23cm springform. 170C fan for 50-60 minutes.',
    takes: [['orange', 375], 'egg', ['golden-caster-sugar', 250], ['almond-flour', 250], 'uk-baking-powder'],
    bake: { celsius: 170, fan: true, minutes: [50, 60], pan: '23cm springform' },
  },
  {
    is: 'a column of measures before the one of weights',
    region: 'US',
    text: 'Banana loaf\nYield: 1 loaf (about 900 g)\nIngredient | Volume | Weight\n--- | --- | ---\nBananas, very ripe | 1 1/2 cups mashed (about 4) | 340 g\nBrown sugar | 3/4 cup packed | 160 g\nOil | 1/2 cup | 100 g\nEggs | 2 large | 110 g\nAll-purpose flour | 1 1/2 cups | 220 g\nBaking soda | 1 tsp | 5 g\n\n1. Heat oven to 350 F and grease an 8.5 x 4.5 inch loaf pan.\n2. Bake 55 to 65 minutes (internal temp 200-205 F).',
    yield: 'Yield: 1 loaf (about 900 g)',
    takes: [['banana', 340], ['light-brown-sugar', 160], ['vegetable-oil', 100], ['egg', 110], ['all-purpose-flour', 220], ['baking-soda', 5]],
    bake: { celsius: 177, minutes: [55, 65], pan: '8.5 x 4.5 inch loaf pan' },
  },
  {
    is: 'turned down after a while, the time said for all of it; small loaves in the title',
    region: 'UK',
    text: 'Irish wheaten bread (2 small loaves)\n450g coarse wholemeal\n225g plain flour\n1 rounded tsp bread soda\n550–600ml buttermilk\nOven 200, 45 mins turning down to 180 after 15. Two 1lb tins.',
    title: 'Irish wheaten bread',
    yield: '2 small loaves',
    takes: [['coarse-wholemeal-flour', 450], ['all-purpose-flour', 225], 'baking-soda', ['buttermilk', 595]],
    bake: { celsius: 200, minutes: [45, 45], pan: 'Two 1lb tins' },
  },
  {
    is: 'what it is baked in and how many in brackets below its name',
    region: 'UK',
    text: 'Chocolate beetroot cake\n(23cm round, 12 slices)\n- 250g cooked beetroot, puréed\n- 200 ml rapeseed oil\n- 180g plain flour\n- 2 tsp baking powder\nBake 180C 45-50m\nGanache: 100g dark chocolate + 100ml double cream',
    yield: 'Makes 12 slices',
    parts: ['Batter', 'Ganache'],
    takes: [['beet', 250], 'canola-oil', ['all-purpose-flour', 180], 'uk-baking-powder', ['dark-chocolate-70', 100], 'double-cream'],
    bake: { celsius: 180, minutes: [45, 50], pan: '23cm round Tin' },
  },
  {
    is: 'a canteen’s card: kilos beside grams, a batch, steps in a row',
    region: 'UK',
    text: 'RECIPE CARD 14 - FRUIT SCONES\nBatch size: 24 no.\nOven: 220 C\nTime: 12-14 mins\n\nIngredient | kg | g\nSelf raising flour | 1 | 000\nBaking powder | | 030\nButter | | 250\nSultanas | | 200\nMilk | | 450\n\nMethod\n1. Rub in. 2. Add fruit. 3. Add liquid. 4. Pin out 25 mm. 5. Cut 65 mm.',
    takes: [['self-raising-flour', 1000], ['uk-baking-powder', 30], ['unsalted-butter', 250], ['golden-raisins', 200], ['whole-milk', 450]],
    bake: { celsius: 220, minutes: [12, 14], pan: 'disc 65 mm x 24' },
  },
  {
    is: 'sugar that is rubbed with a zest',
    region: 'US',
    text: 'Lemon Poppy Seed Loaf\nDry Ingredients\n• 1 1/2 cups AP flour\n• 2 Tbsp poppy seeds\n\nWet Ingredients\n• 1 cup sugar rubbed with zest of 2 lemons\n• 3 eggs\n• 1/2 cup olive oil\n\n350° for 50–55 mins in a 8½ x 4½ loaf pan',
    takes: ['all-purpose-flour', 'poppy-seeds', ['granulated-sugar', 200], 'lemon-zest', ['egg', 150], 'olive-oil'],
    bake: { celsius: 177, minutes: [50, 55] },
  },
  {
    is: 'an icing that is said to be, and a cake that was liked',
    region: 'UK',
    text: "Hi love, that carrot cake you liked - 6oz of soft brown sugar, 6 fl oz oil, 3 eggs, 5oz grated carrot (3 middling ones), 6oz SR flour, tsp bicarb. Whisk the sugar oil and eggs then everything else, it's runny. 7 inch square tin at 180 for 40 mins-ish. Icing is 6oz icing sugar and a tbsp or two of orange juice. xx",
    title: 'Carrot cake',
    parts: ['Batter', 'Icing'],
    takes: [['light-brown-sugar', 170], 'vegetable-oil', 'egg', ['carrot', 142], ['self-raising-flour', 170], 'baking-soda', ['powdered-sugar', 170], 'orange-juice'],
    bake: { celsius: 180, minutes: [40, 40], pan: '7 inch square tin' },
  },
  {
    is: 'eggs weighed in their shells, bare figures, what it is filled with',
    region: 'UK',
    text: 'Coffee and walnut (8" sandwich)\neggs weighed in shells: 4 = 240g, so\n240 butter\n240 light brown sugar\n240 SR\n1½ tsp BP\n100 walnuts\nfill: 150 butter, 300 icing sugar, 1 tbsp coffee\n170 fan 25',
    parts: ['Batter', 'Filling'],
    takes: [['egg', 204], ['unsalted-butter', 240], ['light-brown-sugar', 240], ['self-raising-flour', 240], 'uk-baking-powder', ['walnuts', 100], ['unsalted-butter', 150], ['powdered-sugar', 300], 'brewed-coffee'],
    bake: { celsius: 170, fan: true, minutes: [25, 25] },
  },
]; // prettier-ignore

describe('a text that is copied', () => {
  for (const copied of COPIED) it(`is read as a person reads it: ${copied.is}`, () => holdTo(copied));

  it('of shares above which only “(%)” stands is a batch of its weight', () => {
    const formula = formulaRead(
      readText(
        'SODA BREAD (%)\nWholemeal flour 60\nWhite flour 40\nButtermilk 78\nBicarb 1.6\nSalt 1.8\nHoney 3\nTotal 184.4\nLoaf weight 800 g',
        'UK',
      ),
    );
    const lines = formula.components.flatMap(({ lines }) => lines.map(({ text }) => text));
    expect(lines.length).toBe(6);
    // 100 of 184.4 parts of 800 g
    expect(formula.flourBasisGrams).toBe(434);
  });

  it('measures with the mug that it says', () => {
    const formula = formulaRead(
      readText('Mug scones (my mug holds 280 ml)\n2 mugs SR flour\n1/2 mug milk\n50 g butter\n\nBake at 220 C for 12 minutes.', 'UK'),
    ); // prettier-ignore
    const [flour, milk] = weighFormula(formula).components[0]?.lines ?? [];
    // self-raising flour weighs 0.53 g a millilitre, milk 1.03
    expect(flour?.entries[0]?.weight?.grams).toBeCloseTo(560 * 0.53, 0);
    expect(milk?.entries[0]?.weight?.grams).toBeCloseTo(140 * 1.03, 0);
  });
});
