import { dateShifted, daysBetween, isDate, weekdayOf } from './index.js';

describe('a date', () => {
  it('is one of the calendar', () => {
    expect(['2026-11-28', '2024-02-29', '2026-01-01', '2026-12-31'].filter(isDate).length).toBe(4);
    expect(['2026-99-01', '2026-13-01', '2026-00-10', '2026-11-31', '2026-02-29', '2026-11-00', '26-11-28', '', 'x'].filter(isDate)).toEqual([]); // prettier-ignore
  });
  it('goes over the ends of months and years', () => {
    expect(dateShifted('2026-11-30', 1)).toBe('2026-12-01');
    expect(dateShifted('2026-01-01', -1)).toBe('2025-12-31');
    expect(dateShifted('2024-02-28', 1)).toBe('2024-02-29');
    expect(daysBetween('2026-10-01', '2026-11-28')).toBe(58);
    expect(weekdayOf('2026-11-28')).toBe(6);
  });
});
