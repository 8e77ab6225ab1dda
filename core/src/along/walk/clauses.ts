/*
 * A step of a method may hold several acts: "Cream the butter and sugar till pale. Beat in the eggs, fold in the flour." Hands do one at
 * a time, so a step is cut where a sentence takes something into the bowl that the sentence before it did not.
 */

export interface Clause {
  /** Letters of the step's text. */
  readonly from: number;
  readonly to: number;
}

const SENTENCE_END = /[.;!]\s+(?=[A-Z(])/g;

/** Which sentences a text has. */
export function sentencesOf(text: string): readonly Clause[] {
  const clauses: Clause[] = [];
  let from = 0;
  for (const end of text.matchAll(SENTENCE_END)) {
    const to = end.index + end[0].length;
    clauses.push({ from, to });
    from = to;
  }
  if (from < text.length || clauses.length === 0) clauses.push({ from, to: text.length });
  return clauses;
}

/** The acts of a step. @param takenAt where in its text something is taken */
export function clausesOf(text: string, takenAt: readonly number[]): readonly Clause[] {
  const acts: (Clause & { readonly takes: boolean })[] = [];
  for (const sentence of sentencesOf(text)) {
    const takes = takenAt.some((at) => at >= sentence.from && at < sentence.to);
    const last = acts.at(-1);
    // what takes nothing belongs to the act before it, or leads to the first
    if (last && (!takes || !last.takes))
      acts[acts.length - 1] = { from: last.from, to: sentence.to, takes: last.takes || takes }; // prettier-ignore
    else acts.push({ ...sentence, takes });
  }
  return acts.map(({ from, to }) => ({ from, to }));
}

/** The words of one act in a text that says the same with other figures: by its sentences, or all of it where they no longer match. */
export function clauseWords(original: string, clause: Clause, now: string): string {
  const before = sentencesOf(original);
  const after = sentencesOf(now);
  if (before.length !== after.length) return now;
  const first = before.findIndex(({ from }) => from === clause.from);
  const last = before.findIndex(({ to }) => to === clause.to);
  const [begin, end] = [after[first], after[last]];
  return begin && end ? now.slice(begin.from, end.to).trim() : now;
}
