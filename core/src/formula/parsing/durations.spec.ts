import { durationIn } from './durations.js';

describe('durationIn', () => {
  const SAID: readonly (readonly [string, number, number])[] = [
    ['for 55 to 60 minutes', 55, 60],
    ['20-22 mins', 20, 22],
    ['about 1 hour', 60, 60],
    ['an hour and a quarter', 75, 75],
    ['half an hour', 30, 30],
    ['1 1/4 hours', 75, 75],
    ['1 1/4-1 1/2 hours', 75, 90],
    ['2 hours 30 minutes to 2 hours 45 minutes', 150, 165],
    ['50 minutes to 1 hour', 50, 60],
    ['1 h 10 min', 70, 70],
    ['1 hour 10 to 20 minutes', 70, 80],
    ['2 1/2 hrs', 150, 150],
    ["35'", 35, 35],
    ['an hour', 60, 60],
    ['1-1.5 hours', 60, 90],
    ['twenty turns, then 12 minutes', 12, 12],
  ];
  for (const [text, low, high] of SAID) {
    it(`reads "${text}" as ${low} to ${high} minutes`, () => {
      expect(durationIn(text)).toEqual({ low, high });
    });
  }
  it('finds none in a weight, a size or a temperature', () => {
    for (const text of ['120 ml milk', '20 cm tin', '350 F', '3 eggs', '1 tbsp honey'])
      expect(durationIn(text)).toBeUndefined();
  });
});
