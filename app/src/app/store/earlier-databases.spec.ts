import { TestBed } from '@angular/core/testing';
import { Dexie } from './dexie';
import one from '../../../../core/tables/reference/earlier/database-1.json';
import two from '../../../../core/tables/reference/earlier/database-2.json';
import three from '../../../../core/tables/reference/earlier/database-3.json';
import four from '../../../../core/tables/reference/earlier/database-4.json';
import five from '../../../../core/tables/reference/earlier/database-5.json';
import six from '../../../../core/tables/reference/earlier/database-6.json';
import seven from '../../../../core/tables/reference/earlier/database-7.json';
import eight from '../../../../core/tables/reference/earlier/database-8.json';
import nine from '../../../../core/tables/reference/earlier/database-9.json';
import { BakingStore } from './baking-store';
import { BookStore } from './book-store';
import { LATEST_VERSION } from './database';
import { PlanStore } from './plan-store';
import { checkRows } from './record-schemas';
import { RecordStore } from './record-store';
import { TABLE_NAMES, type Table } from './tables';
import { storeVisits } from './visits.spec-help';

/*
 * Kitchens as earlier Orvins kept them, made by the code of their time, one for each change of the database: each opens whole in this one.
 * They are never made anew.
 */
interface Earlier {
  readonly database: number;
  readonly rows: Partial<Record<Table | 'settings', readonly object[]>>;
}
const EARLIER: readonly Earlier[] = [one, two, three, four, five, six, seven, eight, nine];
/** What each change added. */
const ADDED: readonly Readonly<Record<string, string>>[] = [
  { formulas: 'id', versions: 'id, formulaId', settings: 'id' },
  { kitchens: 'id', history: 'key, tab' },
  { batches: 'id, formulaId' },
  { plans: 'id' },
  { bakings: 'id' },
  { bakes: 'id' },
  { photos: 'id' },
  { larder: 'id' },
  { backups: 'id' },
];

describe('a kitchen that an earlier Orvin kept', () => {
  const { name, visit } = storeVisits();
  it('is there for every change of the database, this one too', () => {
    expect(EARLIER.map(({ database }) => database)).toEqual(Array.from({ length: LATEST_VERSION }, (_, i) => i + 1));
  });
  for (const { database, rows } of EARLIER)
    it(`opens whole, of database ${database}`, async () => {
      const then = new Dexie(name());
      then.version(database).stores(Object.assign({}, ...ADDED.slice(0, database)) as Record<string, string>);
      await then.open();
      for (const [table, kept] of Object.entries(rows)) await then.table(table).bulkPut(kept);
      then.close();
      const store = await visit();
      for (const table of TABLE_NAMES) {
        const kept = (rows[table] ?? []) as { readonly id: string }[];
        expect([...TestBed.inject(RecordStore).records()[table].keys()].sort()).withContext(table).toEqual(kept.map(({ id }) => id).sort());
        expect(checkRows(table, [...TestBed.inject(RecordStore).records()[table].values()])).withContext(table).toEqual([]);
      }
      expect(store.formulas().every(({ formula }) => formula.steps.every(({ id, text }) => id !== '' && text !== ''))).toBeTrue();
      expect(TestBed.inject(PlanStore).plans().length).toBe(rows.plans?.length ?? 0);
      expect(TestBed.inject(BakingStore).bakings().length).toBe(rows.bakings?.length ?? 0);
      expect(TestBed.inject(BookStore).bakes().length).toBe(rows.bakes?.length ?? 0);
    }); // prettier-ignore
});
