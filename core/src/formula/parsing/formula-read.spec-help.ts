import type { Formula } from '../formula/index.js';
import type { FormulaReading } from './index.js';

/** The formula of a text that a spec takes to be readable. */
export function formulaRead(reading: FormulaReading): Formula {
  if (reading.kind === 'refused') throw new Error(`refused: ${reading.problem.code}`);
  return reading.formula;
}
