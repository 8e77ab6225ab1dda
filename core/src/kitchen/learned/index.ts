export { learnedKitchenSchema, learnedRoutineSchema } from './learned-schema.js';
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
export { ownCup, type OwnCup } from './own-cup.js';
export {
  hotSides,
  paceOf,
  PACED_TASKS,
  SIDES,
  type HotterBy,
  type LearnedHeating,
  type LearnedHotSide,
  type LearnedPace,
  type LearnedRoutine,
  type PacedTask,
  type Side,
} from './routine.js';
