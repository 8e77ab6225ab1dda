import { TestBed } from '@angular/core/testing';
import { Dexie } from './dexie';
import type { Formula } from '@orvin/core/formula/formula';
import { learn } from '@orvin/core/kitchen/kitchen';
import { Database } from './database';
import { CHECK_ROWS, type CheckRows } from './checking';
import type { StoredKitchen } from './records';
import { damagedRows, type StoredRow } from './row-fuzzing.spec-help';
import { bringsIn, LOAF, storeVisits } from './visits.spec-help';
import { UNWRITTEN } from './unwritten';

describe('FormulaStore', () => {
  const visits = storeVisits();
  const { visit } = visits;

  it('finds again what was added, changed and kept', async () => {
    const store = await visit();
    const { id } = store.add(LOAF, { source: 'as pasted' });
    store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Pear loaf' } }));
    store.keep(id, 'first');
    await store.settled();
    const again = await visit();
    expect(again.formula(id)?.formula.title).toBe('Pear loaf');
    expect(again.formula(id)?.source).toBe('as pasted');
    expect(again.versionsOf(id).map(({ number, reason }) => [number, reason])).toEqual([[1, 'first']]);
  });

  it('branches where the baker went back, never changes a version, and finds the branch again', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    const titled = (title: string) =>
      store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title } }));
    store.keep(id, 'first');
    titled('Second');
    store.keep(id, 'second');
    const [second, first] = store.versionsOf(id);
    if (!first || !second) throw new Error('not kept');
    store.goOnFrom(id, first);
    expect(store.formula(id)?.formula.title).toBe('Loaf');
    expect(store.baseOf(id)?.number).toBe(1);
    titled('Branch');
    store.keep(id, 'branched');
    await store.settled();
    const again = await visit();
    expect(again.versionsOf(id).map(({ number, parent }) => [number, parent])).toEqual([
      [3, 1],
      [2, 1],
      [1, null],
    ]);
    expect(again.baseOf(id)?.number).toBe(3);
    expect(again.versionsOf(id)[1]?.formula).toEqual(second.formula);
    again.undo();
    expect(again.versionsOf(id).length).toBe(2);
    expect(again.baseOf(id)?.number).toBe(1);
  });

  it('keeps a batch with its version, finds it again, and takes it off with its formula', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    store.keep(id, 'first');
    const sheet = { targets: [{ kind: 'pans', pans: 'two 20 cm rounds' }] } as const;
    store.change(id, 'the batch', () => ({ batch: sheet }));
    store.keepBatch(id, 1, 'two rounds: 1650 g', sheet);
    await store.settled();
    const again = await visit();
    expect(again.formula(id)?.batch).toEqual(sheet);
    expect(again.batchesOf(id).map(({ versionNumber, sheet: kept }) => [versionNumber, kept])).toEqual([[1, sheet]]);
    again.remove(id);
    expect(again.batchesOf(id)).toEqual([]);
    again.undo();
    expect(again.batchesOf(id).length).toBe(1);
    const [kept] = again.batchesOf(id);
    if (kept) again.forgetBatch(kept);
    expect(again.batchesOf(id)).toEqual([]);
    again.undo();
    await again.settled();
    expect((await visit()).batchesOf(id).length).toBe(1);
  });

  it('brings batches along with the formulas of a file', async () => {
    const store = await visit();
    const sheet = { targets: [{ kind: 'times', times: 2 }] } as const;
    const [record] = bringsIn(store, [{ formula: LOAF, batch: sheet, batches: [{ versionNumber: 1, name: 'two', keptAt: 5, sheet }] }]); // prettier-ignore
    const id = record?.id ?? '';
    expect(store.formula(id)?.batch).toEqual(sheet);
    expect(store.batchesOf(id).map(({ name: said }) => said)).toEqual(['two']);
    store.undo();
    expect(store.batchesOf(id)).toEqual([]);
  });

  it('undoes across a reload, and redoes what was undone before it', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Two' } }));
    store.changeKitchen('learning “our flour”', (kitchen) => learn.name(kitchen, 'our flour', 'bread-flour'));
    await store.settled();
    const again = await visit();
    expect(again.undoLabel()).toBe('learning “our flour”');
    again.undo();
    expect(again.kitchen().names).toEqual([]);
    again.undo();
    expect(again.formula(id)?.formula.title).toBe('Loaf');
    await again.settled();
    const third = await visit();
    expect(third.formula(id)?.formula.title).toBe('Loaf');
    expect(third.redoLabel()).toBe('the name');
    third.redo();
    third.redo();
    expect(third.formula(id)?.formula.title).toBe('Two');
    expect(third.kitchen().names.length).toBe(1);
  });

  it('a new tab goes on with the history of the last one', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Two' } }));
    await store.settled();
    sessionStorage.clear();
    const again = await visit();
    again.undo();
    expect(again.formula(id)?.formula.title).toBe('Loaf');
  });

  it('leaves a history alone that cannot be read, and the formulas with it', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    await store.settled();
    await TestBed.inject(Database)
      .table('history')
      .toCollection()
      .modify((row: { edit: { changes: unknown } }) => {
        row.edit.changes = [{ table: 'formulas', id, after: 'nothing' }];
      });
    const again = await visit();
    await again.settled();
    again.undo();
    expect(again.formula(id)?.formula).toEqual(LOAF);
    expect(again.undoLabel()).toBeUndefined();
  });

  it('adds the formulas of a file as one step, with their versions, and keeps their ties', async () => {
    const store = await visit();
    const spice: Formula = { ...LOAF, title: 'Spice' };
    const tied: Formula = {
      ...LOAF,
      components: [{ id: 'c1', name: 'Batter', lines: [{ id: 'l1', text: '10 g spice', formulaId: 'spice' }] }],
    };
    const kept = { number: 1, parent: null, reason: 'first', keptAt: 5, formula: tied, oven: {} };
    const [one, two] = bringsIn(store, [{ id: 'loaf', formula: tied, versions: [kept] }, { id: 'spice', formula: spice }]); // prettier-ignore
    expect(one?.formula.components[0]?.lines[0]?.formulaId).toBe(two?.id);
    expect(store.versionsOf(one?.id ?? '').map(({ reason }) => reason)).toEqual(['first']);
    store.undo();
    expect(store.formulas()).toEqual([]);
  });

  it('gives the bare steps of the first database their ids', async () => {
    TestBed.inject(Database).close();
    const old = new Dexie(visits.name());
    old.version(1).stores({ formulas: 'id', versions: 'id, formulaId', settings: 'id' });
    await old.table('formulas').put({
      id: 'a', revision: 1, createdAt: 1, changedAt: 1, demo: false, oven: {}, formula: { ...LOAF, steps: ['Mix.', 'Bake.'] },
    }); // prettier-ignore
    old.close();
    const store = await visit();
    expect(store.formula('a')?.formula.steps).toEqual([
      { id: 's1', text: 'Mix.' },
      { id: 's2', text: 'Bake.' },
    ]);
    expect(store.unreadable()).toEqual([]);
  });

  it('undoes and redoes anything, on the disk as well', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Two' } }));
    store.remove(id);
    store.undo();
    expect(store.formula(id)?.formula.title).toBe('Two');
    store.undo();
    expect(store.formula(id)?.formula.title).toBe('Loaf');
    store.redo();
    await store.settled();
    expect((await visit()).formula(id)?.formula.title).toBe('Two');
  });

  it('makes one step to undo of typing into one line, and another of the next line', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    for (const title of ['L', 'Lo', 'Loa'])
      store.change(id, 'typing', ({ formula }) => ({ formula: { ...formula, title } }), 'title');
    store.change(
      id,
      'typing',
      ({ formula }) => ({ formula: { ...formula, steps: [{ id: 's1', text: 'Bake.' }] } }),
      'steps',
    );
    store.undo();
    expect(store.formula(id)?.formula).toEqual({ ...LOAF, title: 'Loa' });
    store.undo();
    expect(store.formula(id)?.formula).toEqual(LOAF);
  });

  it('never changes a kept version', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    store.keep(id, 'as it was');
    store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Changed' } }));
    await store.settled();
    expect((await visit()).versionsOf(id)[0]?.formula).toEqual(LOAF);
  });

  it('says that the disk fails as long as it does, and writes when it works again', async () => {
    const here = await visit();
    const { id } = here.add(LOAF);
    await here.settled();
    const disk = TestBed.inject(Database);
    disk.close();
    here.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Held' } }));
    await here.settled();
    expect(here.diskFails()).toBeTrue();
    expect(here.formula(id)?.formula.title).toBe('Held');
    await disk.open();
    here.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Held again' } }));
    await here.settled();
    expect(here.diskFails()).toBeFalse();
    expect((await visit()).formula(id)?.formula.title).toBe('Held again');
  });
  it('takes nothing for written where the disk refused a part of it', async () => {
    const here = await visit();
    const { id } = here.add(LOAF);
    const other = here.add({ ...LOAF, title: 'Other' });
    await here.settled();
    const titled = (of: string, title: unknown) =>
      here.change(of, 'the name', ({ formula }) => ({ formula: { ...formula, title: title as string } }));
    // both in one write, of which the disk can take the first and not the second
    titled(id, 'Second');
    titled(id, 'Third');
    titled(other.id, () => 'no browser stores a function');
    await here.settled();
    expect(here.diskFails()).toBeTrue();
    titled(other.id, 'Other again');
    await here.settled();
    expect(here.diskFails()).toBeFalse();
    expect(here.notice()).toBeUndefined();
    expect(here.formula(id)?.formula.title).toBe('Third');
    expect((await visit()).formula(id)?.formula.title).toBe('Third');
  });
  it('says that a later Orvin wrote the database, and leaves it alone', async () => {
    TestBed.inject(Database).close();
    const later = new Dexie(visits.name());
    later.version(99).stores({ formulas: 'id' });
    await later.open();
    later.close();
    const store = await visit();
    expect(store.state()).toBe('newer-database');
    store.add(LOAF);
    await store.settled();
    expect(store.formulas().length).toBe(1);
  });
  it('reads ten thousand records back without looking into each before the first screen', async () => {
    const store = await visit();
    const record = store.add(LOAF);
    await store.settled();
    const many = Array.from({ length: 10_000 }, (_, i) => ({ ...record, id: `f${i}` }));
    await TestBed.inject(Database).formulas.bulkPut(many);
    const looked: number[] = [];
    const slow: CheckRows = (_, rows) => {
      looked.push(rows.length);
      return Promise.resolve([]);
    };
    const again = await visit([{ provide: CHECK_ROWS, useValue: slow }]);
    expect(again.formulas().length).toBe(10_001);
    expect(looked.reduce((sum, rows) => sum + rows, 0)).toBeLessThan(100);
    await again.settled();
    expect(looked.reduce((sum, rows) => sum + rows, 0)).toBeGreaterThan(10_000);
    expect(Math.max(...looked)).toBeLessThanOrEqual(200);
  });

  it('leaves a damaged record where it is, and says which', async () => {
    const store = await visit();
    store.add(LOAF);
    await store.settled();
    const damaged = { id: 'odd', revision: 1, formula: 7 };
    await TestBed.inject(Database).table('formulas').put(damaged);
    const again = await visit();
    expect(again.formulas().length).toBe(1);
    expect(again.unreadable().map(({ id }) => id)).toEqual(['odd']);
    expect(await TestBed.inject(Database).table('formulas').get('odd')).toEqual(damaged);
  });
  it('finds damage that does not show at first, behind the first screen; what was decided for a batch is lost alone', async () => {
    const store = await visit();
    const record = store.add(LOAF);
    await store.settled();
    const disk = TestBed.inject(Database).table('formulas');
    await disk.put({ ...record, id: 'odd', oven: { celsius: 'hot' } });
    await disk.put({ ...record, id: 'batch', batch: { targets: [{ kind: 'times', times: -3 }] } });
    const again = await visit();
    await again.settled();
    expect(again.unreadable().map(({ id }) => id)).toEqual(['odd']);
    expect(again.formula('odd')).toBeUndefined();
    expect(again.formula('batch')?.formula).toEqual(LOAF);
    expect(again.formula('batch')?.batch).toBeUndefined();
  });

  it('shows what is sound beside damage of every kind, in every table, and leaves the damage where it is', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    store.keep(id, 'first');
    await store.settled();
    const disk = TestBed.inject(Database);
    const rows = damagedRows(7);
    const written = Array.from({ length: 400 }, (_, i) => {
      const { table, row } = rows.next().value as StoredRow;
      return { table, row: { ...row, id: table === 'kitchens' ? 'kitchen' : `odd-${i}` } };
    });
    for (const { table, row } of written) await disk.table(table).put(row);
    const again = await visit();
    await again.settled();
    expect(again.formula(id)?.formula).toEqual(LOAF);
    expect(again.versionsOf(id).map(({ reason }) => reason)).toEqual(['first']);
    expect(again.unreadable().length).toBeGreaterThan(100);
    for (const { table, row } of written.filter(({ row }) => again.unreadable().some((one) => one.id === row.id)))
      if (table !== 'kitchens') expect(await TestBed.inject(Database).table(table).get(row.id)).toEqual(row);
  });
  it('sets a damaged kitchen aside, so that what is taught next is not written over it', async () => {
    const store = await visit();
    store.changeKitchen('learning “our flour”', (kitchen) => learn.name(kitchen, 'our flour', 'bread-flour'));
    await store.settled();
    const disk = TestBed.inject(Database).table<StoredKitchen, string>('kitchens');
    const kept = await disk.get('kitchen');
    const damaged = { ...kept, kitchen: { ...kept?.kitchen, pans: 'all of them' } };
    await disk.put(damaged as unknown as StoredKitchen);
    const again = await visit();
    expect(again.kitchen().names).toEqual([]);
    again.changeKitchen('learning “dark sugar”', (kitchen) => learn.name(kitchen, 'dark sugar', 'muscovado'));
    await again.settled();
    const third = await visit();
    await third.settled();
    expect(third.kitchen().names.map(({ words }) => words)).toEqual(['dark sugar']);
    expect(third.unreadable().map(({ raw }) => (raw as typeof damaged).kitchen)).toEqual([damaged.kitchen]);
  });

  it('takes up what the last page had no time to write, once, and only when it is newer', async () => {
    const store = await visit();
    const record = store.add(LOAF);
    await store.settled();
    UNWRITTEN.putDown(
      [
        {
          table: 'formulas',
          id: record.id,
          record: { ...record, revision: 9, formula: { ...LOAF, title: 'Last keystroke' } },
        },
      ],
      localStorage,
    );
    const next = await visit();
    expect(next.formula(record.id)?.formula.title).toBe('Last keystroke');
    await next.settled();
    UNWRITTEN.putDown([{ table: 'formulas', id: record.id, record }], localStorage);
    expect((await visit()).formula(record.id)?.formula.title).toBe('Last keystroke');
    expect(UNWRITTEN.takeUp(localStorage)).toEqual([]);
  });
});
