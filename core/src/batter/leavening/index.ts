export {
  acidPerGram,
  bicarbonateOf,
  chargeBalance,
  chargePerGram,
  crumbBalance,
  crumbPhRange,
  heldByWater,
  openBalance,
  rawBalance,
  settledPh,
  SPREAD,
  CRUMB_CO2_ATM,
  type ChargeBalance,
  type Settled,
} from './charge-balance.js';
export { ACID_GROUPS, acidProfile, type AcidProfile } from './acid-groups.js';
export {
  ACIDS,
  GRAMS_PER_TEASPOON,
  LEAVENERS,
  LEAVENING_ACIDS,
  MOLAR_MASS,
  PHASES,
  SODA_MEQ_PER_GRAM,
  bicarbonatePerGram,
  type LeaveningAcidId,
  type Phase,
} from './leaveners.js';
export { leaveningLedger, type AcidSource, type AcidUse, type Ledger, type SodaSource } from './ledger.js';
