import { auditFormula } from '../../bench/audit/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';
import { readText } from '../../formula/reading/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';

/** A text as the formula that a baker has at hand, in a kitchen that nothing is known of. */
export function atHand(text: string) {
  const formula = formulaRead(readText(text, 'UK'));
  return { formula, audit: auditFormula(formula), kitchen: PLAIN_KITCHEN };
}
