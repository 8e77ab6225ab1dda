import { coversInWords, readCovers, readSchedule, scheduleInWords } from './index.js';

describe('readSchedule', () => {
  it('reads minutes at a heat, the last until done', () => {
    expect(readSchedule('20@218,*@163')).toEqual({ celsius: 218, stages: [{ fromMinute: 20, celsius: 163 }] });
    expect(readSchedule('15 min at 220 °C then 10 at 200, * at 180')).toEqual({
      celsius: 220,
      stages: [
        { fromMinute: 15, celsius: 200 },
        { fromMinute: 25, celsius: 180 },
      ],
    });
    expect(readSchedule('@175')).toEqual({ celsius: 175, stages: [] });
  });
  it('writes what it reads back', () => {
    const read = readSchedule('20@218, *@163');
    expect(read && scheduleInWords(read.celsius, read.stages)).toBe('20@218, *@163');
  });
  it('refuses what no oven does, and what it cannot read', () => {
    for (const wrong of ['20@400,*@163', '*@218,*@163', '20@', 'hot', '', '20@218;0@163,*@150'])
      expect(readSchedule(wrong)).withContext(wrong).toBeUndefined();
  });
});

describe('readCovers', () => {
  it('reads a lid or foil with its minutes, and several', () => {
    expect(readCovers('lid 0-30')).toEqual([{ kind: 'lid', fromMinute: 0, toMinute: 30 }]);
    expect(readCovers('foil 40-')).toEqual([{ kind: 'foil', fromMinute: 40 }]);
    expect(readCovers('lid 0-20, foil 45')).toEqual([
      { kind: 'lid', fromMinute: 0, toMinute: 20 },
      { kind: 'foil', fromMinute: 45 },
    ]);
    expect(coversInWords(readCovers('lid 0-20, foil 45') ?? [])).toBe('lid 0-20, foil 45-');
  });
  it('refuses an end before its beginning, and other covers', () => {
    for (const wrong of ['lid 30-10', 'cloth 0-10', 'foil forty'])
      expect(readCovers(wrong)).withContext(wrong).toBeUndefined();
  });
});
