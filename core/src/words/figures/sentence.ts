/** Two short sentences: what to know or do, then why. */
export interface Sentence {
  readonly say: string;
  readonly why: string;
}

export const sentence = (say: string, why = ''): Sentence => ({ say, why });

/** Both in one line, for a command line or a label. */
export const inOneLine = ({ say, why }: Sentence): string => (why === '' ? say : `${say} ${why}`);

/** The first letter large, or small: a name at the head of a sentence, and in the middle of one. */
export const capitalised = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
export const uncapitalised = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

/** "a, b and c". */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
