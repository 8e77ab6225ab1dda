import type { PackPrice } from '../../kitchen/kitchen/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import type { Range } from '../../ground/verdict/index.js';

/** What is counted: energy in kcal, sodium in mg, the rest in grams. Saturated fat is not in the ingredient table, so it is not given. */
export const NUTRIENTS = ['energy', 'fat', 'carbohydrate', 'sugars', 'fibre', 'protein', 'salt', 'sodium'] as const;
export type Nutrient = (typeof NUTRIENTS)[number];
export type Nutrition = Readonly<Record<Nutrient, Range>>;

export interface Cost {
  readonly whole: number;
  readonly perPortion: number;
  /** Ingredients that no pack price is known for; what they cost is not in the sum. */
  readonly unpriced: readonly Ingredient[];
}

export interface NutritionFacts {
  readonly grams: number;
  /** After the bake, g: water leaves, the rest stays. */
  readonly bakedGrams: Range;
  readonly portions: number;
  readonly perPortion: Nutrition;
  readonly per100gRaw: Nutrition;
  readonly per100gBaked: Nutrition;
  readonly cost: Cost;
}

/** Atwater's general factors, kcal/g. Textbook. */
const KILOCALORIES = { protein: 4, carbohydrate: 4, fat: 9, fibre: 2, alcohol: 7 } as const;
/** Salt on a label is sodium × 2.5. @source labelling rule of the EU and the UK */
const SALT_OF_SODIUM = 2.5;
/** A pack's composition varies about so much around a table's, relative standard deviation. */
const COMPOSITION_SPREAD = 0.08;
/** Mass by an unknown way of measuring. */
const MASS_SPREAD = 0.03;
/** Share of the batter's mass that the oven dries out: small pieces more, deep ones less. @source README of the tables: 10 % */
export const BAKE_LOSS: Range = { low: 0.07, likely: 0.1, high: 0.14 };

/** What one gram of an ingredient holds. */
function perGram({ composition: c }: Ingredient): Readonly<Record<Nutrient, number>> {
  const carbohydrate = c.starch + c.sugars;
  return {
    energy:
      KILOCALORIES.protein * c.protein +
      KILOCALORIES.carbohydrate * carbohydrate +
      KILOCALORIES.fat * c.fat +
      KILOCALORIES.fibre * c.fibre +
      KILOCALORIES.alcohol * c.alcohol,
    fat: c.fat,
    carbohydrate,
    sugars: c.sugars,
    fibre: c.fibre,
    protein: c.protein,
    salt: SALT_OF_SODIUM * c.sodium,
    sodium: 1000 * c.sodium,
  };
}

/**
 * Nutrition and cost of everything in a formula, frosting and all. Sums of composition × grams; the spread is that of measuring and of
 * packs, eight in ten.
 * @param parts every weighed ingredient of every component
 * @param portions how many it is cut into; more than 0
 * @param bakedShare share of the mass that goes through the oven
 */
export function nutritionOf(
  parts: readonly WeighedPart[],
  portions: number,
  prices: readonly PackPrice[] = [],
  bakedShare = 1,
): NutritionFacts {
  const grams = parts.reduce((sum, part) => sum + part.grams, 0);
  const sums = new Map<Nutrient, { likely: number; variance: number }>();
  for (const part of parts) {
    const held = perGram(part.ingredient);
    const spread = Math.hypot(part.massSpread ?? MASS_SPREAD, COMPOSITION_SPREAD);
    for (const nutrient of NUTRIENTS) {
      const sum = sums.get(nutrient) ?? { likely: 0, variance: 0 };
      const amount = held[nutrient] * part.grams;
      sums.set(nutrient, { likely: sum.likely + amount, variance: sum.variance + (amount * spread) ** 2 });
    }
  }
  const of = (low: number, likely: number, high: number): Nutrition =>
    Object.fromEntries(
      NUTRIENTS.map((nutrient) => {
        const sum = sums.get(nutrient) ?? { likely: 0, variance: 0 };
        const deviation = EIGHT_IN_TEN * Math.sqrt(sum.variance);
        return [
          nutrient,
          {
            low: Math.max(0, sum.likely - deviation) * low,
            likely: sum.likely * likely,
            high: (sum.likely + deviation) * high,
          },
        ];
      }),
    ) as Nutrition;
  const baked = (loss: number) => grams * (1 - loss * bakedShare);
  const bakedGrams: Range = { low: baked(BAKE_LOSS.high), likely: baked(BAKE_LOSS.likely), high: baked(BAKE_LOSS.low) };
  const per = (whole: number) => (whole > 0 ? 1 / whole : 0);
  const hundred = 100 * per(grams);
  return {
    grams,
    bakedGrams,
    portions,
    perPortion: of(per(portions), per(portions), per(portions)),
    per100gRaw: of(hundred, hundred, hundred),
    per100gBaked: of(100 * per(bakedGrams.high), 100 * per(bakedGrams.likely), 100 * per(bakedGrams.low)),
    cost: costOf(parts, portions, prices),
  };
}

/** Sodium of a batter or a formula, mg. */
export const sodiumMilligrams = (parts: readonly WeighedPart[]): number =>
  parts.reduce((sum, { ingredient, grams }) => sum + 1000 * ingredient.composition.sodium * grams, 0);

/** What so much costs, in the baker's own money. */
export const priceOf = ({ price, packGrams }: Omit<PackPrice, 'ingredientId'>, grams: number): number =>
  (grams * price) / packGrams;

/** Rounding moves a line so far. */
const NO_CHANGE_GRAMS = 0.5;

/** What a change costs more; undefined where something that changes has no price. */
export function costDifference(
  changes: readonly { readonly ingredient: Ingredient; readonly before: number; readonly after: number }[],
  prices: readonly PackPrice[],
): number | undefined {
  let more = 0;
  for (const { ingredient, before, after } of changes) {
    if (Math.abs(after - before) <= NO_CHANGE_GRAMS || ingredient.id === 'water') continue;
    const price = prices.find(({ ingredientId }) => ingredientId === ingredient.id);
    if (!price) return undefined;
    more += priceOf(price, after - before);
  }
  return more;
}

function costOf(parts: readonly WeighedPart[], portions: number, prices: readonly PackPrice[]): Cost {
  const byId = new Map(prices.map((price) => [price.ingredientId, price]));
  const unpriced = new Set<Ingredient>();
  let whole = 0;
  for (const { ingredient, grams } of parts) {
    const price = byId.get(ingredient.id);
    if (price) whole += priceOf(price, grams);
    else if (grams > 0 && ingredient.id !== 'water') unpriced.add(ingredient);
  }
  return { whole, perPortion: portions > 0 ? whole / portions : 0, unpriced: [...unpriced] };
}
