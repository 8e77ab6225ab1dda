export { atFirst, BOWL_KINDS, pouringsOf, type BowlKind, type KeptBack, type Poured, type Pouring } from './pouring.js';
