/** A row of a shipped table, by column name. */
export type Row = Readonly<Record<string, string>>;

/** Reads a tab-separated table whose first line names the columns; a missing trailing cell reads as ''. */
export function readTable(table: string): readonly Row[] {
  const [head = '', ...lines] = table.split('\n');
  const columns = head.split('\t');
  return lines.map((line) => {
    const cells = line.split('\t');
    return Object.fromEntries(columns.map((column, i) => [column, cells[i] ?? '']));
  });
}

/** The number in a cell, or `otherwise` where the cell is blank. */
export function numberIn(row: Row, column: string, otherwise = 0): number {
  const cell = row[column] ?? '';
  return cell === '' ? otherwise : Number(cell);
}

/** The non-empty parts of a cell that lists things with `|`. */
export function listIn(row: Row, column: string): readonly string[] {
  return (row[column] ?? '').split('|').filter((part) => part !== '');
}
