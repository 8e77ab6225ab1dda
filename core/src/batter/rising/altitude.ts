import type { Range } from '../../ground/verdict/index.js';

const SEA_LEVEL_KILOPASCALS = 101.325;
const HIGHEST_METRES = 3500;

/** Air pressure of the standard atmosphere, kPa. Valid to 11 000 m. @source leavening.md 1.5 */
export function pressureKilopascals(metres: number): number {
  return SEA_LEVEL_KILOPASCALS * (1 - 2.25577e-5 * metres) ** 5.25588;
}

/** Where water boils, °C. Clausius-Clapeyron with 40.66 kJ/mol; within 0.3 °C to 3000 m. */
export function boilingCelsius(metres: number): number {
  return 1 / (1 / 373.15 - (8.314 / 40660) * Math.log(pressureKilopascals(metres) / SEA_LEVEL_KILOPASCALS)) - 273.15;
}

/** Saturation pressure of water, kPa, 0–110 °C. Magnus-Tetens, held down a little where it overshoots. */
export function saturationKilopascals(celsius: number): number {
  return 0.61078 * Math.exp((17.27 * celsius) / (celsius + 237.3)) * (celsius > 70 ? 0.985 : 1);
}

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
  const ratio = pressureKilopascals(at) / SEA_LEVEL_KILOPASCALS;
  const kilometres = at / 1000;
  const scaled = ({ low, likely, high }: Range): Range => ({
    low: low * kilometres,
    likely: likely * kilometres,
    high: high * kilometres,
  });
  return {
    metres: at,
    boilingCelsius: boilingCelsius(at),
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
