/** What was found while reading. Codes are stable; the sentences are in core/wording. */
export const PROBLEM_CODES = [
  'ingredient-unknown', 'words-unread', 'ingredient-ambiguous', 'amount-missing', 'amounts-disagree', 'cannot-weigh', 'not-understood',
  'text-too-long', 'page-source', 'nothing-to-weigh', 'no-amounts', 'pan-without-size', 'pan-not-built', 'no-flour', 'soda-without-acid', 'soda-left-over',
  'leavening-missing', 'egg-size-assumed', 'alternative-taken', 'measure-unknown', 'spelling-guessed', 'formula-missing', 'formula-inside-itself', 'file-damaged', 'file-too-new', 'json-without-formula',
] as const; // prettier-ignore
export type ProblemCode = (typeof PROBLEM_CODES)[number];
export type Severity = 'error' | 'warning' | 'note';

export interface Problem {
  readonly code: ProblemCode;
  readonly severity: Severity;
  /** The written line it stands on, or '' for the whole. */
  readonly line: string;
  /** Figures and words that the sentence needs. */
  readonly facts: Readonly<Record<string, string | number | readonly string[]>>;
}

export const problem = (
  code: ProblemCode,
  severity: Severity,
  line: string,
  facts: Problem['facts'] = {},
): Problem => ({ code, severity, line, facts });
