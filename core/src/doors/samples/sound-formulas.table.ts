import type { Region } from '../../ground/units/index.js';

/** Formulas that a good baker finds nothing wrong with, as they are written down everywhere. For judging the judge. */
// prettier-ignore
export const SOUND_FORMULAS: readonly { readonly region: Region; readonly text: string }[] = [
  { region: 'US', text: `Blueberry muffins
2 cups all-purpose flour
3/4 cup sugar
2 teaspoons baking powder
1/2 teaspoon salt
2 large eggs
1/2 cup milk
1/2 cup butter, melted
2 cups blueberries
Whisk the flour, sugar, baking powder and salt. Whisk the eggs, milk and butter and stir in. Fold in the blueberries.
Divide between 12 muffin cups and bake at 375F for 25 minutes.` },
  { region: 'US', text: `Sour cream coffee loaf
300 g all-purpose flour
1/2 tsp baking soda
1 1/2 tsp baking powder
1/2 tsp salt
240 g sour cream
150 g sugar
115 g butter, softened
2 large eggs
1 tsp vanilla
Cream the butter and sugar, beat in the eggs and vanilla. Fold in the flour, baking soda, baking powder and salt in turns with the sour cream. Bake in a 9x5 inch loaf pan at 350F for 55 minutes.` },
  { region: 'US', text: `Cocoa cake
250 g all-purpose flour
60 g natural cocoa powder
300 g sugar
1 1/2 tsp baking soda
1/2 tsp salt
360 ml buttermilk
2 large eggs
120 ml vegetable oil
1 tsp vanilla extract
Whisk the flour, cocoa, sugar, baking soda and salt. Whisk the buttermilk, eggs, oil and vanilla and stir in. Pour into two 8 inch round cake pans and bake at 350F for 30 minutes.` },
  { region: 'UK', text: `Carrot cake
250 g plain flour
2 tsp baking powder
1/2 tsp bicarbonate of soda
1/2 tsp salt
1 tsp cinnamon
200 g light brown sugar
3 large eggs
200 ml sunflower oil
250 g carrots, grated
100 g walnuts, chopped
Whisk the eggs, sugar and oil. Fold in the flour, baking powder, bicarbonate of soda, salt and cinnamon, then the carrots and walnuts. Bake in a 23 cm round tin, 7 cm deep at 170C for 55 minutes.` },
  { region: 'UK', text: `Irish soda bread
450 g plain flour
1 tsp bicarbonate of soda
1 tsp salt
400 ml buttermilk
Mix the flour, bicarbonate of soda and salt. Stir in the buttermilk, shape a round loaf on a floured tray and cut a deep cross. Bake at 220C for 35 minutes.` },
  { region: 'UK', text: `Plain scones
450 g self-raising flour
1 tsp baking powder
1/4 tsp salt
100 g butter, cold
50 g caster sugar
2 medium eggs
200 ml milk
Rub the butter into the flour, baking powder and salt. Stir in the sugar, then the eggs and milk. Pat out 3 cm thick, cut 14 rounds of 6 cm and bake at 220C for 12 minutes.` },
  { region: 'UK', text: `Pound cake
225 g butter, softened
225 g caster sugar
4 large eggs
225 g plain flour
1 tsp baking powder
1/4 tsp salt
Cream the butter and sugar, beat in the eggs, fold in the flour, baking powder and salt. Bake in a 2 lb loaf tin at 160C for 65 minutes.` },
  { region: 'US', text: `Banana bread
3 ripe bananas, mashed
1/3 cup melted butter
3/4 cup sugar
1 large egg
1 tsp vanilla
1 tsp baking soda
1/4 tsp salt
1 1/2 cups all-purpose flour
Stir the butter into the bananas, then the sugar, egg and vanilla. Mix in the baking soda, salt and flour. Bake in an 8x4 inch loaf pan at 350F for 55 to 60 minutes.` },
  { region: 'US', text: `Boiled fruit cake
350 g mixed dried fruit
250 ml strong tea
100 g butter
150 g light brown sugar
2 large eggs
250 g plain flour
2 tsp baking powder
1 tsp mixed spice
Simmer the fruit, tea, butter and sugar for 5 minutes and cool. Beat in the eggs. Fold in the flour, baking powder and mixed spice. Bake in a 18 cm round tin at 160C for 75 minutes.` },
  { region: 'UK', text: `Gingerbread
225 g plain flour
1 tsp bicarbonate of soda
1 tbsp ground ginger
1 tsp cinnamon
115 g butter
115 g dark brown sugar
115 g black treacle
115 g golden syrup
150 ml milk
1 large egg
Melt the butter, dark brown sugar, treacle and golden syrup. Stir into the flour, bicarbonate of soda, ginger and cinnamon with the milk and egg. Bake in a 20 cm square tin at 160C for 45 minutes.` },
  { region: 'UK', text: `Seven-grain loaf
200 g plain flour
200 g whole wheat flour
50 g rolled oats
30 g sunflower seeds
20 g linseed
20 g pumpkin seeds
1 tsp bicarbonate of soda
1 tsp salt
400 ml buttermilk
Mix the flours, oats, seeds, bicarbonate of soda and salt. Stir in the buttermilk. Bake in a 2 lb loaf tin at 200C for 45 minutes.` },
  { region: 'US', text: `Buttermilk biscuits
2 cups all-purpose flour
1 tbsp baking powder
1/4 tsp baking soda
1 tsp salt
6 tbsp cold butter
1 cup buttermilk
Rub the butter into the flour, baking powder, baking soda and salt. Stir in the buttermilk, pat out 2.5 cm thick and cut 8 rounds of 6 cm. Bake at 450F for 14 minutes.` },
  { region: 'US', text: `Corn bread
1 cup cornmeal
1 cup all-purpose flour
1/4 cup sugar
1 tbsp baking powder
1/2 tsp salt
1 cup milk
1 large egg
1/3 cup vegetable oil
Whisk the cornmeal, flour, sugar, baking powder and salt. Stir in the milk, egg and oil. Bake in an 8 inch square pan at 400F for 22 minutes.` },
  { region: 'UK', text: `Victoria sponge
200 g butter, softened
200 g caster sugar
4 medium eggs
200 g self-raising flour
2 tbsp milk
1 tsp vanilla extract
Cream the butter and sugar. Beat in the eggs, then fold in the flour, milk and vanilla. Divide between two 20 cm sandwich tins and bake at 180C for 22 minutes.` },
  { region: 'UK', text: `Lemon drizzle loaf
175 g butter, softened
175 g caster sugar
3 large eggs
175 g self-raising flour
zest of 2 lemons
For the drizzle
juice of 1 lemon
85 g granulated sugar
Cream the butter and sugar, beat in the eggs, fold in the flour and lemon zest. Bake in a 2 lb loaf tin at 170C for 45 minutes. Stir the lemon juice and granulated sugar and pour over.` },
  { region: 'US', text: `Pumpkin bread
1 3/4 cups all-purpose flour
1 tsp baking soda
1/2 tsp salt
1 tsp cinnamon
1 1/2 cups sugar
1/2 cup vegetable oil
2 large eggs
1 cup pumpkin puree
1/3 cup water
Whisk the flour, baking soda, salt and cinnamon. Whisk the sugar, oil, eggs, pumpkin and water and stir in. Bake in a 9x5 inch loaf pan at 350F for 60 minutes.` },
  { region: 'US', text: `Oat and raisin muffins
150 g whole wheat flour
100 g rolled oats
2 tsp baking powder
1/2 tsp baking soda
1/2 tsp salt
100 g brown sugar
240 ml buttermilk
1 large egg
80 ml vegetable oil
100 g raisins
Soak the oats in the buttermilk for 20 minutes. Stir in the egg and oil, then the flour, baking powder, baking soda, salt, sugar and raisins. Divide between 12 muffin cups. Bake at 200C for 18 minutes.` },
  { region: 'US', text: `Yogurt cake
2 cups flour
2 tsp baking powder
1/4 tsp salt
1 cup sugar
1 cup plain yogurt
2 large eggs
1/2 cup vegetable oil
1 tsp lemon zest
Whisk the yogurt, sugar, eggs, oil and lemon zest. Stir in the flour, baking powder and salt. Bake in a 9 inch round pan at 350F for 40 minutes.` },
];
