import { TestBed } from '@angular/core/testing';
import { Database } from './database';
import type { StoredEdit } from './edit-history';
import { FormulaStore } from './formula-store';
import { LOAF, storeVisits } from './visits.spec-help';

const TAB = 'orvin-tab';
const lockOf = (tab: string) => `orvin-tab-${tab}`;

/** Another page holds the lock of a tab until it lets go. */
async function heldElsewhere(tab: string): Promise<() => void> {
  let letGo = (): void => undefined;
  const gone = new Promise<void>((done) => (letGo = done));
  await new Promise<void>((held) => {
    void navigator.locks.request(lockOf(tab), () => {
      held();
      return gone;
    });
  });
  return letGo;
}

/** Waits until a page waits for the lock of a tab. */
async function untilAskedFor(tab: string): Promise<void> {
  const asked = async () => (await navigator.locks.query()).pending?.some(({ name }) => name === lockOf(tab)) === true;
  while (!(await asked())) await new Promise((done) => requestAnimationFrame(done));
}

describe('the history of what was done', () => {
  const { visit, leave } = storeVisits();
  const leaveThePage = () => window.dispatchEvent(new Event('pagehide'));
  const titled = (store: FormulaStore, id: string, title: string) =>
    store.change(id, 'the name', ({ formula }) => ({ formula: { ...formula, title } }));

  it('undoes the last edits too that the page could not write as it went', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    await store.settled();
    titled(store, id, 'Two');
    leaveThePage();
    TestBed.inject(Database).close();
    const again = await visit();
    expect(again.formula(id)?.formula.title).toBe('Two');
    expect(again.undoLabel()).toBe('the name');
    again.undo();
    expect(again.formula(id)?.formula.title).toBe('Loaf');
    await again.settled();
    expect((await visit()).redoLabel()).toBe('the name');
  });

  it('waits, where a page is reloaded, for the one before it to let go of the history', async () => {
    const store = await visit();
    store.add(LOAF);
    await store.settled();
    const tab = sessionStorage.getItem(TAB) ?? '';
    leaveThePage();
    leave();
    const letGo = await heldElsewhere(tab);
    const again = TestBed.inject(FormulaStore);
    const loaded = again.load();
    await untilAskedFor(tab);
    letGo();
    await loaded;
    expect(again.undoLabel()).toBe('adding Loaf');
    expect(sessionStorage.getItem(TAB)).toBe(tab);
  });

  it('does not wait in a tab that was duplicated, whose history is its own', async () => {
    const store = await visit();
    store.add(LOAF);
    await store.settled();
    const tab = sessionStorage.getItem(TAB) ?? '';
    leave();
    const letGo = await heldElsewhere(tab);
    const duplicate = TestBed.inject(FormulaStore);
    await duplicate.load();
    expect(duplicate.undoLabel()).toBeUndefined();
    expect(sessionStorage.getItem(TAB)).not.toBe(tab);
    letGo();
  });

  it('writes over no edit of a tab that is open beside it', async () => {
    const store = await visit();
    const { id } = store.add(LOAF);
    await store.settled();
    const rows = () => TestBed.inject(Database).history.toArray();
    // what another tab wrote next, which began where this one did
    const theirs = (await rows()).map((row): StoredEdit => ({ ...row, tab: 'another', key: row.key + 1 }));
    await TestBed.inject(Database).history.bulkPut(theirs);
    titled(store, id, 'Two');
    await store.settled();
    expect((await rows()).filter(({ tab }) => tab === 'another')).toEqual(theirs);
    expect((await rows()).length).toBe(3);
  });
  it('forgets what tabs did that were closed a month ago, and nothing of one that is open', async () => {
    const store = await visit();
    store.add(LOAF);
    await store.settled();
    const MONTH = 31 * 86_400_000;
    const [mine] = await TestBed.inject(Database).history.toArray();
    const of = (tab: string, key: number): readonly StoredEdit[] => (mine ? [{ ...mine, tab, key }] : []);
    const longAgo = (Date.now() - MONTH) * 1000;
    await TestBed.inject(Database).history.bulkPut([
      ...of('closed long ago', longAgo),
      ...of('open', longAgo + 1),
      ...of('closed just now', Date.now() * 1000),
    ]);
    const letGo = await heldElsewhere('open');
    const again = await visit();
    await again.settled();
    const tabs = (await TestBed.inject(Database).history.toArray()).map(({ tab }) => tab);
    expect(tabs.sort()).toEqual([mine?.tab ?? '', 'closed just now', 'open'].sort());
    expect(again.undoLabel()).toBe('adding Loaf');
    letGo();
  });
});
