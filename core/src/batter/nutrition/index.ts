export {
  BAKE_LOSS,
  NUTRIENTS,
  nutritionOf,
  sodiumMilligrams,
  type Cost,
  type Nutrient,
  type Nutrition,
  type NutritionFacts,
  type Price,
} from './nutrition.js';
