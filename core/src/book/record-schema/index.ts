export { bakeRecordSchema } from './record-schema.js';
