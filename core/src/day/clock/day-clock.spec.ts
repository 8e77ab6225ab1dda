import { instantOf, isoOf, minuteOf } from './index.js';

describe('the clock of a planned day', () => {
  const plain = { date: '2026-11-28', zone: 'Europe/London' };
  it('counts from midnight', () => {
    expect(minuteOf(plain, '2026-11-28T15:00')).toBe(900);
    expect(isoOf(plain, 900)).toBe('2026-11-28T15:00');
    expect(isoOf(plain, -150)).toBe('2026-11-27T21:30');
    expect(minuteOf(plain, 'teatime')).toBeUndefined();
  });
  it('runs on through the night the clocks go back: an hour more, and no bake is shortened', () => {
    const autumn = { date: '2026-10-25', zone: 'Europe/London' };
    expect(minuteOf(autumn, '2026-10-25T15:00')).toBe(960);
    expect(isoOf(autumn, 960)).toBe('2026-10-25T15:00');
    expect((instantOf(autumn, 960) - instantOf(autumn, 0)) / 60_000).toBe(960);
    const spring = { date: '2026-03-29', zone: 'Europe/London' };
    expect(minuteOf(spring, '2026-03-29T15:00')).toBe(840);
  });
  it('goes both ways for every minute of a day', () => {
    for (const date of ['2026-11-28', '2026-03-29', '2026-10-26'])
      for (let minute = -600; minute < 1500; minute += 37) {
        const clock = { date, zone: 'Europe/London' };
        expect(minuteOf(clock, isoOf(clock, minute))).toBe(minute);
      }
  });
});
