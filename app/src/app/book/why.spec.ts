import { TestBed } from '@angular/core/testing';
import { FAULT_IDS } from '@orvin/core/book/diagnosing';
import { allWordsOf, hostOf, pressed, rendered, wordsOf } from '../parts/rendered.spec-help';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { NextAct } from '../parts/next-act';
import { RisksNow } from '../work/risks-now';
import { Whys } from '../work/whys';
import { aSeason } from './a-season.spec-help';
import { drawnWith, FAULT_DRAWINGS } from './fault-drawings.table';
import { FaultsPage } from './faults-page';
import { Why } from './why';

describe('Why', () => {
  const { ready } = aSeason();
  const gingerbread = () => {
    const bake = TestBed.inject(BookStore).bakes().find(({ record }) => record.wrong?.includes('soapy') && record.title.includes('Gingerbread')); // prettier-ignore
    if (!bake) throw new Error('no soapy gingerbread');
    return bake;
  };

  it('names the cause by that bake’s numbers, and something else is always a line', async () => {
    await ready();
    const why = rendered(Why, { ids: gingerbread().id });
    expect(wordsOf(why, '.headline')).toContain('soda left over');
    expect(allWordsOf(why, '.cause')[0]).toContain('as much soda left over as its style bears');
    expect(wordsOf(why, '.foot')).toContain('something else');
    const shares = allWordsOf(why, '.share b').map(Number);
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeLessThanOrEqual(101);
  });
  it('keeps what is tapped and answered on the record, each an act to undo', async () => {
    await ready();
    const { id } = gingerbread();
    const record = () => TestBed.inject(BookStore).bake(id)?.record;
    const why = rendered(Why, { ids: id });
    pressed(why, /^too dark$/);
    expect(record()?.faults).toEqual(['too_dark']);
    // a fault that a tap said goes with its tap
    pressed(why, /^sank in the middle$/);
    expect(record()?.shape).toBeUndefined();
    TestBed.inject(RecordStore).undo();
    TestBed.inject(RecordStore).undo();
    TestBed.tick();
    expect(record()).toEqual(gingerbread().record);
    expect(record()?.shape).toBe('sank');
    const [first] = [...hostOf(why).querySelectorAll<HTMLButtonElement>('.next .act')];
    first?.click();
    TestBed.tick();
    expect(Object.keys(record()?.answers ?? {}).length).toBe(1);
    expect(wordsOf(why, '.answers')).not.toBe('');
  });
  it('makes the version whose reason names the bake and the fault, and notes it on the bake: one undo', async () => {
    await ready();
    const { id, record } = gingerbread();
    rendered(Why, { ids: id });
    TestBed.inject(NextAct).offer()?.run();
    TestBed.tick();
    const formulas = TestBed.inject(FormulaStore);
    const [version] = formulas.versionsOf(record.formulaId ?? '');
    expect(version?.number).toBe(2);
    expect(version?.reason).toMatch(/soda .* after the bake of .*soapy/);
    expect(TestBed.inject(BookStore).bake(id)?.record.tried).toEqual({ cause: 'soda_excess', versionNumber: 2 });
    // the next bake of it, without the faults, confirms it
    const { tried, faults, ...plain } = record;
    expect([tried, faults]).toEqual([undefined, undefined]);
    TestBed.inject(BookStore).keep({ ...plain, at: record.at + 86_400_000, versionNumber: 2, wrong: [], shape: 'low-dome', crumb: 'fine' }); // prettier-ignore
    TestBed.tick();
    expect(TestBed.inject(Whys).tried()[0]?.confirmed).toBeTrue();
    expect(TestBed.inject(Whys).odds()['soda_excess']).toBeGreaterThan(0);
    TestBed.inject(RecordStore).undo();
    TestBed.inject(RecordStore).undo();
    expect(formulas.versionsOf(record.formulaId ?? '').length).toBe(1);
    expect(TestBed.inject(BookStore).bake(id)?.record.tried).toBeUndefined();
  });
  it('says before a bake what its numbers risk, and by what', async () => {
    await ready();
    const [risk] = TestBed.inject(RisksNow).of('demo-gingerbread-dark-treacle');
    expect(risk?.by).toContain('soda left over');
    expect(TestBed.inject(RisksNow).of('no such formula')).toEqual([]);
  });
  it('draws every fault, and says what makes it', async () => {
    expect(Object.keys(FAULT_DRAWINGS).sort()).toEqual([...FAULT_IDS].sort());
    await ready();
    const page = rendered(FaultsPage);
    expect(hostOf(page).querySelectorAll('details').length).toBe(FAULT_IDS.length);
    expect(allWordsOf(page, 'ol').every((words) => words.length > 20)).toBeTrue();
    // two faults are drawn into one slice
    expect(drawnWith(['sank_middle', 'fruit_bottom']).shape).toBe('sank');
    expect(drawnWith(['sank_middle', 'fruit_bottom']).over?.length).toBe(1);
  });
});
