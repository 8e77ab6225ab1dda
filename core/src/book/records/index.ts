export {
  HALVES,
  READING_CODES,
  recipeOf,
  type BakeReadings,
  type BakeRecord,
  type Half,
  type HalfBaked,
  type ReadingCode,
  type RecordedForesight,
} from './bake-record.js';
export {
  coreAtOutOf,
  epochAt,
  lessonOf,
  lessonsOf,
  routineOf,
  type NamedRecord,
  type NoLesson,
} from './what-it-teaches.js';
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
export {
  partOfWindow,
  PROMISED,
  WINDOW_PARTS,
  windowsHeld,
  type WindowPart,
  type WindowsHeld,
} from './windows-held.js';
