export { tableWords } from './table-words.js';
