export { shoppingList, type AisleList, type ShoppingItem } from './shopping-list.js';
export { neededOf, type Needed } from './needed.js';
