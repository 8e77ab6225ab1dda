import type { FormulaStep } from '../../formula/formula/index.js';
import { mentionsIn, type Mention } from '../../formula/parsing/index.js';

/** A step with the figures and signs in it. */
export interface ReadStep extends FormulaStep {
  readonly mentions: readonly Mention[];
}

const mentionsOf = new WeakMap<FormulaStep, readonly Mention[]>();
/** Steps are never changed in place: what one says is worked out once. */
export function readStep(step: FormulaStep): ReadStep {
  let mentions = mentionsOf.get(step);
  if (!mentions) mentionsOf.set(step, (mentions = mentionsIn(step.text)));
  return { ...step, mentions };
}
