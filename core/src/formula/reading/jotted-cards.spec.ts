import { holdTo, type Kept } from './kept.spec-help.js';

/* Cards, mails and backs of envelopes in short words, as bakers jot them for themselves. What a person reads in them is written down by hand. */

const JOTTED: readonly Kept[] = [
  {
    is: 'the back of an envelope: short words, a pan and minutes without their names',
    region: 'US',
    text: 'Brown butter snack cake (from the back of an envelope)\n9" sq\n\nbrn butter 1 stick + 2T\ndk br sug 1c packed\n2 eggs\n1t van\n1 1/4 c fl\n3/4t b.p.\n1/2 t salt\n\n350, 22-25 till edges pull away. dont overbake!!',
    takes: ['unsalted-butter', 'dark-brown-sugar', 'egg', 'vanilla-extract', ['all-purpose-flour', 157], 'baking-powder', 'table-salt'],
    bake: { celsius: 177, minutes: [22, 25], pan: '9" sq' },
  },
  {
    is: 'the weight of the eggs said before the eggs',
    region: 'UK',
    text: "Hi love, here's the bun recipe you asked for. Same weight of butter, sugar and SR flour as 3 eggs (in shells), so usually about 180g of each. A splash of milk if it looks stiff, teaspoon vanilla. Cream butter & sugar, eggs one at a time, fold flour. 12 bun cases, gas 5 for about 18 mins.",
    takes: ['egg', ['unsalted-butter', 180], ['granulated-sugar', 180], ['self-raising-flour', 180], 'whole-milk', 'vanilla-extract'],
    bake: { celsius: 190, minutes: [18, 18], pan: '12 bun cases' },
  },
  {
    is: 'a table below a row of times',
    region: 'US',
    text: '# Banana Oat Muffins\n\n**Prep:** 10 min | **Cook:** 20 min | **Serves:** 12\n\n| Ingredient | Amount |\n|---|---|\n| Rolled oats | 2 cups |\n| Eggs | 2 |\n| Maple syrup | 1/3 cup |\n| Baking powder | 1 1/2 tsp |\n\n1. Preheat to 350°F, line a 12-cup muffin tin.\n2. Blend everything.\n3. Bake 18–20 min.',
    title: 'Banana Oat Muffins',
    yield: 'Serves: 12',
    takes: ['rolled-oats', 'egg', 'maple-syrup', 'baking-powder'],
    bake: { celsius: 177, minutes: [18, 20], pan: '12-cup muffin tin' },
  },
  {
    is: 'an egg made up to a measure, with a word behind',
    region: 'UK',
    text: 'Cheese scones  makes 8\n350g SR\n1 level tsp bp\n85g cold butter, cubed\n175g mature cheddar (keep 25g back for tops)\n1 egg made up to 200ml with milk (buttermilk even better)\nHot oven 220/200fan/gas 7, 12-14 mins on the top shelf',
    takes: [['self-raising-flour', 350], 'uk-baking-powder', ['unsalted-butter', 85], ['cheddar', 175], ['egg', 51], ['whole-milk', 154]],
    bake: { celsius: 220, fan: false, minutes: [12, 14] },
  },
  {
    is: 'a frosting of seven minutes, and a pan that is greased',
    region: 'US',
    text: "Chocolate mayonnaise cake\n\n2 cups flour\n1 cup sugar\n4 Tbsp cocoa\n2 tsp. soda\n1 cup mayonnaise\n1 cup cold water\nBeat 2 min by hand. Greased & floured 9x13, 350 degrees for 30-35 min.\n\nSeven minute frosting (optional)\n2 egg whites\n1 1/2 c. sugar",
    parts: ['Batter', 'Seven minute frosting (optional)'],
    takes: ['all-purpose-flour', 'granulated-sugar', 'natural-cocoa', 'baking-soda', 'mayonnaise', 'water', 'egg-white', 'granulated-sugar'],
    bake: { celsius: 177, minutes: [30, 35], pan: '9x13' },
  },
  {
    is: 'the fan said first, zest and juice behind their orange, a glaze that only its step makes',
    region: 'UK',
    text: 'Marmalade drizzle loaf\n• butter, softened ............ 175g\n• golden caster sugar ......... 175g\n• eggs, beaten ................ 3 medium\n• self-raising flour .......... 175g\n• orange ...................... 1, zest & juice\n• icing sugar ................. 50g\n2lb loaf tin, lined. Oven 160 fan / 180 / 350F / Gas 4. 45–50 min\nGlaze: warm the juice and icing sugar; brush over the hot loaf.',
    parts: ['Batter', 'Glaze'],
    takes: [['unsalted-butter', 175], ['golden-caster-sugar', 175], 'egg', ['self-raising-flour', 175], 'orange-zest', 'orange-juice', ['powdered-sugar', 50]],
    bake: { celsius: 180, fan: false, minutes: [45, 50], pan: '2lb loaf tin' },
  },
  {
    is: 'a lidded pot, minutes with the lid and without it',
    region: 'US',
    text: 'Soda bread in the pot, feeds 6\n3 c AP, 1 c whole wheat, 1 1/2 tsp baking soda, 2 Tbsp sugar, 1 3/4 c buttermilk, 1/2 c raisins if you have them\nmix dry, make a well, pour in buttermilk, knead 5-6 turns, cut a cross, 425F lid on 30 min, lid off 10-15 more',
    takes: ['all-purpose-flour', ['whole-wheat-flour', 121], 'baking-soda', 'granulated-sugar', 'buttermilk', 'raisins'],
    bake: { celsius: 218, minutes: [40, 45] },
  },
  {
    is: 'half of one fat and half of another',
    region: 'UK',
    text: 'Parkin\n8oz medium oatmeal\n4oz plain flour\n1 small tsp bicarbonate\n4oz lard & butter mixed\n8oz treacle\n1 egg\nMelt fat with treacle. Mix in rest. 8" square tin, 150C, 1 hr - 1 hr 15',
    takes: ['medium-oatmeal', 'all-purpose-flour', 'baking-soda', ['lard', 57], ['unsalted-butter', 57], 'black-treacle', 'egg'],
    bake: { celsius: 150, minutes: [60, 75], pan: '8" square tin' },
  },
  {
    is: 'things with their amounts behind them in one row, eggs large by two letters',
    region: 'US',
    text: 'Cornbread\ncornmeal 1 1/2 cups (fine)\nAP flour 1/2 cup\nBP 2 tsp, BS 1/2 tsp, salt 1 tsp\nbuttermilk 1 1/2 cups\neggs, 2 lg\nbake at 425 for 20-25 min in a 10 inch skillet',
    takes: ['cornmeal', 'all-purpose-flour', 'baking-powder', 'baking-soda', 'table-salt', 'buttermilk', ['egg', 100]],
    bake: { celsius: 218, minutes: [20, 25], pan: '10 inch skillet' },
  },
  {
    is: 'parts of one word, more of it if it wants more, a method that begins with its heat',
    region: 'US',
    text: 'BLUEBERRY BISCUITS\n(Makes 9)\n\nDry\n2½ cups AP flour (312g)\n2½ tsp baking powder\n\nFat\n½ cup (1 stick/113g) very cold butter, grated\n\nWet\n1 cup cold buttermilk (+1-2T if needed)\n\n1 cup frozen wild blueberries\n\n425°F. Whisk dry. Toss in butter. Add bmilk, then berries. Pat 1", cut into 9 squares. 16-18 min.',
    yield: 'Makes 9',
    parts: ['Dry', 'Fat', 'Wet'],
    takes: [['all-purpose-flour', 312], 'baking-powder', ['unsalted-butter', 113], ['buttermilk', 245], 'blueberries'],
    bake: { celsius: 218, minutes: [16, 18] },
  },
  {
    is: 'an amount that somebody else uses, so many or so',
    region: 'US',
    text: 'Zucchini muffins\n1/2 c oil\n3/4 c sugar (she uses 1 c)\n2 eggs\n1 1/2 c flour\n1 t soda\nFill 3/4 full, 350, 20-22. Makes 15ish',
    yield: 'Makes 15ish',
    takes: ['vegetable-oil', ['granulated-sugar', 150], 'egg', 'all-purpose-flour', 'baking-soda'],
    bake: { celsius: 177, minutes: [20, 22] },
  },
  {
    is: 'juice of the lemon above, between strokes',
    region: 'UK',
    text: 'Lemon drizzle\n100g soft butter / 100g caster sugar / 2 eggs / 100g SRF / zest 1 lemon\nfor the drizzle - juice of the lemon + 50g granulated\n1lb loaf tin. 160 for 25-30 mins',
    parts: ['Batter', 'Drizzle'],
    takes: [['unsalted-butter', 100], ['superfine-sugar', 100], 'egg', ['self-raising-flour', 100], 'lemon-zest', 'lemon-juice', ['granulated-sugar', 50]],
    bake: { celsius: 160, minutes: [25, 30], pan: '1lb loaf tin' },
  },
  {
    is: 'a rack in the center of the oven, times beside the yield above the title',
    region: 'US',
    text: 'Makes 1 loaf  Prep 15 min  Bake 55 min\n\nCINNAMON QUICK BREAD\n\nBread\n• 2 cups (240 g) all-purpose flour\n• 1 tablespoon baking powder\n• 1 cup (240 ml) whole milk\n• 1 large egg\n\n1. Position a rack in the center and heat oven to 350°F/175°C. Coat an 8½-by-4½-inch loaf pan.\n2. Whisk it all.\n3. Bake until a tester comes out clean, 50 to 60 minutes.',
    title: 'Cinnamon quick bread',
    yield: 'Makes 1 loaf',
    takes: [['all-purpose-flour', 240], 'baking-powder', 'whole-milk', ['egg', 50]],
    bake: { celsius: 177, minutes: [50, 60], pan: '8 1/2-by-4 1/2-inch loaf pan' },
  },
  {
    is: 'a mail with its head',
    region: 'UK',
    text: "From: Pat\nSubject: the beetroot brownies!\n\nHi, here you go. 250g beetroot (cooked, the vac pack, not vinegar), blitzed. Melt 200g dark choc with 150g butter. Whisk 3 eggs and 200g caster till thick, fold all together with 100g SR flour, 50g cocoa. 20cm square for 30-35 at 160 fan. Don't overbake. P x",
    title: 'the beetroot brownies!',
    takes: [['beet', 250], ['dark-chocolate-70', 200], ['unsalted-butter', 150], 'egg', ['superfine-sugar', 200], ['self-raising-flour', 100], ['natural-cocoa', 50]],
    bake: { celsius: 160, fan: true, minutes: [30, 35], pan: '20cm square' },
  },
  {
    is: 'points between things, of which the last is for brushing',
    region: 'US',
    text: 'Irish soda bread\n4 cups flour • 1/4 cup sugar • 1 tsp ea. baking soda, salt • 1 cup buttermilk • 1 egg • plus 1/4 cup buttermilk for brushing\nPreheat 375. Knead lightly. Form into round, place on greased sheet. Bake 45-50 min.',
    takes: ['all-purpose-flour', 'granulated-sugar', 'baking-soda', 'table-salt', 'buttermilk', 'egg', 'buttermilk'],
    bake: { celsius: 191, minutes: [45, 50] },
  },
  {
    is: 'a title with its tin',
    region: 'UK',
    text: 'Dundee fruit cake - 18cm/7in round deep\n175g butter 175g soft brown sugar 3 eggs 225g plain flour 1 tsp baking powder 50g glace cherries\n150C/130C fan 2-2½ hours. cover with brown paper after 1 hr',
    takes: [['unsalted-butter', 175], ['light-brown-sugar', 175], 'egg', ['all-purpose-flour', 225], 'uk-baking-powder', ['glace-cherries', 50]],
    bake: { celsius: 150, fan: false, minutes: [120, 150], pan: '18cm/7in round' },
  },
]; // prettier-ignore

describe('what is jotted for oneself', () => {
  for (const kept of JOTTED) it(`is read as a person reads it: ${kept.is}`, () => holdTo(kept));
});
