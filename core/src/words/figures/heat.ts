import { fahrenheitFromCelsius, onDial, type Region } from '../../ground/units/index.js';

/** A heat in words; where ovens go by Fahrenheit, with what their dial says: "177 °C (350 °F)". */
export const heatInWords = (celsius: number, region: Region): string =>
  `${Math.round(celsius)} °C${region === 'US' ? ` (${onDial(fahrenheitFromCelsius(celsius))} °F)` : ''}`;
