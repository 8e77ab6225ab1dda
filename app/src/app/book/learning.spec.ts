import { TestBed } from '@angular/core/testing';
import { aSeason } from './a-season.spec-help';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { until } from '../store/visits.spec-help';

describe('Learning', () => {
  const { ready } = aSeason();
  it('is not moved by what is typed at other stations, nor by notes in a record', async () => {
    const { learning } = await ready();
    const [book, formulas] = [TestBed.inject(BookStore), TestBed.inject(FormulaStore)];
    const [bakes, lessons] = [book.bakes(), learning.lessons()];
    const record = formulas.formulas()[0];
    formulas.change(record?.id ?? '', 'a title', ({ formula }) => ({ formula: { ...formula, title: 'Another name' } }));
    expect(book.bakes()).toBe(bakes);
    book.change(bakes[0]?.id ?? '', 'its notes', (before) => ({ ...before, notes: 'Wet pears' }));
    expect(book.bakes()).not.toBe(bakes);
    // what comes after it is learned from; the notes taught nothing
    const [, second] = bakes;
    book.change(second?.id ?? '', 'its minutes', (before) => ({ ...before, outMinutes: before.outMinutes + 1 }));
    await until(() => (TestBed.tick(), learning.lessons() !== lessons));
    const before = new Map(lessons.bakes.map((bake) => [bake.id, JSON.stringify(bake)]));
    const moved = learning.lessons().bakes.filter((bake) => before.get(bake.id) !== JSON.stringify(bake));
    expect(moved.map(({ id }) => id)).toEqual([second?.id ?? '']);
  });
});
