import { TestBed } from '@angular/core/testing';
import { windowsHeld } from '@orvin/core/book/records';
import { learnedOven } from '@orvin/core/kitchen/learned';
import { allWordsOf, hostOf, pressed, rendered, typed, wordsOf } from '../parts/rendered.spec-help';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { RecordStore } from '../store/record-store';
import { until } from '../store/visits.spec-help';
import { Bakes } from '../work/bakes';
import { aSeason } from './a-season.spec-help';
import { Compare } from './compare';
import { OvenLearned } from './oven-learned';
import { RecordForm } from './record-form';
import { Trend } from './trend';
import { finds, findable, seasonRow } from './season-view';

describe('the Book', () => {
  const { ready } = aSeason();

  it('finds a bake by all of the words one types, in any order', async () => {
    await ready();
    const bakes = TestBed.inject(BookStore).bakes();
    const found = (asked: string) => bakes.filter(({ record }) => finds(asked)(findable(record))).length;
    expect(found('')).toBe(bakes.length);
    expect(found('soapy, pear, 177')).toBe(1);
    expect(found('PEAR')).toBeGreaterThan(4);
    expect(found('pear 175')).toBe(0);
  });
  it('shows a bake by its window, in percent of what was likely', async () => {
    await ready();
    const [bake] = TestBed.inject(BookStore).bakes().filter(({ record }) => record.foreseen); // prettier-ignore
    if (!bake?.record.foreseen) throw new Error('no bake was foreseen');
    const { record } = bake;
    const row = seasonRow(bake);
    expect(row.window?.out).toBeCloseTo(100 * (record.outMinutes / bake.record.foreseen.likely - 1), 6);
    expect(row.window?.low).toBeLessThan(0);
    expect(windowsHeld([record, { ...record, leftOut: 'no' }]).of).toBe(1);
  });

  it('says what the oven does, and leaving a bake out moves it as if it had never been', async () => {
    const { learning } = await ready();
    const book = TestBed.inject(BookStore);
    const oven = rendered(OvenLearned, { shown: book.bakes() });
    await until(() => /−\d °C/.test(wordsOf(oven, '.figure')));
    expect(wordsOf(oven, '.more')).toContain('one thermometer');
    const before = learning.learned()?.kitchen;
    const taken = book.bakes().find(({ record }) => record.leftOut === undefined && /gingerbread/i.test(record.title));
    pressed(oven, /Every bake in it/);
    const box = [...hostOf(oven).querySelectorAll<HTMLInputElement>('li input')][book.bakes().findIndex((bake) => bake === taken)]; // prettier-ignore
    box?.click();
    await until(() => (TestBed.tick(), learning.learned()?.kitchen.bakes === (before?.bakes ?? 0) - 1));
    TestBed.inject(RecordStore).undo();
    await until(() => (TestBed.tick(), learning.learned()?.kitchen.bakes === before?.bakes));
    const after = learning.learned()?.kitchen;
    expect(after && learnedOven(after).celsius).toBeCloseTo(before ? learnedOven(before).celsius : NaN, 6);
  });
  it('tells every bake what was learned, until it is told not to', async () => {
    const { learning } = await ready();
    const record = TestBed.inject(FormulaStore).formula('demo-pear-cardamom-loaf');
    if (!record) throw new Error('no loaf');
    const bakes = TestBed.inject(Bakes);
    const lesson = () => bakes.of(record).portions[0]?.job.lesson;
    expect(lesson()?.from).toBe('this-recipe-in-this-pan');
    expect(lesson()?.bakesOfRecipe).toBe(5);
    const oven = rendered(OvenLearned, { shown: [] });
    hostOf(oven).querySelector<HTMLInputElement>('.use input')?.click();
    TestBed.tick();
    expect(learning.used()).toBeFalse();
    expect(lesson()).toBeUndefined();
  });
  it('asks what changed when bakes miss on one side, and learns the oven anew from the answer', async () => {
    const { learning } = await ready();
    const book = TestBed.inject(BookStore);
    const latest = book.bakes().find(({ record }) => record.formulaId === 'demo-pear-cardamom-loaf')?.record;
    if (!latest) throw new Error('no loaf');
    const at = latest.at;
    for (const day of [1, 2]) book.keep({ ...latest, at: at + day * 86_400_000, outMinutes: 84, word: 'just' });
    await until(() => (TestBed.tick(), (learning.learned()?.misses.length ?? 0) === 2));
    const oven = rendered(OvenLearned, { shown: [] });
    expect(wordsOf(oven, '.ask')).toContain('missed on one side');
    pressed(oven, 'The oven');
    await until(() => (TestBed.tick(), learning.learned()?.kitchen.epoch === 2));
    expect(learning.learned()?.misses).toEqual([]);
  });

  it('records a bake in six taps, with its minutes known, and keeps it for one undo', async () => {
    await ready();
    const book = TestBed.inject(BookStore);
    const before = book.bakes().length;
    const form = rendered(RecordForm, { of: 'demo-pear-cardamom-loaf' });
    await until(() => wordsOf(form).includes('foreseen'));
    for (const words of ['just right', /^gold$/, 'low dome', 'fine, even', 'nothing', /^8$/]) pressed(form, words);
    expect(allWordsOf(form, '[aria-pressed=true]')).toEqual(['just right', 'gold', 'low dome', 'fine, even', 'nothing', '8']); // prettier-ignore
    await until(() => wordsOf(form, 'orv-teaches').includes('becomes'));
    pressed(form, 'Keep this bake');
    await until(() => book.bakes().length === before + 1);
    const [kept] = [...book.bakes()].sort((a, b) => b.createdAt - a.createdAt);
    expect(kept?.record).toEqual(jasmine.objectContaining({ word: 'just', top: 'gold', score: 8, wrong: [], formulaId: 'demo-pear-cardamom-loaf' })); // prettier-ignore
    expect(kept?.record.foreseen?.unlearned).toBeGreaterThan(40);
    TestBed.inject(RecordStore).undo();
    expect(book.bakes().length).toBe(before);
  });
  it('keeps what was tapped through a reload, and takes a bake that Orvin knew nothing of', async () => {
    await ready();
    const form = rendered(RecordForm, {});
    typed(form, 'Sunday loaf', '.name input');
    pressed(form, 'a bit over');
    form.destroy();
    const again = rendered(RecordForm, {});
    expect(hostOf(again).querySelector<HTMLInputElement>('.name input')?.value).toBe('Sunday loaf');
    expect(allWordsOf(again, '[aria-pressed=true]')).toEqual(['a bit over']);
    expect(wordsOf(again, 'orv-teaches')).toContain('teach nothing of the oven');
    pressed(again, 'Keep this bake');
    await until(() => TestBed.inject(BookStore).bakes().length === 19);
    expect(TestBed.inject(BookStore).bakes().some(({ record }) => record.title === 'Sunday loaf')).toBeTrue(); // prettier-ignore
  });
  it('belongs to a version: a formula that was changed is kept as one in the same act', async () => {
    await ready();
    const [book, formulas] = [TestBed.inject(BookStore), TestBed.inject(FormulaStore)];
    const id = 'demo-pear-cardamom-loaf';
    formulas.change(id, 'a note', ({ formula }) => ({ formula: { ...formula, notes: ['less soda'] } }));
    const before = formulas.versionsOf(id).length;
    const form = rendered(RecordForm, { of: id });
    await until(() => wordsOf(form).includes('foreseen'));
    pressed(form, 'Keep this bake');
    await until(() => formulas.versionsOf(id).length === before + 1);
    expect(book.bakes().find(({ demo }) => !demo)?.record.versionNumber).toBe(2);
    TestBed.inject(RecordStore).undo();
    expect(formulas.versionsOf(id).length).toBe(before);
    expect(book.bakes().every(({ demo }) => demo)).toBeTrue();
  });
  it('changes a kept bake at once, and says what it teaches', async () => {
    await ready();
    const book = TestBed.inject(BookStore);
    const [first] = book.bakes();
    const form = rendered(RecordForm, { id: first?.id });
    pressed(form, /^9$/);
    pressed(form, 'Notes');
    const notes = hostOf(form).querySelector('textarea');
    if (!notes) throw new Error('nowhere to write');
    notes.value = 'The last of the pears';
    notes.dispatchEvent(new Event('input'));
    expect(book.bake(first?.id ?? '')?.record).toEqual(jasmine.objectContaining({ score: 9, notes: 'The last of the pears' })); // prettier-ignore
    pressed(form, 'Take it off');
    expect(book.bake(first?.id ?? '')).toBeUndefined();
  });

  it('explains a better loaf by the soda first, and plans two half batches', async () => {
    await ready();
    const compare = rendered(Compare, { ids: '' });
    expect(allWordsOf(compare, '[role=rowheader] b')[0]).toBe('soda with nothing sour to meet');
    expect(wordsOf(compare, '.first')).toContain('4 of ten became 8');
    pressed(compare, 'Put both in the Day');
    const [plan] = TestBed.inject(PlanStore).plans();
    expect(plan?.sheet.wishes.map(({ title }) => title)).toEqual(['Pear and cardamom loaf, A as it is', 'Pear and cardamom loaf, B changed']); // prettier-ignore
    expect(plan?.sheet.wishes.map(({ batch }) => batch?.targets)).toEqual([[{ kind: 'times', times: 0.5 }], [{ kind: 'times', times: 0.5 }]]); // prettier-ignore
  });
  it('draws how good the bakes that are shown were, where there are enough of them', async () => {
    await ready();
    const loaves = TestBed.inject(BookStore)
      .bakes()
      .filter(({ record }) => record.formulaId === 'demo-pear-cardamom-loaf');
    const trend = rendered(Trend, { bakes: loaves });
    await until(() => hostOf(trend).querySelectorAll('circle').length === loaves.length);
    expect(hostOf(trend).querySelector('svg')?.getAttribute('aria-label')).toBe('Scores of 6 bakes, from 5 to 8');
    expect(wordsOf(rendered(Trend, { bakes: loaves.slice(0, 2) }))).toBe('');
  });
  it('says what to do where there is nothing, and where there is one', async () => {
    await ready(false);
    const oven = rendered(OvenLearned, { shown: [] });
    await until(() => wordsOf(oven).includes('not yet known'));
    expect(wordsOf(rendered(Compare, { ids: '' }))).toContain('explains nothing');
  });
});
