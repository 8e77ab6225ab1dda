import seven from '../../../../core/tables/reference/earlier/database-7.json';
import eight from '../../../../core/tables/reference/earlier/database-8.json';
import nine from '../../../../core/tables/reference/earlier/database-9.json';
import { NO_RECORDS } from '../store/edits';
import { checkRows } from '../store/record-schemas';
import { TABLE_NAMES, type Table } from '../store/tables';
import { heldAgainst, readWorkbook } from '../work/workbook';
import { readBook } from './book-file';

/* Books and whole kitchens as earlier Orvins wrote them, by the code of their time. */
interface Earlier {
  readonly database: number;
  readonly rows: Partial<Record<Table | 'settings', readonly object[]>>;
  readonly files: { readonly formulas: object; readonly book?: string; readonly kitchen?: string };
}
const EARLIER: readonly Earlier[] = [seven, eight, nine];
const fileOf = (base64: string) => new Blob([Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))]);

describe('a file that an earlier Orvin wrote', () => {
  for (const { database, rows, files } of EARLIER) {
    const { book, kitchen } = files;
    if (book !== undefined)
      it(`is read whole: a Book of the time of database ${database}`, async () => {
        const photos: string[] = [];
        const { bakes } = await readBook(fileOf(book), (id) => (photos.push(id), Promise.resolve()));
        expect(bakes.length).toBe(rows.bakes?.length ?? 0);
        expect(photos).toEqual(['photo-1']);
      });
    if (kitchen !== undefined)
      it(`is read whole: a kitchen of the time of database ${database}`, async () => {
        const photos: string[] = [];
        const read = await readWorkbook(fileOf(kitchen), (id) => (photos.push(id), Promise.resolve()));
        expect(photos).toEqual(['photo-1']);
        expect(heldAgainst(read, NO_RECORDS).map(({ table, fresh }) => [table, fresh])).toEqual(
          TABLE_NAMES.flatMap((table) => (rows[table] ? [[table, rows[table].length]] : [])),
        );
        for (const table of TABLE_NAMES)
          expect(checkRows(table, read[table] ?? []))
            .withContext(table)
            .toEqual([]);
      });
  }
});
