import { TestBed } from '@angular/core/testing';
import { allWordsOf, entered, hostOf, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { until } from '../store/visits.spec-help';
import { demoKitchen } from '../parts/demo-kitchen.spec-help';
import { Work } from '../work/work-client';
import { Shelf } from './shelf';

const SCONES = `Bosun's scones
makes 10
300 g plain flour
4 tsp baking powder
80 g cold butter
150 ml milk
Rub in the butter, bring together with milk. Bake at 220 C for 13 minutes.`;

describe('the Shelf', () => {
  const { ready } = demoKitchen();
  const shelf = async () => {
    await ready();
    return rendered(Shelf);
  };
  const formulas = () => TestBed.inject(FormulaStore).formulas();

  it('has every formula with how it stands: what is out of balance is said in its row', async () => {
    const view = await shelf();
    expect(formulas().length).toBe(12);
    await until(() => wordsOf(view).includes('◇ 3.2 g soda left over'));
    expect(allWordsOf(view, '*').join()).toContain('balanced');
  });
  it('reads its rows beside the page: titles and known bakes stand before, and a row that cannot be read says so', async () => {
    let answer: (facts: readonly unknown[]) => void = () => undefined;
    let refuse: (error: Error) => void = () => undefined;
    const view = await shelf();
    const row = () => wordsOf(view, 'tbody tr:nth-child(7)');
    await until(() => /balanced|soda|things|low|high/.test(row()));
    const asked: number[] = [];
    spyOn(TestBed.inject(Work), 'run').and.callFake(((_: string, { formulas }: { formulas?: readonly unknown[] }) => {
      // on a slow machine the oven's worker is warmed up meanwhile: that is none of the Shelf's
      if (formulas === undefined) return new Promise(() => undefined);
      asked.push(formulas.length);
      return new Promise((resolve, reject) => {
        [answer, refuse] = [resolve, reject];
      });
    }) as never);
    const store = TestBed.inject(FormulaStore);
    const farls = formulas().find(({ formula }) => formula.title === 'Oat farls');
    store.change(farls?.id ?? '', 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Quay farls' } }));
    await until(() => asked.length === 1);
    // what was known of the one before is not said of this one, and only this one is read
    expect(asked).toEqual([1]);
    expect(row()).toMatch(/^Quay farls\s*v1\s*9 min/);
    expect(row()).not.toMatch(/balanced|soda|low|high/);
    answer([{ style: 'farl', fingerprint: [], standing: { severity: 'warning', text: 'no flour' } }]);
    await until(() => row().includes('▲ no flour'));
    store.undo();
    await until(() => row().startsWith('Oat farls'));
    // a state that was read before is not read again
    expect(asked).toEqual([1]);
    store.change(farls?.id ?? '', 'the name', ({ formula }) => ({ formula: { ...formula, title: 'Slip farls' } }));
    await until(() => asked.length === 2);
    refuse(new Error('the worker is gone'));
    await until(() => row().includes('could not be read just now'));
  });
  it('says while one pastes what it reads, and keeps the text that it refuses', async () => {
    const view = await shelf();
    entered(view, 'paste-field', SCONES);
    await until(() => /4 lines|four lines|lines/.test(wordsOf(view, '#paste-reading')));
    const field = entered(view, 'paste-field', 'it was raining on the quay');
    await until(() => wordsOf(view, '#paste-reading') !== '');
    pressed(view, 'Read it');
    await new Promise((done) => requestAnimationFrame(done));
    expect(field.value).toContain('raining');
    expect(formulas().length).toBe(12);
  });
  it('reads a pasted formula onto the shelf, and undo takes it off', async () => {
    const view = await shelf();
    entered(view, 'paste-field', SCONES);
    pressed(view, 'Read it');
    await until(() => formulas().length === 13);
    expect(formulas().some(({ formula }) => formula.title === "Bosun's scones")).toBeTrue();
    TestBed.inject(RecordStore).undo();
    expect(formulas().length).toBe(12);
  });
  it('takes one off with a press, and undo brings it back with its versions', async () => {
    const view = await shelf();
    const gone = formulas().find(({ formula }) => formula.title === 'Oat farls');
    pressed(view, 'Take Oat farls off the shelf');
    await until(() => formulas().length === 11);
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(formulas().length).toBe(12);
    expect(TestBed.inject(FormulaStore).versionsOf(gone?.id ?? '').length).toBe(1);
  });
  it('chooses several, and takes them off as one act', async () => {
    const view = await shelf();
    pressed(view, 'choose');
    const boxes = [...hostOf(view).querySelectorAll<HTMLInputElement>('input[type=checkbox]')];
    expect(boxes.length).toBeGreaterThanOrEqual(12);
    for (const box of boxes.slice(0, 3)) box.click();
    TestBed.tick();
    pressed(view, /off the shelf$|^Take .*off|take .* off/i);
    await until(() => formulas().length < 12);
    TestBed.inject(RecordStore).undo();
    expect(formulas().length).toBe(12);
  });
});
