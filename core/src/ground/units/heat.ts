import { readFigure, type FigureBounds, type FigureRead } from './figure.js';
import { celsiusFromFahrenheit, celsiusFromGasMark, fahrenheitFromCelsius, onDial } from './temperature.js';
import type { Region } from './measures.js';

/*
 * A heat typed into a field of its own. The field has a scale, that of the ovens where the baker lives; what is written with another is
 * read by that: "350F", "gas 4". A bare figure that no oven has on the field's scale and every oven has on the other is of the other: 350
 * is 350 °F, whoever writes it.
 */

export type HeatScale = 'C' | 'F';
/** Where ovens go by Fahrenheit. */
const BY_FAHRENHEIT: ReadonlySet<Region> = new Set(['US', 'CA']);
/** What ovens go by where the baker lives. */
export const heatScaleOf = (region: Region): HeatScale => (BY_FAHRENHEIT.has(region) ? 'F' : 'C');

export const celsiusFrom = (degrees: number, scale: HeatScale): number =>
  scale === 'C' ? degrees : celsiusFromFahrenheit(degrees);
export const degreesOn = (scale: HeatScale, celsius: number): number =>
  scale === 'C' ? celsius : fahrenheitFromCelsius(celsius);

/**
 * Degrees as the dial of an oven has them. A whole number of °C was thought of on that scale and stands on the other by fives (170 °C is
 * 340 °F); what was thought of by Fahrenheit comes back as it was.
 */
export function dialDegrees(scale: HeatScale, celsius: number): number {
  if (scale === 'C') return Math.round(celsius);
  const fahrenheit = fahrenheitFromCelsius(celsius);
  return Number.isInteger(celsius) ? onDial(fahrenheit) : Math.round(fahrenheit);
}

const OTHER: Readonly<Record<HeatScale, HeatScale>> = { C: 'F', F: 'C' };
const GAS = /^(?:gas(?: ?(?:mark|stufe))?|mark|stufe|regulo) ?(¼|½|\d(?:\/\d)?)$/i;
/** A figure and its scale. */
const WITH_SCALE =
  /^([^a-zµ°%]{1,20})(?:(?:°|º| ?deg(?:rees?)?\b\.?)? ?(c(?:elsius|entigrade)?|f(?:ahrenheit)?)?\.?)$/iu;

/** Bounds on a scale, by whole degrees inwards. */
export const boundsOn = (scale: HeatScale, { lowest, highest }: FigureBounds): FigureBounds =>
  scale === 'C'
    ? { lowest, highest }
    : { lowest: Math.ceil(fahrenheitFromCelsius(lowest)), highest: Math.floor(fahrenheitFromCelsius(highest)) };

/**
 * Reads what is typed into a field for a heat.
 * @param bounds °C
 * @returns °C, whatever it was written in
 */
export function readHeat(text: string, scale: HeatScale, bounds: FigureBounds): FigureRead {
  const trimmed = text.trim();
  if (trimmed === '') return { kind: 'empty' };
  const mark = GAS.exec(trimmed)?.[1];
  if (mark !== undefined) {
    const celsius = celsiusFromGasMark(mark);
    return celsius === undefined ? { kind: 'refused', why: 'not-a-figure' } : readFigure(String(celsius), bounds);
  }
  const [, figure = '', written] = WITH_SCALE.exec(trimmed) ?? [];
  const on = (its: HeatScale): FigureRead => {
    const read = readFigure(figure, boundsOn(its, bounds));
    return read.kind === 'figure' ? { kind: 'figure', value: celsiusFrom(read.value, its) } : read;
  };
  if (figure === '') return { kind: 'refused', why: 'not-a-figure' };
  if (written !== undefined) return on(/^f/i.test(written) ? 'F' : 'C');
  const read = on(scale);
  const other = read.kind === 'refused' && read.why !== 'not-a-figure' ? on(OTHER[scale]) : read;
  return other.kind === 'figure' ? other : read;
}
