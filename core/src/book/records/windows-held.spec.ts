import { partOfWindow, windowsHeld, type BakeRecord } from './index.js';

const RECORD: BakeRecord = {
  title: 'Loaf', at: 0, size: '', pan: 'loaf', celsius: 177, fan: false, outMinutes: 60, word: 'just', readings: {},
  foreseen: { low: 56, likely: 60, high: 64, unlearned: 60, reckonedCelsius: 0 },
}; // prettier-ignore
const out = (outMinutes: number, more: Partial<BakeRecord> = {}): BakeRecord => ({ ...RECORD, outMinutes, ...more });

describe('windows that held', () => {
  it('go by when it was done, not by when it came out', () => {
    expect(partOfWindow(out(50))).toBe('sooner');
    expect(partOfWindow(out(58))).toBe('first-half');
    expect(partOfWindow(out(63))).toBe('second-half');
    // 63 minutes and nine percent past done is done at 57.6; and short of done is done later
    expect(partOfWindow(out(63, { word: 'bit-over' }))).toBe('first-half');
    expect(partOfWindow(out(63, { word: 'under' }))).toBe('later');
  });
  it('are counted of those foreseen and not left out', () => {
    const held = windowsHeld([out(50), out(58), out(61), out(80), out(58, { leftOut: 'door ajar' }), { ...out(58), foreseen: undefined } as unknown as BakeRecord]); // prettier-ignore
    expect(held.parts).toEqual({ sooner: 1, 'first-half': 1, 'second-half': 1, later: 1 });
    expect([held.held, held.of]).toEqual([2, 4]);
  });
  it('are too narrow where fewer than 13 of the last 20 held, whatever was before', () => {
    const season = (missed: number) =>
      Array.from({ length: 30 }, (_, i) => out(i < 10 || i >= 10 + missed ? 60 : 80, { at: i }));
    expect(windowsHeld(season(7)).tooNarrow).toBeFalse();
    expect(windowsHeld(season(8)).tooNarrow).toBeTrue();
    expect(windowsHeld(season(8).slice(0, 19)).tooNarrow).toBeFalse();
  });
});
