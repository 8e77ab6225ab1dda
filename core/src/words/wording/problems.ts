import { tableWords } from '../table-words/index.js';
import { GRAMS_PER_TEASPOON } from '../../batter/leavening/index.js';
import type { Problem, ProblemCode, ProblemFacts } from '../../formula/parsing/index.js';
import { inTeaspoons } from '../../ground/units/index.js';
import { eitherOf, gramsInWords, percentInWords } from '../figures/index.js';
import { sentence, type Sentence } from '../figures/index.js';

const quoted = (words: readonly string[]) => words.map((word) => `“${word}”`).join(', ');
const soda = (grams: number) =>
  $localize`${gramsInWords(grams)} of soda (${inTeaspoons(grams, GRAMS_PER_TEASPOON.soda)})`;

const IMPOSSIBLE: Readonly<Record<ProblemFacts['amount-impossible']['why'], (name: string) => string>> = {
  negative: (name) => $localize`The amount of ${name} is below 0.`,
  nothing: (name) => $localize`The amount of ${name} is 0.`,
  'too-much': (name) => $localize`The amount of ${name} is a tonne or more.`,
};
/** One wording for each code: what was found and what to do about it. A spec holds this table and the list of codes together. */
const SENTENCES: { readonly [C in ProblemCode]: (facts: ProblemFacts[C]) => Sentence } = {
  'ingredient-unknown': (facts) =>
    sentence(
      $localize`“${facts.name}” is not an ingredient that Orvin knows.`,
      facts.nearest.length > 0
        ? $localize`Did you mean ${eitherOf(facts.nearest)}? Pick the ingredient; until then it does not count.`
        : $localize`Pick the ingredient, or reword the line; until then it does not count.`,
    ),
  'words-unread': (facts) =>
    sentence(
      $localize`Taken for ${facts.taken}; ${quoted(facts.words)} was not understood.`,
      $localize`Check it, and pick another ingredient if that is wrong.`,
    ),
  'ingredient-ambiguous': (facts) =>
    sentence(
      $localize`“${facts.name}” is taken for ${facts.taken}.`,
      $localize`The word means different things in different places${facts.why ? `: ${tableWords(facts.why)}` : ''}.`,
    ),
  'alternative-taken': (facts) =>
    sentence($localize`Counted as ${facts.taken}.`, $localize`The line allows ${facts.other} too.`),
  'amount-missing': (facts) =>
    sentence(
      $localize`“${facts.name}” has no amount.`,
      $localize`Write one into the line; it is left out of the sums until then.`,
    ),
  'amount-impossible': ({ name, why }) =>
    sentence(IMPOSSIBLE[why](name), $localize`Correct the amount; the line is left out of the sums until then.`),
  'amounts-disagree': (facts) =>
    sentence(
      $localize`The two amounts disagree: ${gramsInWords(facts.first)} and ${gramsInWords(facts.second)}.`,
      $localize`That is more than the way of filling explains. The weight was taken; correct the one that is wrong.`,
    ),
  'cannot-weigh': (facts) =>
    sentence(
      $localize`Nothing says what one ${facts.unit} of ${facts.name} weighs.`,
      $localize`Type the grams; it is left out of the sums until then.`,
    ),
  'egg-size-assumed': (facts) =>
    sentence(
      $localize`No egg size said: counted at ${gramsInWords(facts.grams)} each, shelled.`,
      $localize`A large egg of one country is a medium one elsewhere. Write the size to be sure.`,
    ),
  'grams-assumed': (facts) =>
    sentence(
      $localize`No measure is written: counted as ${gramsInWords(facts.grams)}.`,
      $localize`Write g behind the figure, or the measure that is meant.`,
    ),
  'heard-unsure': () =>
    sentence(
      $localize`Taken out of running words, and not sure of it.`,
      $localize`Check the amount and what it is of.`,
    ),
  'amount-without-name': ({ amount }) =>
    sentence(
      $localize`“${amount}” is measured, and it is not said of what.`,
      $localize`If it is an ingredient, write a line for it.`,
    ),
  'not-understood': () =>
    sentence(
      $localize`This line was not understood.`,
      $localize`It is kept as it is and does not count. Reword it, or pick the ingredient.`,
    ),
  'text-too-long': (facts) =>
    facts.of === 'kilobytes'
      ? sentence(
          $localize`That is ${facts.found} kB of text; a formula has less than ${facts.limit}.`,
          $localize`Copy only the formula: its title, ingredients and method. Nothing was changed.`,
        )
      : sentence(
          $localize`That is ${facts.found} lines; a formula has fewer than ${facts.limit}.`,
          $localize`Copy only the formula: its title, ingredients and method. Nothing was changed.`,
        ),
  'page-source': () =>
    sentence(
      $localize`That is the source code of a page, not its text.`,
      $localize`Open the page, select the formula on it and paste that. Nothing of it was run or shown.`,
    ),
  'nothing-to-weigh': () =>
    sentence(
      $localize`No ingredient was found in this text.`,
      $localize`A formula has lines such as “225 g plain flour” or “2 large eggs”. Your text is still here: change it and read it again.`,
    ),
  'no-amounts': (facts) =>
    sentence(
      $localize`${facts.things === 1 ? $localize`One thing` : $localize`${facts.things} things`} and no amounts: this reads like a shopping list.`,
      $localize`Add amounts (“225 g plain flour”), then read it again. Your text is still here.`,
    ),
  'pan-without-size': (facts) =>
    sentence(
      $localize`The ${facts.shape} pan has no size.`,
      $localize`Choose the pan in the Oven; until then the time cannot lean on it.`,
    ),
  'pan-not-built': () =>
    sentence(
      $localize`Orvin cannot simulate a bake in this.`,
      $localize`A pan with a shape and a size works, and what stands on a sheet: “12 scones of 6 cm”, “dome”. Choose one in the Oven.`,
    ),
  'no-flour': () =>
    sentence(
      $localize`There is no flour in the batter.`,
      $localize`Baker’s percentages and style bands need flour as their hundred.`,
    ),
  'soda-without-acid': (facts) =>
    sentence(
      $localize`Nothing sour meets ${soda(facts.grams)}.`,
      facts.isTasted
        ? $localize`At ${percentInWords(facts.percent)} of the flour it tastes soapy and browns early. Use baking powder, or something sour.`
        : $localize`It lifts half as much and browns early; in a batter as rich as this few taste it. Baking powder lifts without it, something sour meets it.`,
    ),
  'soda-left-over': (facts) =>
    facts.isTasted
      ? sentence(
          $localize`Use ${gramsInWords(facts.grams)} less soda (${inTeaspoons(facts.grams, GRAMS_PER_TEASPOON.soda)}).`,
          $localize`Nothing sour is left to meet it: ${percentInWords(facts.percent)} of the flour, where this style bears ${percentInWords(facts.most)}.`,
        )
      : sentence(
          $localize`${gramsInWords(facts.grams)} of soda (${inTeaspoons(facts.grams, GRAMS_PER_TEASPOON.soda)}) is left over.`,
          $localize`Nothing sour is left to meet it: ${percentInWords(facts.percent)} of the flour. It makes the crumb darker and more tender, and in a batter as rich as this few taste it; if you do, take so much less.`,
        ),
  'measure-unknown': (facts) =>
    sentence(
      $localize`“${facts.measure}” is a measure of somebody’s own.`,
      $localize`Say once what it holds; until then the line is left out of the sums.`,
    ),
  'spelling-guessed': (facts) =>
    sentence($localize`“${facts.name}” was taken for ${facts.taken}.`, $localize`Check the spelling.`),
  'formula-missing': () =>
    sentence(
      $localize`The formula that this line takes from is not on the shelf.`,
      $localize`Put it back, or write its ingredients here.`,
    ),
  'formula-inside-itself': (facts) =>
    sentence(
      $localize`“${facts.name || $localize`This formula`}” would go into itself.`,
      $localize`It is left out here. Take the line out, or let it take from another formula.`,
    ),
  'file-damaged': (facts) =>
    sentence(
      $localize`This file is damaged.`,
      $localize`Nothing of it was taken (${facts.why}). Save it again where it came from.`,
    ),
  'file-too-new': () =>
    sentence(
      $localize`A later Orvin wrote this file.`,
      $localize`Nothing of it was taken. Bring this Orvin up to date and read it again.`,
    ),
  'json-without-formula': () =>
    sentence(
      $localize`This is JSON, but there is no formula in it.`,
      $localize`Orvin reads its own files and schema.org/Recipe. Paste the words of the formula instead.`,
    ),
  'leavening-missing': () =>
    sentence(
      $localize`Nothing makes gas in this batter.`,
      $localize`Only beaten-in air and steam would lift it. Add baking powder, or soda with something sour.`,
    ),
};

/** The sentence for a problem. */
const codeInWords = <C extends ProblemCode>(code: C, facts: ProblemFacts[C]): Sentence => SENTENCES[code](facts);
export const problemInWords = ({ code, facts }: Pick<Problem, 'code' | 'facts'>): Sentence =>
  codeInWords(code, facts as never);
