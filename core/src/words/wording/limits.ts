import type { DomainError } from '../../ground/errors/index.js';

/** What a parameter of the core is called in a kitchen. */
const NAMES: Readonly<Record<string, string>> = {
  gramsPerPan: 'The batter in each pan',
  ovenCelsius: 'The oven',
  panCount: 'The number of pans in the oven',
  batterCelsius: 'The warmth of the batter',
  ovenOffsetCelsius: 'The error of the oven',
  coldOvenMinutes: 'The time that the oven heats',
  'stages.fromMinute': 'The minute of a later set point',
  'covers.fromMinute': 'The minute when a cover goes on',
  'covers.toMinute': 'The minute when a cover comes off',
  altitudeMetres: 'The altitude',
  diameterCm: 'The diameter, in cm,',
  lengthCm: 'The length, in cm,',
  widthCm: 'The width, in cm,',
  layers: 'The number of layers',
  layerHeightCm: 'The height of a layer, in cm,',
  fillingCm: 'The filling, in cm,',
  coatCm: 'The coat, in cm,',
  crumbCoatCm: 'The crumb coat, in cm,',
  count: 'The number of pieces',
  doughGrams: 'The dough, in g,',
  thicknessCm: 'The thickness, in cm,',
  cutter: 'The cutter',
  wedges: 'The number of wedges',
  'pan, cm': 'The pan, in cm,',
  'batter, g': 'The batter, in g,',
  grams: 'The batter, in g,',
};

const figure = (given: unknown) =>
  typeof given === 'number' ? String(Number(given.toFixed(given < 10 ? 2 : 0))) : String(given);

/** What lies outside what can be worked out, and what can be: one sentence. */
export function limitInWords({ code, parameter, given, allowed }: DomainError): string {
  const name = NAMES[parameter] ?? `The ${parameter}`;
  return code === 'missing'
    ? `${name} is missing: it needs ${allowed}.`
    : `${name} is ${figure(given)}; it can be ${allowed}.`;
}
