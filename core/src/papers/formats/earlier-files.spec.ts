import { readFileSync } from 'node:fs';
import { readRecord } from '../book-papers/index.js';
import { readDayFile } from '../day-papers/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { auditFormula } from '../../bench/audit/index.js';
import { writeOrvinFile, type FormulaRecord } from './orvin-file.js';
import { readFile } from './index.js';

/*
 * What earlier Orvins handed on, written by the code of their time: a file for each change of the database
 * (core/tables/reference/earlier). Whatever they wrote is read whole, for good: these are never written anew.
 */
interface Earlier {
  readonly files: {
    readonly formulas: { readonly formulas: readonly FormulaRecord[]; readonly kitchen?: object };
    readonly day?: { readonly day: { readonly wishes: readonly object[]; readonly name: string } };
    readonly record?: { readonly record: { readonly title: string; readonly outMinutes: number } };
  };
}
const DATABASES = [1, 2, 3, 4, 5, 6, 7, 8, 9];
const earlier = (database: number) =>
  JSON.parse(readFileSync(`core/tables/reference/earlier/database-${database}.json`, 'utf8')) as Earlier;

describe('what an earlier Orvin handed on', () => {
  for (const database of DATABASES)
    it(`is read whole, of the time of database ${database}`, () => {
      const { formulas, day, record } = earlier(database).files;
      const reading = readFile('formulas.json', JSON.stringify(formulas), 'UK', PLAIN_KITCHEN);
      expect(reading.format).toBe('orvin');
      const read = reading.items.flatMap((item) => (item.kind === 'read' ? [item] : []));
      expect(read.map(({ formula }) => formula.title)).toEqual(formulas.formulas.map(({ formula }) => formula.title));
      expect(read.every(({ formula }) => auditFormula(formula).lines.some(({ grams = 0 }) => grams > 100))).toBeTrue();
      // what was in it goes out again just so
      const again = writeOrvinFile(formulas.formulas, reading.kitchen);
      expect(JSON.parse(again)).toEqual(JSON.parse(JSON.stringify(formulas)));
      expect(read.map(({ versions }) => versions?.length)).toEqual(formulas.formulas.map(({ versions }) => versions.length));
      expect(Boolean(reading.kitchen)).toBe(database >= 2);
      if (day) {
        const planned = readDayFile(JSON.stringify(day), []);
        expect(planned.kind === 'day' && planned.sheet.wishes.length).toBe(day.day.wishes.length);
      }
      if (record) {
        const bake = readRecord(JSON.stringify(record));
        expect(bake.kind === 'read' && bake.record.outMinutes).toBe(record.record.outMinutes);
      }
    }); // prettier-ignore
});
