import { airAt, SEA_LEVEL_PASCALS } from '../../ground/steam/index.js';
import type { Range } from '../../ground/verdict/index.js';

const HIGHEST_METRES = 3500;

/** What bakers change at a height above the sea. Practitioners' tables, not measurements; above 2500 m the evidence is weak. */
export interface AltitudeAdvice {
  readonly metres: number;
  readonly boilingCelsius: number;
  /** What to multiply soda and powder by. */
  readonly leavenerFactor: Range;
  /** More liquid, percent of the flour. */
  readonly liquidPercentOfFlour: Range;
  /** Less sugar, percent of the sugar. */
  readonly sugarPercentLess: Range;
  readonly ovenCelsiusMore: number;
  readonly timePercentLess: number;
}

/** Exponent of the pressure ratio: chosen to match the classical tables, so agreeing with them is no test. */
const LEAVENER_EXPONENT: Range = { low: 1, likely: 1.3, high: 1.6 };
const PER_KILOMETRE = {
  liquid: { low: 5, likely: 8.5, high: 12 },
  sugar: { low: 3, likely: 4.2, high: 6 },
} as const;
const OVEN_PER_KILOMETRE = 8;
const OVEN_MOST = 14;
const TIME_PER_KILOMETRE = 6.5;

/** The classical adjustments at a height, with their spread. 0–3500 m. @source leavening.md 1.5 */
export function altitudeAdvice(metres: number): AltitudeAdvice {
  const at = Math.min(HIGHEST_METRES, Math.max(0, metres));
  const air = airAt(at);
  const ratio = air.pressurePascals / SEA_LEVEL_PASCALS;
  const kilometres = at / 1000;
  const scaled = ({ low, likely, high }: Range): Range => ({
    low: low * kilometres,
    likely: likely * kilometres,
    high: high * kilometres,
  });
  return {
    metres: at,
    boilingCelsius: air.boilingCelsius,
    leavenerFactor: {
      low: ratio ** LEAVENER_EXPONENT.high,
      likely: ratio ** LEAVENER_EXPONENT.likely,
      high: ratio ** LEAVENER_EXPONENT.low,
    },
    liquidPercentOfFlour: scaled(PER_KILOMETRE.liquid),
    sugarPercentLess: scaled(PER_KILOMETRE.sugar),
    ovenCelsiusMore: Math.min(OVEN_MOST, OVEN_PER_KILOMETRE * kilometres),
    timePercentLess: TIME_PER_KILOMETRE * kilometres,
  };
}
