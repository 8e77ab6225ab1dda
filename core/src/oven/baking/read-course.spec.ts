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
    const words = read && scheduleInWords(read.celsius, read.stages);
    expect(words).toBe('20 min at 218 °C, then 163 °C');
    expect(readSchedule(words ?? '')).toEqual(read);
  });
  it('reads it as a baker says it', () => {
    const down = { celsius: 220, stages: [{ fromMinute: 10, celsius: 180 }] };
    for (const said of [
      '10 minutes at 220, then 180',
      '10 min at 220 °C then at 180 °C until done',
      '10 minutes at 220 and then turn down to 180',
      '10 at 220, 180',
    ])
      expect(readSchedule(said)).withContext(said).toEqual(down);
  });
  it('reads heats of any scale, bare ones by the dial of the baker’s oven or, all of them, by the other', () => {
    const down = [
      readSchedule('10 minutes at 425 °F, then 350 °F'),
      readSchedule('10 minutes at 425, then 350', 'F'),
      readSchedule('10 minutes at 425, then 350', 'C'),
      readSchedule('10@425f,*@350f'),
    ];
    for (const each of down) {
      expect(each?.celsius).toBeCloseTo(218.33, 1);
      expect(each?.stages[0]?.celsius).toBeCloseTo(176.67, 1);
    }
    expect(readSchedule('10 min at 220 C, then 180 C', 'F')?.celsius).toBe(220);
    expect(readSchedule('10 min at gas 7, then gas 4')?.celsius).toBe(220);
    const written = scheduleInWords(down[0]?.celsius ?? 0, down[0]?.stages ?? [], 'F');
    expect(written).toBe('10 min at 425 °F, then 350 °F');
    expect(readSchedule(written, 'F')).toEqual(down[0]);
  });
  it('refuses what no oven does, and what it cannot read', () => {
    for (const wrong of [
      '20@400,*@163',
      '20@425f,*@163f0',
      '20@900',
      '20@160 fan',
      '*@218,*@163',
      '20@',
      'hot',
      '',
      '20@218;0@163,*@150',
    ])
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
    const both = readCovers('lid 0-20, foil 45') ?? [];
    expect(coversInWords(both)).toBe('lid for the first 20 min, foil from 45 min');
    expect(readCovers(coversInWords(both))).toEqual(both);
    expect(readCovers(coversInWords([{ kind: 'lid', fromMinute: 5, toMinute: 20 }]))).toEqual([
      { kind: 'lid', fromMinute: 5, toMinute: 20 },
    ]);
  });
  it('reads them as a baker says them: a heavy pot has a lid, a bowl turned over is thinner', () => {
    const under = [{ kind: 'lid' as const, fromMinute: 0, toMinute: 25 }];
    for (const said of ['lid for the first 25 minutes', 'heavy pot for the first 25 min', 'with a lid until 25'])
      expect(readCovers(said)).withContext(said).toEqual(under);
    for (const said of ['bowl turned over for the first 25 minutes', 'a bowl over it until 25'])
      expect(readCovers(said))
        .withContext(said)
        .toEqual([{ kind: 'bowl', fromMinute: 0, toMinute: 25 }]);
    for (const said of ['foil from 40', 'foil after 40 minutes', 'under foil from 40 min'])
      expect(readCovers(said))
        .withContext(said)
        .toEqual([{ kind: 'foil', fromMinute: 40 }]);
    expect(readCovers('lid all the time')).toEqual([{ kind: 'lid', fromMinute: 0 }]);
  });
  it('refuses an end before its beginning, and other covers', () => {
    for (const wrong of ['lid 30-10', 'cloth 0-10', 'foil forty'])
      expect(readCovers(wrong)).withContext(wrong).toBeUndefined();
  });
});
