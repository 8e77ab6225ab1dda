export {
  atFirst,
  BOWL_KINDS,
  bowlKindOf,
  pouringsOf,
  type BowlKind,
  type KeptBack,
  type Poured,
  type Pouring,
} from './pouring.js';
