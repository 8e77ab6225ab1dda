export { chanceFrom, normalFrom } from './chance.js';
export { bisect, type Root } from './root.js';
export { EIGHT_IN_TEN, normalCumulative } from './normal.js';
export { listIn, numberIn, readTable, type Row } from './read-table.js';
export { sumOf } from './sum.js';
