import { beginsStep } from '../parsing/index.js';

/*
 * Steps whose numbers carry no mark, as magazines print them: "1 Heat the oven …", or the number in a row of its own above what it
 * counts. They are told from "2 eggs" by their order: one, two, three, each of something that is done.
 */

const UNMARKED = /^\s{0,3}(\d{1,2}) {1,3}(?=\p{Lu}|\d{3} ?°?[CF]\b|\d{1,3}(?: ?- ?\d{1,3})? ?(?:min|h(?:ou)?r))/u;
const ALONE = /^\s{0,3}(?:step )?(\d{1,2})[.):]?\s*$/i;
const FEWEST_STEPS = 2;
/** What goes in is told in fewer. */
const WORDS_OF_A_STEP = 8;

/** "For the topping, rub …", "To make the glaze, …". */
const TURNS = /^(?:for the|to make|first|in an?|using|with an?) /i;

interface Numbered {
  /** The row of the number, and the one of its words. */
  readonly at: number;
  readonly of: number;
  readonly words: string;
}

const nextWritten = (rows: readonly string[], from: number): number => {
  let at = from;
  while (at < rows.length && rows[at]?.trim() === '') at++;
  return at;
};

/** What a row counts as the step of that number. */
function stepAt(rows: readonly string[], at: number, number: number): Numbered | undefined {
  const row = rows[at] ?? '';
  const unmarked = UNMARKED.exec(row);
  if (Number(unmarked?.[1]) === number) {
    const words = row.slice(unmarked?.[0].length);
    // behind two that are done the third may begin otherwise: "3 Off the heat, add the milk"; the second where it says much
    const goesOn = number > FEWEST_STEPS || ((number > 1 || TURNS.test(words)) && words.split(' ').length >= WORDS_OF_A_STEP); // prettier-ignore
    return beginsStep(words) || goesOn ? { at, of: at, words } : undefined;
  }
  if (Number(ALONE.exec(row)?.[1]) !== number) return undefined;
  const of = nextWritten(rows, at + 1);
  const words = rows[of]?.trim() ?? '';
  return beginsStep(words) || (number > 1 && /^\p{Lu}/u.test(words)) ? { at, of, words } : undefined;
}

const NUMBERED_AMOUNT = /^\s{0,3}(\d{1,2})[.)] +(?=\d|[½¼¾⅓⅔⅛])/;
const FEWEST_LINES = 3;
/** "1. 1 cup flour", "2. 1/2 cup sugar": things that are counted, their numbers taken off. */
export function withoutLineNumbers(rows: readonly string[]): readonly string[] {
  const counted = new Map<number, string>();
  rows.forEach((row, at) => {
    const number = NUMBERED_AMOUNT.exec(row);
    if (Number(number?.[1]) === counted.size + 1) counted.set(at, row.slice(number?.[0].length));
  });
  return counted.size < FEWEST_LINES ? rows : rows.map((row, at) => counted.get(at) ?? row);
}

/** The rows with a mark behind the number of each step, each in a row of its own. */
export function withStepNumbers(rows: readonly string[]): readonly string[] {
  const steps: Numbered[] = [];
  for (let at = 0; at < rows.length; at++) {
    const step = stepAt(rows, at, steps.length + 1);
    if (!step) continue;
    steps.push(step);
    at = step.of;
  }
  if (steps.length < FEWEST_STEPS) return rows;
  const numberOf = new Map(steps.map((step, i) => [step.of, `${i + 1}. ${step.words}`]));
  const gone = new Set(steps.filter(({ at, of }) => at !== of).map(({ at }) => at));
  return rows.flatMap((row, at) => (gone.has(at) ? [] : [numberOf.get(at) ?? row]));
}
