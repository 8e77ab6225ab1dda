import { namesHere } from '../../ground/language/index.js';

/** The words of a measured amount in the language of this build; none in English, where an amount is written as it is read. */
const WORDS_HERE = namesHere(
  $localize`:Words of amounts, word=word|word=word, among them cup cups tbsp tsp a pinch egg eggs beaten large medium small@@amountWords:-`,
);

/** An amount as it is measured, for eyes: "1 1/2 cup + 2 tbsp" is "1 1/2 cups + 2 tbsp", and in another language in its words. */
export function amountInWords(amount: string): string {
  const counted = amount.replace(/((?:\d+ )?\d+(?:\/\d+)?) cup\b/g, (whole, count: string) =>
    /^(?:1|\d+\/\d+)$/.test(count) ? whole : `${whole}s`,
  );
  if (WORDS_HERE.size === 0) return counted;
  return counted.replace(/[a-z]+/g, (word) => WORDS_HERE.get(word) ?? word).replace(/(\d)\.(?=\d)/g, '$1,');
}
