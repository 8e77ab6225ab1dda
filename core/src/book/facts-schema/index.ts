export { bakeFactsSchema } from './facts-schema.js';
