/** One spelling for German words: lower case, ß as ss, umlauts written out, accents off. */
const LETTERS: Readonly<Record<string, string>> = { ä: 'ae', ö: 'oe', ü: 'ue', ß: 'ss', é: 'e', è: 'e', î: 'i', â: 'a', ô: 'o', û: 'u', ç: 'c' }; // prettier-ignore
const IS_ENGLISH_LETTERS = /^[\x20-\x7e]*$/;
export const folded = (text: string): string =>
  IS_ENGLISH_LETTERS.test(text) ? text.toLowerCase() : text.toLowerCase().replace(/[äöüßéèîâôûç]/g, (letter) => LETTERS[letter] ?? letter); // prettier-ignore

/** Words of a folded text as names and phrases are looked up: hyphens, dots and apostrophes part them. */
export const wordsOf = (text: string): readonly string[] => folded(text).split(/[\s\-.,;:()'’"!?/]+/).filter((word) => word !== ''); // prettier-ignore
