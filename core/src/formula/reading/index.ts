export { readText } from './read-text.js';
