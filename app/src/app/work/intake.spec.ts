import { TestBed } from '@angular/core/testing';
import { Database, DATABASE_NAME } from '../store/database';
import { CHECKED_HERE, until } from '../store/visits.spec-help';
import { FormulaStore } from '../store/formula-store';
import { Intake, type Incoming } from './intake';
import { jobs } from './jobs';
import { Work } from './work-client';

const file = (name: string, text: string): Incoming => ({ name, text: () => Promise.resolve(text) });

describe('Intake', () => {
  let store: FormulaStore;
  let intake: Intake;
  beforeEach(async () => {
    sessionStorage.clear();
    // the very jobs of the worker, on this thread
    const work = { run: (name: 'read', input: Parameters<typeof jobs.read>[0]) => Promise.resolve(jobs[name](input)) };
    TestBed.configureTestingModule({
      providers: [
        CHECKED_HERE,
        { provide: DATABASE_NAME, useValue: `test-${crypto.randomUUID()}` },
        { provide: Work, useValue: work },
      ],
    });
    store = TestBed.inject(FormulaStore);
    intake = TestBed.inject(Intake);
    await store.load();
  });
  afterEach(async () => {
    await store.settled();
    await TestBed.inject(Database).delete();
  });

  it('puts every formula of every file on the shelf as one step, and tells what did not come in', async () => {
    const report = await intake.take([
      file('one.txt', 'Buns\n200 g flour\n100 g butter'),
      file('two.md', '# A\n\n- 200 g flour\n- 2 eggs\n\n# B\n\n- 100 g oats\n- 50 g butter'),
      file('list.txt', 'milk\neggs'),
      { name: 'gone.txt', text: () => Promise.reject(new Error('It could not be read.')) },
    ]);
    expect(report.added.map(({ formula }) => formula.title)).toEqual(['Buns', 'A', 'B']);
    expect(report.refusals.map(({ name }) => name)).toEqual(['list.txt', 'gone.txt']);
    expect(report.added[0]?.source).toContain('Buns');
    expect(intake.progress()).toBeUndefined();
    store.undo();
    expect(store.formulas()).toEqual([]);
  });
  it('leaves what is there already, and asks before it brings what differs', async () => {
    const buns = 'Buns\n200 g flour\n100 g butter';
    await intake.take([file('one.txt', buns)]);
    const again = await intake.take([file('one.txt', buns)]);
    expect([again.added.length, again.alreadyThere]).toEqual([0, 1]);
    const [standing] = store.formulas();
    if (!standing) throw new Error('not there');
    store.change(standing.id, 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Quay buns' } }));
    const orvin = jobs.export({
      records: [{ id: standing.id, formula: standing.formula, oven: {}, versions: [] }],
      format: 'orvin',
      kitchen: store.kitchen(),
      beside: [],
    });
    const asked = intake.take([file('all.json', orvin[0] ?? '')]);
    await until(() => intake.question() !== undefined);
    expect(intake.question()?.arrivals.map(({ kind }) => kind)).toEqual(['differs']);
    intake.question()?.answer(undefined);
    expect((await asked).added).toEqual([]);
    expect(store.formulas().map(({ formula }) => formula.title)).toEqual(['Quay buns']);
  });
  it('takes nothing from what is no formula, and needs no undo for it', async () => {
    const report = await intake.take([file('', 'milk\neggs')]);
    expect(report.added).toEqual([]);
    expect(report.refusals[0]?.why).toContain('no amounts');
    expect(store.undoLabel()).toBeUndefined();
  });
});
