import { holdTo, type Kept } from './kept.spec-help.js';

/*
 * Bakes from memory, from a card's back, from a page of a shop: each was unseen when it was read first, and something of it was lost.
 */
const FROM_MEMORY: readonly Kept[] = [
  {
    is: 'a coating that is rolled on when it is baked',
    region: 'US',
    text: 'Pumpkin Spice Doughnut Muffins\n\nMakes 12\n\nDry\n1 3/4 cups (218g) all-purpose flour\n1 1/2 tsp baking powder\n1/2 tsp each: salt, cinnamon, nutmeg\n\nWet\n1/3 cup veg. oil\n1/2 c. packed brown sugar\n1 large egg @ room temp\n3/4 C canned plain pumpkin\n1/2 C lowfat milk\n\nCoating\n1/2 stick melted butter\n2/3 C. sugar + 2 Tbl cinnamon\n\nHeat oven to 350F. Whisk dry. In another bowl whisk wet; pour into dry. Bake 15-18 minutes. Cool 2 min, then dip tops in butter and roll in sugar/cinnamon.',
    parts: ['Dry', 'Wet', 'Coating'],
    takes: [['all-purpose-flour', 218], 'baking-powder', 'table-salt', 'ground-cinnamon', 'ground-nutmeg', 'vegetable-oil', 'light-brown-sugar', 'egg', 'pumpkin-puree', 'whole-milk', 'unsalted-butter', 'granulated-sugar', 'ground-cinnamon'],
    bake: { celsius: 177, minutes: [15, 18] },
  },
  {
    is: 'an hour that goes without its article, and a name in words',
    region: 'UK',
    text: "Nan's tea loaf (the wet one)\n\nNight before: steep 12oz mixed fruit and 4oz muscovado in ½ pt strong cold tea.\n\nNext day beat in 1 egg & 8oz SR flour, plus a scant tsp mixed spice.\n\n2lb tin lined. Gas 3, middle shelf, hour and a half ish - skewer.",
    title: "Nan's tea loaf (the wet one)",
    takes: [['mixed-dried-fruit', 340], ['light-muscovado-sugar', 113], 'black-tea', 'egg', ['self-raising-flour', 227], 'mixed-spice'],
    bake: { celsius: 160, minutes: [90, 90] },
  },
  {
    is: 'what somebody asked for, in two pans that are not counted, with nuts or without',
    region: 'US',
    text: "hi! you asked for the zucchini bread. it makes 2 loaves. three eggs, a cup of oil, 2 1/4 cups sugar beaten. then 2 cups of grated zucchini (don't squeeze it) and a tablespoon vanilla. 3 cups flour, 1 teaspoon each salt and soda, quarter teaspoon bp, tablespoon cinnamon. optional cup of walnuts. 325 for an hour, greased 8x4 pans. love, aunt p",
    title: 'Zucchini bread',
    yield: 'makes 2 loaves',
    takes: ['egg', 'vegetable-oil', 'granulated-sugar', 'zucchini', 'vanilla-extract', 'all-purpose-flour', 'table-salt', 'baking-soda', 'baking-powder', 'ground-cinnamon', 'walnuts'],
    bake: { celsius: 163, minutes: [60, 60], pan: '2 8x4 pans' },
  },
  {
    is: 'dashes before the amounts, flour by its type, eggs by their letter, coffee in its water',
    region: 'EU',
    text: "Walnut-coffee loaf\nFlour T55 — 180 g\nWalnuts, ground — 60 g\nSugar — 150 g\nEggs (M) — 3\nButter, melted — 120 g\nInstant coffee — 8 g in 20 g water\nBaking powder — 8 g\nSalt — 2 g\nMould 25 x 11 cm. 170 °C, 50'. Core 98 °C.",
    takes: [['all-purpose-flour', 180], ['walnuts', 60], ['granulated-sugar', 150], ['egg', 153], ['unsalted-butter', 120], ['espresso-powder', 8], ['water', 20], ['uk-baking-powder', 8], ['table-salt', 2]],
    bake: { celsius: 170, minutes: [50, 50] },
  },
  {
    is: 'a square between two sentences, and a fan in brackets',
    region: 'UK',
    text: '8oz medium oatmeal\n8oz plain flour\n4oz dark brown sugar\n4oz marg\n10oz golden syrup\n1/4 pint milk\n1 tsp bicarb\n2 tsp ground ginger\n1 egg\nMelt marg, sugar, syrup over low heat. Bicarb goes in the milk. Mix the lot. 9" square. 150 (140 fan) 1 1/4 - 1 1/2 hr. KEEP A WEEK before cutting.',
    takes: [['medium-oatmeal', 227], ['all-purpose-flour', 227], ['dark-brown-sugar', 113], ['baking-margarine', 113], ['golden-syrup', 283], 'whole-milk', 'baking-soda', 'ground-ginger', 'egg'],
    bake: { celsius: 150, fan: false, minutes: [75, 90], pan: '9" square' },
  },
  {
    is: 'an egg among amounts, and minutes that are about so many',
    region: 'US',
    text: 'Ok so banana muffins from memory: mash 3 v ripe bananas, 1/3 c melted butter, 3/4 c sugar, egg, tsp vanilla. Sprinkle 1 tsp baking soda & a good pinch salt over, stir. 1½ c flour last. 12 muffins, 350, 20ish min.',
    title: 'Banana muffins',
    takes: ['banana', 'unsalted-butter', 'granulated-sugar', ['egg', 50], 'vanilla-extract', 'baking-soda', 'table-salt', 'all-purpose-flour'],
    bake: { celsius: 177, minutes: [20, 20], pan: '12 muffins' },
  },
  {
    is: 'milk of which a bit goes on top, and is not optional for it',
    region: 'AU',
    text: "Nanna's date scones\n3 cups self raising flour\n1 teaspoon cinnamon\n60g butter\n1/2 cup chopped dates\n1 1/4 cups milk (plus a bit for glazing)\nRub butter into flour & cinnamon. Stir through dates. Make a well, add milk, mix with a knife. Pat out to 2 cm. Cut 12 with a 6cm cutter. Brush with milk. 200C fan forced 15 minutes.",
    takes: ['self-raising-flour', 'ground-cinnamon', ['unsalted-butter', 60], 'dates', ['whole-milk', 322]],
    bake: { celsius: 200, fan: true, minutes: [15, 15], pan: 'disc 6 cm x 2 cm x 12' },
  },
  {
    is: 'a cake that was doubled, and an oven without a fan',
    region: 'UK',
    text: 'What I did Saturday: doubled the ginger cake. So 450g flour, 4tsp ginger, 2 tsp cinnamon, 2 tsp bicarb rubbed with 225 butter; warmed 450ml milk w 300g soft brown sugar and 200g golden syrup + 100g treacle; 2 eggs in. Poured it all into the roasting tin 33x23, 170 non-fan for 50 min. Good.',
    title: 'Ginger cake',
    takes: [['all-purpose-flour', 450], 'ground-ginger', 'ground-cinnamon', 'baking-soda', ['unsalted-butter', 225], 'whole-milk', ['light-brown-sugar', 300], ['golden-syrup', 200], ['black-treacle', 100], 'egg'],
    bake: { celsius: 170, fan: false, minutes: [50, 50], pan: '33x23 tin' },
  },
  {
    is: 'a frosting said by what is done with it, and a heat in a sentence of its own',
    region: 'US',
    text: '1-bowl choc cake\nCombine:\n1 3/4 C flour, 2 C sugar, 3/4 C cocoa, 2 t soda, 1 t b. powder, 1 t salt\nAdd:\n2 eggs, 1 C strong coffee, 1 C buttermilk, 1/2 C oil, 1 t vanilla\nBeat 2 min. Thin!\n9x13. 350. 30-35 (glass: 40).\nFrost: 1 stick butter melted, 2/3 C cocoa, 3 C conf. sugar, 1/3 C milk, 1 t vanilla',
    parts: ['Batter', 'Frosting'],
    takes: ['all-purpose-flour', 'granulated-sugar', 'natural-cocoa', 'baking-soda', 'baking-powder', 'table-salt', 'egg', 'brewed-coffee', 'buttermilk', 'vegetable-oil', 'vanilla-extract', 'unsalted-butter', 'natural-cocoa', 'powdered-sugar', 'whole-milk', 'vanilla-extract'],
    bake: { celsius: 177, minutes: [30, 35], pan: '9x13' },
  },
  {
    is: 'a glaze for who wants it, and wedges of a circle',
    region: 'US',
    text: 'SCONES (blueberry)\nflour 2 c | bp 1 T | sugar 3 T | salt 1/2 t | butter 5 T cold cubed | cream 1 c | blueberries 1 c frozen\ncut in butter, add berries, cream. Pat 8" circle 3/4" thick. 8 wedges. 425F 18-20. Glaze if you want: 1/2 c powd sugar, 1 T lemon j.',
    parts: ['Batter', 'Glaze'],
    takes: ['all-purpose-flour', 'baking-powder', 'granulated-sugar', 'table-salt', 'unsalted-butter', 'heavy-cream', 'blueberries', 'powdered-sugar', 'lemon-juice'],
    bake: { celsius: 218, minutes: [18, 20], pan: 'wedge 8 " round x 8' },
  },
  {
    is: 'steps with bare numbers, one of which begins with its minutes',
    region: 'UK',
    text: 'Chocolate stout cake\n\n250ml stout\n250g unsalted butter\n75g cocoa\n400g caster sugar\n142ml pot sour cream\n2 eggs\n275g plain flour\n2½ tsp bicarbonate of soda\n\ntopping\n300g cream cheese\n150g icing sugar\n\nGas 4/180ºC, butter and line a 23cm springform tin.\n1 Warm stout & butter till melted, whisk in cocoa & sugar\n2 Beat sour cream and eggs, pour in, then flour and bicarb\n3 45 min - 1 hr. Cool completely in the tin\n4 Lightly whip cream cheese, sieve in icing sugar',
    steps: 5,
    takes: [['stout', 254], ['unsalted-butter', 250], ['natural-cocoa', 75], ['superfine-sugar', 400], 'sour-cream', 'egg', ['all-purpose-flour', 275], 'baking-soda', ['cream-cheese', 300], ['powdered-sugar', 150]],
    bake: { celsius: 180, minutes: [45, 60], pan: '23cm springform tin' },
  },
  {
    is: 'fruits in a list of bare grams are fruits',
    region: 'UK',
    text: 'carrot cake (Jo)\n300 carrots grated\n4 eggs\n280 light brown sugar\n280ml oil\n350 SR\n1tsp bicarb\nzest 2 oranges\n100 sultanas\n2x20cm tins 170 35 mins\n\nicing\n125 butter\n250 icing\n300 soft cheese (full fat!)',
    parts: ['Batter', 'Icing'],
    takes: [['carrot', 300], 'egg', ['light-brown-sugar', 280], 'vegetable-oil', ['self-raising-flour', 350], 'baking-soda', ['orange-zest', 24], ['golden-raisins', 100], ['unsalted-butter', 125], ['powdered-sugar', 250], ['cream-cheese', 300]],
    bake: { celsius: 170, minutes: [35, 35], pan: '2x20cm tins' },
  },
  {
    is: 'heat and minutes with a dash between',
    region: 'US',
    text: 'cheddar chive biscuits: 2 cups self rising flour, 1/2 tsp salt?, 1 stick butter frozen + grated, 1 cup sharp ched, 2 Tbsp chives, 3/4-1 cup cold buttermilk. fold 4x. touching in a 9" cake pan. 450 - 18 min. brush w/ butter',
    takes: ['self-rising-flour', 'table-salt', 'unsalted-butter', 'cheddar', 'chives', 'buttermilk'],
    bake: { celsius: 232, minutes: [18, 18], pan: '9" cake pan' },
  },
]; // prettier-ignore

describe('a bake from memory', () => {
  for (const one of FROM_MEMORY) it(`is read: ${one.is}`, () => holdTo(one));
});
