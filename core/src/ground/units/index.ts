export {
  FILLINGS,
  REGIONS,
  TABLE_UNITS,
  UNIT_WORDS,
  UNITS,
  gramsOfMeasure,
  millilitresOf,
  ownUnit,
  unitBook,
  unitById,
  unitNamed,
  type Filling,
  type Region,
  type Unit,
  type UnitBook,
  MOST_GRAMS,
} from './measures.js';
export {
  celsiusFromFahrenheit,
  celsiusFromGasMark,
  fahrenheitFromCelsius,
  nearestGasMark,
  onDial,
} from './temperature.js';
export { FINE_GRAMS, gramsForHands, gramsOnScale, inEighths, inTeaspoons } from './for-hands.js';
export { readFigure, type FigureBounds, type FigureRead } from './figure.js';
export { boundsOn, celsiusFrom, degreesOn, dialDegrees, heatScaleOf, readHeat, type HeatScale } from './heat.js';
