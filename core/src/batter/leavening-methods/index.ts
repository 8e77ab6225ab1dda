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
