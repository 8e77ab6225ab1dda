import { auditFormula, type Audit } from '../audit/index.js';
import type { Formula } from '../formula/index.js';
import { readFormula, type Problem } from '../parsing/index.js';
import { inOneLine, problemInWords } from '../wording/index.js';
import type { Options } from './options.js';
import { refused, type Outcome } from './outcome.js';

export interface ReadInput {
  readonly formula: Formula;
  readonly audit: Audit;
  /** What was found while reading and what does not add up, each once. */
  readonly problems: readonly Problem[];
}

/** Reads a formula for a command; a text that is none is refused with its reason and the line it stands on. */
export function readInput(text: string, options: Options): ReadInput | { readonly refusal: Outcome } {
  const reading = readFormula(text, options.region);
  if (reading.kind === 'refused') {
    const { problem } = reading;
    const at = problem.line === '' ? -1 : text.split(/\r\n|\r|\n/).findIndex((line) => line.includes(problem.line));
    const place = at < 0 ? '' : `line ${at + 1} (“${problem.line.slice(0, 60)}”): `;
    return { refusal: refused(place + inOneLine(problemInWords(problem))) };
  }
  const formula: Formula =
    options.style === undefined ? reading.formula : { ...reading.formula, styleId: options.style };
  const audit = auditFormula(formula);
  const seen = new Set<string>();
  const problems = [...reading.problems, ...audit.problems].filter((problem) => {
    const key = `${problem.code}\n${problem.line}\n${JSON.stringify(problem.facts)}`;
    return !seen.has(key) && seen.add(key);
  });
  return { formula, audit, problems };
}

export const problemsAsJson = (problems: readonly Problem[]): readonly object[] =>
  problems.map((problem) => ({
    code: problem.code,
    severity: problem.severity,
    line: problem.line,
    message: inOneLine(problemInWords(problem)),
  }));
