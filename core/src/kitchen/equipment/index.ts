export { fillingHabit, usualDensity, weighedCup, weighedDensity, type WeighedCup } from './cups.js';
export { millilitresIn, pantryOf, unitsOf } from './equipment.js';
export { COUNT_WORDS, numberSaid, pansSaid, severalSaid, vesselSaid } from './pans-said.js';
