/** Eighths of a spoon, as bakers write them. */
const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** A number rounded to the nearest eighth and written with a vulgar fraction: 0.62 → "⅝", 1.5 → "1½". */
export function inEighths(value: number): string {
  const eighths = Math.round(value * 8);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? '';
  if (eighths === 0) return '0';
  return whole === 0 ? part : `${whole}${part}`;
}

/**
 * Grams as a level 5 ml teaspoon measures them, in words for hands.
 * @param gramsPerTeaspoon grams in one level teaspoon of the same stuff
 */
export function inTeaspoons(grams: number, gramsPerTeaspoon: number): string {
  const teaspoons = grams / gramsPerTeaspoon;
  if (teaspoons < 1 / 16) return $localize`less than a pinch`;
  if (teaspoons < 3 / 32) return $localize`a pinch (1⁄16 tsp)`;
  return $localize`${inEighths(teaspoons)} tsp`;
}

/** Grams at the fineness that a kitchen scale and a hand can use: 0.1 g below 10 g, whole grams above. */
export function gramsForHands(grams: number): string {
  return grams < 9.95 ? grams.toFixed(1) : String(Math.round(grams));
}

/** Below this a spoon sets the amount, or a scale that shows tenths. */
export const FINE_GRAMS = 12;
/** Grams as the scale that weighs them shows: tenths of a little, whole grams of much. */
export const gramsOnScale = (grams: number): number =>
  Math.abs(grams) < FINE_GRAMS ? Number(grams.toFixed(1)) : Math.round(grams);
