export { findingInWords, fixInWords } from './findings.js';
