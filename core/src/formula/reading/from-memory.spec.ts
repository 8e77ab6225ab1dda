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
]; // prettier-ignore

describe('a bake from memory', () => {
  for (const one of FROM_MEMORY) it(`is read: ${one.is}`, () => holdTo(one));
});
