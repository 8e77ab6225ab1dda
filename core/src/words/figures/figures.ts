import { figureHere, decimal, shortDecimal } from '../../ground/language/index.js';
import { gramsForHands, type FigureBounds, type FigureRead } from '../../ground/units/index.js';

/** Figures in words for hands and eyes: one way to write each kind, everywhere. */

/** "4.8", "210": grams as a hand can weigh them. */
export const gramsFigure = (grams: number): string => figureHere(gramsForHands(grams));

/** "4.8 g", "210 g", "1.2 kg". */
export function gramsInWords(grams: number): string {
  return grams >= 9995 ? `${decimal(grams / 1000, grams < 999_950 ? 1 : 0)} kg` : `${gramsFigure(grams)} g`;
}

/** "77.8 %", "1.8 %", "89 %" from a hundred up. */
export const percentInWords = (percent: number): string =>
  `${percent >= 99.95 ? Math.round(percent) : decimal(percent, 1)} %`;

/** A whole minute below two hours, else hours and minutes: "57 min", "2 h 37". */
export function minutesInWords(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 120) return $localize`${whole} min`;
  const rest = whole % 60;
  return `${Math.floor(whole / 60)} h${rest === 0 ? '' : ` ${String(rest).padStart(2, '0')}`}`;
}

/** "53–62 min", "2 h 26 – 2 h 50". */
export function windowInWords(low: number, high: number): string {
  const [from, to] = [Math.round(low), Math.round(high)];
  if (from === to) return minutesInWords(from);
  return to < 120 ? $localize`${from}–${to} min` : `${minutesInWords(from)} – ${minutesInWords(to)}`;
}

/** A pH range to one decimal: more would pretend. "8.1–8.9" */
export const phInWords = (low: number, high: number): string =>
  low.toFixed(1) === high.toFixed(1) ? decimal(low, 1) : `${decimal(low, 1)}–${decimal(high, 1)}`;

/** "200 000", "−20", "2.5". */
const plain = (figure: number): string =>
  shortDecimal(figure, 2)
    .replace('-', '−')
    .replace(/(?<=^−?\d{1,4})(?=\d{6}$)|(?<=^−?\d{2,7})(?=\d{3}$)/g, '\u202f');

/** Why a figure was refused, and what to write instead. @param unit as it stands behind the field: "°C", "g" */
export function figureRefusedInWords(
  { why }: Extract<FigureRead, { kind: 'refused' }>,
  { lowest, highest }: FigureBounds,
  unit: string,
): string {
  const behind = unit === '' ? '' : ` ${unit}`;
  const bounds = $localize`${plain(lowest)} to ${plain(highest)}${behind}`;
  return {
    'not-a-figure': $localize`Write a figure, ${bounds}.`,
    'too-low': $localize`Too low: ${bounds}.`,
    'too-high': $localize`Too high: ${bounds}.`,
    'not-whole': $localize`Whole numbers only, ${bounds}.`,
  }[why];
}
