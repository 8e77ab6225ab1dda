export { namesHere } from './names-here.js';
export {
  LANGUAGE,
  LOCALE,
  decimal,
  figureHere,
  inSentence,
  shortDecimal,
  uncapitalised,
  type Language,
} from './language.js';
