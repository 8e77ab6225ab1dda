import { decimal } from '../../ground/language/index.js';
import { degreesOn, dialDegrees, heatScaleOf, type HeatScale, type Region } from '../../ground/units/index.js';

/** What stands behind a figure on a scale. */
export const DEGREES: Readonly<Record<HeatScale, string>> = { C: '°C', F: '°F' };

const withMinus = (figure: string) => figure.replace('-', '−');

/** A heat on one scale as its dial has it: "177 °C", "350 °F". */
export const heatOn = (scale: HeatScale, celsius: number): string =>
  `${withMinus(String(dialDegrees(scale, celsius)))} ${DEGREES[scale]}`;

/** What a thermometer says: "71 °C", "160 °F". */
export const readingOn = (scale: HeatScale, celsius: number, places = 0): string =>
  `${withMinus(decimal(degreesOn(scale, celsius), places))} ${DEGREES[scale]}`;
/** What a thermometer says, from and to: "94–97 °C". */
export const readingsOn = (scale: HeatScale, low: number, high: number): string =>
  `${Math.round(degreesOn(scale, low))}–${Math.round(degreesOn(scale, high))} ${DEGREES[scale]}`;

/** A difference of so many °C on a scale. */
const onScale = (scale: HeatScale, celsius: number): number => (scale === 'C' ? celsius : celsius * 1.8);
/** How far two heats are apart, whole degrees. */
export const degreesApart = (scale: HeatScale, celsius: number): number =>
  Math.round(Math.abs(onScale(scale, celsius)));
/** How far two heats are apart: "6 °C", "11 °F". */
export const apartOn = (scale: HeatScale, celsius: number, places = 0): string =>
  `${decimal(Math.abs(onScale(scale, celsius)), places)} ${DEGREES[scale]}`;
/** How far one heat is from another, and which way, without what stands behind it: "+4", "−7.2". */
export function signedApart(scale: HeatScale, celsius: number, places = 0): string {
  const apart = onScale(scale, celsius);
  const isNone = Math.abs(apart) < 0.5 * 10 ** -places;
  return `${isNone ? '' : apart < 0 ? '−' : '+'}${decimal(Math.abs(apart), places)}`;
}

/**
 * A heat in words: as the baker's own dial has it, and where the formula comes from the other side as it is written there too:
 * "177 °C (350 °F)".
 * @param region of the formula
 * @param scale of the baker's oven; where nobody knows it that of the formula
 */
export function heatInWords(celsius: number, region: Region, scale: HeatScale = heatScaleOf(region)): string {
  const other = scale === 'F' ? 'C' : heatScaleOf(region);
  return other === scale ? heatOn(scale, celsius) : `${heatOn(scale, celsius)} (${heatOn(other, celsius)})`;
}

/** A set point in words: "170 °C fan". */
export const setPointInWords = (
  { celsius, fan }: { readonly celsius: number; readonly fan: boolean },
  region: Region,
  scale?: HeatScale,
): string => `${heatInWords(celsius, region, scale)}${fan ? $localize` fan` : ''}`;
