import { daysAhead } from './index.js';

describe('the weeks of a cake that is fed', () => {
  const list = daysAhead('fruit cake', '2026-10-24', '2026-11-28', { fedEveryDays: 7, soaks: true });
  it('begin the evening before its bake and leave it alone for the last week', () => {
    expect(list.map(({ date, kind }) => `${date} ${kind}`)).toEqual([
      '2026-10-23 soak',
      '2026-10-24 bake',
      '2026-10-31 feed',
      '2026-11-07 feed',
      '2026-11-14 feed',
      '2026-11-21 feed',
      '2026-11-21 wrap',
    ]);
  });
  it('are one bake where nothing is fed', () => {
    expect(daysAhead('gingerbread', '2026-11-26', '2026-11-28', { soaks: false }).map(({ kind }) => kind)).toEqual([
      'bake',
    ]);
  });
});
