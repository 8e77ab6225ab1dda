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
export { behaviourOf, BEHAVIOUR_OF_STYLE, type BatterBehaviour, type Viscosity } from './batter-behaviour.js';
export { LONGEST_WAIT_MINUTES, waitingOf, type Waiting } from './waiting.js';
export { altitudeAdvice, boilingCelsius, pressureKilopascals, type AltitudeAdvice } from './altitude.js';
export { liftOf, type Lift, type UsualShares } from './lift.js';
export { CONSEQUENCE_CODES, consequencesOf, type Consequence, type ConsequenceCode } from './consequences.js';
export {
  isFreeLeavener,
  SCHOOLS,
  setLeavening,
  USUAL_BROWNING_SHARE,
  type Fineness,
  type School,
  type Setting,
  type SettingTask,
} from './schools.js';
