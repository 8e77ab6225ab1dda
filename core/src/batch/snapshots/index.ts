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
