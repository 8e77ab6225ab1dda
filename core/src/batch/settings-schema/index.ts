export { batchSettingsSchema } from './batch-settings-schema.js';
