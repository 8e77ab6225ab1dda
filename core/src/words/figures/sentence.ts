/** Two short sentences: what to know or do, then why. */
export interface Sentence {
  readonly say: string;
  readonly why: string;
}

export const sentence = (say: string, why = ''): Sentence => ({ say, why });

/** Both in one line, for a command line or a label. */
export const inOneLine = ({ say, why }: Sentence): string => (why === '' ? say : `${say} ${why}`);

/** The first letter large: a name at the head of a sentence. */
export const capitalised = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** "a, b and c". */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : $localize`${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

/** "a, b or c". */
export const eitherOf = (names: readonly string[]) =>
  names.length < 2 ? (names[0] ?? '') : $localize`${names.slice(0, -1).join(', ')} or ${names.at(-1) ?? ''}`;
