import type { ValidationResult } from 'joi';
import {
  diagnose,
  FAULT_IDS,
  factsOfFormula,
  nextTime,
  signalsOf,
  testsFor,
  USUAL_STYLE_ID,
  type BakeFacts,
  type CauseFound,
} from '../../book/diagnosing/index.js';
import { bakeFactsSchema } from '../../book/facts-schema/index.js';
import { styleById } from '../../batter/balance/index.js';
import { LIKELIHOOD_NAMES, speaksInWords, TEST_WORDS } from '../../words/why-words/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput, type ReadInput } from './read-input.js';

/** Less than this is not worth a row, beyond the first few. */
const WORTH_A_ROW = 0.01;
const FIRST_ROWS = 3;
const LONGEST_FACTS = 20_000;

function factsSaid(said: string | undefined): BakeFacts | string {
  if (said === undefined) return {};
  if (said.length > LONGEST_FACTS) return 'too long';
  try {
    const checked: ValidationResult<BakeFacts> = bakeFactsSchema.validate(JSON.parse(said), {
      errors: { wrap: { label: false } },
    });
    return checked.error ? checked.error.message : checked.value;
  } catch {
    return `"${said.slice(0, 60)}" is no JSON; write it as '{"coreAtOut":96,"waitMinutes":12}'`;
  }
}

/** The change as JSON: the line that was there and moves most, else what comes in. */
function editOf({ cause }: CauseFound, { formula, around, audit }: ReadInput): object | null {
  let made = 0;
  const change = nextTime(cause.id, formula, around, () => `new-${++made}`, { facts: {} }, audit);
  const line = change?.moved[0];
  return line ? { code: cause.edit, ingredient: line.ingredient.id, grams: rounded(line.after, 2), before: rounded(line.before, 2) } : null; // prettier-ignore
}

const inWords = (speaks: CauseFound['speaksFor']): readonly string[] =>
  speaks.map((each) => {
    const { figure, words } = speaksInWords(each);
    return `${figure} ${words}`;
  });

/** `diagnose`: what most likely made the faults, from the formula and what is known of that bake. */
export function diagnoseCommand(text: string, options: Options, name: string): Outcome {
  const { faults: said = '', facts: saidFacts } = options;
  const faults = said.split(',').map((fault) => fault.trim()).filter((fault) => fault !== ''); // prettier-ignore
  if (faults.length === 0) return wrongUse(`diagnose needs --faults, such as --faults sank_middle,soapy; faults are ${FAULT_IDS.join(', ')}`); // prettier-ignore
  const unknown = faults.find((fault) => !FAULT_IDS.includes(fault));
  if (unknown !== undefined)
    return refused(`there is no fault "${unknown.slice(0, 60)}"; faults are ${FAULT_IDS.join(', ')}`);
  const facts = factsSaid(saidFacts);
  if (typeof facts === 'string') return wrongUse(`--facts: ${facts}`);
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { audit, around } = input;
  const style = audit.style ?? styleById(USUAL_STYLE_ID);
  if (!style) return refused('there is no style to hold it against');
  const asked = { faults, signals: signalsOf({ ...factsOfFormula(audit, around.kitchen), ...facts }, style) };
  const diagnosis = diagnose(asked);
  const [next] = testsFor(asked, diagnosis);
  return done({
    causes: diagnosis.causes
      .filter(({ share }, i) => i < FIRST_ROWS || share >= WORTH_A_ROW)
      .map((found) => ({
        id: found.cause.id,
        share: rounded(found.share),
        words: LIKELIHOOD_NAMES[found.likelihood],
        for: inWords(found.speaksFor),
        against: inWords(found.speaksAgainst),
        edit: editOf(found, input),
      })),
    somethingElse: rounded(diagnosis.somethingElse),
    nextTest: next ? { id: next.test.id, question: TEST_WORDS[next.test.id]?.ask ?? next.test.id } : null,
  });
}
