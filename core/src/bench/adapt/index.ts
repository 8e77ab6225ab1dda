export { rewrite, writtenLine, type Addition, type AmountChange } from './rewrite.js';
export { leavenersOf, partsWith, settingsFor, takeSetting, type Leaveners, type SettingChoice } from './setting.js';
export { isMoved, proposeRebalance, takeChanges, type Proposal, type RebalanceWish } from './rebalancing.js';
export {
  adaptToDiet,
  forbidden,
  ingredientIn,
  swappable,
  swapsFor,
  takeSwap,
  withoutSwap,
  type Adapted,
  type DietStep,
} from './swapping.js';
