export type { BakePortion, OneBake, OvenBake } from './one-bake-types.js';
export { oneBake, ovenWithPortion, samePans } from './one-bake.js';
export {
  besideOther,
  moreOfTheSame,
  otherWays,
  partnerBake,
  readWay,
  type OtherWay,
  type WrittenWay,
} from './other-bakes.js';
