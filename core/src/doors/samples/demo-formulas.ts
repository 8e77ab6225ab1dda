/**
 * The formulas of the regatta's tea tent, as their bakers wrote them: the demo data of a first visit, and the texts that specs and
 * end-to-end tests paste. All are our own inventions. They are written in different hands on purpose.
 */
export interface SampleFormula {
  readonly id: string;
  readonly text: string;
}

export const DEMO_FORMULAS: readonly SampleFormula[] = [
  {
    id: 'pear-cardamom-loaf',
    text: `Pear and cardamom loaf

1 2/3 cups all-purpose flour, spooned
1/2 cup whole wheat flour
1 tsp baking soda
1/2 tsp baking powder
1/2 tsp fine salt
8 cardamom pods, seeds ground
2/3 cup light brown sugar, packed
2 large eggs
7 tbsp vegetable oil
1/4 cup plain yogurt
3 ripe pears, puréed (about 240 g)

For the top
1 tbsp demerara sugar

Whisk the dry things together. Beat the sugar, eggs, oil and yogurt, stir in the pear.
Fold wet into dry and stop at the last streak.
Scrape into a lined 9x5x2.75 inch loaf pan and scatter the demerara over.
Bake at 350F for 55 to 60 minutes, until a skewer comes out clean. Cool 10 minutes in the pan.
`,
  },
  {
    id: 'rhubarb-ginger-muffins',
    text: `Rhubarb & ginger muffins
makes 12

Plain flour 260g
Caster sugar 130g
Baking powder 2½ tsp
Bicarbonate of soda ¼ tsp
Ground ginger 2 tsp
Fine salt ½ tsp
Buttermilk 220ml
Eggs 2 medium
Unsalted butter 90g, melted
Rhubarb 160g, cut into small pieces
Stem ginger 2 balls, finely chopped

Method
1. Heat the oven to 195°C (fan 175°C). Line a 12-hole muffin tin.
2. Stir the dry ingredients. Whisk the buttermilk, eggs and butter.
3. Fold together until barely mixed, then fold in the rhubarb and the stem ginger.
4. Fill the cases three quarters full. Bake for 20-22 minutes.
`,
  },
  {
    id: 'courgette-lime-traybake',
    text: `Courgette and lime traybake

for the cake:
- 300 g courgettes, coarsely grated
- 250 g self-raising flour
- 1/2 tsp baking powder
- 215 g caster sugar
- 150 ml sunflower oil
- 3 large eggs
- zest of 2 limes
- 1/3 tsp salt

for the drizzle:
- juice of 2 limes
- 80 g granulated sugar

Squeeze the courgette lightly. Beat eggs, sugar and oil, fold in the rest.
Tip into a 30 x 20 x 4 cm traybake tin and bake at 170 C fan for 30-35 mins.
Spoon the drizzle over while still hot.
`,
  },
  {
    id: 'parsnip-hazelnut-cake',
    text: `Parsnip and hazelnut cake, browned-butter frosting

Cake
225 g plain flour
75 g toasted hazelnuts, ground
1 1/2 tsp baking powder
1/2 tsp bicarbonate of soda
1 tsp ground cinnamon
1/2 tsp fine salt
200 g light muscovado sugar
3 medium eggs
160 ml rapeseed oil
60 g plain yogurt
280 g parsnips, finely grated

Frosting
100 g unsalted butter, browned and cooled
200 g full-fat cream cheese
180 g icing sugar
1 tsp lemon juice

Oil and line two 20 cm sandwich tins. Oven 175°C.
Whisk eggs, sugar and oil until thick, stir in the yogurt and the parsnip, then the dry.
Bake 30 to 34 minutes until the tops spring back. Cool before frosting.
`,
  },
  {
    id: 'leek-cheese-drop-biscuits',
    text: `LEEK AND HARD-CHEESE DROP BISCUITS

2 c AP flour
2 t baking powder
1/2 t baking soda
3/4 t salt
6 T cold butter, cubed
1 c grated hard cheese (about 4 oz)
1 small leek, finely sliced (90 g)
1 c buttermilk

Cut butter into flour, powder, soda and salt. Toss in cheese and leek. Stir in buttermilk, lumps and all.
Drop 12 mounds on a sheet. Bake 425 F 13-15 min.
`,
  },
  {
    id: 'thyme-sweet-potato-scones',
    text: `Thyme and sweet-potato scones

Self-raising flour, 300 g
Baking powder, 1 level teaspoon
Butter, 70 g, cold
Cooked mashed sweet potato, 140 g
Milk, 70 ml plus a little to glaze
Fresh thyme leaves, 2 teaspoons
Salt, 1/2 teaspoon
Caster sugar, 1½ tablespoons

Rub the butter into the flour. Add everything else and bring together without kneading.
Pat out 2.5 cm thick and cut 5 cm rounds. Bake in a hot oven, 220 C, gas mark 7, for 12 to 14 minutes.
`,
  },
  {
    id: 'oat-farls',
    text: `Oat farls

150g medium oatmeal, 100g plain flour, 1/2 tsp bread soda, 1/2 tsp salt, 25g butter melted and 200ml buttermilk

Soak the oatmeal in the buttermilk for an hour. Mix in the rest, pat into a round 1.5 cm thick, cut in four.
Cook on a dry griddle over a low heat, 9 minutes a side.
`,
  },
  {
    id: 'marmalade-almond-loaf',
    text: `Marmalade and almond loaf

4 oz / 115 g soft butter
5 oz / 140 g golden caster sugar
2 eggs (large)
7 oz / 200 g plain flour
2 oz / 55 g ground almonds
1½ teaspoons baking powder
¼ teaspoon salt
4 tablespoons coarse-cut marmalade
5 tablespoons milk

Cream the butter and sugar till pale. Beat in the eggs one at a time, fold in the flour, almonds, powder and salt, then marmalade and milk.
2 lb loaf tin, Gas 4 (180°C), about 50 minutes.
`,
  },
  {
    id: 'gingerbread-dark-treacle',
    text: `Gingerbread with dark treacle

8 oz plain flour
3/4 tsp bicarbonate of soda
1 tbsp ground ginger
1 tsp mixed spice
4 oz butter
4 oz dark muscovado sugar
6 oz black treacle
2 oz golden syrup
5 fl oz milk
1 large egg
A pinch of salt

Melt butter, sugar, treacle and syrup together and cool a little. Stir in milk and egg, pour onto the sifted dry things and beat smooth.
It is a thin batter. Bake in a lined 20 cm square tin, 5 cm deep, at 160C for 45 to 50 min. Keeps well, better after two days.
`,
  },
  {
    id: 'coconut-passion-fruit-layer-cake',
    text: `# Coconut and passion-fruit layer cake

## Ingredients
* 240 g cake flour
* 2 1/4 tsp baking powder
* 1/2 tsp salt
* 60 g desiccated coconut
* 225 g sugar
* 170 g unsalted butter, room temperature
* 3 large eggs
* 180 ml coconut milk
* 1 tsp vanilla extract

### For the filling
* pulp of 6 passion fruit
* 200 g lemon curd

## Method
Cream butter and sugar for 4 minutes. Add the eggs one by one, then the vanilla. Add the flour, powder, salt and coconut in turns with the coconut milk.
Divide between two 8x2 inch round pans. Bake at 345°F for 30 to 35 minutes. Cool 15 minutes in the pans.
Stir the passion fruit into the lemon curd and fill the cooled layers.
`,
  },
  {
    id: 'cider-fed-harvest-fruit-cake',
    text: `Cider-fed harvest fruit cake

300g sultanas, 200g currants and 150g chopped dried apricots
100ml dry cider, to soak
200g unsalted butter, soft
200g dark muscovado sugar
4 medium eggs
240g plain flour
1/2 tsp baking powder
2 tsp mixed spice
1 tbsp black treacle
75g ground almonds
1/4 tsp salt

to feed: 4 tbsp dry cider

Soak the fruit in the cider overnight.
Cream butter and sugar, beat in eggs and treacle, fold in flour, powder, spice and almonds, then the fruit.
Line an 18 cm round tin, 9 cm deep, double. Bake at 150 °C for 2 hours 30 minutes to 2 hours 45 minutes.
Feed with a spoonful of cider each week.
`,
  },
  {
    id: 'brown-soda-bread-by-percent',
    text: `Brown soda bread by percentages
Basis: 600 g flour

70% wholemeal flour
30% plain flour
1.2% bicarbonate of soda
1.5% fine salt
4% butter, cold
3% black treacle
85% buttermilk

Rub the butter into the flours, soda and salt. Stir the treacle into the buttermilk, pour it in and bring it together, no more.
Shape into one round on a floured sheet and cut a deep cross.
Bake at 200 °C for 40 to 45 minutes; it sounds hollow when it is done.
`,
  },
];
