import type { EnvironmentProviders, Provider } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { Formula } from '@orvin/core/formula/formula';
import { proposedFor, type AddedFormula, type Decision } from './arrivals';
import { CHECK_ROWS, type CheckRows } from './checking';
import { Database, DATABASE_NAME } from './database';
import { FormulaStore } from './formula-store';
import { checkRows } from './record-schemas';
import { SettingsStore } from './settings-store';

/** The schemas themselves, on this thread. */
export const CHECKED_HERE = {
  provide: CHECK_ROWS,
  useValue: ((table, rows) => Promise.resolve(checkRows(table, rows))) satisfies CheckRows,
};

export const LOAF: Formula = {
  title: 'Loaf',
  region: 'UK',
  components: [{ id: 'c1', name: 'Batter', lines: [{ id: 'l1', text: '200 g plain flour' }] }],
  steps: [],
  bake: { fan: false },
};

/** Visits to one database, of a name of its own for each spec: another visit, or another tab. */
export function storeVisits() {
  let name = '';
  const leave = (providers: readonly (Provider | EnvironmentProviders)[] = []) => {
    TestBed.inject(Database).close();
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [CHECKED_HERE, { provide: DATABASE_NAME, useValue: name }, ...providers],
    });
  };
  beforeEach(() => {
    name = `test-${crypto.randomUUID()}`;
    localStorage.clear();
    sessionStorage.clear();
    TestBed.configureTestingModule({ providers: [CHECKED_HERE, { provide: DATABASE_NAME, useValue: name }] });
  });
  afterEach(async () => {
    await TestBed.inject(Database).delete();
    localStorage.clear();
  });
  return {
    name: () => name,
    leave,
    visit: async (providers: readonly (Provider | EnvironmentProviders)[] = []) => {
      leave(providers);
      const store = TestBed.inject(FormulaStore);
      await store.load();
      // wherever the browser of the specs comes from
      TestBed.inject(SettingsStore).set({ region: 'UK' });
      return store;
    },
  };
}

/** A machine that does three other things meanwhile takes its time. */
const MOST_MILLISECONDS = 30_000;
/** Waits for something that comes about by itself. */
export async function until(condition: () => boolean): Promise<void> {
  const end = performance.now() + MOST_MILLISECONDS;
  while (!condition() && performance.now() < end) await new Promise((done) => requestAnimationFrame(done));
  expect(condition()).toBeTrue();
}

/** Brings formulas in as it is proposed where nobody is asked, or as one decision for all. */
export const bringsIn = (store: FormulaStore, added: readonly AddedFormula[], decision?: Decision) =>
  store.bringIn(
    store.arrivals(added).map((arrival) => ({ arrival, decision: decision ?? proposedFor(arrival) })),
    'reading',
  );
