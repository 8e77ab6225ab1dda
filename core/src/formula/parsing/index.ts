export {
  assembleFormula,
  isPageSource,
  LONGEST_TEXT,
  readFormula,
  readWrittenLines,
  yieldBehind,
  type FormulaParts,
} from './read-formula.js';
export type { FormulaReading } from './sheet.js';
export {
  beginsStep,
  isFirstStep,
  isMarked,
  isMethodMark,
  isPartName,
  SAID_IN_A_ROW,
  type WrittenLine,
  isPanAlone,
} from './sections.js';
export { FACT, readFact, writeFacts, type FormulaFacts } from './facts.js';
export { beginsWithAmount, readLine, type Correction, type ReadEntry } from './read-line.js';
export { middle, type Quantity } from './amounts.js';
export { plainContext, type ReadingContext } from './context.js';
export {
  NO_SURROUNDINGS,
  takesFrom,
  weighedParts,
  weighFormula,
  type Surroundings,
  type WeighedComponent,
  type WeighedFormula,
  type WeighedLine,
} from './weigh-formula.js';
export { weighAll, type Weight } from './weigh.js';
export { readBake } from './bake-phrases.js';
export { bakeTimeIn, mentionsIn, TIME_PURPOSES, type Mention, type TimePurpose } from './mentions.js';
export { methodOf, namedAmount, readPortion, takenIn, type Method, type Taking } from './step-lines.js';
export { namesComponent, stepsOfBatter, withoutGreasing } from './step-names.js';
export { temperaturesIn, type TemperatureScale, type WrittenTemperature } from './temperatures.js';
export { GRAMS_FROM, isCounted, isByWeight } from './counted.js';
export { minutesIn } from './minutes-said.js';
export { durationIn, durationsIn } from './durations.js';
export { listApart } from './lists-apart.js';
export { gramsOfLump } from './rewordings.js';
export { CALLED, readYield, SO_MANY, yieldSaidIn, type Yield } from './yields.js';
export { normalise } from './normalise.js';
export { regionOf } from './region.js';
export { problem, type NoFacts, type Problem, type ProblemCode, type ProblemFacts, type Severity } from './problem.js';
export { retyped, takenApart, withAmount } from './retype.js';
export { convertAmount, type Converted } from './convert.js';
export { panMentionsIn, type PanMention } from './pan-phrases.js';
export { portionsOf, type Portions } from './portions.js';
export { alternativesIn, type Alternative } from './alternatives.js';
export { SHORTENED } from './rewordings.js';
export { OTHER_HEATS, withoutAnOven, type OtherHeat, type WithoutAnOven } from './without-an-oven.js';
