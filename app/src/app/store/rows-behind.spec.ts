import { TestBed } from '@angular/core/testing';
import { Dexie } from './dexie';
import { Backups } from '../work/backups';
import { Learning } from '../work/learning';
import { Work } from '../work/work-client';
import { readWorkbook } from '../work/workbook';
import { BookStore } from './book-store';
import { Database } from './database';
import { demoData } from './demo-data';
import type { StoredBake } from './records';
import { RecordStore } from './record-store';
import { UNWRITTEN } from './unwritten';
import { LOAF, storeVisits, until } from './visits.spec-help';

const NOW = Date.UTC(2026, 10, 28, 11);
const SEASON = demoData(NOW).bakes;
/** A Book of years. */
const BAKES = 700;
const bake = (nth: number): StoredBake => {
  const one = SEASON[nth % SEASON.length];
  if (!one) throw new Error('no season');
  return { ...one, id: `bake-${String(nth).padStart(4, '0')}`, record: { ...one.record, at: NOW - nth * 3_600_000 } };
};

describe('a long table', () => {
  const visits = storeVisits();
  const { visit } = visits;
  /** A visit to a kitchen with a formula and a Book of years. */
  const visitsFull = async () => {
    const first = await visit();
    first.add(LOAF);
    await first.settled();
    await TestBed.inject(Database).bakes.bulkPut(Array.from({ length: BAKES }, (_, nth) => bake(nth)));
    // what is learned is not asked here, only what it is learned from
    return visit([{ provide: Work, useValue: { run: () => Promise.resolve(undefined) } }]);
  };
  const records = () => TestBed.inject(RecordStore);
  const book = () => TestBed.inject(BookStore);

  it('holds up no first screen, and is there when somebody waits for it, the latest first', async () => {
    const store = await visitsFull();
    expect(store.state()).toBe('ready');
    expect(store.formulas().length).toBe(1);
    expect([book().isRead(), book().bakes().length]).toEqual([false, 0]);
    await records().wholly();
    expect([book().isRead(), book().bakes().length]).toEqual([true, BAKES]);
    expect(book().bakes()[0]?.id).toBe('bake-0000');
  });
  it('is read by itself when nobody waits', async () => {
    await visitsFull();
    await until(() => book().isRead());
    expect(book().bakes().length).toBe(BAKES);
  });
  it('that is short is read with the others', async () => {
    await visit();
    await TestBed.inject(Database).bakes.bulkPut([bake(0), bake(1)]);
    await visit();
    expect([book().isRead(), book().bakes().length]).toEqual([true, 2]);
  });
  it('teaches nothing by what is not yet read', async () => {
    await visitsFull();
    const learning = TestBed.inject(Learning);
    expect(learning.isRead()).toBeFalse();
    const seen: number[] = [];
    await until(() => {
      if (learning.isRead()) seen.push(learning.lessons().bakes.length);
      return seen.length > 0;
    });
    expect(seen[0]).toBeGreaterThan(100);
  });
  it('does not take back what was kept, written elsewhere or taken off elsewhere while it was read', async () => {
    await visitsFull();
    const kept = book().keep({ ...bake(3).record, title: 'Kept meanwhile' });
    const other = new Dexie(visits.name());
    await other.open();
    await other.table('bakes').delete('bake-0005');
    const changed = bake(6);
    await other.table('bakes').put({ ...changed, revision: changed.revision + 1, record: { ...changed.record, title: 'Changed elsewhere' } }); // prettier-ignore
    other.close();
    await records().settled();
    await until(() => book().bake('bake-0006')?.record.title === 'Changed elsewhere' && !book().bake('bake-0005'));
    expect(book().bake(kept.id)?.record.title).toBe('Kept meanwhile');
    expect(book().bakes().length).toBe(BAKES);
    await visit();
    await records().wholly();
    expect(book().bake(kept.id)?.record.title).toBe('Kept meanwhile');
  });
  it('is whole before anything is undone', async () => {
    await visitsFull();
    await records().wholly();
    book().remove('bake-0007');
    await records().settled();
    const store = await visit();
    expect(book().isRead()).toBeFalse();
    store.undo();
    await records().settled();
    await until(() => book().bake('bake-0007') !== undefined);
    expect(book().bakes().length).toBe(BAKES);
  });
  it('takes up the last keystroke of the page before, unless the disk has a later', async () => {
    await visitsFull();
    const one = bake(9);
    const titled = (title: string, revision: number) => ({ ...one, revision, record: { ...one.record, title } });
    UNWRITTEN.putDown([{ table: 'bakes', id: one.id, record: titled('Last keystroke', one.revision + 1) }], localStorage); // prettier-ignore
    await visit();
    await records().settled();
    await until(() => book().bake(one.id)?.record.title === 'Last keystroke');
    await records().settled();
    UNWRITTEN.putDown([{ table: 'bakes', id: one.id, record: titled('An earlier one', one.revision) }], localStorage);
    await visit();
    await records().settled();
    expect(book().bake(one.id)?.record.title).toBe('Last keystroke');
  });
  it('is in a backup that is written in the first moment', async () => {
    await visitsFull();
    const own = await navigator.storage.getDirectory();
    await own.removeEntry('first-moment', { recursive: true }).catch(() => undefined);
    const folder = await own.getDirectoryHandle('first-moment', { create: true });
    await TestBed.inject(Backups).into(folder);
    for await (const handle of (folder as unknown as { values(): AsyncIterable<FileSystemFileHandle> }).values()) {
      const rows = await readWorkbook(await handle.getFile(), () => Promise.resolve());
      expect(rows.bakes?.length).toBe(BAKES);
    }
    expect(TestBed.inject(Backups).problem()).toBe('');
  });
});
