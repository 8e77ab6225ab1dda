import { convertAmount } from '../../formula/parsing/index.js';
import { problemInWords } from '../../words/wording/index.js';
import { inOneLine } from '../../words/figures/index.js';
import type { Options } from './options.js';
import { done, orNull, refused, rounded, type Outcome } from './outcome.js';
import { kitchenOf } from './read-input.js';

/** `convert`: kitchen measures to grams and grams to kitchen measures, with the spread that measuring brings. */
export function convertCommand(words: string, options: Options): Outcome {
  const result = convertAmount(words, options.toUnit ?? 'g', { region: options.region, kitchen: kitchenOf(options) });
  if (result.kind === 'refused') return refused(inOneLine(problemInWords(result.problem)));
  const { weight, ingredient, amount } = result;
  return done({
    ingredient: ingredient.id,
    grams: rounded(weight.grams, 2),
    low: rounded(weight.low, 2),
    high: rounded(weight.high, 2),
    ...(amount && {
      unit: amount.unit,
      amount: orNull(amount.likely),
      amountLow: orNull(amount.low),
      amountHigh: orNull(amount.high),
    }),
  });
}
