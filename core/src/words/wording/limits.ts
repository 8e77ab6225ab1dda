import { shortDecimal } from '../../ground/language/index.js';
import type { DomainError } from '../../ground/errors/index.js';

/** What a parameter of the core is called in a kitchen. */
const NAMES: Readonly<Record<string, string>> = {
  gramsPerPan: $localize`The batter in each pan`,
  ovenCelsius: $localize`The oven`,
  panCount: $localize`The number of pans in the oven`,
  batterCelsius: $localize`The warmth of the batter`,
  ovenOffsetCelsius: $localize`The error of the oven`,
  coldOvenMinutes: $localize`The time that the oven heats`,
  'stages.fromMinute': $localize`The minute of a later set point`,
  'covers.fromMinute': $localize`The minute when a cover goes on`,
  'covers.toMinute': $localize`The minute when a cover comes off`,
  altitudeMetres: $localize`The altitude`,
  diameterCm: $localize`The diameter, in cm,`,
  lengthCm: $localize`The length, in cm,`,
  widthCm: $localize`The width, in cm,`,
  layers: $localize`The number of layers`,
  layerHeightCm: $localize`The height of a layer, in cm,`,
  fillingCm: $localize`The filling, in cm,`,
  coatCm: $localize`The coat, in cm,`,
  crumbCoatCm: $localize`The crumb coat, in cm,`,
  count: $localize`The number of pieces`,
  doughGrams: $localize`The dough, in g,`,
  thicknessCm: $localize`The thickness, in cm,`,
  cutter: $localize`The cutter`,
  wedges: $localize`The number of wedges`,
  'pan, cm': $localize`The pan, in cm,`,
  'batter, g': $localize`The batter, in g,`,
  grams: $localize`The batter, in g,`,
};

const figure = (given: unknown) =>
  typeof given === 'number' ? shortDecimal(given, given < 10 ? 2 : 0) : String(given);

/** What lies outside what can be worked out, and what can be: one sentence. */
export function limitInWords({ code, parameter, given, allowed }: DomainError): string {
  const name = NAMES[parameter] ?? $localize`The ${parameter}`;
  return code === 'missing'
    ? $localize`${name} is missing: it needs ${allowed}.`
    : $localize`${name} is ${figure(given)}; it can be ${allowed}.`;
}
