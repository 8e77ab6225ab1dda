export { decodeText } from './decode.js';
export { anyOf, NUMBER_WORDS, ONES, TENS } from './number-words.js';
export {
  asPhrase,
  inPieces,
  LONGEST_LINE,
  LONGEST_PARAGRAPH,
  LONGEST_PHRASE,
  singleSpaced,
  withoutMark,
} from './text.js';
