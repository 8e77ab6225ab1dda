export { bakeSnapshotSchema } from './snapshot-schema.js';
export {
  heldAgainst,
  isAsSetDown,
  snapshotOf,
  type AgainstForeseen,
  type BakeSnapshot,
  type ForeseenTime,
  type SnapshotPortion,
} from './snapshot.js';
