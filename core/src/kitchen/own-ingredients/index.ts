/* Apart from the ingredients themselves: what is only asked when a baker writes one of their own must not ride with every page. */
export { asOwn, startedFrom } from './start-from.js';
export { detailsOf, type IngredientDetails } from './details.js';
export {
  checkIngredient,
  type IngredientFault,
  type IngredientFaultCode,
  type IngredientFaultFacts,
} from './check-ingredient.js';
