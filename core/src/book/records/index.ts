export {
  epochAt,
  lessonOf,
  lessonsOf,
  READING_CODES,
  recipeOf,
  type BakeReadings,
  type BakeRecord,
  type NamedRecord,
  type NoLesson,
  type ReadingCode,
  type RecordedForesight,
} from './bake-record.js';
export { bakeRecordSchema } from './record-schema.js';
export {
  BEST_SCORE,
  CRUMBS,
  OUTCOMES,
  outcomesOf,
  SHAPES,
  TOPS,
  WRONGS,
  type Crumb,
  type Outcome,
  type Shape,
  type Tapped,
  type Top,
  type Wrong,
} from './scales.js';
