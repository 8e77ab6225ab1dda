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
  { region: 'UK', text: `Fruit scones
350 g self-raising flour
1 tsp baking powder
1/4 tsp salt
85 g butter, cubed
50 g caster sugar
75 g sultanas
1 medium egg
150 ml milk
Rub the butter into the flour, baking powder and salt. Stir in the sugar and sultanas. Beat the egg with the milk, stir in and bring together. Cut 6 cm rounds 2.5 cm thick. Bake at 220 C for 12 minutes.` },
  { region: 'US', text: `Buttermilk pancakes
2 cups all-purpose flour
2 tbsp sugar
2 tsp baking powder
1/2 tsp baking soda
1/2 tsp salt
2 cups buttermilk
2 large eggs
4 tbsp butter, melted
Whisk the flour, sugar, baking powder, soda and salt. Whisk the buttermilk, eggs and butter and stir in. Cook on a griddle.` },
  { region: 'UK', text: `Gingerbread loaf
225 g plain flour
1 tsp bicarbonate of soda
1 tbsp ground ginger
1 tsp mixed spice
115 g butter
115 g dark brown sugar
115 g black treacle
150 ml milk
2 medium eggs
Melt the butter, sugar and treacle and cool. Stir in the milk and eggs. Whisk the flour, bicarbonate, ginger and spice and beat in. Bake in a 2 lb loaf tin at 160 C for 50 minutes.` },
  { region: 'US', text: `Corn bread
1 cup cornmeal
1 cup all-purpose flour
1 tbsp sugar
2 tsp baking powder
1/2 tsp baking soda
1/2 tsp salt
1 1/4 cups buttermilk
2 large eggs
4 tbsp butter, melted
Whisk the cornmeal, flour, sugar, baking powder, soda and salt. Stir in the buttermilk, eggs and butter. Bake in an 8 inch square pan at 400F for 22 minutes.` },
  { region: 'UK', text: `Wholemeal soda bread
300 g wholemeal flour
150 g plain flour
1 tsp bicarbonate of soda
1 tsp salt
420 ml buttermilk
Mix the flours, bicarbonate and salt. Pour in the buttermilk and bring together. Shape into a round loaf on a lined tray, cut a deep cross and bake at 200 C for 40 minutes.` },
  { region: 'US', text: `Pound cake
225 g all-purpose flour
1/2 tsp baking powder
1/2 tsp salt
225 g butter, softened
225 g sugar
4 large eggs
1 tsp vanilla
2 tbsp milk
Cream the butter and sugar for 5 minutes. Beat in the eggs one at a time, then the vanilla. Fold in the flour, baking powder and salt with the milk. Bake in a 9x5 inch loaf pan at 325F for 65 minutes.` },
  { region: 'UK', text: `Cherry cake
200 g plain flour
1 1/2 tsp baking powder
1/4 tsp salt
175 g butter, softened
175 g caster sugar
3 medium eggs
50 g ground almonds
200 g glace cherries, halved
1 tbsp milk
Cream the butter and sugar. Beat in the eggs. Fold in the flour, baking powder, salt, almonds and cherries with the milk. Bake in a 20 cm round tin, 7 cm deep, at 160 C for 65 minutes.` },
  { region: 'US', text: `Bran muffins
150 g whole wheat flour
75 g wheat bran
1 tsp baking soda
1/2 tsp salt
100 g brown sugar
60 g vegetable oil
1 large egg
360 ml buttermilk
100 g raisins
Soak the bran in the buttermilk for 10 minutes. Whisk the flour, soda and salt. Stir the sugar, oil and egg into the bran, fold in the flour and the raisins. Divide between 12 muffin cups and bake at 400F for 18 minutes.` },
  { region: 'UK', text: `Courgette loaf
250 g plain flour
1 tsp baking powder
1/2 tsp bicarbonate of soda
1/2 tsp salt
1 tsp ground cinnamon
150 g light brown sugar
120 ml sunflower oil
2 medium eggs
250 g courgette, grated
60 g plain yogurt
Whisk the sugar, oil, eggs and yogurt. Fold in the flour, baking powder, bicarbonate, salt, cinnamon and courgette. Bake in a 23 x 13 x 7 cm loaf tin at 175 C for 55 minutes.` },
  { region: 'US', text: `Cream biscuits
300 g all-purpose flour
1 tbsp baking powder
1 tbsp sugar
3/4 tsp salt
360 ml heavy cream
Whisk the flour, baking powder, sugar and salt. Stir in the cream and bring together. Pat 2 cm thick, cut 8 rounds and bake at 425F for 15 minutes.` },
  { region: 'UK', text: `Lemon traybake
225 g self-raising flour
1 tsp baking powder
225 g butter, softened
225 g caster sugar
4 medium eggs
2 tbsp milk
zest of 2 lemons
Beat everything together for 2 minutes. Bake in a 30 x 20 cm traybake tin at 170 C for 35 minutes.` },
  { region: 'US', text: `Applesauce cake
250 g all-purpose flour
1 tsp baking soda
1/2 tsp salt
1 tsp cinnamon
200 g brown sugar
115 g butter, softened
1 large egg
300 g applesauce
80 g walnuts
Cream the butter and sugar, beat in the egg. Fold in the flour, soda, salt and cinnamon in turns with the applesauce. Stir in the walnuts. Bake in a 9 inch square pan at 350F for 40 minutes.` },
  { region: 'UK', text: `Date and walnut loaf
225 g self-raising flour
1/4 tsp salt
115 g butter
115 g light brown sugar
200 g dates, chopped
75 g walnuts
2 medium eggs
100 ml milk
Rub the butter into the flour and salt. Stir in the sugar, dates and walnuts, then the eggs and milk. Bake in a 2 lb loaf tin at 170 C for 60 minutes.` },
  { region: 'US', text: `Yellow cake
260 g cake flour
2 tsp baking powder
1/2 tsp salt
300 g sugar
170 g butter, softened
3 large eggs
2 large egg yolks
240 ml milk
2 tsp vanilla
Cream the butter and sugar for 4 minutes. Beat in the eggs, yolks and vanilla. Add the flour, baking powder and salt in turns with the milk. Divide between two 9 inch round pans and bake at 350F for 28 minutes.` },
  { region: 'UK', text: `Oat and honey muffins
150 g plain flour
100 g rolled oats
2 tsp baking powder
1/4 tsp bicarbonate of soda
1/4 tsp salt
100 g honey
80 g butter, melted
1 medium egg
200 g plain yogurt
50 ml milk
Stir the honey, butter, egg, yogurt and milk together. Fold in the flour, oats, baking powder, bicarbonate and salt. Spoon into a 12-hole muffin tin and bake at 190 C for 20 minutes.` },
  { region: 'US', text: `Zucchini muffins
220 g all-purpose flour
1 1/2 tsp baking powder
1/4 tsp baking soda
1/2 tsp salt
1 tsp cinnamon
130 g brown sugar
100 g vegetable oil
2 large eggs
200 g zucchini, grated
60 g sour cream
Whisk the sugar, oil, eggs and sour cream. Fold in the flour, baking powder, soda, salt, cinnamon and zucchini. Divide between 12 muffin cups and bake at 375F for 20 minutes.` },
  { region: 'UK', text: `Parkin
200 g medium oatmeal
175 g plain flour
1 tbsp ground ginger
1 tsp bicarbonate of soda
1/4 tsp salt
150 g butter
150 g dark brown sugar
150 g black treacle
100 g golden syrup
1 medium egg
120 ml milk
Melt the butter, sugar, treacle and syrup. Stir into the oatmeal, flour, ginger, bicarbonate and salt with the egg and milk. Bake in a 20 cm square tin at 150 C for 60 minutes.` },
  { region: 'US', text: `Red cocoa cake
250 g cake flour
12 g natural cocoa powder
1 tsp baking soda
1/2 tsp salt
300 g sugar
115 g butter, softened
120 ml vegetable oil
2 large eggs
240 ml buttermilk
1 tsp white vinegar
1 tsp vanilla
Beat the butter, oil and sugar. Beat in the eggs and vanilla. Add the flour, cocoa, soda and salt in turns with the buttermilk and vinegar. Divide between two 8 inch round pans and bake at 350F for 30 minutes.` },
  { region: 'UK', text: `Tea loaf
350 g mixed dried fruit
250 ml strong tea
225 g self-raising flour
150 g light brown sugar
1 medium egg
Soak the fruit in the tea overnight. Stir in the flour, sugar and egg. Bake in a 2 lb loaf tin at 160 C for 75 minutes.` },
  { region: 'US', text: `Drop biscuits
250 g all-purpose flour
2 1/2 tsp baking powder
1/2 tsp salt
1 tsp sugar
100 g cold butter, cubed
200 ml milk
Rub the butter into the flour, baking powder, salt and sugar. Stir in the milk. Drop 10 onto a baking sheet and bake at 425F for 15 minutes.` },
  { region: 'UK', text: `Chocolate loaf
175 g plain flour
40 g cocoa powder
1 tsp baking powder
1/2 tsp bicarbonate of soda
1/4 tsp salt
200 g caster sugar
120 g butter, softened
2 medium eggs
180 ml buttermilk
Cream the butter and sugar, beat in the eggs. Fold in the flour, cocoa, baking powder, bicarbonate and salt in turns with the buttermilk. Bake in a 2 lb loaf tin at 170 C for 50 minutes.` },
  { region: 'US', text: `Pear oil cake
220 g all-purpose flour
2 tsp baking powder
1/2 tsp salt
180 g sugar
120 ml olive oil
3 large eggs
120 g plain yogurt
2 pears, diced
Whisk the eggs and sugar until thick, stream in the oil, then the yogurt. Fold in the flour, baking powder, salt and the pears. Bake in a 9 inch springform pan at 350F for 45 minutes.` },
];
