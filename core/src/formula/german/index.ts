export { inEnglish, isGerman } from './english.js';
export { withGermanAmount } from './line.js';
export { wishInEnglish } from './wishes.js';
