export { learnedKitchenSchema } from './learned-schema.js';
export {
  learnedBake,
  learnedHabit,
  learnedOven,
  LEARNED_FROM,
  LEARNING_PRIOR,
  lessonFor,
  priorOf,
  sharedTerms,
  USUAL_PER_CELSIUS,
  type BakeTraits,
  type LearnedBake,
  type LearnedFrom,
  type LearnedKitchen,
  type LearnedOven,
  type LearnedRecipe,
  type Lesson,
} from './learned.js';
