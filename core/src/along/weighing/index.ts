export {
  TOLERANCES,
  toleranceGrams,
  weighedAs,
  weighingOf,
  WEIGHED_AS,
  WEIGHINGS,
  type WeighedAs,
  type Weighing,
} from './tolerance.js';
export {
  NOTICED,
  OVER_POUR_CODES,
  overPourAnswers,
  type BowlLine,
  type LineChange,
  type OverPour,
  type OverPourAnswer,
  type OverPourCode,
} from './over-pour.js';
