export type { BakeOrder, BakePortion, OneBake, OvenBake } from './bake-order.js';
export { oneBake, ovenWithPortion, samePans, usualCelsiusOf } from './one-bake.js';
export { circumstancesOf, type Circumstances } from './circumstances.js';
export {
  besideOther,
  knownBakeJob,
  moreOfTheSame,
  otherWays,
  partnerBake,
  readWay,
  writtenBakeJob,
  type OtherWay,
  type WrittenWay,
} from './other-bakes.js';
export {
  bakeSnapshotSchema,
  heldAgainst,
  isAsSetDown,
  snapshotOf,
  type AgainstForeseen,
  type BakeSnapshot,
  type ForeseenTime,
  type SnapshotPortion,
} from './snapshot.js';
