import { EMPTY_SHEET, type DaySheet } from '../../day/sheets/index.js';
import { readDayFile, writeDayFile } from './index.js';

const sheet: DaySheet = {
  ...EMPTY_SHEET,
  name: 'Regatta tea tent',
  date: '2026-11-28',
  zone: 'Europe/London',
  wishes: [{ id: 'a', formulaId: 'pear', title: 'Pear loaf', amount: '', due: '2026-11-28T14:30', served: 'fresh' }],
  locks: { 'a:mix': 600 },
  done: { 'a:weigh': 580 },
  minutes: { 'a:mix': 9 },
  skipped: ['a:line'],
  ticked: ['egg'],
};

describe("a day's file", () => {
  it('comes back as it was, but for the plan that can be found again', () => {
    expect(readDayFile(writeDayFile(sheet), [{ id: 'pear', title: 'Pear loaf' }])).toEqual({ kind: 'day', sheet });
  });
  it('is read with the mark that some editors put before it', () =>
    expect(readDayFile(`\ufeff${writeDayFile(sheet)}`, []).kind).toBe('day'));
  it('finds its formulas by their titles on another shelf', () => {
    const read = readDayFile(writeDayFile(sheet), [{ id: 'other', title: 'pear loaf' }]);
    expect(read.kind === 'day' && read.sheet.wishes[0]?.formulaId).toBe('other');
  });
  it('is refused with its reason when it is none', () => {
    const why = (text: string) => {
      const read = readDayFile(text, []);
      return read.kind === 'refused' ? read.why : 'day';
    };
    expect(why('{')).toBe('no-json');
    expect(why('null')).toBe('not-a-day');
    expect(why('{"format":"orvin-day","version":9}')).toBe('newer');
    expect(why(writeDayFile({ ...sheet, date: 'Saturday' }))).toBe('not-a-day');
    expect(why('['.repeat(3_000_000))).toBe('too-long');
  });
});
