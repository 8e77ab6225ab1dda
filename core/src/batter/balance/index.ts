export { STYLES, styleBook, styleById, type Style, type StyleBook } from './styles.js';
export { beyondStyles, type BeyondStyles } from './beyond-styles.js';
export { detectStyle, type StyleGuess } from './detect-style.js';
export {
  judgeAgainst,
  measuredWith,
  type BandVerdict,
  type BandSeverity,
  type Measured,
  type QuantityUnit,
  type ReasonCode,
} from './band-verdicts.js';
export { styleName, styleShortName } from './style-names.js';
