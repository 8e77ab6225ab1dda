/** Labels as they lie on a sheet, by their millimetres. */
export interface LabelSheet {
  readonly id: string;
  readonly paper: 'a4' | 'letter';
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  /** From the left edge of one to that of the next, and from top to top. */
  readonly across: number;
  readonly down: number;
}

/** The first is what labels are printed on where nothing else is chosen. */
export const LABEL_SHEETS: readonly [LabelSheet, ...LabelSheet[]] = [
  { id: 'a4-8', paper: 'a4', columns: 2, rows: 4, width: 99.1, height: 67.7, left: 4.65, top: 13.1, across: 101.6, down: 67.7 },
  { id: 'a4-4', paper: 'a4', columns: 2, rows: 2, width: 105, height: 148.5, left: 0, top: 0, across: 105, down: 148.5 },
  { id: 'a4-14', paper: 'a4', columns: 2, rows: 7, width: 99.1, height: 38.1, left: 4.65, top: 15.15, across: 101.6, down: 38.1 },
  { id: 'a4-21', paper: 'a4', columns: 3, rows: 7, width: 63.5, height: 38.1, left: 7.25, top: 15.15, across: 66, down: 38.1 },
  { id: 'a4-24', paper: 'a4', columns: 3, rows: 8, width: 63.5, height: 33.9, left: 7.25, top: 12.9, across: 66, down: 33.9 },
  { id: 'letter-6', paper: 'letter', columns: 2, rows: 3, width: 101.6, height: 84.7, left: 4, top: 12.65, across: 106.3, down: 84.7 },
  { id: 'letter-10', paper: 'letter', columns: 2, rows: 5, width: 101.6, height: 50.8, left: 4, top: 12.7, across: 106.3, down: 50.8 },
]; // prettier-ignore
export const labelSheet = (id: string): LabelSheet | undefined => LABEL_SHEETS.find((sheet) => sheet.id === id);
