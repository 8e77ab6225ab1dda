/*
 * How much of a text is read at once. People write lines and phrases; a patient reader could be handed a hundred thousand letters without
 * a break, and a pattern that goes back over what it has seen would never come home. So every reader takes its text in pieces as long as
 * people write them, and the work grows with the text alone.
 */

/** As long as anybody writes one line of ingredients; beyond it, it is prose. Letters. */
export const LONGEST_LINE = 400;
/** As long as a wish, a pan or a name is written. Letters. */
export const LONGEST_PHRASE = 200;
/** A paragraph, as pages have them. Letters. */
export const LONGEST_PARAGRAPH = 1000;

/** The text with one space where there were several, or a tab, or a new line. */
export const singleSpaced = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** A phrase in single spaces; undefined where it is longer than anybody writes one. */
export function asPhrase(written: string, longest = LONGEST_PHRASE): string | undefined {
  if (written.length > 20 * longest) return undefined;
  const phrase = singleSpaced(written);
  return phrase.length <= longest ? phrase : undefined;
}

const SENTENCE_END = /[.!?;]$/;
/** Where a piece that begins at a place ends: behind its last sentence, else behind a word, else where it has to. */
function endOfPiece(text: string, from: number, longest: number): number {
  let word: number | undefined;
  for (let at = from + longest; at > from + longest / 2; at--) {
    if (text[at] !== ' ') continue;
    if (SENTENCE_END.test(text[at - 1] ?? '')) return at;
    word ??= at;
  }
  return word ?? from + longest;
}

/** A text in pieces of at most so many letters, cut behind sentences or between words where it can be. Nothing but spaces at the cuts is lost. */
export function inPieces(text: string, longest: number): readonly string[] {
  if (text.length <= longest) return [text];
  const pieces: string[] = [];
  let from = 0;
  while (text.length - from > longest) {
    const end = endOfPiece(text, from, longest);
    pieces.push(text.slice(from, end).trim());
    from = end;
  }
  pieces.push(text.slice(from).trim());
  return pieces.filter((piece) => piece !== '');
}

/** A text without the byte-order mark that some editors put before it. */
export const withoutMark = (text: string): string => text.replace(/^\ufeff/, '');
