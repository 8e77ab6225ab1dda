export {
  NAMED_ALLERGENS,
  SAFETY_IDS,
  safetyOf,
  type FillingRole,
  type NamedAllergen,
  type Perishable,
  type Safety,
} from './safety.js';
