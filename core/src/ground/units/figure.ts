/**
 * A figure typed into a field of its own. What a hand writes is read – point or comma, a sign, a fraction, its unit behind it – and
 * what cannot be is refused with its reason; nothing is dropped from it silently, a sign least of all.
 */

import { LANGUAGE } from '../language/index.js';

export interface FigureBounds {
  readonly lowest: number;
  readonly highest: number;
  /** Whether only whole numbers make sense: pieces, wedges. */
  readonly whole?: boolean;
}

export type FigureRead =
  | { readonly kind: 'figure'; readonly value: number }
  | { readonly kind: 'empty' }
  | { readonly kind: 'refused'; readonly why: 'not-a-figure' | 'too-low' | 'too-high' | 'not-whole' };

const VULGAR: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const LONGEST = 40;
/** A sign, digits, and what may follow them; a unit behind is the field's own and says nothing new. */
const WRITTEN =
  /^([-−–+])?\s?(?:(\d{1,12})(?:\s(\d{1,3})\/(\d{1,3})|\/(\d{1,3})|\s?([¼½¾⅓⅔⅛⅜⅝⅞])|[.,](\d{0,9}))?|[.,](\d{1,9})|([¼½¾⅓⅔⅛⅜⅝⅞]))\s?(?:°|[a-zµ%]|\s){0,12}$/iu;
/** "1,200", "12,500.5", "1,234,567": commas before three digits count thousands, as they stand in a long number; in German points do. */
const [THOUSANDS, MARK] =
  LANGUAGE === 'de'
    ? [/^[-−–+]?\s?[1-9]\d{0,2}(?:\.\d{3}){1,3}(?!\d)/, '.']
    : [/^[-−–+]?\s?[1-9]\d{0,2}(?:,\d{3}){1,3}(?!\d)/, ','];
const withoutThousands = (text: string): string => text.replace(THOUSANDS, (long) => long.replaceAll(MARK, ''));

function numberWritten(text: string): number | undefined {
  if (text.length > LONGEST) return undefined;
  const read = WRITTEN.exec(withoutThousands(text));
  if (!read) return undefined;
  const [, sign, whole, above, below, under, beside, decimals, only, vulgar] = read;
  let value = Number(whole ?? 0);
  if (above !== undefined && below !== undefined) value += Number(above) / Number(below);
  else if (under !== undefined) value /= Number(under);
  else if (beside !== undefined) value += VULGAR[beside] ?? 0;
  else if (decimals !== undefined) value = Number(`${whole}.${decimals || '0'}`);
  else if (only !== undefined) value = Number(`0.${only}`);
  else if (vulgar !== undefined) value = VULGAR[vulgar] ?? 0;
  if (!Number.isFinite(value)) return undefined;
  return sign === undefined || sign === '+' ? value : -value;
}

/** Reads what is typed into a field for one figure. @param text as typed, with or without the field's own unit */
export function readFigure(text: string, { lowest, highest, whole = false }: FigureBounds): FigureRead {
  const trimmed = text.trim();
  if (trimmed === '') return { kind: 'empty' };
  const value = numberWritten(trimmed);
  if (value === undefined) return { kind: 'refused', why: 'not-a-figure' };
  if (value < lowest) return { kind: 'refused', why: 'too-low' };
  if (value > highest) return { kind: 'refused', why: 'too-high' };
  if (whole && !Number.isInteger(value)) return { kind: 'refused', why: 'not-whole' };
  return { kind: 'figure', value };
}
