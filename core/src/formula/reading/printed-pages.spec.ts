import { holdTo, type Kept } from './kept.spec-help.js';

/*
 * Pages, magazines and messages as they are pasted, in the ordinary ways that they are set. What a person reads in them is written down
 * by hand.
 */

const PRINTED: readonly Kept[] = [
  {
    is: 'a page whose zest and juice stand in two parts',
    region: 'UK',
    text: 'Lemon drizzle traybake\n\nFor the cake\n225g butter, softened\n225g caster sugar\n275g self-raising flour\n2 tsp baking powder\n4 eggs\n4 tbsp milk\nfinely grated zest of 2 lemons\n\nFor the drizzle topping\n175g granulated sugar\njuice of 2 lemons\n\nMethod\nPreheat the oven to 160C fan. Grease a 30 x 23 x 4cm traybake tin and line with baking parchment.\nPut all the cake ingredients in a bowl and beat for 2 minutes until smooth. Turn into the tin and level.\nBake for 35-40 minutes or until the cake has shrunk a little from the sides.\nMix the lemon juice and sugar and spoon over the warm cake.',
    title: 'Lemon drizzle traybake',
    parts: ['Cake', 'Drizzle topping'],
    takes: [['unsalted-butter', 225], ['superfine-sugar', 225], ['self-raising-flour', 275], 'uk-baking-powder', 'egg', 'whole-milk', 'lemon-zest', ['granulated-sugar', 175], 'lemon-juice'],
    bake: { celsius: 160, fan: true, minutes: [35, 40], pan: '30 x 23 x 4cm traybake tin' },
  },
  {
    is: 'steps that are numbered without a mark',
    region: 'UK',
    text: 'CHOCOLATE FUDGE CAKE\nServes 10\n\nYou will need 2 x 20cm/8in round cake tins\n\n175g self-raising flour\n2 tbsp cocoa powder\n1 tsp bicarbonate of soda\n150g caster sugar\n2 eggs, lightly beaten\n150ml sunflower oil\n150ml semi-skimmed milk\n2 tbsp golden syrup\n\nBUTTERCREAM\n75g unsalted butter\n175g icing sugar\n3 tbsp cocoa powder\nsplash of milk\n\n1 Heat oven to 180C/160C fan/gas 4. Grease and base-line the tins.\n2 Sieve the flour, cocoa and bicarbonate into a bowl. Add the sugar and mix.\n3 Make a well in the centre and add the golden syrup, eggs, oil and milk. Beat well with an electric whisk until smooth.\n4 Pour the mixture into the tins and bake for 25-30 mins until risen and firm to the touch. Cool for 10 mins before turning out.\n5 Beat the butter until soft, then beat in the icing sugar, cocoa and enough milk to make it fluffy.',
    title: 'Chocolate fudge cake',
    parts: ['Batter', 'Buttercream'],
    steps: 6,
    takes: [['self-raising-flour', 175], 'natural-cocoa', 'baking-soda', ['superfine-sugar', 150], 'egg', 'sunflower-oil', 'semi-skimmed-milk', 'golden-syrup', ['unsalted-butter', 75], ['powdered-sugar', 175], 'natural-cocoa', 'whole-milk'],
    bake: { celsius: 180, minutes: [25, 30], pan: '2 x 20cm/8in round cake tins' },
  },
  {
    is: 'steps below their numbers, amounts said again in them',
    region: 'UK',
    text: 'Easy Victoria sponge\n\nPrep:20 mins\nCook:20 mins\nEasy\nServes 10\n\nIngredients\nFor the cake\n200g caster sugar\n200g softened butter\n4 eggs, beaten\n200g self-raising flour\n1 tsp baking powder\n2 tbsp milk\nFor the filling\n100g butter, softened\n140g icing sugar, sifted\ndrop vanilla extract (optional)\nhalf a 340g jar good-quality strawberry jam\nicing sugar, to decorate\n\nMethod\nSTEP 1\nHeat oven to 190C/170C fan/gas 5. Butter two 20cm sandwich tins and line with non-stick baking paper.\nSTEP 2\nIn a large bowl, beat 200g caster sugar, 200g softened butter, 4 beaten eggs, 200g self-raising flour, 1 tsp baking powder and 2 tbsp milk together until you have a smooth, soft batter.\nSTEP 3\nDivide the mixture between the tins, smooth the surface with a spatula or the back of a spoon.\nSTEP 4\nBake for about 20 mins until golden and the cake springs back when pressed. Turn onto a cooling rack and leave to cool completely.',
    title: 'Easy Victoria sponge',
    parts: ['Cake', 'Filling'],
    steps: 4,
    takes: [['superfine-sugar', 200], ['unsalted-butter', 200], 'egg', ['self-raising-flour', 200], 'uk-baking-powder', 'whole-milk', ['unsalted-butter', 100], ['powdered-sugar', 140], 'vanilla-extract', ['strawberry-jam', 170], 'powdered-sugar'],
    bake: { celsius: 190, minutes: [20, 20], pan: 'two 20cm sandwich tins' },
  },
  {
    is: 'numbered steps that name portions of what is divided',
    region: 'US',
    text: 'Strawberry Shortcake Biscuits\n\nMakes 6\n\n1 pound strawberries, hulled and sliced\n5 tablespoons sugar, divided\n2 cups flour\n2 teaspoons baking powder\n1/4 teaspoon baking soda\n3/4 teaspoon salt\n1 1/2 cups heavy cream\n\nWhipped Cream:\n1 1/2 cups heavy cream, chilled\n3 tablespoons sugar\n1 1/2 teaspoons vanilla extract\n\n1. Mix strawberries with 3 tablespoons sugar; let sit 30 minutes.\n2. Oven to 400 F. Sift together the flour, baking powder, baking soda, remaining 2 tablespoons sugar, and salt. Add heavy cream and mix until just combined. Place mixture in an ungreased 8-inch square pan and bake until golden, 18 to 20 minutes.\n3. Remove shortcake from pan and place on a rack to cool slightly. Cut into 6 pieces.',
    title: 'Strawberry Shortcake Biscuits',
    parts: ['Batter', 'Whipped Cream'],
    takes: ['strawberries', 'granulated-sugar', 'all-purpose-flour', 'baking-powder', 'baking-soda', 'table-salt', 'heavy-cream', 'heavy-cream', 'granulated-sugar', 'vanilla-extract'],
    bake: { celsius: 204, minutes: [18, 20], pan: '8-inch square pan' },
  },
  {
    is: 'a loaf whose icing only the method tells',
    region: 'UK',
    text: 'Banana bread\n\n140g butter, softened, plus extra for the tin\n140g caster sugar\n2 large eggs, beaten\n140g self-raising flour\n1 tsp baking powder\n2 very ripe bananas, mashed\n50g icing sugar\nhandful dried banana chips, for decoration\n\nHeat oven to 180C/160C fan/gas 4. Butter a 2lb loaf tin and line the base and sides with baking parchment. Cream the butter and sugar until light and fluffy, then slowly add the eggs with a little of the flour. Fold in the remaining flour, baking powder and bananas. Pour into the tin and bake for about 50 mins until cooked through. Check the loaf at 5-min intervals by testing it with a skewer. Cool in the tin for 10 mins, then remove to a wire rack. Mix the icing sugar with 2-3 tsp water to make a runny icing and drizzle across the cake.',
    parts: ['Batter', 'Icing'],
    takes: [['unsalted-butter', 140], ['superfine-sugar', 140], 'egg', ['self-raising-flour', 140], 'uk-baking-powder', 'banana', 'banana-chips', ['powdered-sugar', 50]],
    bake: { celsius: 180, minutes: [50, 50], pan: '2lb loaf tin' },
  },
  {
    is: 'values below their names, a crumb with amounts in its step',
    region: 'US',
    text: 'The Best Blueberry Muffins\n\nPrep Time\n15 mins\nCook Time\n25 mins\nTotal Time\n40 mins\nServings\n8 muffins\n\nIngredients\n▢ 1 ½ cups all-purpose flour\n▢ ¾ cup white sugar\n▢ 2 teaspoons baking powder\n▢ ½ teaspoon salt\n▢ ⅓ cup vegetable oil\n▢ 1 large egg\n▢ ⅓ cup milk, or more as needed\n▢ 1 cup fresh blueberries\n\nFor the Crumb Topping:\n▢ ½ cup white sugar\n▢ ⅓ cup all-purpose flour\n▢ ¼ cup butter, cubed\n▢ 1 ½ teaspoons ground cinnamon\n\nInstructions\nPreheat oven to 400 degrees F (200 degrees C). Grease 8 muffin cups or line with paper liners.\nCombine 1 1/2 cups flour, 3/4 cup sugar, baking powder and salt. Place oil in a 1-cup measuring cup; add the egg and enough milk to reach the 1-cup mark. Mix this with flour mixture. Fold in blueberries. Fill muffin cups right to the top.\nMix together 1/2 cup sugar, 1/3 cup flour, 1/4 cup butter, and cinnamon with a fork and sprinkle over muffins.\nBake in the preheated oven until done, about 20 to 25 minutes.\n\nNutrition\nCalories: 381kcal | Carbohydrates: 60g | Protein: 5g | Fat: 15g',
    yield: 'Servings: 8 muffins',
    parts: ['Batter', 'Crumb Topping'],
    takes: ['all-purpose-flour', 'granulated-sugar', 'baking-powder', 'table-salt', 'vegetable-oil', 'egg', 'whole-milk', 'blueberries', 'granulated-sugar', 'all-purpose-flour', 'unsalted-butter', 'ground-cinnamon'],
    bake: { celsius: 204, minutes: [20, 25], pan: '8 muffin cups' },
  },
  {
    is: 'kinds in brackets and behind amounts',
    region: 'UK',
    text: 'Banana & walnut loaf - from my notebook\n\nflour (SR) - 225g\nbaking powder - 1/2 tsp\nbutter - 100g\nlight brown sugar - 150g\neggs - 2\nbananas - 3 medium (about 350g peeled)\nwalnuts - 75g chopped\nmilk - splash if needed\n\ncream b + s, eggs in one at a time, mash bananas in, fold flour. 2lb loaf tin. 170 fan. 50-55 mins, foil after 35',
    takes: [['self-raising-flour', 225], 'uk-baking-powder', ['unsalted-butter', 100], ['light-brown-sugar', 150], 'egg', ['banana', 350], ['walnuts', 75], 'whole-milk'],
    bake: { celsius: 170, fan: true, minutes: [50, 55], pan: '2lb loaf tin' },
  },
  {
    is: 'two kinds of which only the second has its noun',
    region: 'US',
    text: 'Vegan chocolate cake\n\nDry\n1 1/2 cups all purpose flour\n1 cup sugar\n1/4 cup unsweetened cocoa powder\n1 tsp baking soda\n1/2 tsp salt\n\nWet\n1 cup warm water or coffee\n1/3 cup vegetable oil\n1 tsp vanilla\n1 tsp white or apple cider vinegar\n\n350F / 30-35 min / 8x8 pan',
    takes: ['all-purpose-flour', 'granulated-sugar', 'natural-cocoa', 'baking-soda', 'table-salt', 'water', 'vegetable-oil', 'vanilla-extract', 'white-vinegar'],
    bake: { celsius: 177, minutes: [30, 35], pan: '8x8 pan' },
  },
  {
    is: 'a message that says what is no fan',
    region: 'UK',
    text: 'Hi love, the gingerbread one you asked for: 225g SR flour, 1 level tsp bicarb, 1 tbsp ground ginger, 1 tsp cinnamon, 1 tsp mixed spice, 115g butter, 115g dark muscovado, 115g treacle, 115g golden syrup, 250ml milk, 1 egg. Rub the butter in. Melt sugar, treacle, syrup & milk together, cool to blood heat. Mix in with the egg - it\'s very runny, don\'t panic! 18cm square tin about 5cm deep. 180 (not fan) for 50 min to an hour. x',
    title: 'Gingerbread',
    takes: [['self-raising-flour', 225], 'baking-soda', 'ground-ginger', 'ground-cinnamon', 'mixed-spice', ['unsalted-butter', 115], ['dark-muscovado-sugar', 115], ['black-treacle', 115], ['golden-syrup', 115], 'whole-milk', 'egg'],
    bake: { celsius: 180, fan: false, minutes: [50, 60], pan: '18cm square tin about 5cm deep' },
  },
  {
    is: 'two heats, their minutes bare',
    region: 'US',
    text: 'For the muffins: whisk 2 1/4 cups flour with 1 Tbsp baking powder, 3/4 tsp salt, and 2 tsp lemon zest. In another bowl rub 1 cup sugar with the zest of one more lemon, then whisk in 2 eggs, 1 cup Greek yogurt, 1/2 cup oil and 1/4 cup lemon juice. Fold together, add 2 Tbsp poppy seeds. Scoop into 12 lined cups. 425 for 7 minutes then 350 for 13 to 15. Glaze: 1 cup powdered sugar + 2 Tbsp lemon juice.',
    parts: ['Batter', 'Glaze'],
    takes: ['all-purpose-flour', 'baking-powder', 'table-salt', 'lemon-zest', 'granulated-sugar', 'egg', 'greek-yogurt', 'vegetable-oil', 'lemon-juice', 'poppy-seeds', 'powdered-sugar', 'lemon-juice'],
    bake: { celsius: 218, minutes: [20, 22], pan: '12 muffin cups' },
  },
  {
    is: 'a heat and its minutes with a stroke between',
    region: 'US',
    text: 'Blueberry cobbler: 1/2 stick butter melted in the 8x8 pan. Batter: 3/4 c flour, 3/4 c sugar, 1.5 tsp bp, pinch salt, 3/4 c milk. Pour over butter, dont stir. 2 cups berries on top. 350/45 min',
    title: 'Blueberry cobbler',
    takes: ['unsalted-butter', 'all-purpose-flour', 'granulated-sugar', 'baking-powder', 'table-salt', 'whole-milk', 'mixed-berries'],
    bake: { celsius: 177, minutes: [45, 45], pan: '8x8 pan' },
  },
  {
    is: 'a message with stars, a glaze in one line',
    region: 'US',
    text: '**Lemon Loaf**\n\n*For the loaf:*\n- 1½ cups AP flour\n- 1 cup sugar\n- 1 tsp baking powder\n- ¼ tsp baking soda\n- ½ tsp salt\n- 3 eggs\n- ½ cup oil\n- ½ cup sour cream\n- ⅓ cup lemon juice (about 2 lemons)\n- 1 Tbsp zest\n\n*Glaze:* 1 c powdered sugar, 2 T lemon juice\n\nBake @ 350 in 9x5 for 45–50 min (tent w/ foil last 10).',
    title: 'Lemon Loaf',
    parts: ['Loaf', 'Glaze'],
    takes: ['all-purpose-flour', 'granulated-sugar', 'baking-powder', 'baking-soda', 'table-salt', 'egg', 'vegetable-oil', 'sour-cream', 'lemon-juice', 'lemon-zest', 'powdered-sugar', 'lemon-juice'],
    bake: { celsius: 177, minutes: [45, 50], pan: '9x5' },
  },
  {
    is: 'a coating without a colon, and steps that boil first',
    region: 'US',
    text: 'Apple Cider Donut Muffins\nMakes: 12\nTotal time: 45 min\nLevel: Easy\n\nMuffins\n1 1/2 c. apple cider\n2 c. all-purpose flour\n2 tsp. baking powder\n1/4 tsp. baking soda\n3/4 tsp. salt\n1 tsp. cinnamon\n1/4 tsp. nutmeg\n1 stick unsalted butter, softened\n1/2 c. packed light brown sugar\n1/4 c. granulated sugar\n2 large eggs\n1/2 c. whole milk\nCoating\n6 Tbsp. melted butter\n1 c. granulated sugar\n1 Tbsp. cinnamon\n\n1. Boil cider in a saucepan until reduced to 1/2 cup, 15 min. Cool.\n2. Heat oven to 375ºF and grease muffin tin.\n3. Bake 18-20 min. Cool 5 min, roll in coating.',
    parts: ['Muffins', 'Coating'],
    steps: 3,
    takes: ['apple-juice', 'all-purpose-flour', 'baking-powder', 'baking-soda', 'table-salt', 'ground-cinnamon', 'ground-nutmeg', 'unsalted-butter', 'light-brown-sugar', 'granulated-sugar', 'egg', 'whole-milk', 'unsalted-butter', 'granulated-sugar', 'ground-cinnamon'],
    bake: { celsius: 191, minutes: [18, 20] },
  },
  {
    is: 'figures with strokes between them, all in grams',
    region: 'UK',
    text: 'Flour 250 / butter 125 / sugar 125 / eggs 2 / milk 100 / BP 10. 20cm round 170fan 35min',
    takes: [['all-purpose-flour', 250], ['unsalted-butter', 125], ['granulated-sugar', 125], 'egg', 'whole-milk', ['uk-baking-powder', 10]],
    bake: { celsius: 170, fan: true, minutes: [35, 35], pan: '20cm round' },
  },
  {
    is: 'a last step that is only minutes',
    region: 'UK',
    text: 'Mum\'s fruit scones\n\n8oz (225g) SR flour\npinch salt\n2oz (55g) butter\n1oz (25g) caster sugar\n2oz sultanas\n¼ pint (150ml) milk\n1 egg for glazing\n\n1. Oven 220C/Gas 7\n2. Rub fat into flour\n3. Stir in sugar, fruit, then milk\n4. Knead lightly, roll ¾" thick, 2" cutter\n5. Brush with egg\n6. 12-15 mins',
    steps: 6,
    takes: [['self-raising-flour', 225], 'table-salt', ['unsalted-butter', 55], ['superfine-sugar', 25], 'golden-raisins', 'whole-milk', 'egg'],
    bake: { celsius: 220, minutes: [12, 15] },
  },
]; // prettier-ignore

describe('a page as it is pasted', () => {
  for (const printed of PRINTED) it(`is read: ${printed.is}`, () => holdTo(printed));
});
