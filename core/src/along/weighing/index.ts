export { batterNow, type BatterNow } from './batter-now.js';
export { toleranceGrams, weighingOf, type Weighing } from './tolerance.js';
export {
  NOTICED,
  overPourAnswers,
  type BowlLine,
  type LineChange,
  type OverPour,
  type OverPourAnswer,
  type OverPourCode,
} from './over-pour.js';
