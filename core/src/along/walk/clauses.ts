import { bakeTimeIn, normalise } from '../../formula/parsing/index.js';

/*
 * A step of a method may hold several acts: "Cream the butter and sugar till pale. Beat in the eggs, fold in the flour." Hands do one at
 * a time, so a step is cut where a sentence takes something into the bowl that the sentence before it did not, and round what bakes.
 */

export interface Clause {
  /** Letters of the step's text. */
  readonly from: number;
  readonly to: number;
}

const SENTENCE_END = /[.;!]\s+(?=[A-Z(])/g;

/** An act of a step in the words that are read: one spelling, and English. */
export interface ToldClause extends Clause {
  readonly words: string;
  /** Its letters in the step as it is read, which is where takings stand. */
  readonly told: Clause;
}

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

/** Put on what is baked. */
export const FINISHES =
  /\b(?:split|fill|sandwich|soak|pour|dip|drizzle|ice|frost|glaze|spread|scatter|sprinkle|strew|dust|brush|top)\b/i;

interface Sentence extends ToldClause {
  readonly takes: boolean;
  readonly bakes: boolean;
}
/** Whether a sentence goes on with the act before it: what takes nothing belongs to it, or leads to the first. */
function goesOn(last: Sentence, { takes, bakes, words }: Sentence): boolean {
  if (last.bakes) return !takes && !FINISHES.test(words);
  return bakes ? !last.takes : !takes || !last.takes;
}

/** The acts of a step. @param takenAt where something is taken, in the step as it is read */
export function clausesOf(text: string, takenAt: readonly number[]): readonly ToldClause[] {
  const acts: Sentence[] = [];
  let read = 0;
  for (const { from, to } of sentencesOf(text)) {
    const words = normalise(text.slice(from, to));
    const told = { from: read, to: read + words.length + 1 };
    read = told.to;
    const takes = takenAt.some((at) => at >= told.from && at < told.to);
    const sentence = { from, to, words, told, takes, bakes: bakeTimeIn(words) !== undefined };
    const last = acts.at(-1);
    if (last && goesOn(last, sentence))
      acts[acts.length - 1] = {
        from: last.from,
        to,
        words: `${last.words} ${words}`,
        told: { from: last.told.from, to: told.to },
        takes: last.takes || takes,
        bakes: last.bakes || sentence.bakes,
      };
    else acts.push(sentence);
  }
  return acts;
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
