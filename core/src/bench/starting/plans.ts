/** What a style is usually made of, and how it is mixed: where a formula starts when nothing else is said. */
export interface Plan {
  /** Flour base: ingredient and share of it. */
  readonly flours: readonly (readonly [id: string, share: number])[];
  readonly sugars: readonly (readonly [id: string, share: number])[];
  readonly fat: string;
  /** What it is wetted with; with sour ones, soda joins the powder. */
  readonly liquid: string;
  /** Added in percent of the flour. */
  readonly besides: readonly (readonly [id: string, percent: number])[];
  readonly method: MethodId;
  readonly pan: string;
}
export type MethodId =
  'creaming' | 'reverse' | 'muffin' | 'oil' | 'rubbing' | 'melting' | 'soda' | 'griddle' | 'stirred';

const plan = (
  method: MethodId,
  pan: string,
  fat: string,
  liquid: string,
  more: Partial<Pick<Plan, 'flours' | 'sugars' | 'besides'>> = {},
): Plan => ({
  flours: [['all-purpose-flour', 1]],
  sugars: [['superfine-sugar', 1]],
  besides: [],
  ...more,
  method,
  pan,
  fat,
  liquid,
});

const TIN_ROUND = '20 cm round, 5 cm deep';
const TIN_LOAF = '23 x 13 x 7 cm loaf';
const TIN_MUFFIN = '12-cup muffin tin';
const TIN_TRAY = '30 x 20 x 4 cm';
const SHEET = 'baking sheet';
const DRIED = [['raisins', 90], ['currants', 60]] as const; // prettier-ignore

/** By id of style_bands.csv. Ingredients are ours to choose; the amounts come out of the bands, never out of a formula. */
export const PLANS: Readonly<Record<string, Plan>> = {
  creamed_butter_cake: plan('creaming', '20 cm round, 5 cm deep x 2', 'unsalted-butter', 'whole-milk'),
  high_ratio_cake: plan('reverse', '20 cm round, 5 cm deep x 2', 'unsalted-butter', 'whole-milk', { flours: [['cake-flour', 1]] }),
  oil_cake: plan('oil', TIN_ROUND, 'vegetable-oil', 'plain-yogurt'),
  one_bowl_buttermilk_cake: plan('oil', TIN_ROUND, 'unsalted-butter', 'buttermilk'),
  reverse_creamed_cake: plan('reverse', TIN_ROUND, 'unsalted-butter', 'whole-milk', { flours: [['cake-flour', 1]] }),
  chocolate_cake: plan('oil', TIN_ROUND, 'vegetable-oil', 'buttermilk', { besides: [['natural-cocoa', 24]] }),
  red_cocoa_cake: plan('oil', TIN_ROUND, 'vegetable-oil', 'buttermilk', { besides: [['natural-cocoa', 5]] }),
  white_cake: plan('reverse', TIN_ROUND, 'unsalted-butter', 'whole-milk', { flours: [['cake-flour', 1]] }),
  yellow_cake: plan('creaming', TIN_ROUND, 'unsalted-butter', 'whole-milk', { flours: [['cake-flour', 1]] }),
  pound_cake: plan('creaming', TIN_LOAF, 'unsalted-butter', 'whole-milk'),
  light_fruit_cake: plan('creaming', TIN_ROUND, 'unsalted-butter', 'whole-milk', { besides: [...DRIED] }),
  dark_fruit_cake: plan('creaming', TIN_ROUND, 'unsalted-butter', 'whole-milk', { sugars: [['dark-brown-sugar', 1]], besides: [['raisins', 160], ['currants', 110], ['mixed-spice', 1.5]] }),
  vegetable_cake: plan('oil', TIN_ROUND, 'vegetable-oil', 'whole-milk', { sugars: [['light-brown-sugar', 1]], besides: [['carrot', 95], ['ground-cinnamon', 1]] }),
  vegan_cake: plan('oil', TIN_ROUND, 'vegetable-oil', 'soy-milk', { besides: [['cider-vinegar', 4]] }),
  cupcake: plan('creaming', TIN_MUFFIN, 'unsalted-butter', 'whole-milk'),
  muffin: plan('muffin', TIN_MUFFIN, 'unsalted-butter', 'buttermilk', { besides: [['blueberries', 40]] }),
  bran_muffin: plan('muffin', TIN_MUFFIN, 'vegetable-oil', 'buttermilk', { flours: [['whole-wheat-flour', 0.75], ['wheat-bran', 0.25]], sugars: [['light-brown-sugar', 1]] }),
  fruit_puree_loaf: plan('muffin', TIN_LOAF, 'vegetable-oil', 'plain-yogurt', { sugars: [['light-brown-sugar', 1]], besides: [['banana', 95]] }),
  plain_quick_loaf: plan('muffin', TIN_LOAF, 'unsalted-butter', 'whole-milk'),
  corn_bread: plan('muffin', '20 cm square, 5 cm deep', 'unsalted-butter', 'buttermilk', { flours: [['all-purpose-flour', 0.5], ['cornmeal', 0.5]] }),
  gingerbread: plan('melting', '20 cm square, 5 cm deep', 'unsalted-butter', 'whole-milk', { sugars: [['dark-brown-sugar', 0.4], ['black-treacle', 0.6]], besides: [['ground-ginger', 2.5], ['mixed-spice', 1]] }),
  soda_bread_plain: plan('soda', SHEET, 'unsalted-butter', 'buttermilk'),
  soda_bread_brown: plan('soda', SHEET, 'unsalted-butter', 'buttermilk', { flours: [['whole-wheat-flour', 0.7], ['all-purpose-flour', 0.3]] }),
  soda_bread_enriched: plan('soda', SHEET, 'unsalted-butter', 'buttermilk', { besides: [['raisins', 30]] }),
  drop_biscuit: plan('rubbing', SHEET, 'unsalted-butter', 'buttermilk'),
  rolled_biscuit: plan('rubbing', SHEET, 'unsalted-butter', 'buttermilk'),
  british_scone: plan('rubbing', SHEET, 'unsalted-butter', 'whole-milk'),
  flaky_wedge_scone: plan('rubbing', SHEET, 'unsalted-butter', 'heavy-cream'),
  oat_farl_griddle: plan('griddle', 'griddle', 'unsalted-butter', 'buttermilk', { flours: [['medium-oatmeal', 0.6], ['all-purpose-flour', 0.4]] }),
  pancake: plan('griddle', 'griddle', 'unsalted-butter', 'buttermilk'),
  gluten_free_loaf: plan('muffin', TIN_LOAF, 'vegetable-oil', 'plain-yogurt', { flours: [['gluten-free-flour-blend', 1]], besides: [['psyllium-husk', 1.5]] }),
  sourdough_discard_cake: plan('oil', TIN_ROUND, 'vegetable-oil', 'whole-milk', { flours: [['all-purpose-flour', 0.7], ['sourdough-discard', 0.6]] }),
  tray_bake: plan('oil', TIN_TRAY, 'unsalted-butter', 'whole-milk'),
  brownie: plan('oil', '20 cm square, 5 cm deep', 'unsalted-butter', 'whole-milk', { besides: [['natural-cocoa', 30]] }),
  whisked_sponge: plan('oil', '33 x 23 x 2.5 cm', 'unsalted-butter', 'whole-milk'),
  rubbed_in_bun: plan('rubbing', SHEET, 'unsalted-butter', 'whole-milk', { besides: [['currants', 50]] }),
  nut_cake: plan('oil', TIN_ROUND, 'unsalted-butter', 'whole-milk', { flours: [['almond-meal', 0.8], ['all-purpose-flour', 0.2]] }),
}; // prettier-ignore

/** What takes the place of what is not in the cupboard, in the order tried. */
export const INSTEAD: Readonly<Record<string, readonly string[]>> = {
  'unsalted-butter': ['salted-butter', 'baking-margarine', 'vegan-butter-block', 'vegetable-oil', 'sunflower-oil'],
  'vegetable-oil': ['sunflower-oil', 'canola-oil', 'olive-oil', 'unsalted-butter', 'vegan-butter-block'],
  buttermilk: [
    'kefir',
    'plain-yogurt',
    'soy-yogurt',
    'whole-milk',
    'semi-skimmed-milk',
    'oat-milk',
    'soy-milk',
    'water',
  ],
  'plain-yogurt': ['greek-yogurt', 'buttermilk', 'sour-cream', 'whole-milk', 'soy-yogurt', 'oat-milk', 'water'],
  'whole-milk': ['semi-skimmed-milk', 'skim-milk', 'oat-milk', 'soy-milk', 'buttermilk', 'water'],
  'soy-milk': ['oat-milk', 'almond-milk', 'water'],
  'superfine-sugar': ['granulated-sugar', 'golden-caster-sugar', 'light-brown-sugar'],
  'light-brown-sugar': ['light-muscovado-sugar', 'dark-brown-sugar', 'superfine-sugar', 'granulated-sugar'],
  'dark-brown-sugar': ['dark-muscovado-sugar', 'light-brown-sugar', 'superfine-sugar', 'granulated-sugar'],
  'cake-flour': ['pastry-flour', 'all-purpose-flour', 'gluten-free-flour-blend'],
  'whole-wheat-flour': ['whole-spelt-flour', 'all-purpose-flour', 'gluten-free-flour-blend'],
  'medium-oatmeal': ['rolled-oats', 'gluten-free-rolled-oats', 'gluten-free-flour-blend'],
  'wheat-bran': ['oat-bran', 'gluten-free-rolled-oats', 'ground-flaxseed'],
  'heavy-cream': [
    'double-cream',
    'whipping-cream',
    'plant-double-cream',
    'whole-milk',
    'buttermilk',
    'soy-milk',
    'water',
  ],
  'all-purpose-flour': [
    'pastry-flour',
    'bread-flour',
    'white-spelt-flour',
    'whole-wheat-flour',
    'gluten-free-flour-blend',
  ],
  'black-treacle': ['molasses', 'golden-syrup', 'honey'],
  'natural-cocoa': ['dutch-cocoa'],
  blueberries: ['raspberries', 'mixed-berries', 'raisins'],
  banana: ['applesauce', 'pumpkin-puree'],
};

/**
 * The work of each way of mixing. "{dry}" and the like are filled with the names of what the formula takes; a step that begins with
 * "egg?" is left out where there is none, and one with "gluten-free?" stands only where no gluten holds the crumb.
 */
export const METHODS: Readonly<Record<MethodId, readonly string[]>> = {
  creaming: [
    'Have the {room} at about 20 °C. Line the {pan} and heat the oven to {oven}.',
    'Beat the {fat} and {sugar} until pale, 4 to 5 minutes.',
    'egg?Beat in the {egg} a little at a time.',
    'Whisk the {dry} together. Fold in by thirds, in turns with the {liquid}{besides}.',
    'gluten-free?Let the batter stand 20 minutes, so that the flour drinks.',
    'Bake at {oven} until the middle springs back.',
  ],
  reverse: [
    'Have the {room} at about 20 °C. Line the {pan} and heat the oven to {oven}.',
    'Whisk the {dry-and-sugar} together. Work in the {fat} until it looks like damp sand.',
    'Stir the {wet}{besides} together. Beat in a third to a paste, 1 minute, then the rest.',
    'gluten-free?Let the batter stand 20 minutes, so that the flour drinks.',
    'Bake at {oven} until the middle springs back.',
  ],
  muffin: [
    'Line the {pan} and heat the oven to {oven}.',
    'Whisk the {dry} together.',
    'Stir the {stirred} together.',
    'Pour wet over dry{besides}. Fold until the last streak of flour is gone, no longer.',
    'gluten-free?Let the batter stand 20 minutes, so that the flour drinks.',
    'Bake at {oven} until a skewer comes out clean.',
  ],
  oil: [
    'Line the {pan} and heat the oven to {oven}.',
    'egg?Whisk the {egg} and {sugar} until thick. Stream in the {melted}{fat}, then the {liquid}{besides}.',
    'no-egg?Whisk the {sugar}, {liquid} and {melted}{fat} together{besides-in}.',
    'Whisk the {dry} together and fold in.',
    'gluten-free?Let the batter stand 20 minutes, so that the flour drinks.',
    'Bake at {oven} until the middle springs back.',
  ],
  rubbing: [
    'Heat the oven to {oven}. Keep the {fat} and {liquid} cold.',
    'Whisk the {dry-and-sugar} together. Rub in the {fat} until the largest lumps are peas.',
    'Stir in the {liquid}{egg-too}{besides} with a knife. Bring it together, no more.',
    'gluten-free?Let the dough stand 15 minutes, so that the flour drinks.',
    'Shape, set on the {pan} and bake at {oven} until well risen and gold.',
  ],
  stirred: [
    'Heat the oven to {oven}. Keep the {liquid} cold.',
    'Whisk the {dry-and-sugar} together. Stir the {liquid}{egg-too} and the {fat} together.',
    'Pour wet over dry{besides} and bring it together with a knife, no more.',
    'gluten-free?Let the dough stand 15 minutes, so that the flour drinks.',
    'Shape, set on the {pan} and bake at {oven} until well risen and gold.',
  ],
  melting: [
    'Line the {pan} and heat the oven to {oven}.',
    'Melt the {fat} and {sugar} together and let it cool to lukewarm. Stir in the {liquid}{egg-too}.',
    'Whisk the {dry}{besides} together, pour the wet over and beat smooth.',
    'gluten-free?Let the batter stand 20 minutes, so that the flour drinks.',
    'Bake at {oven} until the middle springs back.',
  ],
  soda: [
    'Heat the oven to {oven}.',
    'fat?Rub the {fat} into the {dry-and-sugar}{besides}.',
    'no-fat?Whisk the {dry-and-sugar} together{besides-in}.',
    'Pour in the {liquid}{egg-too} and bring it together quickly.',
    'Shape into one round on the {pan}, cut a deep cross and bake at {oven} at once, until it sounds hollow.',
  ],
  griddle: [
    'Heat a dry griddle to {oven}.',
    'Whisk the {dry-and-sugar} together. Stir in the {liquid}{egg-too} and the {melted}{fat}{besides}.',
    'gluten-free?Let the batter stand 20 minutes, so that the flour drinks.',
    'Cook on the griddle until the top has set, turn, and cook the other side.',
  ],
};
