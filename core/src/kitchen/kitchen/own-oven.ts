/** An oven thermometer read once: what the dial said and what the thermometer said. */
export interface OvenReading {
  readonly setCelsius: number;
  readonly readCelsius: number;
  /** When, milliseconds since 1970; absent: before any change. */
  readonly at?: number;
}

/** The baker's own oven. */
export interface OwnOven {
  /** Bakes with its fan on unless said otherwise. */
  readonly fan?: boolean;
  /** Minutes from cold to 180 °C by its lamp. */
  readonly heatsInMinutes?: number;
  readonly readings: readonly OvenReading[];
  /** What was changed, and when: oven, thermometer or tins are learned anew from there. */
  readonly changes?: readonly OvenChange[];
  /** Times are noted roughly in this kitchen. */
  readonly rough?: boolean;
  /** What bakes have taught is not used. */
  readonly asSet?: boolean;
}
export interface OvenChange {
  /** Milliseconds since 1970. */
  readonly at: number;
  readonly what: string;
}

export const UNKNOWN_OVEN: OwnOven = { readings: [] };

/** What an oven gives above its set point, °C, and how sure that is. */
export interface OvenOffset {
  readonly celsius: number;
  /** Standard deviation, °C. */
  readonly spread: number;
  readonly readings: number;
}

/** Ovens stand so far apart, and one reading of a thermometer is so sure, °C. @source heat.md, section 8 */
const SPREAD_OF_OVENS = 12;
const SPREAD_OF_READING = 4;

/** An offset that someone names was read off a thermometer, once. */
export const offsetReadOff = (celsius: number): OvenOffset => ({ celsius, spread: SPREAD_OF_READING, readings: 1 });

/** The offset by all readings, drawn towards none by how little one reading says; undefined without any. */
export function ovenOffset({ readings: all, changes = [] }: OwnOven): OvenOffset | undefined {
  // what was read before the oven was changed was another oven's
  const since = Math.max(0, ...changes.map(({ at }) => at));
  const readings = all.filter(({ at = 0 }) => at >= since);
  if (readings.length === 0) return undefined;
  const mean =
    readings.reduce((sum, { setCelsius, readCelsius }) => sum + readCelsius - setCelsius, 0) / readings.length;
  const ofReadings = SPREAD_OF_READING ** 2 / readings.length;
  const weight = SPREAD_OF_OVENS ** 2 / (SPREAD_OF_OVENS ** 2 + ofReadings);
  return { celsius: weight * mean, spread: Math.sqrt(weight * ofReadings), readings: readings.length };
}
