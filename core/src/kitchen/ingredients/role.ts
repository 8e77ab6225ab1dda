import type { Category, Ingredient } from './ingredient.js';

/** How an ingredient was made ready, as far as it changes what reaches the batter. */
export type Preparation = 'whole' | 'pieces' | 'grated' | 'mashed' | 'melted' | 'ground' | 'none';

/**
 * What an ingredient does in the balance of a batter.
 * @source the definitions at the head of the style bands: flour base, added sugar solids, batter lipid, shelled egg, water without
 * flour moisture and without the water inside inclusions
 */
export interface Role {
  /** Share of its mass in the flour base. */
  readonly flour: number;
  /** Whether its sugars count as added sugar. */
  readonly sweetens: boolean;
  /** Whether its fat counts as fat of the batter. */
  readonly shortens: boolean;
  /** Whether its water counts as liquid of the batter. */
  readonly wets: boolean;
  /** Share of its mass that is shelled egg. */
  readonly egg: number;
  readonly cocoa: boolean;
  /** Ground nuts: flour only where no other flour is; beside one they count as an inclusion, as the style bands do. */
  readonly nutMeal: boolean;
  /** Grams of water that a gram holds. */
  readonly thirst: number;
}

type RoleOfCategory = Omit<Role, 'egg' | 'cocoa' | 'nutMeal' | 'thirst'> & { readonly thirst: number };

const NOTHING: RoleOfCategory = { flour: 0, sweetens: false, shortens: false, wets: false, thirst: 0 };
const FLOUR: RoleOfCategory = { ...NOTHING, flour: 1 };

/** One row a category; thirst in g/g from leavening.md part B, typical of the category. */
const ROLE_OF_CATEGORY: Readonly<Record<Category, RoleOfCategory>> = {
  flour: { ...FLOUR, thirst: 0.6 },
  'whole-grain flour': { ...FLOUR, thirst: 0.78 },
  'gluten-free flour': { ...FLOUR, thirst: 0.68 },
  starch: { ...FLOUR, thirst: 0.42 },
  sugar: { ...NOTHING, sweetens: true, wets: true },
  syrup: { ...NOTHING, sweetens: true, wets: true },
  fat: { ...NOTHING, shortens: true, wets: true },
  dairy: { ...NOTHING, shortens: true, wets: true, thirst: 0.06 },
  'cultured dairy': { ...NOTHING, shortens: true, wets: true, thirst: 0.06 },
  'plant milk': { ...NOTHING, shortens: true, wets: true, thirst: 0.05 },
  egg: { ...NOTHING, shortens: true, wets: true, thirst: 0.12 },
  'egg substitute': { ...NOTHING, shortens: true, wets: true, thirst: 0.1 },
  leavener: NOTHING,
  acid: { ...NOTHING, wets: true },
  salt: NOTHING,
  spice: NOTHING,
  'fresh fruit': { ...NOTHING, wets: true },
  'fruit puree': { ...NOTHING, wets: true, thirst: 0.1 },
  'dried fruit': NOTHING,
  'candied fruit': NOTHING,
  vegetable: { ...NOTHING, wets: true, thirst: 0.06 },
  'nut/seed': NOTHING,
  'chocolate/cocoa': { ...NOTHING, shortens: true, thirst: 0.2 },
  flavouring: { ...NOTHING, wets: true },
  alcohol: { ...NOTHING, wets: true },
  liquid: { ...NOTHING, wets: true },
  'cheese/savoury': NOTHING,
  'thickener/gum': { ...NOTHING, thirst: 5 },
  'frosting base': { ...NOTHING, sweetens: true },
};

/** What a single ingredient does differently from its category. */
const ROLE_OF_INGREDIENT: Readonly<Record<string, Partial<Role>>> = {
  'cake-flour': { thirst: 0.57 },
  'bread-flour': { thirst: 0.64 },
  'dark-rye-flour': { thirst: 0.85 },
  'light-rye-flour': { thirst: 0.8 },
  'oat-flour': { thirst: 0.95 },
  'rolled-oats': { thirst: 0.9 },
  'quick-oats': { thirst: 0.9 },
  'wheat-bran': { thirst: 2.5 },
  'oat-bran': { thirst: 2.5 },
  'almond-flour': { flour: 0, nutMeal: true, thirst: 0.3 },
  'almond-meal': { flour: 0, nutMeal: true, thirst: 0.3 },
  'hazelnut-meal': { flour: 0, nutMeal: true, thirst: 0.3 },
  'coconut-flour': { thirst: 3 },
  cornmeal: { thirst: 0.62 },
  'ground-flaxseed': { thirst: 2.5 },
  'psyllium-husk': { thirst: 14 },
  'psyllium-powder': { thirst: 14 },
  'cooked-rice': { flour: 0 },
  'cooked-quinoa': { flour: 0 },
  'sourdough-discard': { flour: 0.5, wets: true, thirst: 0.3 },
  'natural-cocoa': { cocoa: true, thirst: 1.1 },
  'dutch-cocoa': { cocoa: true, thirst: 1.15 },
  'black-cocoa': { cocoa: true, thirst: 1.15 },
  egg: { egg: 1 },
  'liquid-whole-egg': { egg: 1 },
  'egg-white': { egg: 1 },
  'pasteurised-egg-white': { egg: 1 },
  'egg-yolk': { egg: 1 },
  'duck-egg': { egg: 1 },
  'quail-egg': { egg: 1 },
  'sweetened-condensed-milk': { sweetens: true },
  'self-rising-flour': { thirst: 0.58 },
};

/** Categories whose pieces lie in the crumb instead of dissolving into it, unless they were mashed, grated, ground or melted. */
const LIE_IN_PIECES: ReadonlySet<Category> = new Set([
  'fresh fruit', 'dried fruit', 'candied fruit', 'nut/seed', 'cheese/savoury', 'frosting base',
]); // prettier-ignore
/** Soft cheeses mix into a batter; hard ones stay themselves, grated or not. */
const MIXES_IN: ReadonlySet<string> = new Set([
  'cream-cheese', 'light-cream-cheese', 'mascarpone', 'ricotta', 'cottage-cheese', 'nutritional-yeast', 'prepared-mustard', 'soy-sauce', 'worcestershire-sauce',
]); // prettier-ignore
/** Chocolate that comes as pieces; bars and cocoa melt or mix into the batter. */
const CHOCOLATE_PIECES: ReadonlySet<string> = new Set([
  'semisweet-chocolate-chips', 'vegan-chocolate-chips', 'cocoa-nibs', 'chocolate-sprinkles',
]); // prettier-ignore
/** Fruit that a formula means mashed, and seeds that are a powder or a paste, unless it says otherwise. */
const DISSOLVES: ReadonlySet<string> = new Set([
  'banana', 'persimmon-pulp', 'passion-fruit-pulp', 'mango-pulp', 'crushed-pineapple', 'lemon-zest', 'orange-zest', 'lime-zest', 'ground-flaxseed',
  'peanut-butter', 'almond-butter', 'cashew-butter', 'sunflower-seed-butter', 'tahini', 'hazelnut-praline-paste', 'pistachio-paste',
]); // prettier-ignore

/** Share of its acid and water that a piece gives to the batter before the crumb sets. @source leavening.md table 1.7 */
const AVAILABLE = { dissolved: 1, grated: 0.6, piecesOfFruit: 0.15, nuts: 0.1, oats: 0.7, chocolate: 0.9 } as const;

const roles = new Map<Ingredient, Role>();

export function roleOf(ingredient: Ingredient): Role {
  let role = roles.get(ingredient);
  if (role === undefined) {
    role = {
      egg: 0,
      cocoa: false,
      nutMeal: false,
      ...ROLE_OF_CATEGORY[ingredient.category],
      ...ROLE_OF_INGREDIENT[ingredient.behavesAs],
    };
    roles.set(ingredient, role);
  }
  return role;
}

/** Whether it lies in the crumb in pieces, so that its water, fat and sugar stay with it. */
export function isInclusion(ingredient: Ingredient, preparation: Preparation): boolean {
  if (preparation === 'mashed' || preparation === 'melted' || preparation === 'ground') return false;
  if (CHOCOLATE_PIECES.has(ingredient.behavesAs)) return true;
  if (DISSOLVES.has(ingredient.behavesAs)) return preparation === 'pieces';
  if (ingredient.category === 'vegetable') return preparation === 'pieces';
  if (ingredient.category === 'cheese/savoury') return !MIXES_IN.has(ingredient.behavesAs);
  return LIE_IN_PIECES.has(ingredient.category) && preparation !== 'grated';
}

/** Share of an ingredient's acid, water, sugar and fat that the batter gets to see. */
export function availability(ingredient: Ingredient, preparation: Preparation): number {
  if (isInclusion(ingredient, preparation)) {
    return ingredient.category === 'nut/seed' ? AVAILABLE.nuts : AVAILABLE.piecesOfFruit;
  }
  if (ingredient.behavesAs === 'rolled-oats') return AVAILABLE.oats;
  if (ingredient.category === 'vegetable' && preparation !== 'mashed' && !ingredient.behavesAs.endsWith('puree'))
    return AVAILABLE.grated;
  if (preparation === 'grated') return AVAILABLE.grated;
  if (ingredient.category === 'chocolate/cocoa' && !roleOf(ingredient).cocoa) return AVAILABLE.chocolate;
  return AVAILABLE.dissolved;
}
