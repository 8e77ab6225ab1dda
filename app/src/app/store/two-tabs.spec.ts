import { TestBed } from '@angular/core/testing';
import { Dexie } from './dexie';
import type { Formula } from '@orvin/core/formula/formula';
import { Database } from './database';
import { FormulaStore } from './formula-store';
import type { StoredFormula } from './records';
import { LOAF, storeVisits, until } from './visits.spec-help';

describe('two tabs', () => {
  const visits = storeVisits();
  const { visit } = visits;

  /** Another tab changes a formula on the disk, behind the back of this one. */
  const elsewhere = async (id: string, next: (formula: Formula) => Formula) => {
    const other = new Dexie(visits.name());
    await other.open();
    const stored = (await other.table('formulas').get(id)) as StoredFormula;
    const written = { ...stored, revision: stored.revision + 5, formula: next(stored.formula) };
    await other.table('formulas').put(written);
    other.close();
  };
  const LINES: Formula = {
    ...LOAF,
    components: [
      {
        id: 'c1',
        name: 'Batter',
        lines: [
          { id: 'l1', text: '200 g plain flour' },
          { id: 'l2', text: '100 g sugar' },
        ],
      },
    ],
  };
  const withLine = (formula: Formula, lineId: string, text: string): Formula => ({
    ...formula,
    components: formula.components.map((component) => ({
      ...component,
      lines: component.lines.map((line) => (line.id === lineId ? { ...line, text } : line)),
    })),
  });
  const texts = (store: FormulaStore, id: string) =>
    store.formula(id)?.formula.components.flatMap(({ lines }) => lines.map(({ text }) => text));

  it('puts two tabs in one formula together line by line, and makes no copy of it', async () => {
    const here = await visit();
    const { id } = here.add(LINES);
    await here.settled();
    TestBed.inject(Database).close();
    here.change(id, 'a line', ({ formula }) => ({ formula: withLine(formula, 'l2', '90 g sugar') }));
    await here.settled();
    await elsewhere(id, (formula) => withLine(formula, 'l1', '210 g plain flour'));
    await TestBed.inject(Database).open();
    here.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Mine' } }));
    await here.settled();
    expect(here.formulas().length).toBe(1);
    expect(texts(here, id)).toEqual(['210 g plain flour', '90 g sugar']);
    expect(here.notice()).toBeUndefined();
  });
  it('lets what was written last stand in one line, says so, and brings the other back by undo', async () => {
    const here = await visit();
    const { id } = here.add(LINES);
    await here.settled();
    // held back, so that the other tab is on the disk first
    TestBed.inject(Database).close();
    here.change(id, 'a line', ({ formula }) => ({ formula: withLine(formula, 'l2', '90 g sugar') }));
    await expectAsync(here.settled()).toBeResolved();
    await elsewhere(id, (formula) => withLine(formula, 'l2', '80 g honey'));
    await TestBed.inject(Database).open();
    here.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Mine' } }));
    await here.settled();
    expect(texts(here, id)).toEqual(['200 g plain flour', '90 g sugar']);
    expect(here.notice()).toContain('undo brings the other back');
    here.undo();
    expect(texts(here, id)).toEqual(['200 g plain flour', '80 g honey']);
  });
  it('shows what another tab wrote, added or took away, by itself', async () => {
    const here = await visit();
    const { id } = here.add(LINES);
    await here.settled();
    const there = TestBed.inject(Database);
    const stored = await there.formulas.get(id);
    if (!stored) throw new Error('not stored');
    await there.formulas.put({ ...stored, revision: 9, formula: { ...LINES, title: 'From there' } });
    await there.formulas.put({ ...stored, id: 'new', revision: 1 });
    await until(() => here.formula(id)?.formula.title === 'From there' && here.formula('new') !== undefined);
    await there.formulas.delete('new');
    await until(() => here.formula('new') === undefined);
    expect(here.formula(id)?.formula.title).toBe('From there');
  });
  it('undoes its own change and leaves what another tab did since', async () => {
    const here = await visit();
    const { id } = here.add(LINES);
    here.change(id, 'a line', ({ formula }) => ({ formula: withLine(formula, 'l2', '90 g sugar') }));
    await here.settled();
    await elsewhere(id, (formula) => withLine(formula, 'l1', '210 g plain flour'));
    await here.lookAgain();
    here.undo();
    expect(texts(here, id)).toEqual(['210 g plain flour', '100 g sugar']);
  });

  it('leaves the history of a tab that is open to that tab', async () => {
    const store = await visit();
    store.add(LOAF);
    await store.settled();
    const tab = sessionStorage.getItem('orvin-tab') ?? '';
    // the next visit is that of a duplicated tab, while the first is still open
    let close = (): void => undefined;
    const closed = new Promise<void>((done) => (close = done));
    const again = await visit();
    await again.settled();
    expect(again.undoLabel()).toContain('adding');
    visits.leave();
    const held = navigator.locks.request(`orvin-tab-${tab}`, () => closed);
    const other = TestBed.inject(FormulaStore);
    await other.load();
    expect(other.undoLabel()).toBeUndefined();
    expect(sessionStorage.getItem('orvin-tab')).not.toBe(tab);
    close();
    await held;
  });
});
