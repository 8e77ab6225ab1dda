import { shortDecimal } from '@orvin/core/ground/language';

const IN_GRAMS = /^[\d.]+ g$/;
/** Whether an amount is a bare weight, which the column of grams says already. */
export const isWeight = (amount: string): boolean => IN_GRAMS.test(amount);

const FINE_GRAMS = 12;
/** A weight as a scale shows it: tenths only where they matter. */
export function exactForHands(grams: number, digits = 1): string {
  const tenths = grams < FINE_GRAMS ? digits : digits > 1 ? 1 : 0;
  const figure = Number(grams.toFixed(tenths));
  return figure >= 10_000 ? figure.toLocaleString('en').replace(/,/g, ' ') : shortDecimal(grams, tenths);
}
