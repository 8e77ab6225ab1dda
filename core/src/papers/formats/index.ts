export { formulaSchema } from './formula-schema.js';
export { kitchenSchema, ownIngredientSchema } from './kitchen-schema.js';
export {
  FILE_FORMATS,
  type FileBatch,
  type FileFormat,
  type FileReading,
  type FileVersion,
  type ReadItem,
} from './file-reading.js';
export { LARGEST_FILE_CHARACTERS, readFile } from './read-file.js';
export { EXPORT_FILES, EXPORT_FORMATS, exportFormula, type ExportFormat } from './export-formula.js';
export { writeCsv } from './csv.js';
export { orvinFileSchema, writeOrvinFile, type FormulaRecord } from './orvin-file.js';
