import type { Ingredient } from '../../kitchen/ingredients/index.js';

/** What may move, or come in, to put right what a swap disturbs. */
export type Helper = 'liquid' | 'fat' | 'sugar' | 'leaven' | 'acid' | 'salt' | 'flour';

/** What a swap changes that no amount can put right, and what to do about it: codes of sentences in core/src/words. */
export const SWAP_NOTE_CODES = [
  'thinner-batter', 'thicker-batter', 'less-tang', 'more-tang', 'soda-joins', 'powder-takes-over', 'no-creamed-air', 'cream-again', 'no-butter-flavour',
  'set-lost', 'lift-not-predicted', 'gummy-above-two-eggs', 'tastes-of-egg-again', 'rest-for-bran', 'denser', 'no-gluten', 'gluten-again',
  'browns-sooner', 'browns-later', 'moister-longer', 'dries-sooner', 'less-sweet', 'flavour-changes', 'sweeter-and-wetter', 'chewier', 'nuts-still',
  'seeds-may-green', 'bigger-lump-of-fruit', 'saltless', 'weigh-starter', 'whip-first', 'measured-with-leavener', 'blend-varies',
  'more-than-two-eggs', 'only-brushes', 'only-soaks',
] as const; // prettier-ignore
export type SwapNoteCode = (typeof SWAP_NOTE_CODES)[number];

/** One way to replace something. */
export interface SwapWay {
  readonly id: string;
  /** What it replaces, by the ids that ingredients behave as. */
  readonly from: readonly string[];
  /** What goes in: so many grams a gram taken out, or as many as the balance wants. */
  readonly to: readonly { readonly id: string; readonly perGram?: number }[];
  readonly helpers: readonly Helper[];
  /** The most of an added acid, share of the flour. */
  readonly acidMost?: number;
  /** The crumb is not held more alkaline than this. */
  readonly highestPh?: number;
  /** Egg solids are lost: the balance does not look for them elsewhere. */
  readonly losesSet?: boolean;
  /** Less of something is the point: the balance does not put it back. */
  readonly lessens?: 'sugar' | 'fat' | 'salt';
  /** The share that is usual, when not all of it. */
  readonly usualShare?: number;
  readonly notes: readonly SwapNoteCode[];
}

const WHITE_SUGARS = [
  'granulated-sugar',
  'superfine-sugar',
  'golden-caster-sugar',
  'demerara-sugar',
  'turbinado-sugar',
];
const BROWN_SUGARS = [
  'light-brown-sugar',
  'dark-brown-sugar',
  'light-muscovado-sugar',
  'dark-muscovado-sugar',
  'jaggery',
  'coconut-sugar',
];
const SUGARS = [...WHITE_SUGARS, ...BROWN_SUGARS];
const SYRUPS = ['honey', 'maple-syrup', 'golden-syrup', 'agave-nectar', 'light-corn-syrup', 'date-syrup'];
const MILKS = ['whole-milk', 'semi-skimmed-milk', 'low-fat-milk', 'skim-milk', 'lactose-free-milk', 'goat-milk'];
const PLANT_MILKS = [
  'oat-milk',
  'soy-milk',
  'almond-milk',
  'rice-milk',
  'cashew-milk',
  'hazelnut-milk',
  'pea-milk',
  'hemp-milk',
  'coconut-milk-drink',
];
const BUTTERMILKS = ['buttermilk', 'whole-buttermilk', 'soured-milk', 'kefir'];
const YOGURTS = ['plain-yogurt', 'low-fat-yogurt', 'greek-yogurt', 'nonfat-greek-yogurt', 'skyr', 'quark'];
const BUTTERS = [
  'unsalted-butter',
  'salted-butter',
  'cultured-butter',
  'brown-butter',
  'baking-margarine',
  'baking-spread',
  'ghee',
];
const OILS = [
  'vegetable-oil',
  'canola-oil',
  'sunflower-oil',
  'corn-oil',
  'olive-oil',
  'grapeseed-oil',
  'coconut-oil',
  'peanut-oil',
  'avocado-oil',
];
const EGGS = ['egg', 'liquid-whole-egg', 'duck-egg'];
const WHITE_FLOURS = ['all-purpose-flour', 'bread-flour', 'cake-flour', 'pastry-flour', 'white-spelt-flour'];
const WHOLE_FLOURS = [
  'whole-wheat-flour',
  'strong-wholemeal-flour',
  'white-whole-wheat-flour',
  'whole-wheat-pastry-flour',
  'coarse-wholemeal-flour',
  'atta-flour',
  'whole-spelt-flour',
  'graham-flour',
];
const MILLET_FLOURS = ['millet-flour', 'finger-millet-flour', 'sorghum-flour', 'buckwheat-flour', 'teff-flour'];
const RAISING_FLOURS = ['self-raising-flour', 'self-rising-flour'];
const WHOLE_NUTS = [
  'walnuts',
  'pecans',
  'hazelnuts',
  'almonds',
  'flaked-almonds',
  'slivered-almonds',
  'pistachios',
  'cashews',
  'macadamias',
  'brazil-nuts',
  'peanuts',
  'pine-nuts',
];
const NUT_MEALS = ['almond-flour', 'almond-meal', 'hazelnut-meal'];
const PUREES = ['banana', 'applesauce', 'pumpkin-puree', 'pear', 'persimmon-pulp', 'crushed-pineapple'];
const GRATED = ['carrot', 'zucchini', 'parsnip', 'beet'];
const BERRIES = [
  'blueberries',
  'raspberries',
  'rhubarb',
  'apple',
  'sour-cherries',
  'cranberries',
  'raisins',
  'golden-raisins',
  'currants',
];

/** What every swap between wet things may move. */
const WET: readonly Helper[] = ['liquid', 'fat', 'leaven', 'salt'];
const DRY: readonly Helper[] = ['liquid', 'leaven'];
const EGG: readonly Helper[] = ['liquid', 'fat', 'leaven'];

/** The swaps, in both directions. @source leavening.md part B; ratios fixed only where the function, not the balance, decides them */
export const SWAP_WAYS: readonly SwapWay[] = [
  // sour milk
  { id: 'buttermilk-to-milk-and-vinegar', from: BUTTERMILKS, to: [{ id: 'whole-milk' }, { id: 'white-vinegar' }], helpers: WET, acidMost: 0.12, notes: ['thinner-batter', 'less-tang'] },
  { id: 'buttermilk-to-milk-and-lemon', from: BUTTERMILKS, to: [{ id: 'whole-milk' }, { id: 'lemon-juice' }], helpers: WET, acidMost: 0.12, notes: ['thinner-batter', 'flavour-changes'] },
  { id: 'buttermilk-to-yogurt', from: BUTTERMILKS, to: [{ id: 'plain-yogurt', perGram: 0.7 }, { id: 'water' }], helpers: WET, notes: ['thicker-batter'] },
  { id: 'buttermilk-to-soy-and-vinegar', from: BUTTERMILKS, to: [{ id: 'soy-milk' }, { id: 'white-vinegar' }], helpers: WET, acidMost: 0.12, notes: ['thinner-batter', 'browns-later'] },
  { id: 'buttermilk-to-oat-and-vinegar', from: BUTTERMILKS, to: [{ id: 'oat-milk' }, { id: 'white-vinegar' }], helpers: WET, acidMost: 0.12, notes: ['thinner-batter', 'browns-later'] },
  { id: 'milk-to-buttermilk', from: [...MILKS, ...PLANT_MILKS], to: [{ id: 'buttermilk' }], helpers: WET, notes: ['soda-joins', 'thicker-batter', 'more-tang'] },
  { id: 'yogurt-to-sour-cream', from: YOGURTS, to: [{ id: 'sour-cream' }], helpers: WET, notes: ['thicker-batter'] },
  { id: 'yogurt-to-buttermilk', from: YOGURTS, to: [{ id: 'buttermilk' }], helpers: WET, notes: ['thinner-batter'] },
  { id: 'sour-cream-to-yogurt', from: ['sour-cream', 'light-sour-cream', 'creme-fraiche'], to: [{ id: 'plain-yogurt' }], helpers: WET, notes: ['thinner-batter'] },
  { id: 'yogurt-to-soy-yogurt', from: [...YOGURTS, 'sour-cream', 'light-sour-cream', 'creme-fraiche'], to: [{ id: 'soy-yogurt' }], helpers: [...WET, 'acid'], acidMost: 0.06, notes: ['browns-later'] },
  { id: 'soy-yogurt-to-yogurt', from: ['soy-yogurt', 'coconut-yogurt'], to: [{ id: 'plain-yogurt' }], helpers: WET, notes: ['more-tang'] },
  // milk
  { id: 'milk-to-oat-milk', from: MILKS, to: [{ id: 'oat-milk' }], helpers: [...WET, 'sugar'], notes: ['browns-later'] },
  { id: 'milk-to-soy-milk', from: MILKS, to: [{ id: 'soy-milk' }], helpers: [...WET, 'sugar'], notes: ['browns-later'] },
  { id: 'milk-to-almond-milk', from: MILKS, to: [{ id: 'almond-milk' }], helpers: [...WET, 'sugar'], notes: ['browns-later', 'nuts-still'] },
  { id: 'plant-milk-to-milk', from: [...PLANT_MILKS, 'coconut-milk', 'light-coconut-milk'], to: [{ id: 'whole-milk' }], helpers: [...WET, 'sugar'], notes: ['browns-sooner'] },
  { id: 'cream-to-plant-cream', from: ['heavy-cream', 'double-cream', 'whipping-cream', 'single-cream'], to: [{ id: 'plant-double-cream' }], helpers: WET, notes: ['flavour-changes'] },
  { id: 'cream-cheese-to-vegan', from: ['cream-cheese', 'light-cream-cheese', 'mascarpone'], to: [{ id: 'vegan-cream-cheese', perGram: 1 }], helpers: [], notes: ['flavour-changes'] },
  // fat
  { id: 'butter-to-oil', from: [...BUTTERS, 'vegan-butter-block'], to: [{ id: 'vegetable-oil' }], helpers: ['liquid', 'salt'], notes: ['no-creamed-air', 'no-butter-flavour', 'moister-longer'] },
  { id: 'butter-to-vegan-block', from: BUTTERS, to: [{ id: 'vegan-butter-block' }], helpers: ['liquid', 'salt'], notes: ['no-butter-flavour'] },
  { id: 'oil-to-butter', from: [...OILS, 'vegan-butter-block'], to: [{ id: 'unsalted-butter' }], helpers: ['liquid', 'salt'], notes: ['cream-again', 'dries-sooner'] },
  { id: 'fat-to-applesauce', from: [...BUTTERS, ...OILS, 'vegan-butter-block'], to: [{ id: 'applesauce', perGram: 0.85 }], helpers: ['liquid', 'leaven', 'sugar'], lessens: 'fat', usualShare: 0.4, notes: ['chewier', 'dries-sooner', 'no-creamed-air'] },
  { id: 'fat-to-yogurt', from: [...BUTTERS, ...OILS], to: [{ id: 'plain-yogurt', perGram: 0.75 }], helpers: ['liquid', 'leaven'], lessens: 'fat', usualShare: 0.35, notes: ['chewier', 'more-tang'] },
  { id: 'less-fat', from: [...BUTTERS, ...OILS], to: [], helpers: ['liquid'], lessens: 'fat', usualShare: 0.2, notes: ['chewier', 'dries-sooner'] },
  // eggs
  { id: 'egg-to-aquafaba', from: EGGS, to: [{ id: 'aquafaba', perGram: 0.9 }], helpers: EGG, losesSet: true, notes: ['set-lost', 'lift-not-predicted', 'whip-first'] },
  { id: 'egg-to-flax', from: EGGS, to: [{ id: 'ground-flaxseed', perGram: 0.14 }, { id: 'water' }], helpers: EGG, losesSet: true, notes: ['set-lost', 'lift-not-predicted', 'gummy-above-two-eggs'] },
  { id: 'egg-to-yogurt', from: EGGS, to: [{ id: 'plain-yogurt', perGram: 1.1 }], helpers: EGG, losesSet: true, notes: ['set-lost', 'lift-not-predicted', 'more-tang'] },
  { id: 'egg-to-soy-yogurt', from: EGGS, to: [{ id: 'soy-yogurt', perGram: 1.1 }], helpers: EGG, losesSet: true, notes: ['set-lost', 'lift-not-predicted'] },
  { id: 'egg-to-tofu', from: EGGS, to: [{ id: 'silken-tofu', perGram: 1.1 }], helpers: EGG, losesSet: true, notes: ['set-lost', 'lift-not-predicted', 'denser'] },
  { id: 'white-to-aquafaba', from: ['egg-white', 'pasteurised-egg-white'], to: [{ id: 'aquafaba', perGram: 1 }], helpers: EGG, losesSet: true, notes: ['set-lost', 'lift-not-predicted', 'whip-first'] },
  { id: 'egg-free-to-egg', from: ['aquafaba', 'flax-egg', 'chia-egg', 'silken-tofu'], to: [{ id: 'egg', perGram: 1.1 }], helpers: EGG, notes: ['tastes-of-egg-again'] },
  // flour
  { id: 'white-to-wholemeal', from: WHITE_FLOURS, to: [{ id: 'whole-wheat-flour', perGram: 1 }], helpers: DRY, usualShare: 0.5, notes: ['rest-for-bran', 'denser'] },
  { id: 'wholemeal-to-white', from: WHOLE_FLOURS, to: [{ id: 'all-purpose-flour', perGram: 1 }], helpers: DRY, notes: ['flavour-changes'] },
  { id: 'wheat-to-gluten-free', from: [...WHITE_FLOURS, ...WHOLE_FLOURS], to: [{ id: 'gluten-free-flour-blend', perGram: 0.985 }, { id: 'psyllium-husk', perGram: 0.012 }], helpers: DRY, losesSet: true, notes: ['no-gluten', 'blend-varies'] },
  { id: 'raising-to-gluten-free', from: [...RAISING_FLOURS, 'self-raising-wholemeal-flour'], to: [{ id: 'gluten-free-flour-blend', perGram: 0.95 }, { id: 'psyllium-husk', perGram: 0.012 }, { id: 'baking-powder' }], helpers: DRY, losesSet: true, notes: ['no-gluten', 'blend-varies'] },
  { id: 'oats-to-gluten-free-oats', from: ['rolled-oats', 'quick-oats', 'medium-oatmeal', 'steel-cut-oats', 'oat-flour'], to: [{ id: 'gluten-free-rolled-oats', perGram: 1 }], helpers: [], notes: ['flavour-changes'] },
  { id: 'wheat-to-millet', from: [...WHITE_FLOURS, ...WHOLE_FLOURS], to: [{ id: 'finger-millet-flour', perGram: 0.6 }, { id: 'tapioca-starch', perGram: 0.38 }, { id: 'psyllium-husk', perGram: 0.012 }], helpers: DRY, losesSet: true, usualShare: 0.5, notes: ['no-gluten', 'denser', 'flavour-changes'] },
  { id: 'wheat-to-sorghum', from: [...WHITE_FLOURS, ...WHOLE_FLOURS], to: [{ id: 'sorghum-flour', perGram: 0.65 }, { id: 'tapioca-starch', perGram: 0.33 }, { id: 'psyllium-husk', perGram: 0.012 }], helpers: DRY, losesSet: true, notes: ['no-gluten', 'flavour-changes'] },
  { id: 'wheat-to-almond', from: WHITE_FLOURS, to: [{ id: 'almond-flour', perGram: 1 }], helpers: ['liquid', 'fat', 'leaven'], usualShare: 0.25, notes: ['no-gluten', 'moister-longer', 'nuts-still'] },
  { id: 'gluten-free-to-wheat', from: ['gluten-free-flour-blend', ...MILLET_FLOURS, 'brown-rice-flour', 'white-rice-flour'], to: [{ id: 'all-purpose-flour', perGram: 1.01 }], helpers: DRY, notes: ['gluten-again'] },
  { id: 'raising-to-plain', from: RAISING_FLOURS, to: [{ id: 'all-purpose-flour' }, { id: 'baking-powder' }], helpers: ['leaven', 'salt'], notes: ['measured-with-leavener'] },
  { id: 'plain-to-raising', from: WHITE_FLOURS, to: [{ id: 'self-raising-flour' }], helpers: ['leaven'], notes: ['measured-with-leavener'] },
  // sugar
  { id: 'sugar-to-honey', from: SUGARS, to: [{ id: 'honey' }], helpers: ['liquid', 'leaven', 'salt'], usualShare: 0.5, notes: ['browns-sooner', 'moister-longer', 'sweeter-and-wetter'] },
  { id: 'sugar-to-maple', from: SUGARS, to: [{ id: 'maple-syrup' }], helpers: ['liquid', 'leaven', 'salt'], usualShare: 0.5, notes: ['browns-sooner', 'flavour-changes'] },
  { id: 'sugar-to-golden-syrup', from: SUGARS, to: [{ id: 'golden-syrup' }], helpers: ['liquid', 'leaven', 'salt'], usualShare: 0.5, notes: ['browns-sooner', 'moister-longer'] },
  { id: 'sugar-to-date-syrup', from: [...SUGARS, 'honey'], to: [{ id: 'date-syrup' }], helpers: ['liquid', 'leaven', 'salt'], usualShare: 0.5, notes: ['browns-sooner', 'flavour-changes'] },
  { id: 'syrup-to-sugar', from: SYRUPS, to: [{ id: 'granulated-sugar' }], helpers: ['liquid', 'leaven', 'salt'], notes: ['browns-later', 'dries-sooner'] },
  { id: 'honey-to-maple', from: ['honey'], to: [{ id: 'maple-syrup' }], helpers: ['liquid', 'leaven'], notes: ['flavour-changes'] },
  { id: 'treacle-to-honey', from: ['black-treacle', 'molasses', 'blackstrap-molasses'], to: [{ id: 'honey' }], helpers: ['liquid', 'leaven', 'sugar'], notes: ['flavour-changes', 'browns-sooner'] },
  { id: 'white-to-brown-sugar', from: WHITE_SUGARS, to: [{ id: 'light-brown-sugar' }], helpers: ['liquid', 'leaven', 'salt'], notes: ['moister-longer', 'flavour-changes'] },
  { id: 'brown-to-white-sugar', from: BROWN_SUGARS, to: [{ id: 'granulated-sugar' }], helpers: ['liquid', 'leaven', 'salt'], notes: ['dries-sooner', 'flavour-changes'] },
  { id: 'less-sugar', from: [...SUGARS, ...SYRUPS], to: [], helpers: ['liquid'], lessens: 'sugar', usualShare: 0.2, notes: ['less-sweet', 'browns-later', 'dries-sooner'] },
  // cocoa, starter, fruit, nuts, salt
  { id: 'natural-to-dutch-cocoa', from: ['natural-cocoa'], to: [{ id: 'dutch-cocoa', perGram: 1 }], helpers: ['leaven'], highestPh: 7.4, notes: ['powder-takes-over'] },
  { id: 'dutch-to-natural-cocoa', from: ['dutch-cocoa', 'black-cocoa'], to: [{ id: 'natural-cocoa', perGram: 1 }], helpers: ['leaven'], notes: ['soda-joins', 'flavour-changes'] },
  { id: 'starter-to-flour', from: ['sourdough-discard'], to: [{ id: 'all-purpose-flour' }, { id: 'water' }], helpers: ['acid', 'leaven'], acidMost: 0.08, notes: ['less-tang'] },
  { id: 'flour-to-starter', from: [...WHITE_FLOURS, ...WHOLE_FLOURS], to: [{ id: 'sourdough-discard', perGram: 2 }], helpers: ['liquid', 'leaven'], usualShare: 0.25, notes: ['weigh-starter', 'soda-joins', 'more-tang'] },
  { id: 'more-fruit', from: [...PUREES, ...GRATED, ...BERRIES], to: [], helpers: ['liquid', 'leaven', 'sugar'], usualShare: -0.3, notes: ['bigger-lump-of-fruit', 'moister-longer'] },
  { id: 'nuts-to-seeds', from: WHOLE_NUTS, to: [{ id: 'pumpkin-seeds', perGram: 1 }], helpers: [], notes: ['flavour-changes'] },
  { id: 'nuts-to-sunflower', from: [...WHOLE_NUTS, ...NUT_MEALS], to: [{ id: 'sunflower-seeds', perGram: 1 }], helpers: [], notes: ['seeds-may-green', 'flavour-changes'] },
  { id: 'nut-meal-to-oat-flour', from: NUT_MEALS, to: [{ id: 'oat-flour', perGram: 0.7 }], helpers: ['liquid', 'fat', 'leaven'], notes: ['flavour-changes', 'dries-sooner'] },
  { id: 'seeds-to-nuts', from: ['pumpkin-seeds', 'sunflower-seeds', 'mixed-seeds'], to: [{ id: 'walnuts', perGram: 1 }], helpers: [], notes: ['flavour-changes', 'nuts-still'] },
  { id: 'leave-nuts-out', from: WHOLE_NUTS, to: [], helpers: [], notes: ['flavour-changes'] },
  { id: 'no-salt', from: ['table-salt', 'fine-sea-salt', 'kosher-salt', 'kosher-salt-dense', 'flaky-sea-salt', 'coarse-sea-salt', 'pink-salt'], to: [], helpers: [], lessens: 'salt', notes: ['saltless'] },
  { id: 'chips-to-vegan-chips', from: ['semisweet-chocolate-chips', 'milk-chocolate', 'white-chocolate'], to: [{ id: 'vegan-chocolate-chips', perGram: 1 }], helpers: [], notes: ['flavour-changes'] },
  { id: 'nut-meal-to-wheat', from: NUT_MEALS, to: [{ id: 'all-purpose-flour', perGram: 0.8 }], helpers: ['liquid', 'fat', 'leaven'], notes: ['gluten-again', 'dries-sooner'] },
  { id: 'cheese-to-vegan', from: ['cheddar', 'parmesan', 'gruyere', 'mozzarella', 'feta', 'blue-cheese', 'goat-cheese'], to: [{ id: 'vegan-cheese', perGram: 1 }], helpers: ['salt'], notes: ['flavour-changes', 'no-butter-flavour'] },
]; // prettier-ignore

/** The ways to replace an ingredient. */
export const waysFor = ({ behavesAs }: Ingredient): readonly SwapWay[] =>
  SWAP_WAYS.filter(({ from }) => from.includes(behavesAs));
