/** One thing that is known, in words: what, how much, and what that stands on. */
export interface FigureRow {
  readonly what: string;
  readonly figure: string;
  readonly why: string;
}
