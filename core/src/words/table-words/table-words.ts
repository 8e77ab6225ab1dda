import { namesHere } from '../../ground/language/index.js';

/** What tables say in English, in the language of this build: one list for all of them, by the English; none in English. */
const WORDS_HERE = namesHere($localize`:What tables say, English=translation|English=translation@@tableWords:-`);

/** A name or a note out of a table (aisles, keeping, safety, allergens, materials, ambiguous words), as this build says it. */
export const tableWords = (english: string): string => WORDS_HERE.get(english) ?? english;
