import { exportFormula } from '../../papers/formats/index.js';
import type { Options } from './options.js';
import { wrote, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

/** `export`: the formula in another format, as it would stand in a file. */
export function exportCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  return wrote(exportFormula(input.formula, options.format ?? 'text', input.around));
}
