/** What a sentence needs to know of each problem that reading finds. */
export interface ProblemFacts {
  'ingredient-unknown': { readonly name: string; readonly nearest: readonly string[] };
  'words-unread': { readonly words: readonly string[]; readonly taken: string };
  'ingredient-ambiguous': { readonly name: string; readonly taken: string; readonly why: string };
  'alternative-taken': { readonly taken: string; readonly other: string };
  'amount-missing': { readonly name: string };
  /** Below nothing, nothing at all, or more than a lorry brings. */
  'amount-impossible': { readonly name: string; readonly why: 'negative' | 'nothing' | 'too-much' };
  'amounts-disagree': { readonly first: number; readonly second: number };
  'cannot-weigh': { readonly name: string; readonly unit: string };
  'egg-size-assumed': { readonly grams: number };
  /** "300 flour": nobody counts it. */
  'grams-assumed': { readonly grams: number };
  'not-understood': NoFacts;
  /** Taken from running text, and not sure of it. */
  'heard-unsure': NoFacts;
  /** Measured in running text, and no name found for it. */
  'amount-without-name': { readonly amount: string };
  'text-too-long': { readonly of: 'kilobytes' | 'lines'; readonly found: number; readonly limit: number };
  'page-source': NoFacts;
  'nothing-to-weigh': NoFacts;
  'no-amounts': { readonly things: number };
  'pan-without-size': { readonly shape: string };
  'pan-not-built': NoFacts;
  'no-flour': NoFacts;
  'soda-without-acid': SodaLeft;
  'soda-left-over': SodaLeft;
  'leavening-missing': NoFacts;
  'measure-unknown': { readonly measure: string; readonly name: string };
  'spelling-guessed': { readonly name: string; readonly taken: string };
  'formula-missing': { readonly name: string };
  'formula-inside-itself': { readonly name: string };
  'file-damaged': { readonly why: string };
  'file-too-new': { readonly version: number };
  'json-without-formula': NoFacts;
}
export type NoFacts = Readonly<Record<string, never>>;
/** Soda that meets nothing sour, g, and how much of the flour that is and may be, percent. */
interface SodaLeft {
  readonly grams: number;
  readonly percent: number;
  readonly most: number;
  /** Whether most would taste it in this batter. */
  readonly isTasted: boolean;
}

/** What was found while reading. Codes are stable; the sentences are in core/src/words. */
export type ProblemCode = keyof ProblemFacts;
export type Severity = 'error' | 'warning' | 'note';

interface ProblemOf<C extends ProblemCode> {
  readonly code: C;
  readonly severity: Severity;
  /** The written line it stands on, or '' for the whole. */
  readonly line: string;
  /** Figures and words that the sentence needs. */
  readonly facts: ProblemFacts[C];
}
export type Problem = { [C in ProblemCode]: ProblemOf<C> }[ProblemCode];

export const problem = <C extends ProblemCode>(
  code: C,
  severity: Severity,
  line: string,
  facts: ProblemFacts[C],
): ProblemOf<C> => ({ code, severity, line, facts });
