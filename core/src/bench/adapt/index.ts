export { rewrite, writtenLine, type Addition, type AmountChange } from './rewrite.js';
export { leavenersOf, partsWith, settingsFor, takeSetting, type Leaveners, type SettingChoice } from './setting.js';
export { isMoved, proposeRebalance, takeChanges, type Proposal, type RebalanceWish } from './rebalancing.js';
export {
  adaptToDiet,
  besideBatter,
  forbidden,
  ingredientIn,
  swappable,
  swappedBeside,
  swapsFor,
  takeSwap,
  withoutSwap,
  type Adapted,
  type DietStep,
} from './swapping.js';
export type { StandIn } from './standing-in.js';
