export type { OvenSettings } from './oven-settings.js';
export { coversSchema, ovenSettingsSchema } from './oven-settings-schema.js';
export { settingForColour, settingForMinutes, type SettingCost, type SettingFound } from './setting.js';
export { sharedSetting, type SharedOven, type Sharer } from './shared.js';
export {
  stageRows,
  stagesOfRows,
  withAnotherStage,
  withoutStage,
  type CoverRow,
  type StageRow,
} from './course-rows.js';
