import type { ToldText } from './told-texts.table.js';

/*
 * A second corpus: fifteen texts written in one go, cards, pages, prose, narration and messages, with what they take put down by hand
 * before any was read by the program. Nothing in the reader was changed for them; what they give is the figure that README quotes.
 */
// prettier-ignore
export const SECOND_TEXTS: readonly ToldText[] = [
  { id: 'card-plum-buckle', region: 'US', text: `Plum buckle

1 3/4 cups (220 g) all-purpose flour
2 tsp baking powder
1/2 tsp fine sea salt
6 tbsp unsalted butter, softened
3/4 cup (150 g) granulated sugar, plus 1 tbsp for the top
1 large egg
1/2 cup whole milk
1 lb plums, pitted and cut in wedges

Heat the oven to 375°F. Butter a 9-inch square pan.
Cream the butter and sugar, beat in the egg. Stir in the dry things by turns with the milk.
Spread, push in the plums, sprinkle with the tablespoon of sugar. Bake 45-50 minutes.
Serves 9.`,
    takes: ['1.75 cup all-purpose-flour', '2 teaspoon baking-powder', '0.5 teaspoon fine-sea-salt', '6 tablespoon unsalted-butter', '0.75 cup granulated-sugar', '1 tablespoon granulated-sugar', '1 piece egg', '0.5 cup whole-milk', '1 pound plum'], bake: '191 45-50', makes: '9' },
  { id: 'card-treacle-farl', region: 'UK', text: `TREACLE FARLS (makes 4)
250g plain flour
50g medium oatmeal
1 level tsp bicarbonate of soda
½ tsp salt
25g butter
1 tbsp black treacle
225ml buttermilk

Rub in the butter. Warm the treacle into the buttermilk and stir it in. Pat out 2 cm thick, cut in four. Bake on a floured tray at 200°C for 20 to 25 minutes.`,
    takes: ['250 gram plain-flour|all-purpose-flour', '50 gram oatmeal|medium-oatmeal', '1 teaspoon baking-soda', '0.5 teaspoon table-salt', '25 gram unsalted-butter|salted-butter', '1 tablespoon black-treacle', '225 millilitre buttermilk'], bake: '200 20-25', makes: '4' },
  { id: 'card-banana-bran', region: 'AU', text: `Bran muffins with banana
- 1 cup wheat bran
- 1 cup buttermilk
- 2 ripe bananas, mashed
- 1/3 cup vegetable oil
- 1 egg
- 1/2 cup brown sugar, lightly packed
- 1 1/2 cups wholemeal flour
- 2 teaspoons baking powder
- 1/2 teaspoon bicarb soda
- pinch of salt
- 1/2 cup sultanas

1. Soak the bran in the buttermilk for ten minutes.
2. Whisk in bananas, oil, egg and sugar.
3. Fold in the rest. Fill a greased 12-hole muffin tin.
4. Bake at 190C (170C fan) for 20 minutes.`,
    takes: ['1 cup wheat-bran', '1 cup buttermilk', '2 piece banana', '0.333 cup vegetable-oil|canola-oil', '1 piece egg', '0.5 cup light-brown-sugar', '1.5 cup whole-wheat-flour', '2 teaspoon baking-powder', '0.5 teaspoon baking-soda', '1 pinch table-salt', '0.5 cup sultanas|golden-raisins'], bake: '190 20' },
  { id: 'card-cocoa-sheet', region: 'US', text: `Cocoa sheet cake

For the cake:
2 cups AP flour
2 cups sugar
1 cup butter (2 sticks)
1 cup water
1/4 cup unsweetened cocoa powder
1/2 cup sour cream
2 eggs
1 tsp baking soda
1/2 tsp kosher salt

For the frosting:
1/2 cup butter
6 tbsp milk
1/4 cup cocoa
3 1/2 cups confectioners' sugar
1 tsp vanilla

Boil butter, water and cocoa. Pour over the flour, sugar, soda and salt. Beat in sour cream and eggs. Bake in a 13x18-inch sheet pan, 350°F, 20 minutes. Boil the frosting's butter, milk and cocoa, beat in the sugar and vanilla and pour it over the warm cake.`,
    takes: ['2 cup all-purpose-flour', '2 cup granulated-sugar', '1 cup unsalted-butter|salted-butter', '1 cup water', '0.25 cup natural-cocoa|dutch-cocoa', '0.5 cup sour-cream', '2 piece egg', '1 teaspoon baking-soda', '0.5 teaspoon kosher-salt', '0.5 cup unsalted-butter|salted-butter @frosting', '6 tablespoon whole-milk @frosting', '0.25 cup natural-cocoa|dutch-cocoa @frosting', '3.5 cup powdered-sugar @frosting', '1 teaspoon vanilla-extract @frosting'], bake: '177 20' },
  { id: 'card-cheese-scones', region: 'UK', text: `Cheese & mustard scones - 8 big ones

350g SR flour, 1 tsp baking powder, ½ tsp salt
85g cold butter, cubed
150g mature cheddar, grated (keep a handful back for the tops)
1 tsp mustard powder
175ml milk

Oven 220C/200 fan. Rub in, stir in the cheese, bring together with the milk. Cut 6cm rounds 3cm thick. 12-15 mins.`,
    takes: ['350 gram self-raising-flour', '1 teaspoon uk-baking-powder|baking-powder', '0.5 teaspoon table-salt', '85 gram unsalted-butter|salted-butter', '150 gram cheddar', '1 teaspoon mustard-powder', '175 millilitre whole-milk'], bake: '220 12-15', makes: '8' },
  { id: 'page-pear-ginger', region: 'US', text: `My sister asked for this one again, so here it is at last. It keeps for days, if it gets the chance.

Ginger pear loaf
Prep time: 20 min | Cook time: 1 hour | Makes 1 loaf

Ingredients
* 1 ½ cups (190g) all-purpose flour, spooned and leveled
* 1 tsp baking soda
* 2 tsp ground ginger
* ¼ tsp salt
* ½ cup (113g) unsalted butter, melted and cooled
* ¾ cup (150g) packed brown sugar
* 2 large eggs, at room temperature
* ½ cup (120g) plain yogurt
* 1 cup diced pear, from about 2 medium pears

Instructions
Preheat the oven to 350°F (177°C). Grease a 9x5-inch loaf pan.
Whisk the dry ingredients. Whisk butter, sugar, eggs and yogurt, pour into the dry and fold. Fold in the pears.
Bake for 55 to 65 minutes, tenting loosely with foil after 30 minutes.

Notes
You can use sour cream instead of the yogurt.`,
    takes: ['1.5 cup all-purpose-flour', '1 teaspoon baking-soda', '2 teaspoon ground-ginger', '0.25 teaspoon table-salt', '0.5 cup unsalted-butter', '0.75 cup light-brown-sugar', '2 piece egg', '0.5 cup plain-yogurt', '1 cup pear'], bake: '177 55-65' },
  { id: 'page-apple-oat', region: 'CA', text: `Apple oat squares
Yield: 16 squares

WHAT YOU NEED
1 1/2 cups large flake oats
1 1/4 cups all-purpose flour
1 tsp baking powder
1/2 tsp cinnamon
3/4 cup cold butter, cubed
3/4 cup lightly packed brown sugar
2 cups peeled, diced apples (about 2 large)
2 tbsp maple syrup

WHAT YOU DO
Heat the oven to 350 F and line an 8-inch square pan with parchment.
Rub the butter into oats, flour, baking powder, cinnamon and sugar. Press two-thirds into the pan.
Toss the apples with the syrup, spread over, crumble the rest on top.
Bake 40 to 45 minutes until golden. Cool completely before cutting.`,
    takes: ['1.5 cup rolled-oats', '1.25 cup all-purpose-flour', '1 teaspoon baking-powder', '0.5 teaspoon ground-cinnamon', '0.75 cup unsalted-butter|salted-butter', '0.75 cup light-brown-sugar', '2 cup apple', '2 tablespoon maple-syrup'], bake: '177 40-45', makes: '16' },
  { id: 'page-spelt-soda', region: 'UK', text: `Spelt and seed soda bread, the one we make on weekdays.

You will need: 400g wholemeal spelt flour, 100g plain white flour, 1½ tsp bicarbonate of soda, 1 tsp fine salt, 50g pumpkin seeds, 25g sunflower seeds, 400g natural yoghurt, 50ml water and 1 tbsp honey.

Mix the dry things in a wide bowl. Stir honey and water into the yoghurt, pour it in and bring together quickly. Shape into a round, set on a floured baking sheet and cut a deep cross. Bake at 200C for 40-45 minutes until it sounds hollow.`,
    takes: ['400 gram whole-spelt-flour|spelt-flour', '100 gram plain-flour|all-purpose-flour', '1.5 teaspoon baking-soda', '1 teaspoon fine-sea-salt|table-salt', '50 gram pumpkin-seeds', '25 gram sunflower-seeds', '400 gram plain-yogurt', '50 millilitre water', '1 tablespoon honey'], bake: '200 40-45' },
  { id: 'prose-lime-coconut', region: 'AU', text: 'This is what I take to the clubhouse when it is hot. Cream 125 g of butter with 220 g of caster sugar and the zest of two limes, then beat in two eggs one by one. Fold through 225 g of self-raising flour and 45 g of desiccated coconut, in turns with 180 ml of coconut milk. It bakes in a lined 20 cm round tin at 160 °C for about 50 minutes. For the glaze stir 150 g of icing sugar with 2 tablespoons of lime juice.',
    takes: ['125 gram unsalted-butter|salted-butter', '220 gram superfine-sugar', '2 piece lime-zest', '2 piece egg', '225 gram self-raising-flour', '45 gram desiccated-coconut', '180 millilitre coconut-milk', '150 gram powdered-sugar @glaze', '2 tablespoon lime-juice @glaze'], bake: '160 50' },
  { id: 'prose-corn-bread', region: 'US', text: 'Put a ten inch cast-iron skillet in the oven with two tablespoons of butter and set it to 425°F. Meanwhile whisk a cup and a half of yellow cornmeal with half a cup of flour, a tablespoon of sugar, 2 teaspoons of baking powder, half a teaspoon of baking soda and a teaspoon of salt. Stir in two eggs and a cup and three quarters of buttermilk. Tip the melted butter in as well, pour it all back into the hot pan and bake for 20 to 25 minutes.',
    takes: ['2 tablespoon unsalted-butter|salted-butter', '1.5 cup cornmeal', '0.5 cup all-purpose-flour', '1 tablespoon granulated-sugar', '2 teaspoon baking-powder', '0.5 teaspoon baking-soda', '1 teaspoon table-salt', '2 piece egg', '1.75 cup buttermilk'], bake: '218 20-25' },
  { id: 'voice-date-loaf', region: 'UK', text: 'right so this is the date loaf chop two hundred grams of dates and put them in a bowl with a teaspoon of bicarb and pour over two hundred and fifty mil of boiling water leave that for ten minutes then in the big bowl a hundred grams of butter a hundred and fifty grams of light brown sugar cream them add one egg and then two hundred and fifty grams of self raising flour and the dates with all their water in a two pound loaf tin one seventy for fifty five minutes',
    takes: ['200 gram dates', '1 teaspoon baking-soda', '250 millilitre water', '100 gram unsalted-butter|salted-butter', '150 gram light-brown-sugar', '1 piece egg', '250 gram self-raising-flour'], bake: '170 55' },
  { id: 'voice-lemon-poppy', region: 'US', text: "okay so lemon poppy seed muffins um you want two cups of flour two thirds of a cup of sugar a tablespoon of baking powder and like a quarter teaspoon of baking soda then half a teaspoon of salt and two tablespoons of poppy seeds whisk that and then in another bowl two eggs three quarters of a cup of sour cream half a cup of oil and the juice of a lemon so that's about three tablespoons fold it together fill twelve cups and it's eighteen minutes at four hundred",
    takes: ['2 cup all-purpose-flour', '0.667 cup granulated-sugar', '1 tablespoon baking-powder', '0.25 teaspoon baking-soda', '0.5 teaspoon table-salt', '2 tablespoon poppy-seeds', '2 piece egg', '0.75 cup sour-cream', '0.5 cup vegetable-oil|canola-oil', '3 tablespoon lemon-juice'], bake: '204 18', makes: '12' },
  { id: 'voice-scone-tea', region: 'UK', text: 'so for the scones its four hundred and fifty grams of self raising flour and a teaspoon of baking powder rub in seventy five grams of butter then fifty grams of caster sugar now three hundred mil of milk with a squeeze of lemon in it mix it with a knife dont knead it pat it out cut eight and bake at two twenty for twelve minutes',
    takes: ['450 gram self-raising-flour', '1 teaspoon uk-baking-powder|baking-powder', '75 gram unsalted-butter|salted-butter', '50 gram superfine-sugar', '300 millilitre whole-milk', '1 squeeze lemon-juice'], bake: '220 12', makes: '8' },
  { id: 'message-pumpkin', region: 'US', text: 'pumpkin loaf: 1 3/4 c flour, 1 1/2 c sugar, 1 t soda, 3/4 t salt, 1 T pumpkin spice // 1 c canned pumpkin, 1/2 c oil, 2 eggs, 1/3 c water. 350 for 60-65, 9x5. freezes great',
    takes: ['1.75 cup all-purpose-flour', '1.5 cup granulated-sugar', '1 teaspoon baking-soda', '0.75 teaspoon table-salt', '1 tablespoon pumpkin-pie-spice|pumpkin-spice', '1 cup pumpkin-puree|canned-pumpkin', '0.5 cup vegetable-oil|canola-oil', '2 piece egg', '0.333 cup water'], bake: '177 60-65' },
  { id: 'message-flapjack-cake', region: 'UK', text: 'honey cake!! 170g honey 140g butter 85g light musc melt together, cool a bit, 2 eggs in, then 200g sr flour. 18cm sq tin, 160 fan 30-35m. glaze w 55g icing sug + 1 tbsp honey',
    takes: ['170 gram honey', '140 gram unsalted-butter|salted-butter', '85 gram light-muscovado-sugar', '2 piece egg', '200 gram self-raising-flour', '55 gram powdered-sugar @glaze', '1 tablespoon honey @glaze'], bake: '160 30-35' },
];
