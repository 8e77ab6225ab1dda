export {
  ALLERGENS,
  CATEGORIES,
  INGREDIENTS,
  besideIngredients,
  ingredientById,
  calledHere,
  ingredientName,
  nameInLine,
  shortIngredientName,
  type Allergen,
  type Category,
  type Composition,
  type Ingredient,
} from './ingredient.js';
export { availability, isInclusion, roleOf, type Preparation, type Role } from './role.js';
export { eggOf, type EggSize } from './eggs.js';
export {
  describesOnly,
  matchIngredient,
  plainWords,
  searchIngredients,
  type Match,
  type MatchResult,
} from './match.js';
export { TABLE_PANTRY, TABLE_SIZE, fromOwn, pantryWith, type OwnName, type Pantry } from './pantry.js';
export { COMPOSITION_PARTS, energyByFactors, type CompositionPart, type OwnIngredient } from './own-ingredient.js';
export { SHORT_FORMS } from './short-forms.js';
