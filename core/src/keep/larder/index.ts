export {
  byUrgency,
  eaten,
  freshnessOf,
  goodUntil,
  moved,
  PLACES,
  putAwaySchema,
  type Freshness,
  type KeepPlace,
  type Promised,
  type PutAway,
  type Weighing,
} from './larder.js';
