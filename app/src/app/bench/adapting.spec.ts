import { TestBed } from '@angular/core/testing';
import { MessageService } from 'primeng/api';
import type { Formula } from '@orvin/core/formula/formula';
import { Database, DATABASE_NAME } from '../store/database';
import { CHECKED_HERE } from '../store/visits.spec-help';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Adapting } from './adapting';

const LOAF: Formula = {
  title: 'Loaf',
  region: 'UK',
  components: [{ id: 'c1', name: 'Batter', lines: [{ id: 'l1', text: '200 g plain flour' }] }],
  steps: [],
  bake: { fan: false },
};
const named = (title: string) => (formula: Formula) => ({ ...formula, title });

describe('Adapting', () => {
  let store: FormulaStore;
  let adapting: Adapting;
  let id: string;
  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        Adapting,
        MessageService,
        CHECKED_HERE,
        { provide: DATABASE_NAME, useValue: `test-${crypto.randomUUID()}` },
      ],
    });
    store = TestBed.inject(FormulaStore);
    await store.load();
    adapting = TestBed.inject(Adapting);
    id = store.add(LOAF).id;
    TestBed.inject(OnBench).bring(id);
  });
  afterEach(async () => {
    await store.settled();
    await TestBed.inject(Database).delete();
    localStorage.clear();
    sessionStorage.clear();
  });

  it('takes a proposal as one edit that undo takes back, and keeps no version of its own accord', () => {
    adapting.take('the rebalance', named('Balanced'), 'Taken.');
    expect(store.formula(id)?.formula.title).toBe('Balanced');
    expect(store.versionsOf(id)).toEqual([]);
    store.undo();
    expect(store.formula(id)?.formula.title).toBe('Loaf');
  });
  it('keeps what was not kept before a swap, and the swap as a version that grows from it', () => {
    adapting.takeAsVersion('milk for buttermilk', named('Swapped'));
    expect(store.versionsOf(id).map(({ number, parent, reason }) => [number, parent, reason])).toEqual([
      [2, 1, 'milk for buttermilk'],
      [1, null, 'before: milk for buttermilk'],
    ]);
    expect(store.versionsOf(id)[1]?.formula.title).toBe('Loaf');
    adapting.takeAsVersion('less sugar', named('Again'));
    expect(store.versionsOf(id).length).toBe(3);
  });
  it('makes of a swap one act, and one to undo and to do again', () => {
    adapting.takeAsVersion('milk for buttermilk', named('Swapped'));
    expect(store.undoLabel()).toBe('milk for buttermilk');
    store.undo();
    expect(store.formula(id)?.formula.title).toBe('Loaf');
    expect(store.versionsOf(id)).toEqual([]);
    store.redo();
    expect(store.formula(id)?.formula.title).toBe('Swapped');
    expect(store.versionsOf(id).length).toBe(2);
  });
});
