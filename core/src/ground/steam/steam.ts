import { DomainError } from '../errors/index.js';

/* Water as a vapour, and the air above it: the one law that the oven, the lift of a batter and altitude are reckoned from. */

export const SEA_LEVEL_PASCALS = 101_325;

/**
 * Saturation pressure of water, Pa, at a temperature in °C.
 * @source Antoine form with the constants of heat.md, section 2; within 1 % of steam tables from 20 to 120 °C
 */
export const saturationPascals = (celsius: number): number => Math.exp(23.1964 - 3816.44 / (celsius + 227.02));

/** d ln p / dT of the same fit, 1/K. */
export const saturationSlope = (celsius: number): number => 3816.44 / (celsius + 227.02) ** 2;

export interface Air {
  readonly pressurePascals: number;
  /** Temperature at which pure water boils there, °C. */
  readonly boilingCelsius: number;
}

/**
 * Air pressure and boiling point at an altitude, by the standard atmosphere.
 * @throws DomainError outside −430 to 5000 m
 */
export function airAt(altitudeMetres: number): Air {
  if (!(altitudeMetres >= -430 && altitudeMetres <= 5000))
    throw new DomainError('airAt', 'altitudeMetres', altitudeMetres, '−430 to 5000 m');
  const pressurePascals = SEA_LEVEL_PASCALS * (1 - 2.25577e-5 * altitudeMetres) ** 5.25588;
  return { pressurePascals, boilingCelsius: 3816.44 / (23.1964 - Math.log(pressurePascals)) - 227.02 };
}

/** Where the table of saturation pressures begins, how far it goes, °C, and its step. */
const TABLE_FROM = -40;
const TABLE_TO = 320;
const STEPS_PER_DEGREE = 4;
const SATURATION = Float64Array.from({ length: (TABLE_TO - TABLE_FROM) * STEPS_PER_DEGREE + 2 }, (_, i) =>
  saturationPascals(TABLE_FROM + i / STEPS_PER_DEGREE),
);

/** The same from a table, by straight lines of a quarter degree: within 6 in 100 000, for the innermost loop. */
export function saturationFromTable(celsius: number): number {
  const x =
    (celsius < TABLE_FROM ? 0 : celsius > TABLE_TO ? TABLE_TO - TABLE_FROM : celsius - TABLE_FROM) * STEPS_PER_DEGREE;
  const i = x | 0;
  const below = SATURATION[i] ?? 0;
  return below + (x - i) * ((SATURATION[i + 1] ?? below) - below);
}
