export {
  isFreeLeavener,
  LEAVENING_METHODS,
  setLeavening,
  USUAL_BROWNING_SHARE,
  type Fineness,
  type LeaveningMethod,
  type Setting,
  type SettingTask,
} from './leavening-methods.js';
