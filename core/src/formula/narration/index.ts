export { inFigures } from './spoken-numbers.js';
export { stretchesOf, type Stretch } from './spoken-steps.js';
export { takingsIn, type Taking, type Takings } from './takings.js';
export { Words } from './tokens.js';
