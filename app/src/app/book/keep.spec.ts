import { TestBed } from '@angular/core/testing';
import { allWordsOf, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { BookStore } from '../store/book-store';
import { LarderStore } from '../store/larder-store';
import { RecordStore } from '../store/record-store';
import { aSeason } from './a-season.spec-help';
import { Freezer } from './freezer';
import { Keep } from './keep';

describe('Keep', () => {
  const { ready } = aSeason();
  const bakeOf = (title: RegExp) => {
    const bake = TestBed.inject(BookStore).bakes().find(({ record }) => title.test(record.title)); // prettier-ignore
    if (!bake) throw new Error(String(title));
    return bake;
  };

  it('says how long, and what must be cold is offered no tin', async () => {
    await ready();
    const cake = rendered(Keep, { ids: bakeOf(/Parsnip/).id });
    expect(wordsOf(cake, '.headline')).toContain('in the fridge');
    expect(wordsOf(cake)).toContain('no more than two hours out of the fridge');
    expect(wordsOf(cake)).not.toContain('Into the tin');
    const loaf = rendered(Keep, { ids: bakeOf(/Marmalade/).id });
    expect(wordsOf(loaf, '.headline')).toContain('3 days, wrapped');
    expect(wordsOf(loaf)).toContain('Into the tin');
  });
  it('puts it away with what it was promised, eats from it, and one undo each takes it back', async () => {
    await ready();
    const larder = TestBed.inject(LarderStore);
    const loaf = rendered(Keep, { ids: bakeOf(/Marmalade/).id });
    pressed(loaf, 'Into the freezer');
    expect(larder.items().length).toBe(1);
    expect(larder.items()[0]?.item.place).toBe('freezer');
    expect(wordsOf(loaf, '.headline')).toMatch(/until/);
    const list = rendered(Freezer);
    const portions = larder.items()[0]?.item.portions ?? 0;
    pressed(list, /−1: a portion/);
    expect(larder.items()[0]?.item.left).toBe(portions - 1);
    TestBed.inject(RecordStore).undo();
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(larder.items()).toEqual([]);
    expect(wordsOf(list)).toContain('Nothing is put away');
  });
  it('feeds a fruit cake: spirit lengthens what it was promised, and alcohol is said to stay', async () => {
    await ready();
    const cake = rendered(Keep, { ids: bakeOf(/fruit cake/).id });
    pressed(cake, 'Fed it now');
    const [fed] = TestBed.inject(LarderStore).items();
    expect(fed?.item.feeds?.length).toBe(1);
    expect(fed?.item.promised.roomDays).toBe(90);
    expect(wordsOf(cake)).toContain('1 feed;');
    expect(allWordsOf(cake, '.cautions li').join()).toContain('alcohol stays');
  });
  it('drafts a label: allergens of the list, the date by how long it keeps, the weight never made up', async () => {
    await ready();
    const loaf = rendered(Keep, { ids: bakeOf(/Marmalade/).id });
    const label = wordsOf(loaf, '.paper');
    expect(label).toContain('Ingredients:');
    expect(label).toContain('weigh it');
    expect(label).toMatch(/Best before \d+ /);
    expect(allWordsOf(loaf, '.paper .strong').join(' ')).toContain('wheat');
  });
  it('counts what nobody knows as perishable', async () => {
    await ready();
    const { id } = TestBed.inject(BookStore).keep({ title: 'A gift', at: Date.now(), size: '', pan: '', celsius: 180, fan: false, outMinutes: 40, readings: {} }); // prettier-ignore
    TestBed.tick();
    expect(wordsOf(rendered(Keep, { ids: id }), '.headline')).toContain('Keep it cold');
  });
});
