import { holdTo, type Kept } from './kept.spec-help.js';

/*
 * Bakes told across a table or into a telephone, each in the words of its own, and what a person hears in them. None was known to the
 * reader when it was written.
 */
const TOLD: readonly Kept[] = [
  {
    is: 'bananas that are weighed after they are named, and an oven with a fan',
    region: 'UK',
    text: "We start with the dry stuff, so that's 250 grams of plain flour, 2 teaspoons of baking powder, half a teaspoon of bicarb and a pinch of salt. Then in a jug it's two eggs, 150 ml of natural yoghurt, 100 ml of sunflower oil. And 150 grams of caster sugar, I nearly forgot. Three ripe bananas, mashed, they were about 300 grams without the skins. It goes into a two pound loaf tin and then 170 in the fan oven for about 50 minutes to an hour.",
    takes: [['all-purpose-flour', 250], 'uk-baking-powder', 'baking-soda', 'table-salt', 'egg', 'plain-yogurt', 'sunflower-oil', ['superfine-sugar', 150], ['banana', 300]],
    bake: { celsius: 170, fan: true, minutes: [50, 60], pan: '2 pound loaf tin' },
  },
  {
    is: 'what another takes and what the writer does',
    region: 'US',
    text: "Irish soda bread like my neighbor's. She uses 4 cups of flour but I do 3 1/2, plus 1/4 cup sugar, 1 tsp baking soda, 4 Tbsp butter worked in, a cup of raisins and a Tbsp of caraway. One egg and 1 3/4 cups buttermilk go in last. Big cast iron pan, 425, 35-40 min, tent it if it gets dark.",
    title: 'Irish soda bread',
    takes: [['all-purpose-flour', 439], 'granulated-sugar', 'baking-soda', 'unsalted-butter', 'raisins', 'caraway-seed', 'egg', 'buttermilk'],
    bake: { celsius: 218, minutes: [35, 40] },
  },
  {
    is: 'muffins that are topped with a crumble and are none',
    region: 'UK',
    text: 'For the crumble-topped muffins I made: muffin mix = 225g SR flour, 1tsp b powder, 115g sugar, 2 eggs, 150ml milk, 90ml oil, 150g blackberries. crumble = 50g flour 40g butter 40g demerara rubbed. fill 12 cases, crumble on, 190C 22-25',
    title: 'Crumble-topped muffins',
    parts: ['Batter', 'Crumble'],
    takes: [['self-raising-flour', 225], 'uk-baking-powder', ['granulated-sugar', 115], 'egg', 'whole-milk', 'vegetable-oil', ['blackberries', 150], ['all-purpose-flour', 50], ['unsalted-butter', 40], ['demerara-sugar', 40]],
    bake: { celsius: 190, minutes: [22, 25] },
  },
  {
    is: 'German with its name first and its baking powder in a packet that is bent',
    region: 'EU',
    text: 'Omas Quarkbrötchen: 250 g Quark, 1 Ei, 6 EL Milch, 8 EL Öl, 80 g Zucker, Prise Salz verrühren. 400 g Mehl mit einem Päckchen Backpulver dazu und verkneten. 10 Brötchen formen, mit Milch bestreichen. 200 Grad, 20 min.',
    title: 'Omas Quarkbrötchen',
    takes: [['quark', 250], 'egg', 'whole-milk', 'vegetable-oil', ['granulated-sugar', 80], 'table-salt', ['all-purpose-flour', 400], 'uk-baking-powder'],
    bake: { celsius: 200, minutes: [20, 20] },
  },
  {
    is: 'equal weights without a comma, and a drizzle with its juice first',
    region: 'UK',
    text: 'Lemon drizzle (tray): equal weights 225g butter sugar SR flour, 4 eggs, zest 2 lemons, 2 tsp bp, 4 tbsp milk. Drizzle juice 2 lemons + 175g gran. 30x23 tin 180/160f 35-40.',
    title: 'Lemon drizzle (tray)',
    parts: ['Batter', 'Drizzle'],
    takes: [['unsalted-butter', 225], ['granulated-sugar', 225], ['self-raising-flour', 225], 'egg', 'lemon-zest', 'uk-baking-powder', 'whole-milk', 'lemon-juice', ['granulated-sugar', 175]],
    bake: { celsius: 180, fan: false, minutes: [35, 40], pan: '30x23 tin' },
  },
  {
    is: 'a title that comes last, and pans called by their sides',
    region: 'US',
    text: 'Dry team: 2 cups flour, 1 cup sugar, 2 tsp baking powder, 1/2 tsp baking soda, 1 tsp salt.\nWet team: 1 egg, 3/4 cup OJ, 2 Tbsp melted butter.\nPlus 1 1/2 cups cranberries (halved) and half a cup of walnuts.\n9x5 greased, 350 about an hour, check at 50.\nCranberry orange bread, from the bog days.',
    title: 'Cranberry orange bread',
    takes: ['all-purpose-flour', 'granulated-sugar', 'baking-powder', 'baking-soda', 'table-salt', 'egg', 'orange-juice', 'unsalted-butter', 'cranberries', 'walnuts'],
    bake: { celsius: 177, minutes: [60, 60], pan: '9x5' },
  },
  {
    is: 'four that weigh the same, syrup among them',
    region: 'UK',
    text: "Ginger cake!! It's dead easy. Melt together 115g each of treacle, syrup, dark sugar and butter. Let it cool a bit then whisk in 250ml milk and an egg. Sieve over 225g SR flour, a tsp of bicarb, a tbsp of ginger. 20cm square tin, 160 fan 45 min. Better after 3 days",
    title: 'Ginger cake',
    takes: [['black-treacle', 115], ['golden-syrup', 115], ['dark-brown-sugar', 115], ['unsalted-butter', 115], 'whole-milk', 'egg', ['self-raising-flour', 225], 'baking-soda', 'ground-ginger'],
    bake: { celsius: 160, fan: true, minutes: [45, 45], pan: '20cm square tin' },
  },
  {
    is: 'what was stirred in is a thing of its own, and a name called out at the end',
    region: 'US',
    text: 'I melted 1/2 cup butter, stirred in a cup of brown sugar and let it cool, then an egg and a splash of vanilla. A cup of flour whisked with a half teaspoon baking powder and a quarter teaspoon salt. Folded in a cup of toasted pecans. 8 inch square, 350, 22 minutes. Blondies! Cut into 16.',
    title: 'Blondies',
    yield: 'Cut into 16',
    takes: ['unsalted-butter', 'light-brown-sugar', 'egg', 'vanilla-extract', 'all-purpose-flour', 'baking-powder', 'table-salt', 'pecans'],
    bake: { celsius: 177, minutes: [22, 22], pan: '8 inch square' },
  },
  {
    is: 'a moderate oven with its figure, and a square with how it is lined',
    region: 'AU',
    text: 'Sultana cake, boiled\n375g sultanas\n1 1/2 cups sugar\n250g butter\ncover w/ water boil 10 mins, drain, cool slightly\n3 eggs, beaten\n1 1/2 cups plain + 1 1/2 cups SR\nmod oven 160 1 1/2 - 1 3/4 hrs, 20cm square, lined double',
    takes: [['golden-raisins', 375], 'granulated-sugar', ['unsalted-butter', 250], 'egg', 'all-purpose-flour', 'self-raising-flour'],
    bake: { celsius: 160, minutes: [90, 105], pan: '20cm square' },
  },
  {
    is: 'columns of ounces and of grams, of which the grams are exact',
    region: 'UK',
    text: 'STICKY GINGERBREAD\nImperial        Metric\n8 oz plain flour        225g\n2 level tsp ground ginger\n1 level tsp bicarbonate of soda\n4 oz butter     115g\n8 oz black treacle      225g\n2 eggs\nGrease & line a 7" square tin. Melt butter and treacle. Mix all together, bake Mark 3 (325F) about 1 hour.',
    title: 'Sticky gingerbread',
    takes: [['all-purpose-flour', 225], 'ground-ginger', 'baking-soda', ['unsalted-butter', 115], ['black-treacle', 225], 'egg'],
    bake: { celsius: 163, minutes: [60, 60], pan: '7" square tin' },
  },
  {
    is: 'handfuls, and lard by its size',
    region: 'US',
    text: 'I do not measure but roughly: flour three handfuls, a palm of baking powder, salt, lard the size of an egg, milk until it looks right. Hot oven till brown.',
    takes: ['all-purpose-flour', ['lard', 55]],
    bake: { celsius: 220 },
  },
  {
    is: 'a heat that only an oven with a fan has',
    region: 'UK',
    text: 'Cheese muffins (savoury)\nSR 250, bp 1t, mustard powder 1t, salt 1/2t, mature cheddar 150 grated\negg 1, milk 200ml, oil 90ml\n190F (fan) 20-25 / 12',
    takes: [['self-raising-flour', 250], 'uk-baking-powder', 'mustard-powder', 'table-salt', ['cheddar', 150], 'egg', 'whole-milk', 'vegetable-oil'],
    bake: { celsius: 190, fan: true, minutes: [20, 25] },
  },
]; // prettier-ignore

describe('a bake told at the table', () => {
  for (const told of TOLD) it(`is heard as a person hears it: ${told.is}`, () => holdTo(told));
});
