/**
 * The language that Orvin speaks. Sentences are marked with `$localize` where they stand and worked into each build by
 * Angular's own translation; only what no marked sentence can say is asked of this file: how a figure is written, and
 * whether a name becomes small in the middle of a sentence.
 */
export type Language = 'en' | 'de';
export const LANGUAGE: Language =
  $localize`:The language of this build, in two letters@@language:en` === 'de' ? 'de' : 'en';
/** For dates and times, as `Intl` wants it. */
export const LOCALE = LANGUAGE === 'de' ? 'de-DE' : 'en-GB';

/** "1.5", and "1,5" where a comma stands before the tenths. */
export const decimal = (figure: number, places: number): string => figureHere(figure.toFixed(places));
/** "1.5", "2": no more places than it needs. @param most places */
export const shortDecimal = (figure: number, most: number): string => figureHere(String(Number(figure.toFixed(most))));

/** A figure written with a point, as this language writes it. */
export const figureHere = (figure: string): string => (LANGUAGE === 'de' ? figure.replace('.', ',') : figure);

/** Words inside a sentence: small in English, as they are where nouns stay large. */
export const inSentence = (words: string): string => (LANGUAGE === 'de' ? words : words.toLowerCase());
/** The first letter small, where nouns do not stay large. */
export const uncapitalised = (words: string): string =>
  LANGUAGE === 'de' ? words : words.charAt(0).toLowerCase() + words.slice(1);
