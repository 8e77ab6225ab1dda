import { fahrenheitFromCelsius, onDial, type Region } from '../../ground/units/index.js';

/** A heat in words; where ovens go by Fahrenheit, with what their dial says: "177 °C (350 °F)". */
export const heatInWords = (celsius: number, region: Region): string =>
  `${Math.round(celsius)} °C${region === 'US' ? ` (${onDial(fahrenheitFromCelsius(celsius))} °F)` : ''}`;

/** A set point in words: "170 °C fan". */
export const setPointInWords = (
  { celsius, fan }: { readonly celsius: number; readonly fan: boolean },
  region: Region,
): string => `${heatInWords(celsius, region)}${fan ? $localize` fan` : ''}`;
