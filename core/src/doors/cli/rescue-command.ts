import { batchOf } from '../../batch/batch/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import { means } from '../../bench/open-lines/index.js';
import { overPourAnswers, type BowlLine } from '../../along/weighing/index.js';
import { overPourInWords } from '../../words/along-words/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

/** "flour=12": of what, and how much too much, g. */
const OVER = /^([^=]{1,80})= {0,4}(\d{1,6}(?:[.,]\d{1,3})?) {0,2}g?$/;

/** `rescue`: too much of one thing, everything weighed in its order up to it. */
export function rescueCommand(text: string, options: Options, name: string): Outcome {
  const { over, mixed = false } = options;
  if (over === undefined) return wrongUse('rescue needs --over, such as --over "flour=12"');
  const [, said = '', figure = ''] = OVER.exec(over.trim()) ?? [];
  const grams = Number(figure.replace(',', '.'));
  if (said === '' || !(grams > 0)) return wrongUse(`--over: "${over}" is no amount too much; write it as "flour=12"`);
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  const batch = batchOf(oneBake({ formula, audit, kitchen: around.kitchen }));
  const batter = batch.measured.components.filter(({ inBatter }) => inBatter).flatMap(({ lines }) => lines);
  const at = batter.findIndex(({ ingredient }) => means(said.trim(), ingredient, formula.region));
  if (at < 0) return refused(`no line has "${said.trim()}"`);
  const lines = batter.map(({ id, ingredient, preparation, grams: targetGrams }, i): BowlLine => {
    const inBowlGrams = i < at ? targetGrams : i === at ? targetGrams + grams : mixed ? targetGrams : 0;
    return { id, part: { ingredient, preparation }, targetGrams, inBowlGrams };
  });
  const nameOf = (id: string) => batter.find((line) => line.id === id)?.name.toLowerCase() ?? '';
  const id = lines[at]?.id ?? '';
  return done({
    title: formula.title,
    answers: overPourAnswers({ lines, id, mixed, style: audit.style }).map((answer) => {
      const words = overPourInWords(answer, id, nameOf);
      return {
        code: answer.code,
        changes: answer.changes.map((change) => ({
          ingredient: batter.find((line) => line.id === change.id)?.ingredient.id ?? '',
          grams: rounded(change.grams, 1),
        })),
        deviation: rounded(answer.deviation, 2),
        message: [words.say, words.why].filter(Boolean).join(': '),
      };
    }),
  });
}
