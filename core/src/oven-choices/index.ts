export { bakeAt, besideOf, sweptAt, SWEEP_CELSIUS, type SweepPoint } from './sweep.js';
export { settingForColour, settingForMinutes, type SettingCost, type SettingFound } from './setting.js';
export { sharedSetting, type SharedOven, type Sharer } from './shared.js';
export { sensitivitiesOf, UNKNOWNS, type Sensitivity, type Unknown } from './sensitivity.js';
export {
  donenessInWords,
  noBakeInWords,
  ruleOfThumbInWords,
  SETTING_COSTS,
  unknownInWords,
  windowReasonInWords,
  WINDOW_REASONS_WORDED,
} from './words.js';
export { howClocked, howDone, howFilledInPan, howSure, howTimed } from './how.js';
