const IN_GRAMS = /^[\d.]+ g$/;
/** Whether an amount is a bare weight, which the column of grams says already. */
export const isWeight = (amount: string): boolean => IN_GRAMS.test(amount);

/** "1 1/2 cup + 2 tbsp" with its cups counted: "1 1/2 cups + 2 tbsp". */
export const amountForEyes = (amount: string): string =>
  amount.replace(/((?:\d+ )?\d+(?:\/\d+)?) cup\b/g, (whole, count: string) =>
    /^(?:1|\d+\/\d+)$/.test(count) ? whole : `${whole}s`,
  );

const FINE_GRAMS = 12;
/** A weight as a scale shows it: tenths only where they matter. */
export function exactForHands(grams: number, digits = 1): string {
  const tenths = grams < FINE_GRAMS ? digits : digits > 1 ? 1 : 0;
  const figure = Number(grams.toFixed(tenths));
  return figure >= 10_000 ? figure.toLocaleString('en').replace(/,/g, ' ') : String(figure);
}
