import type { Region } from '../../ground/units/index.js';

/**
 * Formulas of our own in the proportions that kitchens bake every day: more soda than acid, no salt, fruit boiled with its sugar, a deep tin
 * that nobody calls deep. They rise and are eaten; a judge who warns of them is not believed when it matters.
 */
// prettier-ignore
export const EVERYDAY_FORMULAS: readonly { readonly region: Region; readonly text: string }[] = [
  { region: 'UK', text: `Date and walnut tea loaf
220 g stoned dates, chopped
1 tsp bicarbonate of soda
230 ml boiling water
80 g butter
210 g dark brown sugar
1 medium egg, beaten
280 g plain flour
1/2 tsp fine salt
70 g walnuts, chopped
Put the dates and soda in a bowl, pour over the boiling water and leave to cool. Cream the butter and sugar, beat in the egg, then the dates with their liquid, the flour, salt and walnuts. Spoon into a lined 900 g loaf tin and bake at 180C for 1 hour to 1 hour 10 minutes.` },
  { region: 'US', text: `Skillet corn bread
1 1/2 cups yellow cornmeal
2/3 cup all-purpose flour
3 tablespoons sugar
1 tablespoon baking powder
1/4 teaspoon baking soda
3/4 teaspoon fine salt
1 1/2 cups buttermilk
2 large eggs
5 tablespoons butter, melted
Heat the oven to 425°F. Whisk cornmeal, flour, sugar, baking powder, baking soda and salt. Stir in buttermilk, eggs and butter. Pour into a hot 10-inch cast-iron skillet and bake 20 to 25 minutes.` },
  { region: 'US', text: `Bran muffins
1 1/2 cups wheat bran
1 cup buttermilk
1/3 cup vegetable oil
1 large egg
1/2 cup brown sugar
1 cup all-purpose flour
1 tsp baking soda
1 tsp baking powder
1/2 tsp fine salt
2/3 cup raisins
Mix bran and buttermilk; let stand for 10 minutes. Beat in oil, egg and sugar. Stir together flour, soda, powder and salt; stir into the bran. Fold in raisins. Bake in 12 muffin cups at 375F for 15 to 20 minutes.` },
  { region: 'UK', text: `Oat parkin
190 g butter
1 large egg
4 tbsp milk
210 g golden syrup
80 g treacle
90 g light soft brown sugar
110 g medium oatmeal
240 g self-raising flour
1 tbsp ground ginger
Heat oven to 160C/140C fan. Beat the egg and milk. Melt syrup, treacle, sugar and butter. Mix oatmeal, flour and ginger, stir in the syrup and then the egg. Pour into a deep 22cm square tin and bake for 50 mins to 1 hr.` },
  { region: 'US', text: `Zucchini bread
3 cups all-purpose flour
1 teaspoon fine salt
1 teaspoon baking soda
1 teaspoon baking powder
1 tablespoon ground cinnamon
3 large eggs
1 cup vegetable oil
2 cups sugar
2 1/2 cups grated zucchini
1 cup chopped walnuts
Sift flour, salt, powder, soda and cinnamon. Beat eggs, oil and sugar. Add the dry ingredients. Stir in zucchini and nuts. Pour into two 8x4 inch loaf pans. Bake at 325 degrees F for 50 to 60 minutes.` },
  { region: 'US', text: `Pumpkin bread
1 3/4 cups all-purpose flour
1 tsp baking soda
1/2 tsp fine salt
1 tsp cinnamon
1/2 tsp nutmeg
1 1/4 cups sugar
1/2 cup vegetable oil
1 cup pumpkin puree
2 large eggs
1/3 cup water
Whisk flour, soda, salt and spices. Beat sugar, oil, pumpkin, eggs and water. Combine. Bake in a 9x5 inch loaf pan at 350°F for 60 minutes.` },
  { region: 'US', text: `Devil's food cupcakes
1 1/2 cups cake flour
1/2 cup natural cocoa powder
1 tsp baking soda
1/4 tsp fine salt
1/2 cup butter
1 1/4 cups sugar
2 large eggs
1 cup buttermilk
Cream butter and sugar; beat in eggs. Add flour, cocoa, soda and salt alternately with buttermilk. Fill 18 lined cupcake cups. Bake at 350F 18 to 20 minutes.` },
  { region: 'UK', text: `Carrot squares
180 g light muscovado sugar
170 ml sunflower oil
3 large eggs
150 g grated carrot
90 g raisins
grated zest of 1 orange
180 g self-raising flour
1 tsp bicarbonate of soda
1 tsp ground cinnamon
Stir sugar, oil and eggs. Stir in carrots, raisins and zest. Mix flour, bicarb and cinnamon, then sift into the bowl and mix. Pour into an 18cm square tin and bake at 180C for 40-45 minutes.` },
  { region: 'UK', text: `Fatless tea loaf
320 g mixed dried fruit
160 g light brown sugar
280 ml hot tea
250 g self-raising flour
1 tsp mixed spice
1 large egg
Soak the fruit and sugar in the tea overnight. Stir in flour, spice and egg. Turn into a lined 2 lb loaf tin and bake at 160C for 1 1/4 hours.` },
  { region: 'UK', text: `All-in-one sponge
190 g caster sugar
190 g softened butter
4 medium eggs
190 g self-raising flour
1 tsp baking powder
2 tbsp milk
For the filling
100 g butter, softened
150 g icing sugar, sifted
160 g strawberry jam
Heat oven to 190C/170C fan. Butter two 20 cm sandwich tins. Beat all the cake ingredients together to a smooth batter. Divide between the tins and bake for about 20 mins. For the filling, beat the butter and icing sugar. Spread over one sponge, top with jam and the second sponge.` },
  { region: 'UK', text: `Lemon madeira
180 g butter
180 g caster sugar
3 medium eggs
250 g self-raising flour
3 tbsp milk
1 lemon, zest only
Cream the butter and sugar. Beat in the eggs. Fold in the flour, milk and lemon zest. Spoon into an 18 cm round tin and bake at 180C for 40 minutes.` },
  { region: 'US', text: `Hot-water chocolate cake
1 3/4 cups all-purpose flour
1 3/4 cups sugar
3/4 cup unsweetened cocoa powder
1 1/2 tsp baking powder
1 1/2 tsp baking soda
3/4 tsp fine salt
2 large eggs
1 cup milk
1/2 cup vegetable oil
1 cup boiling water
Stir the dry ingredients. Add eggs, milk and oil; beat 2 minutes. Stir in the boiling water. Pour into two 9 inch round pans. Bake at 350 F for 30 to 35 minutes.` },
  { region: 'UK', text: `Boiled fruit cake
430 g mixed dried fruit
140 g butter
150 g soft brown sugar
180 ml water
1 tsp mixed spice
1/2 tsp bicarbonate of soda
2 medium eggs
230 g self-raising flour
Boil the fruit, butter, sugar, water and spice for 5 minutes, stir in the bicarbonate and cool. Beat in eggs and flour. Bake in an 18 cm deep round tin at 150C for 1 1/2 hours.` },
  { region: 'UK', text: `Drop scones
210 g self-raising flour
1 tsp baking powder
30 g caster sugar
2 medium eggs
210 ml milk
Mix flour, baking powder and sugar. Whisk in the eggs and milk. Drop spoonfuls on a hot griddle, 2 minutes each side.` },
  { region: 'UK', text: `Lemon drizzle cake
210 g unsalted butter, softened
210 g caster sugar
4 medium eggs
210 g self-raising flour
1 lemon, finely grated zest
For the drizzle
2 lemons, juiced
90 g caster sugar
Beat the butter and sugar until pale. Add the eggs one at a time. Sift in the flour, add the zest. Pour into a lined 900 g loaf tin. Bake at 180C for 45-50 mins. Mix the lemon juice and sugar, pour over the warm cake.` },
  { region: 'UK', text: `Lemon shell cakes
2 medium eggs
100 g caster sugar
100 g plain flour
1 lemon, juice and zest
3/4 tsp baking powder
100 g butter, melted and cooled
Whisk eggs and sugar until frothy. Whisk in the flour, baking powder, lemon juice, zest and butter. Leave to stand 20 minutes. Spoon into a 12-hole bun tin and bake at 200C for 8-10 minutes.` },
  { region: 'US', text: `Cocoa brownies
10 tbsp butter
1 1/4 cups sugar
3/4 cup cocoa powder
1/4 tsp fine salt
1 tsp vanilla extract
2 large eggs
1/2 cup all-purpose flour
1/4 tsp baking powder
Heat the oven to 325°F and line an 8-inch square pan. Melt the butter with the sugar and cocoa. Stir in the vanilla and salt, then the eggs one at a time. Stir in the flour and baking powder. Spread into the pan and bake for 25 to 30 minutes.` },
  { region: 'UK', text: `Dark chocolate brownies
190 g dark chocolate
180 g butter
260 g golden caster sugar
3 medium eggs
90 g plain flour
35 g cocoa powder
90 g walnuts, chopped
Heat the oven to 170C. Melt the chocolate and butter together and leave to cool. Whisk the eggs and sugar, stir in the chocolate, then fold in the flour, cocoa and walnuts. Scrape into a lined 20 cm square tin and bake for 30 to 35 minutes.` },
  { region: 'UK', text: `Brown sugar blondies
190 g butter
240 g light brown sugar
2 large eggs
1 tsp vanilla extract
240 g plain flour
1 tsp baking powder
1/2 tsp fine salt
140 g white chocolate chips
Heat the oven to 180C. Melt the butter, stir in the sugar and let it cool. Beat in the eggs and vanilla, fold in the flour, baking powder and salt, then the chocolate. Spread into a lined 20 cm square tin. Bake for 28 to 32 minutes.` },
  { region: 'UK', text: `Jam Swiss roll
4 medium eggs
100 g caster sugar
100 g self-raising flour
Heat the oven to 200C. Whisk the eggs and sugar until thick. Fold in the flour. Spread into a lined 33 x 23 cm tin and bake for 10 to 12 minutes. Turn out onto sugared paper and roll up.` },
  { region: 'EU', text: `Genoise sponge
4 medium eggs
120 g caster sugar
120 g plain flour
45 g butter, melted
Heat the oven to 180C. Whisk the eggs and sugar over hot water until thick and pale. Fold in the flour, then the butter. Pour into a lined 23 cm round tin and bake for 22 to 26 minutes.` },
  { region: 'UK', text: `Rock cakes
220 g self-raising flour
1/2 tsp mixed spice
95 g butter
80 g demerara sugar
120 g mixed dried fruit
1 medium egg
2 tbsp milk
Heat the oven to 200C. Rub the butter into the flour and spice. Stir in the sugar and fruit, then the egg and milk to a stiff dough. Set 12 rough heaps on a lined baking sheet and bake for 15 to 18 minutes.` },
  { region: 'UK', text: `Currant Welsh cakes
240 g self-raising flour
110 g butter
80 g caster sugar
90 g currants
1 medium egg
1 tbsp milk
Rub the butter into the flour. Stir in the sugar and currants, then the egg and milk. Roll out 6 mm thick and cut 6 cm rounds. Cook on a griddle for 3 minutes on each side.` },
  { region: 'UK', text: `Almond and lemon cake
160 g butter
170 g caster sugar
3 large eggs
130 g ground almonds
60 g plain flour
1 tsp baking powder
zest of 1 lemon
Heat the oven to 170C. Cream the butter and sugar, beat in the eggs and zest, fold in the almonds, flour and baking powder. Spoon into a lined 20 cm round tin and bake for 38 to 42 minutes.` },
  { region: 'UK', text: `Rich fruit cake
220 g butter
220 g dark muscovado sugar
4 large eggs
1 tbsp treacle
230 g plain flour
2 tsp mixed spice
850 g mixed dried fruit
100 g glace cherries
60 g flaked almonds
3 tbsp brandy
Heat the oven to 140C. Cream the butter and sugar, beat in the eggs and treacle, fold in the flour and spice, then the fruit, cherries, almonds and brandy. Spoon into a deep 20 cm round tin, double-lined. Bake for 3 1/2 to 4 hours.` },
  { region: 'UK', text: `Golden syrup chocolate cake
180 g self-raising flour
2 tbsp cocoa powder
1 tsp bicarbonate of soda
150 g caster sugar
2 medium eggs
140 ml sunflower oil
150 ml milk
2 tbsp golden syrup
Heat the oven to 180C/160C fan. Grease and line two 18 cm sandwich tins. Mix the flour, cocoa, bicarbonate of soda and sugar. Beat the eggs, oil, milk and syrup together, pour into the dry ingredients and beat until smooth. Divide between the tins and bake for 25 to 30 minutes.` },
  { region: 'US', text: `Ale bread
3 cups self-rising flour
2 tablespoons sugar
12 oz beer
3 tablespoons butter, melted
Preheat the oven to 350°F and grease a 9x5-inch loaf pan. Stir together the flour and sugar, pour in the beer and the butter and mix. Scrape into the pan and bake for 50 to 60 minutes.` },
  { region: 'UK', text: `White soda farls
440 g plain flour
1 tsp bicarbonate of soda
1 tsp fine salt
370 ml buttermilk
Mix the flour, bicarbonate of soda and salt. Pour in the buttermilk and bring together. Pat into a round and cut into quarters. Cook on a griddle for 8 minutes on each side.` },
];
