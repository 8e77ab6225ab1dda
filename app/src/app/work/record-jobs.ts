import Joi from 'joi';
import type { RecordFault } from '../store/checking';
import { checkRows } from '../store/record-schemas';
import { TABLE_NAMES, type Table } from '../store/tables';

/** Rows that came back from the disk, to be looked over. */
export interface CheckRowsJob {
  readonly table: Table | 'history' | 'settings';
  readonly rows: readonly unknown[];
}
export const checkRowsSchema = Joi.object<CheckRowsJob>({
  table: Joi.string()
    .valid(...TABLE_NAMES, 'history', 'settings')
    .required(),
  rows: Joi.array().required(),
}).required();
export const rowFaultsSchema = Joi.array()
  .items(
    Joi.object({
      at: Joi.number().integer().min(0).required(),
      reason: Joi.string().required(),
      onlyBatch: Joi.boolean().required(),
    }),
  )
  .required();

export const checkRowsJob = ({ table, rows }: CheckRowsJob): readonly RecordFault[] => checkRows(table, rows);
