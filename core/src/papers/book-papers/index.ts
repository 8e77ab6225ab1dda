export { readRecord, recordFileSchema, writeRecord, type RecordReading } from './record-file.js';
export { recordAsMarkdown } from './record-markdown.js';
export { readSeason, taughtBy, writeSeason, type SeasonReading, type SeasonRow } from './season.js';
