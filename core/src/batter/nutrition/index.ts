export {
  BAKE_LOSS,
  costDifference,
  NUTRIENTS,
  nutritionOf,
  priceOf,
  sodiumMilligrams,
  type Cost,
  type Nutrient,
  type Nutrition,
  type NutritionFacts,
} from './nutrition.js';
