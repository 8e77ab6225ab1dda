export { perGramIn, type PerGram } from './per-gram.js';
