import {
  availability,
  ingredientById,
  isInclusion,
  roleOf,
  type Category,
  type Ingredient,
  type Preparation,
} from '../../kitchen/ingredients/index.js';

/** A weighed ingredient of a batter. */
export interface WeighedPart {
  readonly ingredient: Ingredient;
  readonly grams: number;
  readonly preparation: Preparation;
  /** Relative standard deviation of its mass, as far as the way of measuring tells. */
  readonly massSpread?: number;
}

/** What a batter holds, grams. */
export interface FunctionalTotals {
  readonly grams: number;
  /** Flour base: wheat and other flours, oats, meals, starches, and the flour inside a starter. */
  readonly flour: number;
  /** All the water of the batter, flour moisture included; pieces give 15 % of theirs. */
  readonly water: number;
  /** All lipid, the flour's own included; pieces give 15 % of theirs. */
  readonly fat: number;
  /** All sugars, those of milk and fruit included; pieces give 15 % of theirs. */
  readonly sugar: number;
  readonly eggSolids: number;
  /** Salt from salt and from salted butter, as sodium chloride. */
  readonly salt: number;
  /** Grams of water the solids can hold. */
  readonly thirst: number;
}

/** The same batter counted the way the style bands are written (percent of flour). */
export interface BandQuantities {
  readonly sugar: number;
  readonly fat: number;
  readonly egg: number;
  readonly water: number;
  readonly salt: number;
  readonly inclusions: number;
  readonly cocoa: number;
  /** Flour's share of the batter without its pieces, percent. */
  readonly flourShare: number;
}

const SODIUM_SHARE_OF_SALT = 0.3934; // 22.990 / 58.443
/** Salted butter carries about 1.7 % salt. @source README of the style tables */
const SALT_OF_SALTED_BUTTER = 0.017;

const SALT_REPLACES_SODIUM: ReadonlySet<string> = new Set(['reduced-sodium-salt']);

function saltGrams({ ingredient, grams }: WeighedPart): number {
  if (ingredient.behavesAs === 'salted-butter') return grams * SALT_OF_SALTED_BUTTER;
  if (ingredient.category !== 'salt') return 0;
  return SALT_REPLACES_SODIUM.has(ingredient.behavesAs)
    ? (grams * ingredient.composition.sodium) / SODIUM_SHARE_OF_SALT
    : grams;
}

/** Dry matter of egg: what is not water. Only whole egg, white and yolk build with it. */
function eggSolidsGrams({ ingredient, grams }: WeighedPart): number {
  return grams * roleOf(ingredient).egg * (1 - ingredient.composition.water);
}

const PIECES_GIVE = 0.15;

/** Share of its water, fat and sugar that a part gives to the batter: pieces keep most of theirs. @source leavening.md part B */
export const givenShare = ({ ingredient, preparation }: Pick<WeighedPart, 'ingredient' | 'preparation'>): number =>
  isInclusion(ingredient, preparation) ? PIECES_GIVE : 1;

/** Ground nuts that are so much of the flour stand in its place: "150 g flour, 100 g ground almonds" is a cake of 250 g. */
const MEAL_STANDS_FOR_FLOUR_FROM = 0.5;
/**
 * Share of a part in the flour base of its batter. Ground nuts are flour where there is no other, and where they are half of it or more:
 * bakers who trade flour for almonds keep the sugar and fat of the whole. Less of them is put in like any nut.
 */
export function flourShares(parts: readonly WeighedPart[]): (part: WeighedPart) => number {
  const sum = (grams: (part: WeighedPart) => number) => parts.reduce((total, part) => total + grams(part), 0);
  const milled = sum(({ ingredient, grams }) => grams * roleOf(ingredient).flour);
  const meal = sum(({ ingredient, grams }) => (roleOf(ingredient).nutMeal ? grams : 0));
  const stands = meal > 0 && meal >= MEAL_STANDS_FOR_FLOUR_FROM * milled;
  return ({ ingredient }) => {
    const role = roleOf(ingredient);
    return role.nutMeal && stands ? 1 : role.flour;
  };
}

/** Sums of what a batter holds. Linear in the grams of every part. @source leavening.md part B */
export function functionalTotals(parts: readonly WeighedPart[]): FunctionalTotals {
  const total = { grams: 0, flour: 0, water: 0, fat: 0, sugar: 0, eggSolids: 0, salt: 0, thirst: 0 };
  const flourShare = flourShares(parts);
  for (const part of parts) {
    const { ingredient, grams } = part;
    const { water, fat, sugars } = ingredient.composition;
    const role = roleOf(ingredient);
    const gives = givenShare(part);
    total.grams += grams;
    total.flour += grams * flourShare(part);
    total.water += grams * water * gives;
    total.fat += grams * fat * gives;
    total.sugar += grams * sugars * gives;
    total.eggSolids += eggSolidsGrams(part);
    total.salt += saltGrams(part);
    total.thirst += grams * role.thirst;
  }
  return total;
}

/** What one gram of a part counts in the sums of the style bands. */
export interface BandShares {
  readonly flour: number;
  readonly sugar: number;
  readonly fat: number;
  readonly egg: number;
  readonly water: number;
  readonly salt: number;
  readonly inclusions: number;
  readonly cocoa: number;
}

/**
 * What one gram of a part counts: added sugar only, batter lipid without the flour's own and without pieces, liquid water without flour
 * moisture and without the water inside pieces. The sums are linear in the grams.
 * @param flour its share in the flour base, of `flourShares`
 * @source README of the style tables
 */
export function bandShares(part: WeighedPart, flour: number): BandShares {
  const { ingredient, preparation } = part;
  const role = roleOf(ingredient);
  const salt = saltGrams({ ...part, grams: 1 });
  if (isInclusion(ingredient, preparation) || (role.nutMeal && flour === 0))
    return { flour, sugar: 0, fat: 0, egg: 0, water: 0, salt, inclusions: 1, cocoa: 0 };
  const { sugars, fat, water } = ingredient.composition;
  return {
    flour,
    sugar: role.sweetens ? sugars : 0,
    fat: role.shortens ? fat : 0,
    egg: role.egg,
    water: role.wets ? water : 0,
    salt,
    inclusions: 0,
    cocoa: role.cocoa ? 1 : 0,
  };
}

/**
 * Quantities of a batter in percent of its flour, counted by the definitions of the style bands.
 * @returns undefined when there is no flour to be the hundred
 */
export function bandQuantities(parts: readonly WeighedPart[]): BandQuantities | undefined {
  const total = { grams: 0, flour: 0, sugar: 0, fat: 0, egg: 0, water: 0, salt: 0, inclusions: 0, cocoa: 0 };
  const flourShare = flourShares(parts);
  for (const part of parts) {
    const { grams } = part;
    const share = bandShares(part, flourShare(part));
    total.grams += grams;
    total.flour += grams * share.flour;
    total.sugar += grams * share.sugar;
    total.fat += grams * share.fat;
    total.egg += grams * share.egg;
    total.water += grams * share.water;
    total.salt += grams * share.salt;
    total.inclusions += grams * share.inclusions;
    total.cocoa += grams * share.cocoa;
  }
  if (!(total.flour > 0)) return undefined;
  const ofFlour = (grams: number) => (100 * grams) / total.flour;
  return {
    sugar: ofFlour(total.sugar),
    fat: ofFlour(total.fat),
    egg: ofFlour(total.egg),
    water: ofFlour(total.water),
    salt: ofFlour(total.salt),
    inclusions: ofFlour(total.inclusions),
    cocoa: ofFlour(total.cocoa),
    flourShare: (100 * total.flour) / (total.grams - total.inclusions),
  };
}

/** What a line does in the batter, in the order of importance: the words are for bakers, the codes for programs. */
export type Doing = 'builds' | 'dries' | 'wets' | 'softens' | 'sours' | 'lifts' | 'seasons' | 'enriches';

/** Acidity above which an ingredient is counted on to meet soda, meq/g to pH 7. Flour and milk stay below it. */
const SOUR_FROM_MEQ_PER_GRAM = 0.025;

/** Spices and cheese hold acid too, in amounts or in a form that no soda meets. */
const SEASONS_ONLY: ReadonlySet<Category> = new Set(['spice', 'cheese/savoury']);

/** What an ingredient does, at most two things, judged from its composition and role. */
export function doings(ingredient: Ingredient, preparation: Preparation): readonly Doing[] {
  const role = roleOf(ingredient);
  const { water, fat, sugars } = ingredient.composition;
  const what: Doing[] = [];
  const sour =
    !SEASONS_ONLY.has(ingredient.category) &&
    ingredient.acidMeqPerGram * availability(ingredient, preparation) >= SOUR_FROM_MEQ_PER_GRAM;
  if (ingredient.category === 'leavener') return ['lifts'];
  if (role.flour > 0) what.push('builds', 'dries');
  if (role.nutMeal) return ['enriches', 'dries'];
  if (role.egg > 0) what.push('builds', 'wets');
  if (role.cocoa) what.push('dries', ...(sour ? (['sours'] as const) : []));
  if (isInclusion(ingredient, preparation)) return ['enriches'];
  if (role.wets && water > 0.5 && role.egg === 0) what.push('wets');
  if (role.shortens && fat > 0.15 && role.egg === 0 && !role.cocoa) what.push('softens');
  if (role.sweetens && sugars > 0.3) what.push('softens');
  if (sour && role.flour === 0 && !role.cocoa) what.push('sours');
  if (ingredient.category === 'salt' || ingredient.category === 'spice') what.push('seasons');
  return what.slice(0, 2);
}

/** The ingredient of an id that a table promises. @throws Error when the table has lost it */
export function mustBeIngredient(id: string): Ingredient {
  const ingredient = ingredientById(id);
  if (ingredient === undefined) throw new Error(`ingredients.csv has no ${id}`);
  return ingredient;
}
