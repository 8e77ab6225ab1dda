import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { readText } from './index.js';
import { holdTo, type Kept } from './kept.spec-help.js';

/* Pages, mails and cards of every day in the forms that most of them have. What a person reads in them is written down by hand. */

const EVERYDAY: readonly Kept[] = [
  {
    is: 'how many stands beside the word ingredients',
    region: 'UK',
    text: 'Ingredients (makes 12)\n175g/6oz plain flour\n175g/6oz caster sugar\n115g/4oz butter, melted\n2 free-range eggs, beaten\n125ml/4fl oz milk\n2 tsp baking powder\n\nMethod\n1. Preheat the oven to 200C/180C Fan/Gas 6 and line a 12-hole muffin tin with paper cases.\n2. Mix, divide between the cases and bake for 20–25 minutes.',
    title: '',
    yield: 'makes 12',
    steps: 2,
    takes: [['all-purpose-flour', 175], ['superfine-sugar', 175], ['unsalted-butter', 115], 'egg', ['whole-milk', 129], 'uk-baking-powder'],
    bake: { celsius: 200, fan: false, minutes: [20, 25], pan: '12-hole muffin tin' },
  },
  {
    is: 'a glaze that may be left away, and what is for brushing behind what goes in',
    region: 'US',
    text: 'BROWN SUGAR PEACH SCONES\n\nMakes 8 scones\n\n2 1/4 cups (280 g) all-purpose flour, plus more for dusting\n1 Tbsp baking powder\n6 Tbsp (85 g) cold unsalted butter\n1 cup chopped peaches (about 2 medium)\n3/4 cup (180 ml) heavy cream, plus 1-2 Tbsp for brushing\n\nGlaze (optional)\n1 cup powdered sugar\n2 Tbsp milk\n\n1. Heat the oven to 400°F with a rack in the upper third.\n2. Mix, pat into an 8-inch circle about 1 inch thick, and cut into 8 wedges. Bake 22 to 25 minutes.\n3. For the glaze, whisk the sugar and milk.',
    title: 'Brown sugar peach scones',
    yield: 'Makes 8 scones',
    parts: ['Batter', 'Glaze (optional)'],
    steps: 3,
    takes: [['all-purpose-flour', 280], 'baking-powder', ['unsalted-butter', 85], 'peach', ['heavy-cream', 179], 'powdered-sugar', 'whole-milk'],
    bake: { celsius: 204, minutes: [22, 25] },
  },
  {
    is: 'two parts, things that are added, and one oil of three',
    region: 'US',
    text: 'Zucchini Chocolate Loaf\n\nDry Ingredients:\n1 c. AP flour\n1 tsp. baking soda\n\nWet ingredients:\n2 lg. eggs\n1/4 c. vegetable, canola or melted coconut oil\n1 1/2 c. packed shredded zucchini\n\nAdd-ins:\n1 c. semi-sweet chocolate chips, divided\n\n1. Preheat oven to 350. Grease a 9x5 loaf pan.\n2. Mix. Bake 50-60 minutes.',
    title: 'Zucchini Chocolate Loaf',
    parts: ['Dry', 'Wet', 'Add-ins'],
    steps: 2,
    takes: ['all-purpose-flour', 'baking-soda', ['egg', 100], 'vegetable-oil', 'zucchini', 'semisweet-chocolate-chips'],
    bake: { celsius: 177, minutes: [50, 60], pan: '9x5 loaf pan' },
  },
  {
    is: 'as much as the eggs weigh, of three things in a row',
    region: 'UK',
    text: "VICTORIA SANDWICH (Edie's)\n4 eggs, weighed in their shells\nthe same weight each of soft butter, caster sugar and s-r flour\n2 level tsp b.p.\n\nAll in one bowl, beat 2 mins. Two 20cm sandwich tins. 180/160 fan 25 mins.",
    steps: 1,
    takes: ['egg', ['unsalted-butter', 232], ['superfine-sugar', 232], ['self-raising-flour', 232], 'uk-baking-powder'],
    bake: { celsius: 180, fan: false, minutes: [25, 25], pan: 'Two 20cm sandwich tins' },
  },
  {
    is: 'the name and how many below the method',
    region: 'US',
    text: 'INGREDIENTS:\n\n* 1-3/4 cups all purpose flour\n* 2 tsp. baking powder\n* 1/2 tsp. each baking soda and salt\n* 1 cup plain yogurt (not Greek)\n* 2 eggs + 1 yolk\n* zest of 2 lemons (about 2 Tbsp)\n\nDIRECTIONS:\n\n* Oven 375 F; line 12 muffin cups\n* whisk dry, whisk wet, combine\n* divide, bake 18-22 min, turning the tin once\n\nLemon poppy muffins — makes a dozen.',
    title: 'Lemon poppy muffins',
    yield: 'makes a dozen',
    steps: 3,
    takes: ['all-purpose-flour', 'baking-powder', 'baking-soda', 'table-salt', 'plain-yogurt', ['egg', 100], ['egg-yolk', 17], 'lemon-zest'],
    bake: { celsius: 191, minutes: [18, 22], pan: '12 muffin cups' },
  },
  {
    is: 'a mail with a promise, and two tins of a size',
    region: 'UK',
    text: 'Dear all, here is the courgette cake as promised. Whisk 3 eggs with 200g golden caster sugar and 150ml sunflower oil. Sieve over 225g self-raising flour with a level teaspoon of bicarb, fold it in with 350g courgettes. It goes into two 20cm sandwich tins, 180C (fan 160), about 25 to 30 minutes.',
    title: 'Courgette cake',
    takes: ['egg', ['golden-caster-sugar', 200], ['sunflower-oil', 138], ['self-raising-flour', 225], 'baking-soda', ['zucchini', 350]],
    bake: { celsius: 180, fan: false, minutes: [25, 30], pan: '2 20cm sandwich tins' },
  },
  {
    is: 'a pan that is only its size, and minutes without their name',
    region: 'US',
    text: 'Chocolate Sheet Cake\n\n3 cups AP flour\n2 cups sugar\n2 tsp baking soda\n2 cups cold water or coffee\n\n350F. 9x13. Whisk dry, whisk wet, mix, pour, bake 32-36. Frost warm.',
    title: 'Chocolate Sheet Cake',
    takes: ['all-purpose-flour', 'granulated-sugar', 'baking-soda', ['water', 473]],
    bake: { celsius: 177, minutes: [32, 36], pan: '9x13' },
  },
  {
    is: 'a German list with its glaze in one row',
    region: 'EU',
    text: 'Zitronenkuchen vom Blech\n350 g weiche Butter\n6 Eier (Gr. M)\n350 g Mehl\n1 Pck. Backpulver\nFür den Guss: 250 g Puderzucker, 4-5 EL Zitronensaft\n\nBackofen auf 180 °C Ober-/Unterhitze vorheizen. Alles verrühren. Auf das Blech streichen und ca. 25 Min. backen. Mit Guss bestreichen.',
    title: 'Zitronenkuchen vom Blech',
    parts: ['Batter', 'Glaze'],
    takes: [['unsalted-butter', 350], 'egg', ['all-purpose-flour', 350], 'uk-baking-powder', ['powdered-sugar', 250], 'lemon-juice'],
    bake: { celsius: 180, minutes: [25, 25] },
  },
  {
    is: 'an icing in one line stands behind the cake',
    region: 'UK',
    text: 'Lemon cake\n350 g plain flour\n1 tsp baking powder\nFor the icing: 250 g icing sugar\n150 g butter\n\nMix. Bake 25 min at 180 C. Ice.',
    title: 'Lemon cake',
    parts: ['Batter', 'Icing'],
    takes: [['all-purpose-flour', 350], 'uk-baking-powder', ['unsalted-butter', 150], ['powdered-sugar', 250]],
    bake: { celsius: 180, minutes: [25, 25] },
  },
  {
    is: 'a title that is a drizzle, things with points between them, and its drizzle',
    region: 'UK',
    text: 'Lemon drizzle\n225g butter, softened. 225g caster. 4 eggs. 225g SR flour. Zest 1 lemon.\nDrizzle: juice 1.5 lemons, 85g caster sugar\n180C/160 fan. 2lb loaf tin. 45-50 mins. Prick while warm, pour over.',
    title: 'Lemon drizzle',
    parts: ['Batter', 'Drizzle'],
    steps: 1,
    takes: [['unsalted-butter', 225], ['superfine-sugar', 225], 'egg', ['self-raising-flour', 225], 'lemon-zest', 'lemon-juice', ['superfine-sugar', 85]],
    bake: { celsius: 180, fan: false, minutes: [45, 50], pan: '2lb loaf tin' },
  },
  {
    is: 'a list with dashes, and a row that says how it is baked',
    region: 'US',
    text: '# Gluten-free pumpkin muffins\n- 1 ½ cups GF 1-to-1 flour (213 g)\n- 1 tsp baking soda\n- 1 cup pumpkin purée (not pie filling)\n- 2 eggs\n- 1 cup water\n- 1/2 tsp salt\n\n**Bake:** 350 °F · 20–23 min · 12-cup tin',
    title: 'Gluten-free pumpkin muffins',
    takes: [['gluten-free-flour-blend', 213], 'baking-soda', 'pumpkin-puree', ['egg', 100], 'water', 'table-salt'],
    bake: { celsius: 177, minutes: [20, 23], pan: '12-cup tin' },
  },
  {
    is: 'spoons spelt as they come',
    region: 'AU',
    text: 'Oat slice\n1 cup plain flour, 1 cup rolled oats\n2 tblspns golden syrup\n1 teasp bicarb\n1 tblspn boiling water\nModerate oven (180), 20 x 30 slice tin, 25-30 mins',
    title: 'Oat slice',
    takes: ['all-purpose-flour', 'rolled-oats', ['golden-syrup', 57], 'baking-soda', ['water', 20]],
    bake: { celsius: 180, minutes: [25, 30], pan: '20 x 30 slice tin' },
  },
  {
    is: 'steps that are numbered without a mark, one of which begins with no verb',
    region: 'UK',
    text: 'Sticky gingerbread\nServes 9–12  ·  Hands-on 20 min  ·  Ready in 1 hr 15\n150 g salted butter, plus extra for greasing\n200 g black treacle\n250 ml full-fat milk\n1 tsp bicarb dissolved in 2 tbsp warm water\n300 g plain flour\n1 Preheat the oven to 170°C (gas 3).\n2 In a pan melt the butter with the treacle.\n3 Off the heat, add the milk, and bicarb in its water.\n4 Measure the flour into a bowl and pour in the liquid, beating until mixed. It will be very liquid.\n5 Pour into the tin and bake for 45–60 minutes until risen and firm.',
    title: 'Sticky gingerbread',
    yield: 'Serves 9–12',
    steps: 5,
    takes: [['salted-butter', 150], ['black-treacle', 200], ['whole-milk', 257], 'baking-soda', ['water', 30], ['all-purpose-flour', 300]],
    bake: { celsius: 170, minutes: [45, 60] },
  },
  {
    is: 'salt and cocoa cut short, and a tin called by its loaf',
    region: 'US',
    text: 'Zucchini loaf\n1 c flour\n1/2 c unsw. cocoa\n3/4 tsp b. soda\n1/4 tsp s.\n1 egg\n8.5 x 4.5 loaf, 350, 50-55.',
    title: 'Zucchini loaf',
    takes: ['all-purpose-flour', 'natural-cocoa', 'baking-soda', 'table-salt', 'egg'],
    bake: { celsius: 177, minutes: [50, 55], pan: '8.5 x 4.5 loaf' },
  },
  {
    is: 'a dessertspoon cut short in a row',
    region: 'UK',
    text: 'Seed cake: 6oz butter, 6oz castor sugar, 3 eggs, 8oz s.r. flour, 1 dessertsp caraway, milk to drop. 7in tin, 325F, 1 hr.',
    title: 'Seed cake',
    takes: [['unsalted-butter', 170], ['superfine-sugar', 170], 'egg', ['self-raising-flour', 227], 'caraway-seed'],
    bake: { celsius: 163, minutes: [60, 60], pan: '7in tin' },
  },
]; // prettier-ignore

describe('a page of every day', () => {
  for (const kept of EVERYDAY) it(`is read as a person reads it: ${kept.is}`, () => holdTo(kept));
  it('is of the dough that it weighs, where its lines are shares of the flour, and has no fan where it says no', () => {
    const text = 'Flour (AP) 100%\nButtermilk 75%\nButter, cold 33%\nBaking powder 5%\nBaking soda 0.5%\nSalt 2%\nSugar 2%\n\nTotal dough 1100 g. Roll 1" thick, cut 2.5" rounds. 450F convection? no, regular. 14-16 min.'; // prettier-ignore
    const { flourBasisGrams, bake } = formulaRead(readText(text, 'US'));
    // 1100 g of dough are 217.5 shares
    expect(flourBasisGrams).toBe(Math.round((1100 * 100) / 217.5));
    expect([bake.fan, bake.celsius, bake.lowMinutes, bake.highMinutes]).toEqual([false, 232, 14, 16]);
  });
});
