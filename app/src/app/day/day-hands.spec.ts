import { readSpans, spansInWords } from './day-hands';

describe('when somebody is away', () => {
  it('is read as hands write it, and reads back as itself', () => {
    for (const [words, spans] of [
      ['12-12:30', '12:00–12:30'],
      ['9:15 to 10, 14 until 15.30', '09:15–10:00, 14:00–15:30'],
      ['12:00–12:30', '12:00–12:30'],
      ['teatime', ''],
      ['14 to 12', ''],
    ] as const) {
      expect(spansInWords(readSpans(words)))
        .withContext(words)
        .toBe(spans);
      expect(readSpans(spansInWords(readSpans(words)))).toEqual(readSpans(words));
    }
  });
});
