export { RESIDUALS, swapLine, type Residual, type Swapped, type SwappedLine } from './swap.js';
export { SWAP_NOTE_CODES, SWAP_WAYS, waysFor, type Helper, type SwapNoteCode, type SwapWay } from './ways.js';
export { alternativesFor, DIETS, forbids, serves, type Diet, type Wanted } from './diets.js';
